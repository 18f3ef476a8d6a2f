<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
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
                $problems->unlessBetween($number, self::LEAST_KELVIN, self::MOST_KELVIN, $field, new Message('what.kelvin'));
            }
        }
        $problems->throwIfAny();
    }

    /**
     * @return list<Message> each as it is set: "white balance 5,200 K", "stabiliser off"
     */
    public function told(): array
    {
        $kelvin = $this->kelvin === null ? [] : ['kelvin' => (int) $this->kelvin];
        $end = $this->endKelvin === null ? [] : ['end' => (int) $this->endKelvin];

        return array_values(array_filter([
            match ($this->whiteBalance) {
                WhiteBalance::Fixed => new Message($kelvin === [] ? 'plan.settings.white_fixed' : 'plan.settings.white', $kelvin),
                WhiteBalance::ByClock => new Message(match (true) {
                    $kelvin === [] => 'plan.settings.white_by_clock',
                    $end === [] => 'plan.settings.white_from',
                    default => 'plan.settings.white_from_to',
                }, $kelvin === [] ? [] : $kelvin + $end),
                WhiteBalance::Later => new Message('plan.settings.white_raw'),
                null => $kelvin === [] ? null : new Message('plan.settings.white', $kelvin),
            },
            $this->focus === null ? null : new Message("plan.settings.focus_{$this->focus->value}"),
            self::onOff('stabiliser', $this->stabiliser),
            self::onOff('review', $this->review),
            self::onOff('beep', $this->beep),
        ]));
    }

    private static function onOff(string $what, ?bool $isOn): ?Message
    {
        return $isOn === null ? null : new Message("plan.settings.{$what}_" . ($isOn ? 'on' : 'off'));
    }
}
