<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * A camera's clock against the plan's: it shows a + (1 + b) · t when t seconds have gone since the first trigger.
 */
final readonly class Clock
{
    public const MOST_DRIFT = 500e-6;
    private const ROUNDS = 4;

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
     * @param list<float> $gone  seconds
     * @param list<float> $shown what the clock showed then, as many
     * @param float       $coarseSeconds how finely it can be read: a drift that is no more than that over the whole is none
     *
     * @return ?self null where there are none
     */
    public static function through(array $gone, array $shown, float $coarseSeconds): ?self
    {
        if ($gone === []) {
            return null;
        }
        $fit = self::leastSquares($gone, $shown, INF, null, $coarseSeconds);
        $before = count($gone);
        for ($round = 1; $round < self::ROUNDS; $round++) {
            $off = [];
            foreach ($gone as $n => $seconds) {
                $off[] = abs($shown[$n] - $fit->shows($seconds));
            }
            sort($off);
            $spread = max(3.0 * $off[intdiv(count($off), 2)], $coarseSeconds);
            $kept = count(array_filter($off, static fn (float $one): bool => $one <= $spread));
            unset($off);
            if ($kept === $before || $kept === 0) {
                break;
            }
            $before = $kept;
            $fit = self::leastSquares($gone, $shown, $spread, $fit, $coarseSeconds);
        }

        return $fit;
    }

    /**
     * @param non-empty-list<float> $gone
     * @param list<float>           $shown
     * @param float                 $spread how far from the line before a pair may be off
     */
    private static function leastSquares(array $gone, array $shown, float $spread, ?self $before, float $coarseSeconds): self
    {
        // About the first pair, so that little is lost of long times.
        [$x0, $y0] = [$gone[0], $shown[0] - $gone[0]];
        $count = 0;
        $sumX = $sumY = $sumXx = $sumXy = 0.0;
        foreach ($gone as $n => $seconds) {
            if ($before !== null && abs($shown[$n] - $before->shows($seconds)) > $spread) {
                continue;
            }
            [$x, $y] = [$seconds - $x0, $shown[$n] - $seconds - $y0];
            $count++;
            $sumX += $x;
            $sumY += $y;
            $sumXx += $x * $x;
            $sumXy += $x * $y;
        }
        $xx = $sumXx - $sumX * $sumX / $count;
        $xy = $sumXy - $sumX * $sumY / $count;
        // A slope that the clock's own coarseness could make is none: over few photos a shaky one does harm.
        $sure = $xx > 0.0 ? 3.0 * $coarseSeconds / sqrt(12.0) / sqrt($xx) : INF;
        $drift = $count > 2 && $xx > 0.0 ? $xy / $xx : 0.0;
        $drift = abs($drift) < $sure && $sure > self::MOST_DRIFT / 5.0 ? 0.0 : max(-self::MOST_DRIFT, min(self::MOST_DRIFT, $drift));

        return new self($sumY / $count + $y0 - $drift * ($sumX / $count + $x0), $drift);
    }
}
