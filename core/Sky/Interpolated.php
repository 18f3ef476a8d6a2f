<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * A body whose place is worked out once an hour and read between by second differences (Meeus, Astronomical Algorithms, 3.3):
 * thousands of places in the time of a few. Sun, moon and stars stray by less than 0.001° from their own theory.
 */
final class Interpolated implements Body
{
    private const SECONDS = 3_600.0;

    /** @var array<int, Equatorial> */
    private array $nodes = [];

    public function __construct(private readonly Body $body)
    {
    }

    public function place(Instant $instant): Equatorial
    {
        $at = $instant->unixSeconds / self::SECONDS;
        $middle = (int) round($at);
        $n = $at - $middle;
        [$before, $here, $after] = [$this->node($middle - 1), $this->node($middle), $this->node($middle + 1)];

        return new Equatorial(
            Angles::turn(self::between(
                $here->rightAscension + Angles::half($before->rightAscension - $here->rightAscension),
                $here->rightAscension,
                $here->rightAscension + Angles::half($after->rightAscension - $here->rightAscension),
                $n,
            )),
            self::between($before->declination, $here->declination, $after->declination, $n),
            $here->distanceKilometres === Equatorial::FAR_AWAY_KILOMETRES
                ? Equatorial::FAR_AWAY_KILOMETRES
                : self::between($before->distanceKilometres, $here->distanceKilometres, $after->distanceKilometres, $n),
        );
    }

    private function node(int $hour): Equatorial
    {
        return $this->nodes[$hour] ??= $this->body->place(new Instant($hour * self::SECONDS));
    }

    private static function between(float $before, float $here, float $after, float $n): float
    {
        $first = $after - $before;

        return $here + $n / 2.0 * ($first + $n * ($after - 2.0 * $here + $before));
    }
}
