<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Values\Problems;

/**
 * What is set on the camera before the shot and left alone, beside its exposure. Null where nobody said.
 */
final readonly class CameraSettings
{
    private const LEAST_KELVIN = 1_000;
    private const MOST_KELVIN = 50_000;

    /**
     * @param ?float $kelvin     white balance of the first photo, or of all
     * @param ?float $endKelvin  of the last, where it is turned by the clock
     * @param ?bool  $stabiliser whether it is on
     * @param ?bool  $review     whether each photo is shown after it was taken
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public ?WhiteBalance $whiteBalance = null,
        public ?float $kelvin = null,
        public ?float $endKelvin = null,
        public ?FocusMode $focus = null,
        public ?bool $stabiliser = null,
        public ?bool $review = null,
        public ?bool $beep = null,
    ) {
        $problems = new Problems();
        foreach (['/white_balance_k' => $kelvin, '/white_balance_end_k' => $endKelvin] as $field => $number) {
            if ($number !== null) {
                $problems->unlessBetween($number, self::LEAST_KELVIN, self::MOST_KELVIN, $field, 'kelvin');
            }
        }
        $problems->throwIfAny();
    }

    /**
     * @return list<string> each as it is set, in words: "white balance 5,200 K", "stabiliser off"
     */
    public function told(): array
    {
        $kelvin = static fn (?float $number): string => $number === null ? '' : ' ' . number_format($number) . ' K';

        return array_values(array_filter([
            match ($this->whiteBalance) {
                WhiteBalance::Fixed => 'white balance' . ($this->kelvin === null ? ' fixed' : $kelvin($this->kelvin)),
                WhiteBalance::ByClock => "white balance{$kelvin($this->kelvin)}, then by the clock"
                    . ($this->endKelvin === null ? '' : " to{$kelvin($this->endKelvin)}"),
                WhiteBalance::Later => 'white balance fixed, raw files kept',
                null => $this->kelvin === null ? '' : "white balance{$kelvin($this->kelvin)}",
            },
            $this->focus === null ? '' : 'focus ' . $this->focus->label(),
            self::onOff('stabiliser', $this->stabiliser),
            self::onOff('review', $this->review),
            self::onOff('beep', $this->beep),
        ], static fn (string $one): bool => $one !== ''));
    }

    private static function onOff(string $what, ?bool $isOn): string
    {
        return $isOn === null ? '' : $what . ($isOn ? ' on' : ' off');
    }
}
