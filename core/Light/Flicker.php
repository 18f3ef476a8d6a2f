<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

/**
 * How much brightness jumps from photo to photo: what is left of it beside its slow trend. Both signs in many photos are an aperture that never
 * closes alike; one sign in a few is a lamp that passed.
 */
final readonly class Flicker
{
    /** The trend is the middle one of so many photos around each. */
    private const WINDOW = 15;

    /** Flicker that is seen, root mean square, and a single jump that is, stops. */
    public const SEEN_STOPS = 0.05;
    public const JUMP_STOPS = 0.15;

    /** Fewer photos say nothing. */
    public const LEAST_PHOTOS = 20;

    /** A jump in this share of the photos or less is something that passed. */
    private const FEW = 0.1;

    /**
     * @param float             $stops root mean square
     * @param array<int, float> $jumps stops over the trend, by number of the photo
     * @param array<int, float> $rest  likewise, of all photos
     */
    private function __construct(public float $stops, public array $jumps, public array $rest)
    {
    }

    /**
     * @param array<int, float> $brightness of each photo in stops, by number, in their order
     *
     * @return ?self null where there are too few
     */
    public static function of(array $brightness): ?self
    {
        if (count($brightness) < self::LEAST_PHOTOS) {
            return null;
        }
        $values = array_values($brightness);
        $jumps = $all = [];
        $squares = 0.0;
        foreach (array_keys($brightness) as $n => $photo) {
            $rest = $values[$n] - self::middle($values, $n);
            $all[$photo] = $rest;
            $squares += $rest ** 2;
            if (abs($rest) > self::JUMP_STOPS) {
                $jumps[$photo] = $rest;
            }
        }

        return new self(sqrt($squares / count($values)), $jumps, $all);
    }

    /** Whether it is in many photos, to either side: the aperture or the shutter, and not the place. */
    public function isOfTheCamera(): bool
    {
        $up = count(array_filter($this->jumps, static fn (float $stops): bool => $stops > 0.0));

        return $this->stops > self::SEEN_STOPS && count($this->jumps) > self::FEW * count($this->rest) && min($up, count($this->jumps) - $up) > 0;
    }

    /**
     * @param list<float> $values
     */
    private static function middle(array $values, int $n): float
    {
        $half = intdiv(self::WINDOW, 2);
        // At the ends the window is as wide on either side as there is room: a trend is not flicker.
        $half = min($half, $n, count($values) - 1 - $n);
        $around = array_slice($values, $n - $half, 2 * $half + 1);
        sort($around);

        return $around[$half];
    }
}
