<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

use Evrent\Core\Photos\Sheet;
use Evrent\Core\Run\Take\PhotoSpans;

/**
 * A whole sheet in one line over the photos' numbers: how bright they came out, with the line that was predicted, and what is missing or
 * spoilt.
 */
final readonly class BrightnessOfPhotos
{
    public const WIDTH = 1_000;
    public const HEIGHT = 120;
    private const LEAST_STOPS = 1.0;

    /**
     * @param string                     $measured path of an SVG; empty where nothing was
     * @param string                     $predicted likewise
     * @param list<float>                $marks    across: photos that stand out
     * @param list<array{float, float}> $gaps     across, and how wide: photos that are not on the card
     * @param list<array{float, float}> $spoilt   likewise, marked as spoilt
     */
    private function __construct(
        public string $measured,
        public string $predicted,
        public array $marks,
        public array $gaps,
        public array $spoilt,
        public float $from,
        public float $to,
    ) {
    }

    /**
     * @param list<int> $standOut numbers
     * @param list<int> $missing  likewise, rising
     * @param list<int> $spoilt   likewise, rising
     */
    public static function of(Sheet $sheet, array $standOut, array $missing, array $spoilt): self
    {
        $photos = count($sheet->up);
        $all = array_filter(
            [...$sheet->bright, ...$sheet->predicted, -self::LEAST_STOPS, self::LEAST_STOPS],
            static fn (?float $one): bool => $one !== null,
        );
        [$from, $to] = [min([INF, ...$all]), max([-INF, ...$all])];
        $across = static fn (int $number): float => round(self::WIDTH * ($number - 0.5) / max(1, $photos), 1);
        $up = static fn (float $one): float => self::HEIGHT * ($to - $one) / ($to - $from);

        return new self(
            self::path($sheet->bright, $across, $up),
            self::path($sheet->predicted, $across, $up),
            array_map($across, $standOut),
            self::spans($missing, $photos),
            self::spans($spoilt, $photos),
            $from,
            $to,
        );
    }

    /**
     * @param list<int> $numbers rising
     *
     * @return list<array{float, float}> across, and how wide
     */
    private static function spans(array $numbers, int $photos): array
    {
        return array_map(static fn (array $span): array => [
            round(self::WIDTH * ($span[0] - 1) / max(1, $photos), 2),
            round(max(1.0, self::WIDTH * ($span[1] - $span[0] + 1) / max(1, $photos)), 2),
        ], PhotoSpans::of($numbers));
    }

    /**
     * @param list<?float>           $column
     * @param callable(int): float   $across of a number
     * @param callable(float): float $up     of stops
     */
    private static function path(array $column, callable $across, callable $up): string
    {
        $path = '';
        $isOn = false;
        foreach ($column as $n => $one) {
            $path .= $one === null ? '' : sprintf('%s%.1F %.1F', $isOn ? 'L' : 'M', $across($n + 1), $up($one));
            $isOn = $one !== null;
        }

        return $path;
    }
}
