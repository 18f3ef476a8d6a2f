<?php

declare(strict_types=1);

namespace Evrent\Core\Export;

use Evrent\Core\Clip\Frame;
use Evrent\Core\Clip\Frames;

/**
 * Frames that go on evenly, taken together as editing programs take them: from a photo on, so many frames, at one speed.
 */
final readonly class Shots
{
    /**
     * @param int   $photo  number of the first photo shown
     * @param int   $frames how many there are
     * @param float $speed  photos a frame; 0 where one is held, below 0 where it goes back
     * @param int   $at     the first of them in the clip, from 0
     */
    private function __construct(public int $photo, public int $frames, public float $speed, public int $at)
    {
    }

    /**
     * @return list<self>
     */
    public static function of(Frames $frames): array
    {
        $shots = [];
        $begins = 0;
        $count = count($frames->frames);
        for ($n = 1; $n <= $count; $n++) {
            if ($n < $count && self::goesOn($frames->frames[$n - 1], $frames->frames[$n])) {
                continue;
            }
            $first = $frames->frames[$begins];
            $speed = $first->isHole() ? 0.0 : ($frames->clip->isReversed ? -1.0 : 1.0) * $first->speed;
            $shots[] = new self(Ffconcat::nearer($first), $n - $begins, $speed, $begins);
            $begins = $n;
        }

        return $shots;
    }

    private static function goesOn(Frame $before, Frame $frame): bool
    {
        if ($before->isHole() || $frame->isHole()) {
            return $before->isHole() && $frame->isHole() && Ffconcat::nearer($before) === Ffconcat::nearer($frame);
        }
        $step = abs($frame->number - $before->number);

        return $before->speed === $frame->speed && $step >= floor($before->speed) && $step <= ceil($before->speed);
    }
}
