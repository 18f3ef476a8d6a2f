<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * A picture summed up along its columns and along its rows, as waves: enough to tell by how much another of the same view is shifted.
 *
 * Phase correlation (Kuglin and Hines 1975) on the two projections: two pictures that differ by a shift have the same waves, each turned by an
 * angle that grows with its frequency. Only waves that both hold are asked, and only slow ones: grain is not the picture.
 */
final readonly class Outline
{
    /** A wave weaker than this share of the strongest says nothing. */
    private const WEAKEST = 0.01;
    /** Shifts are looked for up to this share of the picture, and then ever more finely. */
    private const MOST_SHARE = 0.25;
    private const FINEST = 0.01;
    /** Waves that agree less are of another view. */
    private const AGREE = 0.6;

    /**
     * @param list<array{float, float}> $across waves along the width, real and imaginary part
     * @param list<array{float, float}> $down   along the height
     * @param float                     $wide   share of the picture's width that the columns take
     * @param float                     $high   what the rows take of its height, as a share of its width
     */
    private function __construct(private array $across, private array $down, private float $wide, private float $high)
    {
    }

    /**
     * @param list<float> $columns how bright each is, from the left; `Waves::POINTS` of them
     * @param list<float> $rows    from the top, as many
     * @param float       $wide    share of the picture's width that they take, where its edges are left out
     * @param float       $high    what the rows take of its height, as a share of its width
     */
    public static function of(Waves $waves, array $columns, array $rows, float $wide, float $high): self
    {
        return new self($waves->of($columns), $waves->of($rows), $wide, $high);
    }

    /**
     * By how much what is in the other picture lies farther right, and farther down.
     *
     * @return ?array{float, float} shares of the picture's width; null where they do not show the same
     */
    public function shiftTo(self $other): ?array
    {
        $x = self::shift($this->across, $other->across);
        $y = self::shift($this->down, $other->down);

        return $x === null || $y === null ? null : [$x * $this->wide, $y * $this->high];
    }

    /**
     * @param list<array{float, float}> $before
     * @param list<array{float, float}> $after
     *
     * @return ?float share of the picture
     */
    private static function shift(array $before, array $after): ?float
    {
        $turns = $strengths = [];
        foreach ($before as $k => [$real, $imaginary]) {
            $strengths[$k] = sqrt(hypot($real, $imaginary) * hypot(...$after[$k]));
        }
        $least = self::WEAKEST * max([0.0, ...$strengths]);
        foreach ($strengths as $k => $strength) {
            if ($strength > $least) {
                [[$a, $b], [$c, $d]] = [$before[$k], $after[$k]];
                $turns[$k + 1] = atan2($a * $d - $b * $c, $a * $c + $b * $d);
            }
        }
        if ($turns === []) {
            return null;
        }
        [$best, $most] = [0.0, -INF];
        for ($step = 1.0 / Waves::POINTS, $from = -self::MOST_SHARE, $to = self::MOST_SHARE; $step >= self::FINEST / Waves::POINTS; $step /= 4.0) {
            for ($share = $from; $share <= $to + $step / 2.0; $share += $step) {
                $sum = 0.0;
                foreach ($turns as $wave => $turn) {
                    $sum += cos($turn + 2.0 * M_PI * $wave * $share);
                }
                [$best, $most] = $sum > $most ? [$share, $sum] : [$best, $most];
            }
            [$from, $to] = [$best - $step, $best + $step];
        }

        return $most < self::AGREE * count($turns) ? null : $best;
    }
}
