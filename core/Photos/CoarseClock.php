<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use SplPriorityQueue;

/**
 * A clock that shows whole seconds alone, beside photos that come almost as often: one that drifts leaves a second out now and then, as a
 * missing photo does, or shows one twice, as a photo taken twice does. Which it is shows only over all of them. So clocks near a likely one
 * are gone through, by where they begin and how they drift, and the one is taken that most photos agree with.
 */
final readonly class CoarseClock
{
    /** What is read off by rounding, and a bit for the shutter's shaking, seconds; of longer intervals a share is near enough. */
    private const NEAR_SECONDS = 0.51;
    private const NEAR_SHARE = 0.3;

    /** How far from the likely one it is looked for, photos either way. */
    private const PHOTOS_OFF = 2.0;

    /** How finely, as a share of what is near: at first, and in the end. */
    private const STEP = 0.5;
    private const FINEST = 0.02;
    private const MOST_LOOKS = 400;

    /** Drifts that are looked at either way; what is cut off, and a bit for the shutter; within so little of each other photos say nothing of a drift. */
    private const SLOPES = 25;
    private const ONE_SECOND = 1.1;
    private const TELLS_NOTHING = 0.05;

    /** A photo's worth: a clock that drifts by the most. */
    private const MOST_DRIFT_COSTS = 0.2;

    private float $near;
    private float $middle;
    private int $last;

    /**
     * @param list<float> $shown
     */
    private function __construct(private PlannedPhotos $planned, private array $shown)
    {
        $this->near = max(self::NEAR_SECONDS, self::NEAR_SHARE * $planned->interval);
        $this->last = $planned->count() - 1;
        $this->middle = max(1.0, $planned->openSeconds[$this->last] / 2.0);
    }

    /**
     * @param list<float> $shown seconds that the card's clock showed, rising
     * @param Clock       $likely one that may be off by a photo or two
     */
    public static function near(PlannedPhotos $planned, array $shown, Clock $likely): Clock
    {
        return $planned->count() < 2 || $shown === [] ? $likely : (new self($planned, $shown))->found($likely);
    }

    /**
     * The clock that shows these seconds: the line through them where it would have, or the middle one of all that would. Each time is cut off
     * to whole seconds, so what it was off by lies within one.
     *
     * @param list<float> $gone  seconds
     * @param list<float> $shown what the clock showed then, as many
     *
     * @return ?Clock null where no clock would
     */
    public static function through(array $gone, array $shown): ?Clock
    {
        $likely = Clock::through($gone, $shown, 1.0);
        [$low, $high] = self::range($gone, $shown, $likely->drift ?? 0.0);
        if ($likely !== null && $high - $low <= self::ONE_SECOND) {
            return new Clock(($low + $high) / 2.0, $likely->drift);
        }
        $would = [];
        for ($n = -self::SLOPES; $n <= self::SLOPES; $n++) {
            $drift = Clock::MOST_DRIFT * $n / self::SLOPES;
            [$low, $high] = self::range($gone, $shown, $drift);
            if ($high - $low <= self::ONE_SECOND) {
                $would[] = $drift;
            }
        }
        if ($would === []) {
            return null;
        }
        // Over a run too short to tell, all do: then the clock is taken to go right.
        [$low, $high] = self::range($gone, $shown, 0.0);
        $drift = $high - $low < self::TELLS_NOTHING ? 0.0 : array_sum($would) / count($would);
        [$low, $high] = self::range($gone, $shown, $drift);

        return new Clock(($low + $high) / 2.0, $drift);
    }

    /**
     * @param list<float> $gone
     * @param list<float> $shown
     *
     * @return array{float, float} what the clock showed when it began, by the photo that says least and by the one that says most
     */
    private static function range(array $gone, array $shown, float $drift): array
    {
        $low = INF;
        $high = -INF;
        foreach ($gone as $n => $seconds) {
            $began = $shown[$n] - (1.0 + $drift) * $seconds;
            $low = $began < $low ? $began : $low;
            $high = $began > $high ? $began : $high;
        }

        return [$low, $high];
    }

    /**
     * Squares of clocks, by what they show in the middle of the run and by how much they are off at its ends: how many photos could agree
     * with the best clock of a square is known, and the square for which it is most is cut into four, until one is small enough (branch and
     * bound).
     */
    private function found(Clock $likely): Clock
    {
        $ends = Clock::MOST_DRIFT * $this->middle;
        $half = self::STEP * $this->near / 2.0;
        $at = $likely->shows($this->middle);
        /** @var SplPriorityQueue<float, array{float, float, float}> $squares */
        $squares = new SplPriorityQueue();
        $begins = (int) ceil((self::PHOTOS_OFF * $this->planned->interval + $ends) / $half / 2.0);
        $slopes = (int) ceil($ends / $half / 2.0);
        for ($s = -$slopes; $s <= $slopes; $s++) {
            for ($b = -$begins; $b <= $begins; $b++) {
                $this->put($squares, $at + 2.0 * $b * $half, 2.0 * $s * $half, $half);
            }
        }
        $begin = $at;
        $slope = 0.0;
        for ($looks = 0; $looks < self::MOST_LOOKS && !$squares->isEmpty(); $looks++) {
            /** @var array{float, float, float} $square */
            $square = $squares->extract();
            [$begin, $slope, $half] = $square;
            if ($half < self::FINEST * $this->near) {
                break;
            }
            foreach ([[-1, -1], [-1, 1], [1, -1], [1, 1]] as [$b, $s]) {
                $this->put($squares, $begin + $b * $half / 2.0, $slope + $s * $half / 2.0, $half / 2.0);
            }
        }
        $drift = max(-Clock::MOST_DRIFT, min(Clock::MOST_DRIFT, $slope / $this->middle));

        return new Clock($begin - (1.0 + $drift) * $this->middle, $drift);
    }

    /**
     * @param SplPriorityQueue<float, array{float, float, float}> $squares
     * @param float $half of its side, seconds
     */
    private function put(SplPriorityQueue $squares, float $begin, float $slope, float $half): void
    {
        // Of a square that reaches beyond the most that clocks drift the part within is looked at.
        if (abs($slope) - $half <= Clock::MOST_DRIFT * $this->middle) {
            $drift = max(-Clock::MOST_DRIFT, min(Clock::MOST_DRIFT, $slope / $this->middle));
            $agree = $this->agree($begin, $drift, $this->near + 2.0 * $half);
            $squares->insert([$begin, $slope, $half], $agree - self::MOST_DRIFT_COSTS * abs($drift) / Clock::MOST_DRIFT);
        }
    }

    /**
     * How many can be paired in order, each within what is near enough: the earliest that is free, which is never one too few.
     */
    private function agree(float $begin, float $drift, float $near): float
    {
        $opens = $this->planned->openSeconds;
        $paired = $j = 0;
        $per = 1.0 + $drift;
        $low = $begin - $near - $per * $this->middle;
        $high = $begin + $near - $per * $this->middle;
        $last = $this->last;
        foreach ($this->shown as $at) {
            while ($j <= $last && $per * $opens[$j] + $high < $at) {
                $j++;
            }
            if ($j > $last) {
                break;
            }
            if ($per * $opens[$j] + $low <= $at) {
                $paired++;
                $j++;
            }
        }
        $first = $this->shown[0] <= $per * $opens[0] + $high && $this->shown[0] >= $per * $opens[0] + $low ? Matching::THE_FIRST : 0.0;
        $end = $this->shown[count($this->shown) - 1] - $per * $opens[$last];

        return $paired + $first + ($end >= $low && $end <= $high ? Matching::THE_LAST : 0.0);
    }
}
