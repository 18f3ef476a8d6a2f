<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * When a quantity that goes slowly up and down passes zero. Sampled every few minutes, refined by halving; where it comes close
 * to zero and turns back, its turning point is looked at, so that a day of two minutes is not missed.
 */
final class Crossings
{
    private const SAMPLE_SECONDS = 300.0;
    private const EXACT_SECONDS = 0.05;
    private const GOLDEN = 0.6180339887498949;

    /**
     * @param callable(Instant): float $quantity
     *
     * @return list<array{Instant, bool}> when, and whether it was rising; in order
     */
    public static function within(Instant $from, Instant $until, callable $quantity): array
    {
        $times = [];
        $count = (int) ceil(($until->unixSeconds - $from->unixSeconds) / self::SAMPLE_SECONDS);
        for ($i = 0; $i <= $count; $i++) {
            $times[] = min($until->unixSeconds, $from->unixSeconds + $i * self::SAMPLE_SECONDS);
        }
        $values = array_map(static fn (float $time): float => $quantity(new Instant($time)), $times);
        $found = [];
        foreach ($times as $i => $time) {
            $turns = $i > 0 && $i < $count && self::turns($values[$i - 1], $values[$i], $values[$i + 1]);
            if ($turns) {
                $found = [...$found, ...self::aroundTurn($times[$i - 1], $times[$i + 1], $values[$i] < 0.0, $quantity)];
            }
            if ($i < $count && ($values[$i] < 0.0) !== ($values[$i + 1] < 0.0)) {
                $found[] = self::halved($time, $times[$i + 1], $quantity);
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[0]->unixSeconds <=> $b[0]->unixSeconds);

        return $found;
    }

    /** Whether it turns back toward where it came from without having passed zero. */
    private static function turns(float $before, float $here, float $after): bool
    {
        $sameSide = ($before < 0.0) === ($here < 0.0) && ($here < 0.0) === ($after < 0.0);

        return $sameSide && ($here < 0.0 ? $here >= $before && $here > $after : $here <= $before && $here < $after);
    }

    /**
     * @param callable(Instant): float $quantity
     *
     * @return list<array{Instant, bool}>
     */
    private static function aroundTurn(float $low, float $high, bool $below, callable $quantity): array
    {
        $toward = $below ? 1.0 : -1.0;
        [$from, $until] = [$low, $high];
        while ($until - $from > self::EXACT_SECONDS) {
            $a = $until - self::GOLDEN * ($until - $from);
            $b = $from + self::GOLDEN * ($until - $from);
            if ($toward * $quantity(new Instant($a)) > $toward * $quantity(new Instant($b))) {
                $until = $b;
            } else {
                $from = $a;
            }
        }
        $top = ($from + $until) / 2.0;
        if (($quantity(new Instant($top)) < 0.0) === $below) {
            return [];
        }

        return [self::halved($low, $top, $quantity), self::halved($top, $high, $quantity)];
    }

    /**
     * @param callable(Instant): float $quantity
     *
     * @return array{Instant, bool}
     */
    private static function halved(float $low, float $high, callable $quantity): array
    {
        $rising = $quantity(new Instant($low)) < 0.0;
        while ($high - $low > self::EXACT_SECONDS) {
            $middle = ($low + $high) / 2.0;
            if (($quantity(new Instant($middle)) < 0.0) === $rising) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return [new Instant(($low + $high) / 2.0), $rising];
    }
}
