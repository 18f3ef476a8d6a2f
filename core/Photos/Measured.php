<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Light\Flicker;
use Evrent\Core\Messages\Quantity;

/**
 * How bright the photos of a shot came out, in stops over the middle one of them, and what of that is no trend.
 */
final readonly class Measured
{
    /** Of light: brighter than this a photo is white. */
    private const WHITE = 0.97;

    public ?Flicker $flicker;

    /**
     * @param array<int, float>  $stops  by number
     * @param list<int>          $blacks numbers of photos that show nothing
     * @param list<int>          $whites
     * @param list<int>          $missing
     */
    private function __construct(public array $stops, private array $blacks, private array $whites, private array $missing)
    {
        $this->flicker = Flicker::of(array_diff_key($stops, array_flip([...$blacks, ...$whites])));
    }

    /**
     * @param array<string, float> $lumas by file: 0 to 1, of light
     */
    public static function of(Matching $matching, array $lumas): self
    {
        $known = [];
        foreach ($matching->photos() as $number => $photo) {
            if ($photo !== null && isset($lumas[$photo->file])) {
                $known[$number] = $lumas[$photo->file];
            }
        }
        return new self(
            Stops::overMiddle($known),
            array_keys(array_filter($known, static fn (float $luma): bool => $luma <= Stops::BLACK)),
            array_keys(array_filter($known, static fn (float $luma): bool => $luma >= self::WHITE)),
            $matching->missing(),
        );
    }

    /**
     * @return array<string, Finding> what is seen in the clip
     */
    public function findings(): array
    {
        $found = [];
        foreach (['black' => $this->blacks, 'white' => $this->whites] as $what => $numbers) {
            if ($numbers !== []) {
                $found += CardFinding::of($what, FindingId::PhotosSpoilt, $numbers);
            }
        }
        if ($this->flicker === null || $this->flicker->stops <= Flicker::SEEN_STOPS && $this->flicker->jumps === []) {
            return $found;
        }
        $jumps = array_keys($this->flicker->jumps);
        $seen = $jumps === [] ? array_keys($this->stops) : $jumps;
        if ($this->flicker->stops > Flicker::SEEN_STOPS && $seen !== []) {
            $stops = ['stops' => Quantity::rounded($this->flicker->stops, 2)];
            $found += $this->flicker->isOfTheCamera()
                ? CardFinding::of('flicker', FindingId::ApertureFlicker, $seen, $stops, 'aperture_flicker')
                : CardFinding::of('flicker', FindingId::Flicker, $seen, $stops);
        }
        if ($jumps !== [] && !$this->flicker->isOfTheCamera()) {
            $found += CardFinding::of('jump', FindingId::PhotosSpoilt, $jumps);
        }

        return $found;
    }

    /**
     * @return array<int, float> stops without what is no trend, by number
     */
    public function trend(): array
    {
        $trend = [];
        foreach ($this->flicker->rest ?? [] as $number => $rest) {
            $trend[$number] = $this->stops[$number] - $rest;
        }

        return $trend;
    }

    /**
     * Photos that spoil the clip. Where the camera itself flickers none stands out of the others, and all are brought level in the edit.
     *
     * @return list<int> numbers, rising
     */
    public function spoilt(): array
    {
        $jumps = $this->flicker === null || $this->flicker->isOfTheCamera() ? [] : array_keys($this->flicker->jumps);
        $spoilt = array_values(array_unique([...$this->missing, ...$this->blacks, ...$this->whites, ...$jumps]));
        sort($spoilt);

        return $spoilt;
    }
}
