<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

/**
 * How the brightness of a picture is spread, and what of it is clipped.
 */
final readonly class Histogram
{
    public const BINS = 64;
    private const WIDTH = 120;

    /** Of 255: from there a channel tells black or white alone. */
    private const BLACK = 3;
    private const WHITE = 246;

    /** Red, green and blue in what the eye takes for brightness (ITU-R BT.709), in thousandths. */
    private const WEIGHTS = [213, 715, 72];

    /**
     * @param list<float> $bins  shares of the picture, from black to white; together 1
     * @param float       $black share that is clipped in the shadows
     * @param float       $white share that is clipped in the highlights, in any channel
     */
    private function __construct(public array $bins, public float $black, public float $white)
    {
    }

    /** @return ?self null where it is no picture */
    public static function of(string $jpeg): ?self
    {
        $image = Decoder::image($jpeg);
        // Points are taken out, not averaged: a mean hides what is clipped.
        $small = $image === null ? false : imagescale($image, self::WIDTH, -1, IMG_NEAREST_NEIGHBOUR);
        if ($small === false) {
            return null;
        }
        $bins = array_fill(0, self::BINS, 0);
        [$black, $white] = [0, 0];
        [$width, $height] = [imagesx($small), imagesy($small)];
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                $colour = (int) imagecolorat($small, $x, $y);
                [$red, $green, $blue] = [$colour >> 16 & 0xff, $colour >> 8 & 0xff, $colour & 0xff];
                $value = intdiv(self::WEIGHTS[0] * $red + self::WEIGHTS[1] * $green + self::WEIGHTS[2] * $blue, 1_000);
                $bins[intdiv($value * self::BINS, 256)]++;
                $black += $value <= self::BLACK ? 1 : 0;
                $white += max($red, $green, $blue) >= self::WHITE ? 1 : 0;
            }
        }
        $points = max(1, $width * $height);

        return new self(array_values(array_map(static fn (int $count): float => $count / $points, $bins)), $black / $points, $white / $points);
    }
}
