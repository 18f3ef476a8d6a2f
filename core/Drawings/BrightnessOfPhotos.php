<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

/**
 * How bright photos came out, as a line over their numbers, with the line that was foretold.
 */
final readonly class BrightnessOfPhotos
{
    public const WIDTH = 1_000;
    public const HEIGHT = 120;
    private const LEAST_STOPS = 1.0;

    /**
     * @param string      $measured path of an SVG
     * @param string      $foretold likewise; empty where nothing was
     * @param list<float> $marks    across: photos that stand out
     */
    private function __construct(public string $measured, public string $foretold, public array $marks, public float $from, public float $to)
    {
    }

    /**
     * @param array<int, float> $stops    measured, by number
     * @param list<float>       $foretold stops of all photos; empty where the light is not known
     * @param list<int>         $standOut numbers
     */
    public static function of(array $stops, array $foretold, array $standOut, int $photos): self
    {
        if ($foretold !== [] && $stops !== []) {
            // Both about their own middle: a meter's zero is not a picture's.
            $sorted = array_values(array_intersect_key(array_combine(range(1, count($foretold)), $foretold), $stops));
            sort($sorted);
            $middle = $sorted === [] ? 0.0 : $sorted[intdiv(count($sorted), 2)];
            $foretold = array_map(static fn (float $one): float => $one - $middle, $foretold);
        }
        $all = [...array_values($stops), ...$foretold, -self::LEAST_STOPS, self::LEAST_STOPS];
        [$from, $to] = [min($all), max($all)];
        $across = static fn (int $number): float => self::WIDTH * ($number - 1) / max(1, $photos - 1);
        $up = static fn (float $one): float => self::HEIGHT * ($to - $one) / ($to - $from);
        $measured = '';
        $before = null;
        foreach ($stops as $number => $one) {
            $measured .= sprintf('%s%.1F %.1F', $before === $number - 1 ? 'L' : 'M', $across($number), $up($one));
            $before = $number;
        }
        $line = '';
        foreach ($foretold as $n => $one) {
            $line .= sprintf('%s%.1F %.1F', $n === 0 ? 'M' : 'L', $across($n + 1), $up($one));
        }

        return new self($measured, $line, array_map($across, $standOut), $from, $to);
    }
}
