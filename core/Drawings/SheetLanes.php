<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Photos\Sheet;

/**
 * Some photos of a long sheet: the stairs that they stand on, and lanes under them for how long each was open, how bright it came out and how
 * much it flickers, against what was planned and predicted. All parts of a sheet have one scale, so that they can be laid side by side.
 *
 * Across, a photo is `ACROSS` wide; each lane is `HIGH` high, from its top.
 */
final readonly class SheetLanes
{
    public const AT_ONCE = 40;
    public const ACROSS = 10;
    public const HIGH = 100;

    /** A lane shows no less than this of stops, so that what is even looks even. */
    private const LEAST_STOPS = 0.5;
    private const LEAST_FLICKER = 0.15;

    /**
     * @param int $from   number of the first photo in it, from 1
     * @param int $count  of photos in it
     * @param string $stairs path of an SVG, likewise all others; empty where there is nothing to draw
     */
    private function __construct(
        public int $from,
        public int $count,
        public string $stairs,
        public string $planned,
        public string $open,
        public string $predicted,
        public string $bright,
        public string $flickers,
    ) {
    }

    /**
     * @param int $from number of any photo: the part that it is in is drawn
     */
    public static function of(Sheet $sheet, int $from): self
    {
        $first = self::AT_ONCE * intdiv(max(1, $from) - 1, self::AT_ONCE);
        $count = max(0, min(self::AT_ONCE, count($sheet->up) - $first));
        $open = self::range([$sheet->planned, $sheet->open], self::LEAST_STOPS);
        $bright = self::range([$sheet->bright, $sheet->predicted], self::LEAST_STOPS);
        $flicker = self::eitherSide($sheet->flickers);

        return new self(
            $first + 1,
            $count,
            self::treads(self::some($sheet->up, $first, $count), [0.0, 1.0]),
            self::treads(self::some($sheet->planned, $first, $count), $open),
            self::points(self::some($sheet->open, $first, $count), $open),
            self::line(self::some($sheet->predicted, $first, $count), $bright),
            self::line(self::some($sheet->bright, $first, $count), $bright),
            self::bars(self::some($sheet->flickers, $first, $count), $flicker),
        );
    }

    /**
     * What the lanes reach over, in words.
     *
     * @return list<array{Message, Message}> the name of each lane in which there is anything, and its range
     */
    public static function told(Sheet $sheet): array
    {
        $has = static fn (array ...$columns): bool => array_filter(array_merge(...$columns), static fn (mixed $one): bool => $one !== null) !== [];
        $told = [];
        if ($has($sheet->planned, $sheet->open)) {
            [$low, $high] = self::range([$sheet->planned, $sheet->open], self::LEAST_STOPS);
            $told[] = [new Message('photos.lanes.exposure'), new Message('photos.lanes.exposure_range', [
                'low' => Quantity::shutter(2.0 ** $low), 'high' => Quantity::shutter(2.0 ** $high),
            ])];
        }
        if ($has($sheet->bright)) {
            [$low, $high] = self::range([$sheet->bright, $sheet->predicted], self::LEAST_STOPS);
            $key = $sheet->predicted === [] ? 'photos.lanes.stops' : 'photos.lanes.stops_predicted';
            $told[] = [new Message('photos.lanes.brightness'), new Message($key, [
                'low' => Quantity::signed($low, 1), 'high' => Quantity::signed($high, 1),
            ])];
        }
        if ($has($sheet->flickers)) {
            [$low, $high] = self::eitherSide($sheet->flickers);
            $told[] = [new Message('photos.lanes.flicker'), new Message('photos.lanes.stops', [
                'low' => Quantity::signed($low, 2), 'high' => Quantity::signed($high, 2),
            ])];
        }

        return $told;
    }

    /**
     * Those of a part, with the one before them at -1 and the one after them: a line comes in from where it was, and goes out to where it
     * will be.
     *
     * @param list<?float> $column
     *
     * @return array<int, ?float>
     */
    private static function some(array $column, int $first, int $count): array
    {
        $some = [];
        for ($n = -1; $n <= $count; $n++) {
            $some[$n] = $column[$first + $n] ?? null;
        }

        return $some;
    }

    /**
     * @param list<list<?float>> $columns
     *
     * @return array{float, float} lowest and highest
     */
    private static function range(array $columns, float $least): array
    {
        $known = array_values(array_filter(array_merge(...$columns), static fn (?float $one): bool => $one !== null));
        $low = min([INF, ...$known]);
        $high = max([-INF, ...$known]);
        if ($known === []) {
            return [0.0, 1.0];
        }
        $middle = ($low + $high) / 2.0;

        return [min($low, $middle - $least), max($high, $middle + $least)];
    }

    /**
     * As far up as down: what flickers goes to either side.
     *
     * @param list<?float> $column
     *
     * @return array{float, float}
     */
    private static function eitherSide(array $column): array
    {
        $most = max([self::LEAST_FLICKER, ...array_map(static fn (?float $one): float => abs($one ?? 0.0), $column)]);

        return [-$most, $most];
    }

    /**
     * @param array{float, float} $range
     */
    private static function y(float $value, array $range): float
    {
        return round(self::HIGH * ($range[1] - $value) / ($range[1] - $range[0]), 1);
    }

    /**
     * Each is a tread as wide as its photo, with a riser to the next.
     *
     * @param array<int, ?float>  $values
     * @param array{float, float} $range
     */
    private static function treads(array $values, array $range): string
    {
        $path = '';
        $isOn = false;
        foreach ($values as $n => $value) {
            $path .= $value === null ? '' : sprintf($isOn ? 'V%sH%s' : 'M%3$s %1$sH%2$s', self::y($value, $range), ($n + 1) * self::ACROSS, $n * self::ACROSS);
            $isOn = $value !== null;
        }

        return $path;
    }

    /**
     * @param array<int, ?float>  $values
     * @param array{float, float} $range
     */
    private static function points(array $values, array $range): string
    {
        $path = '';
        foreach ($values as $n => $value) {
            $path .= $value === null ? '' : sprintf('M%s %sh%s', $n * self::ACROSS + 3, self::y($value, $range), self::ACROSS - 6);
        }

        return $path;
    }

    /**
     * @param array<int, ?float>  $values
     * @param array{float, float} $range
     */
    private static function line(array $values, array $range): string
    {
        $path = '';
        $isOn = false;
        foreach ($values as $n => $value) {
            $path .= $value === null ? '' : sprintf('%s%s %s', $isOn ? 'L' : 'M', ($n + 0.5) * self::ACROSS, self::y($value, $range));
            $isOn = $value !== null;
        }

        return $path;
    }

    /**
     * @param array<int, ?float>  $values
     * @param array{float, float} $range
     */
    private static function bars(array $values, array $range): string
    {
        $path = '';
        foreach ($values as $n => $value) {
            $path .= $value === null ? '' : sprintf('M%s %sV%s', ($n + 0.5) * self::ACROSS, self::y(0.0, $range), self::y($value, $range));
        }

        return $path;
    }
}
