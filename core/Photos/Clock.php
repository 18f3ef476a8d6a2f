<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * A camera's clock against the plan's: it shows a + (1 + b) · t when t seconds have gone since the first trigger.
 */
final readonly class Clock
{
    public const MOST_DRIFT = 500e-6;

    public function __construct(public float $atFirst, public float $drift = 0.0)
    {
    }

    /** What it shows, seconds. */
    public function shows(float $seconds): float
    {
        return $this->atFirst + (1.0 + $this->drift) * $seconds;
    }

    /** How many seconds have gone when it shows so much. */
    public function gone(float $shown): float
    {
        return ($shown - $this->atFirst) / (1.0 + $this->drift);
    }

    /**
     * The line through pairs that fits most of them: least squares, then again without what lies far off.
     *
     * @param list<array{float, float}> $pairs seconds gone, and what the clock showed
     * @param float                     $coarseSeconds how finely it can be read: a drift that is no more than that over the whole is none
     */
    public static function through(array $pairs, float $coarseSeconds): ?self
    {
        $kept = $pairs;
        $fit = null;
        for ($round = 0; $round < 4 && $kept !== []; $round++) {
            $fit = self::leastSquares($kept, $coarseSeconds);
            $off = array_map(static fn (array $pair): float => abs($pair[1] - $fit->shows($pair[0])), $pairs);
            $sorted = $off;
            sort($sorted);
            $spread = max(3.0 * $sorted[intdiv(count($sorted), 2)], $coarseSeconds);
            $next = array_values(array_filter($pairs, static fn (int $i): bool => $off[$i] <= $spread, ARRAY_FILTER_USE_KEY));
            if (count($next) === count($kept)) {
                break;
            }
            $kept = $next;
        }

        return $fit;
    }

    /**
     * @param non-empty-list<array{float, float}> $pairs
     */
    private static function leastSquares(array $pairs, float $coarseSeconds): self
    {
        $count = count($pairs);
        $meanX = array_sum(array_column($pairs, 0)) / $count;
        $meanY = array_sum(array_map(static fn (array $pair): float => $pair[1] - $pair[0], $pairs)) / $count;
        $xx = $xy = 0.0;
        foreach ($pairs as [$x, $y]) {
            $xx += ($x - $meanX) ** 2;
            $xy += ($x - $meanX) * ($y - $x - $meanY);
        }
        // A slope that the clock's own coarseness could make is none: over few photos a shaky one does harm.
        $sure = $xx > 0.0 ? 3.0 * $coarseSeconds / sqrt(12.0) / sqrt($xx) : INF;
        $drift = $count > 2 && $xx > 0.0 ? $xy / $xx : 0.0;
        $drift = abs($drift) < $sure && $sure > self::MOST_DRIFT / 5.0 ? 0.0 : max(-self::MOST_DRIFT, min(self::MOST_DRIFT, $drift));

        return new self($meanY + $meanX - (1.0 + $drift) * $meanX, $drift);
    }
}
