<?php

declare(strict_types=1);

namespace Evrent\Core\Clip;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * A part of each photo, as shares of it: its middle, and how wide it is. Its height follows from the clip's shape.
 */
final readonly class Crop
{
    public const LEAST = 0.05;
    private const ROUNDING = 1e-6;

    /**
     * @param float $x     of its middle, 0 at the left edge and 1 at the right
     * @param float $y     of its middle, 0 at the top
     * @param float $width share of the photo's width, at most 1
     *
     * @throws \Evrent\Core\Values\InvalidInput with pointers /x, /y, /width
     */
    public function __construct(public float $x = 0.5, public float $y = 0.5, public float $width = 1.0)
    {
        $problems = new Problems();
        $problems->unlessBetween($x, 0.0, 1.0, '/x', new Message('clip.crop.x'));
        $problems->unlessBetween($y, 0.0, 1.0, '/y', new Message('clip.crop.y'));
        $problems->unlessBetween($width, self::LEAST, 1.0, '/width', new Message('clip.crop.width'));
        $problems->throwIfAny();
    }

    /** Width over height of what has so many pixels. */
    public static function shape(int $width, int $height): float
    {
        return $width / max(1, $height);
    }

    /**
     * In a photo and a clip of these shapes.
     *
     * @param float $photo width over height
     * @param float $clip  likewise
     *
     * @return array{float, float, float, float} left, top, width and height, shares of the photo
     */
    public function box(float $photo, float $clip): array
    {
        // The widest that is as high as the photo at most.
        $width = min($this->width, $clip / $photo);
        $height = $width * $photo / $clip;

        return [$this->x - $width / 2.0, $this->y - $height / 2.0, $width, $height];
    }

    /** @return array{float, float, float, float} as `box()`, in per cent of the photo */
    public function percents(float $photo, float $clip): array
    {
        return array_map(static fn (float $share): float => round(100.0 * $share, 3), $this->box($photo, $clip));
    }

    /** Whether all of it lies in the photo. */
    public function fits(float $photo, float $clip): bool
    {
        [$left, $top, $width, $height] = $this->box($photo, $clip);

        return $left >= -self::ROUNDING && $top >= -self::ROUNDING && $left + $width <= 1.0 + self::ROUNDING && $top + $height <= 1.0 + self::ROUNDING;
    }

    /**
     * On the way to another: the middle goes evenly, and the width by equal factors, so that a zoom looks even.
     *
     * @param float $share of the way, 0 to 1
     */
    public function toward(self $other, float $share): self
    {
        return new self(
            $this->x + $share * ($other->x - $this->x),
            $this->y + $share * ($other->y - $this->y),
            min(1.0, $this->width * ($other->width / $this->width) ** $share),
        );
    }
}
