<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Schedule\Schedule;

/**
 * What is drawn of each photo of a shot on the stairs of its move: how high its tread lies, how long it was open, how bright it came out.
 *
 * All columns have one value for each planned photo, from the first; null where nothing is known.
 */
final readonly class Sheet
{
    /** Exposures are drawn to a hundredth of a stop, and so is brightness. */
    private const DIGITS = 2;

    /**
     * @param bool                     $isExact   whether all photos show parts of a second
     * @param string                   $axis      whose way the stairs are; empty where nothing moves
     * @param list<float>              $up        share of that axis's way, 0 to 1
     * @param list<?float>             $planned   stops over one second that it was to be open
     * @param list<?float>             $open      likewise, that it was
     * @param list<?float>             $bright    stops over the middle photo
     * @param list<?float>             $predicted  likewise, as the light was to be
     * @param list<?float>             $flickers  stops over the trend
     * @param list<int>                $spoilt    numbers of photos that are missing, or that spoil the clip
     * @param array<int, list<string>> $extras    unmatched files, by the number of the planned photo before them; 0 before all
     */
    private function __construct(
        public bool $isExact,
        public string $axis,
        public array $up,
        public array $planned,
        public array $open,
        public array $bright,
        public array $predicted,
        public array $flickers,
        public array $spoilt,
        public array $extras,
    ) {
    }

    /**
     * @param list<float> $predicted stops of all photos, over whatever it may be; empty where the light is not known
     * @param list<int>   $spoilt   numbers
     */
    public static function of(Schedule $schedule, Matching $matching, Measured $measured, array $predicted, array $spoilt): self
    {
        $numbers = range(1, $matching->count());
        [$axis, $up] = self::stairs($schedule);
        $stops = static fn (?float $seconds): ?float => $seconds === null || $seconds <= 0.0 ? null : round(log($seconds, 2), self::DIGITS);
        $rest = $measured->flicker->rest ?? [];
        $isExact = $matching->order->areExact();

        return new self(
            $isExact,
            $axis,
            $up,
            array_map(static fn (int $number): ?float => $stops($matching->planned->exposures[$number - 1] ?? null), $numbers),
            array_map(static fn (int $number): ?float => $stops($matching->photo($number)?->exposureSeconds), $numbers),
            array_map(static fn (int $number): ?float => self::rounded($measured->stops[$number] ?? null), $numbers),
            self::predicted($predicted, $measured->stops),
            array_map(static fn (int $number): ?float => self::rounded($rest[$number] ?? null), $numbers),
            $spoilt,
            self::extras($matching),
        );
    }

    /** As it is kept: a JSON object of its columns. */
    public function toJson(): string
    {
        $columns = [...get_object_vars($this), 'extras' => (object) $this->extras];

        return json_encode($columns, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** @param string $json as `toJson()` wrote it */
    public static function fromJson(string $json): self
    {
        /**
         * @var array{isExact: bool, axis: string, up: list<float>, planned: list<?float>, open: list<?float>, bright: list<?float>, predicted?: list<?float>,
         *      foretold?: list<?float>, flickers: list<?float>, spoilt: list<int>, extras: array<int, list<string>>} $is
         */
        $is = json_decode($json, true, 8, JSON_THROW_ON_ERROR);
        // An earlier version named this column otherwise.
        $is['predicted'] ??= $is['foretold'] ?? [];
        unset($is['foretold']);

        return new self(...$is);
    }

    private static function rounded(?float $stops): ?float
    {
        return $stops === null ? null : round($stops, self::DIGITS);
    }

    /**
     * The way of the axis that moves for most of the photos: its steps are the stairs.
     *
     * @return array{string, list<float>}
     */
    private static function stairs(Schedule $schedule): array
    {
        [$axis, $most] = ['', 0];
        foreach ($schedule->moves->positions as $id => $positions) {
            $steps = 0;
            foreach ($positions as $n => $position) {
                $steps += $n > 0 && $position !== $positions[$n - 1] ? 1 : 0;
            }
            [$axis, $most] = $steps > $most ? [$id, $steps] : [$axis, $most];
        }
        if ($most === 0) {
            return ['', array_fill(0, $schedule->photosTotal(), 0.0)];
        }
        $positions = $schedule->moves->positions[$axis];
        $low = min([INF, ...$positions]);
        $span = max([-INF, ...$positions]) - $low;

        return [$axis, array_map(static fn (float $position): float => round(($position - $low) / $span, 3), $positions)];
    }

    /**
     * Both about their own middle: a meter's zero is not a picture's.
     *
     * @param list<float>       $predicted
     * @param array<int, float> $stops    by number
     *
     * @return list<?float>
     */
    private static function predicted(array $predicted, array $stops): array
    {
        if ($predicted === []) {
            return [];
        }
        $sorted = array_values(array_intersect_key(array_combine(range(1, count($predicted)), $predicted), $stops));
        sort($sorted);
        $middle = $sorted === [] ? 0.0 : $sorted[intdiv(count($sorted), 2)];

        return array_map(static fn (float $one): float => round($one - $middle, self::DIGITS), $predicted);
    }

    /**
     * @return array<int, list<string>>
     */
    private static function extras(Matching $matching): array
    {
        $numbers = $matching->numbers();
        $others = iterator_to_array($matching->extras());
        $extras = [];
        $before = 0;
        for ($place = 0, $n = count($matching->order); $place < $n; $place++) {
            $before = $numbers[$place] ?? $before;
            if (isset($others[$place])) {
                $extras[$before][] = $others[$place]['photo']->file;
            }
        }

        return $extras;
    }
}
