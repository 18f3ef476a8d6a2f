<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

use Evrent\Core\Clip\Frames;
use Evrent\Core\Clip\Speed;
use Evrent\Core\Run\Take\PhotoSpans;

/**
 * A shot's photos in one strip, with what a clip makes of them: where it begins and ends, what it goes over faster or slower, what is missing.
 *
 * All places are per cent of the strip's width.
 */
final readonly class ClipStrip
{
    private const PICTURES = 16;

    /**
     * @param list<int>                                        $pictures numbers of photos that are shown, evenly
     * @param list<array{float, float}>                        $holes    where they begin, and how wide they are
     * @param list<array{from: float, width: float, ramp: float}> $spans of other speeds; the ramp as a share of the span
     */
    private function __construct(
        public int $photos,
        public array $pictures,
        public array $holes,
        public array $spans,
        public float $in,
        public float $out,
    ) {
    }

    /**
     * @param int       $photos of the plan
     * @param list<int> $unfit  numbers of those that are missing or bad, rising
     */
    public static function of(Frames $frames, int $photos, array $unfit): self
    {
        $clip = $frames->clip;
        $at = static fn (float $edge): float => round(100.0 * $edge / max(1, $photos), 3);
        $count = min(self::PICTURES, $photos);
        $isUnfit = array_fill_keys($unfit, true);
        $pictures = [];
        for ($n = 0; $n < $count; $n++) {
            $number = 1 + (int) floor(($n + 0.5) * $photos / $count);
            // One that is there, if any is within its part of the strip.
            for ($other = $number; isset($isUnfit[$number]) && $other < $number + intdiv($photos, $count); $other++) {
                $number = isset($isUnfit[$other]) ? $number : $other;
            }
            $pictures[] = min($photos, $number);
        }

        return new self(
            $photos,
            $pictures,
            array_map(static fn (array $span): array => [$at($span[0] - 1), $at($span[1] - $span[0] + 1)], PhotoSpans::of($unfit)),
            array_map(static fn (Speed $speed): array => [
                'from' => $at($speed->from - 1), 'width' => $at($speed->to - $speed->from + 1),
                'ramp' => round(100.0 * $speed->ramp / ($speed->to - $speed->from + 1), 2),
            ], $clip->speeds),
            $at(($clip->in ?? 1) - 1),
            $at($clip->out ?? $photos),
        );
    }
}
