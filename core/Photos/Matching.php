<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Generator;

/**
 * Which photo on the card is which of the plan's.
 *
 * With a take's log the files that it names are the photos (`NamedPhotos`), and only what it does not name is searched for. Without, the
 * camera's clock is off by a and drifts by b (`Clock`). `FirstClocks` finds which a and b may be; for each the cheapest pairing in order is
 * worked out (`Alignment`), the clock is fitted to its pairs, and both once more. The pairing that saves most is taken; where two save as
 * much, the one that has the beginning, since runs are stopped early far more often than begun late. That it could be another is said.
 */
final readonly class Matching
{
    private const SHARE_OF_INTERVAL = 0.4;
    private const LEAST_TOLERANCE = 0.6;
    private const EXACT_SECONDS = 0.02;
    private const WHOLE_SECONDS = 1.0;
    private const ROUNDS = 3;
    private const SAME = 0.3;
    private const FITTED = 2;

    /** Of what the best saves; and of its photos, by how many another begins elsewhere. */
    private const NEARLY = 0.98;
    private const ANOTHER_STRETCH = 0.05;

    /** Where a dial was left where it was, photos are wrongly exposed too, and all of them are there. */
    private const WHOLE_SHARE = 0.9;

    /** By so much of a photo the first and the last of the plan are likelier to be there than one between them. */
    public const THE_FIRST = 0.5;
    public const THE_LAST = 0.3;

    /**
     * @param PhotoList       $order  all there are, in true order
     * @param list<?int>      $places of the planned photos in that order, from the first; null where one is missing
     * @param array<int, Extra> $extras why the others are unmatched, by their place in that order
     * @param ?Clock          $clock  null where no photo has a time
     * @param ?int            $otherFirst where another stretch begins that fits about as well, by its place in that order
     * @param list<Message>   $said   what could not be told, or was taken from the last resort, a sentence each
     */
    private function __construct(
        public PlannedPhotos $planned,
        public PhotoList $order,
        private array $places,
        private array $extras,
        public ?Clock $clock,
        public array $said,
        public ?int $otherFirst = null,
    ) {
    }

    /**
     * @param ?Placed $placed one that somebody knows: all others go by it
     */
    public static function of(PlannedPhotos $planned, CardPhotos $card, ?Placed $placed = null): self
    {
        $extras = $said = [];
        $byBody = self::apart($card->photos, $extras);
        $best = null;
        // The camera that the log names, where the card has it: files say their serial number as cameras tell it, or otherwise.
        $ofLog = $planned->body !== null && isset($byBody[$planned->body]) ? [$planned->body => $byBody[$planned->body]] : $byBody;
        foreach ($ofLog as $body => $places) {
            $photos = $card->photos->picked($places);
            $known = $placed === null ? null : self::placeOf($photos, $placed);
            if ($placed !== null && $known === null) {
                continue;
            }
            $found = self::body($planned, $photos, $known);
            if ($best === null || $found[0]->saved > $best[1][0]->saved) {
                $best = [$body, $found, $photos];
            }
        }
        if ($best === null) {
            return self::byOrder($planned, $card->photos);
        }
        [$ofBody, [$alignment, $clock, $isNamed, $other], $shots] = $best;
        $places = $byBody[$ofBody];
        unset($byBody[$ofBody]);
        foreach ($byBody as $others) {
            $said[] = new Message('photos.matching.other_camera', ['photos' => Quantity::photos(count($others))]);
            $extras += array_fill_keys($others, Extra::OtherBody);
        }
        foreach (self::left($planned, $shots, $alignment) as $i => $why) {
            $extras[$places[$i]] = $why;
        }
        $matched = array_fill(0, $planned->count(), null);
        foreach ($alignment->pairs as $place => $i) {
            $matched[$place] = $places[$i];
        }
        $ambiguous = $placed === null && !$isNamed ? self::couldBeAnother($planned, $shots, $alignment, $clock) : null;
        if ($other !== null && $alignment->pairs !== []) {
            $said[] = new Message('photos.matching.two_answers', [
                'file' => basename($shots->at(min($alignment->pairs))->file),
                'file2' => basename($shots->at($other)->file),
            ]);
        } elseif ($ambiguous !== null) {
            $said[] = $ambiguous;
        }
        if (!$isNamed && self::isAsCoarse($planned, $shots) && count($alignment->pairs) < $planned->count()) {
            $said[] = new Message('photos.matching.whole_seconds');
        }
        if ($card->hasFileTimes()) {
            $said[] = new Message('photos.matching.file_times');
        }
        ksort($extras);

        if ($placed === null && !$isNamed && self::areOfAnotherShot($planned, $shots, $alignment)) {
            array_unshift($said, new Message('photos.matching.another_shot'));
        }
        $otherFirst = $other === null || $alignment->pairs === [] ? null : $places[$other];

        return new self($planned, $card->photos, array_values($matched), $extras, $clock, $said, $otherFirst);
    }

    /** Whether what fits by its rhythm is not whole, and was mostly exposed for something else. */
    private static function areOfAnotherShot(PlannedPhotos $planned, PhotoList $shots, Alignment $alignment): bool
    {
        $wrong = 0;
        foreach ($alignment->pairs as $place => $i) {
            $off = $planned->offStops($place, $shots->at($i));
            $wrong += $off !== null && abs($off) > $planned->mostOffStops($place) ? 1 : 0;
        }
        $found = count($alignment->pairs);

        return $found < self::WHOLE_SHARE * $planned->count() && $wrong > $found / 2;
    }

    /** How many photos were planned. */
    public function count(): int
    {
        return count($this->places);
    }

    /** @param int $number of a planned photo, from 1; null where it is missing, or there is none of that number */
    public function photo(int $number): ?CardPhoto
    {
        $place = $this->places[$number - 1] ?? null;

        return $place === null ? null : $this->order->at($place);
    }

    /** @return Generator<int, ?CardPhoto> the planned photos by number, from 1; null where one is missing */
    public function photos(): Generator
    {
        foreach ($this->places as $n => $place) {
            yield $n + 1 => $place === null ? null : $this->order->at($place);
        }
    }

    /** @return array<int, ?string> files of the planned photos by number */
    public function files(): array
    {
        return array_map(static fn (?CardPhoto $photo): ?string => $photo?->file, iterator_to_array($this->photos()));
    }

    /** @return Generator<int, array{photo: CardPhoto, why: Extra}> the unmatched ones, in their true order, by their place in it */
    public function extras(): Generator
    {
        foreach ($this->extras as $place => $why) {
            yield $place => ['photo' => $this->order->at($place), 'why' => $why];
        }
    }

    public function extrasCount(): int
    {
        return count($this->extras);
    }

    /** @return array<int, int> numbers of planned photos, by their place in the true order */
    public function numbers(): array
    {
        $numbers = [];
        foreach ($this->places as $n => $place) {
            if ($place !== null) {
                $numbers[$place] = $n + 1;
            }
        }

        return $numbers;
    }

    /**
     * @return list<int> numbers of planned photos that are not on the card
     */
    public function missing(): array
    {
        $missing = [];
        foreach ($this->places as $n => $place) {
            if ($place === null) {
                $missing[] = $n + 1;
            }
        }

        return $missing;
    }

    /** Seconds by which the camera's clock was ahead when the run began; null where the plan or the card has no time. */
    public function clockOffsetSeconds(): ?float
    {
        return $this->clock === null || $this->planned->firstUnixSeconds === null ? null : $this->clock->atFirst - $this->planned->firstUnixSeconds;
    }

    /**
     * What has a time and is there once.
     *
     * @param array<int, Extra> $extras filled with the others, by place
     *
     * @return array<string, list<int>> places by body
     */
    private static function apart(PhotoList $photos, array &$extras): array
    {
        $byBody = $seen = $untimed = [];
        foreach ($photos as $i => $photo) {
            $key = implode(' ', [$photo->body, $photo->fileNumber, $photo->unixSeconds, $photo->exposureSeconds, basename($photo->file)]);
            $key = hash('xxh64', $key, true);
            if ($photo->unixSeconds === null) {
                $untimed[] = $i;
            } elseif ($photo->fileNumber !== null && isset($seen[$key])) {
                $extras[$i] = Extra::Copy;
            } else {
                $seen[$key] = true;
                $byBody[$photo->body ?? ''][] = $i;
            }
        }
        $extras += $byBody === [] ? [] : array_fill_keys($untimed, Extra::NoTime);

        return $byBody;
    }

    /**
     * @param PhotoList        $photos of one camera, in order
     * @param ?array{int, int} $known  place on the card and planned place of one of them, from 0
     *
     * @return array{Alignment, Clock, bool, ?int} and whether a log named them; and where on the card another answer begins that is nearly as good
     */
    private static function body(PlannedPhotos $planned, PhotoList $photos, ?array $known): array
    {
        [$tolerance, $coarse] = self::tolerance($planned, $photos);
        $named = $known === null ? NamedPhotos::on($planned, $photos) : [];
        $photos = ShownPhotos::of($planned, $photos);
        $shown = $photos->seconds;
        if ($named !== []) {
            return [...self::besideNamed($planned, $photos, $named, $tolerance, $coarse), true, null];
        }
        if ($known !== null) {
            return [...self::fitted($planned, $photos, new Clock($shown[$known[0]] - $planned->openSeconds[$known[1]]), $tolerance, $coarse), false, null];
        }
        $tried = [];
        foreach (FirstClocks::of($planned, $photos, $tolerance, $coarse) as $clock) {
            $aligned = self::aligned($planned, $photos, $clock, $tolerance, $coarse);
            $tried[] = [$aligned->saved, $clock, $aligned->pairs === [] ? 0 : min($aligned->pairs)];
        }
        $tried = $tried === [] ? [[0.0, new Clock($shown[0] - $planned->openSeconds[0]), 0]] : $tried;
        usort($tried, static fn (array $a, array $b): int => round($b[0]) <=> round($a[0]));
        $clocks = array_slice(array_column($tried, 1), 0, self::FITTED);
        if ($coarse === self::WHOLE_SECONDS) {
            array_unshift($clocks, CoarseClock::near($planned, $shown, $clocks[0]));
        }
        $best = null;
        foreach ($clocks as $clock) {
            $found = self::fitted($planned, $photos, $clock, $tolerance, $coarse);
            $best = $best === null || $found[0]->saved > $best[0]->saved + self::SAME ? $found : $best;
        }

        return [...$best, false, self::asGood($best[0], $tried)];
    }

    /**
     * Where on the card another stretch begins that fits nearly as well as the best, and is not the same but for a few photos at an end; null where
     * there is none.
     *
     * @param list<array{float, Clock, int}> $tried what each saves, its clock, and where it begins on the card
     */
    private static function asGood(Alignment $alignment, array $tried): ?int
    {
        $first = $alignment->pairs === [] ? 0 : min($alignment->pairs);
        foreach ($tried as [$saved, , $begins]) {
            if ($saved >= self::NEARLY * $alignment->saved && abs($begins - $first) > self::ANOTHER_STRETCH * count($alignment->pairs)) {
                return $begins;
            }
        }

        return null;
    }

    /**
     * The photos that the log names, and of the others those that it says were triggered, by their times.
     *
     * @param non-empty-array<int, int> $named places on the card by planned places, rising
     *
     * @return array{Alignment, Clock}
     */
    private static function besideNamed(PlannedPhotos $planned, ShownPhotos $photos, array $named, float $tolerance, float $coarse): array
    {
        $clock = self::through($planned, $photos, $named, $coarse) ?? new Clock(0.0);
        $tolerance = max($tolerance, $planned->looseSeconds);
        // A log may have given a file to the photo beside its own.
        $named = array_filter($named, static fn (int $i, int $j): bool => abs($photos->seconds[$i] - $clock->shows($planned->openSeconds[$j]))
            <= $tolerance + Alignment::FREE * $coarse, ARRAY_FILTER_USE_BOTH);
        $free = array_keys(array_diff_key($planned->triggered ?? [], $named));
        sort($free);
        $others = array_keys(array_diff_key($photos->seconds, array_flip($named)));
        // Between which of the named each may lie.
        $after = [];
        $latest = -1;
        for ($j = 0, $count = $planned->count(); $j < $count; $j++) {
            $after[$j] = $latest;
            $latest = $named[$j] ?? $latest;
        }
        $before = [];
        $next = PHP_INT_MAX;
        for ($j = $planned->count() - 1; $j >= 0; $j--) {
            $before[$j] = $next;
            $next = $named[$j] ?? $next;
        }
        $unlike = static function (int $a, int $b) use ($planned, $photos, $free, $others, $after, $before): float {
            [$j, $i] = [$free[$a], $others[$b]];

            return $i < $after[$j] || $i > $before[$j] ? INF : $photos->unlike($planned, $j, $i);
        };
        $found = Alignment::of(
            array_map(static fn (int $j): float => $clock->shows($planned->openSeconds[$j]), $free),
            array_map(static fn (int $i): float => $photos->seconds[$i], $others),
            $tolerance,
            Alignment::FREE * $coarse,
            $unlike,
        );
        $pairs = $named;
        foreach ($found->pairs as $a => $b) {
            $pairs[$free[$a]] = $others[$b];
        }
        ksort($pairs);

        return [$found->with($pairs), self::through($planned, $photos, $pairs, $coarse) ?? $clock];
    }

    /**
     * @param array<int, int> $pairs places on the card by planned places
     */
    private static function through(PlannedPhotos $planned, ShownPhotos $photos, array $pairs, float $coarse): ?Clock
    {
        $gone = $shown = [];
        foreach ($pairs as $j => $i) {
            $gone[] = $planned->openSeconds[$j];
            $shown[] = $photos->seconds[$i];
        }

        return ($coarse === self::WHOLE_SECONDS ? CoarseClock::through($gone, $shown) : null) ?? Clock::through($gone, $shown, $coarse);
    }

    private static function isAsCoarse(PlannedPhotos $planned, PhotoList $photos): bool
    {
        return self::tolerance($planned, $photos)[1] === self::WHOLE_SECONDS && $planned->smallestInterval < 2.0 * self::WHOLE_SECONDS;
    }

    /**
     * @return ?array{int, int} place on the card and planned place, from 0; null where it is not among them
     */
    private static function placeOf(PhotoList $photos, Placed $placed): ?array
    {
        foreach ($photos as $i => $photo) {
            if ($photo->file === $placed->file) {
                return [$i, $placed->number - 1];
            }
        }

        return null;
    }

    /**
     * How far a photo may be off, and how finely its clock can be read; seconds.
     *
     * @return array{float, float}
     */
    private static function tolerance(PlannedPhotos $planned, PhotoList $photos): array
    {
        $isExact = $photos->areExact();
        $tolerance = max(self::SHARE_OF_INTERVAL * $planned->interval, self::LEAST_TOLERANCE);

        return $isExact ? [min($tolerance, $planned->smallestInterval / 2.0), self::EXACT_SECONDS] : [$tolerance, self::WHOLE_SECONDS];
    }

    /**
     * @return array{Alignment, Clock}
     */
    private static function fitted(PlannedPhotos $planned, ShownPhotos $photos, Clock $clock, float $tolerance, float $coarse): array
    {
        $alignment = self::aligned($planned, $photos, $clock, $tolerance, $coarse);
        for ($round = 1; $round < self::ROUNDS && $alignment->pairs !== []; $round++) {
            $next = self::through($planned, $photos, $alignment->pairs, $coarse) ?? $clock;
            $again = self::aligned($planned, $photos, $next, $tolerance, $coarse);
            if ($again->saved < $alignment->saved - self::SAME) {
                break;
            }
            [$alignment, $clock] = [$again, $next];
        }

        return [$alignment, $clock];
    }

    private static function aligned(PlannedPhotos $planned, ShownPhotos $photos, Clock $clock, float $tolerance, float $coarse): Alignment
    {
        $last = $planned->count() - 1;
        $unlike = static fn (int $j, int $i): float => $photos->unlike($planned, $j, $i)
            - ($j === 0 ? self::THE_FIRST : 0.0) - ($j === $last ? self::THE_LAST : 0.0);

        return Alignment::of(array_map($clock->shows(...), $planned->openSeconds), $photos->seconds, $tolerance, Alignment::FREE * $coarse, $unlike);
    }

    /**
     * @return array<int, Extra> why those that are left over are unmatched, by place
     */
    private static function left(PlannedPhotos $planned, PhotoList $photos, Alignment $alignment): array
    {
        $paired = array_flip($alignment->pairs);
        $first = $paired === [] ? PHP_INT_MAX : min(array_keys($paired));
        $last = $paired === [] ? -1 : max(array_keys($paired));
        $left = [];
        for ($i = 0, $n = count($photos); $i < $n; $i++) {
            if (isset($paired[$i])) {
                continue;
            }
            $near = INF;
            foreach ([$i - 1, $i + 1] as $other) {
                $near = isset($paired[$other]) ? min($near, abs(($photos->at($other)->unixSeconds ?? INF) - ($photos->at($i)->unixSeconds ?? 0.0))) : $near;
            }
            $left[$i] = match (true) {
                $near < 0.5 * $planned->smallestInterval => Extra::Double,
                $i < $first => Extra::TestBefore,
                $i > $last => Extra::TestAfter,
                default => Extra::Foreign,
            };
        }

        return $left;
    }

    /**
     * Whether the same photos, one place on, would do as well: then nothing tells whether the first are missing or the last.
     */
    private static function couldBeAnother(PlannedPhotos $planned, PhotoList $photos, Alignment $alignment, Clock $clock): ?Message
    {
        $missingAtEnds = $planned->count() > 0 && (!isset($alignment->pairs[0]) || !isset($alignment->pairs[$planned->count() - 1]));
        if (!$missingAtEnds || $planned->firstUnixSeconds === null && $alignment->pairs === []) {
            return null;
        }
        [$tolerance, $coarse] = self::tolerance($planned, $photos);
        $shown = ShownPhotos::of($planned, $photos);
        foreach ([1.0, -1.0] as $by) {
            $shifted = new Clock($clock->atFirst - $by * $planned->interval, $clock->drift);
            if (self::aligned($planned, $shown, $shifted, $tolerance, $coarse)->saved > $alignment->saved - self::THE_FIRST - self::SAME) {
                return new Message('photos.matching.either_end');
            }
        }

        return null;
    }

    /** Without any time, one after another. */
    private static function byOrder(PlannedPhotos $planned, PhotoList $photos): self
    {
        $places = $extras = [];
        for ($i = 0, $n = max($planned->count(), count($photos)); $i < $n; $i++) {
            if ($i < $planned->count()) {
                $places[] = $i < count($photos) ? $i : null;
            } else {
                $extras[$i] = Extra::NoTime;
            }
        }

        return new self($planned, $photos, $places, $extras, null, count($photos) === 0
            ? [new Message('photos.matching.none')]
            : [new Message('photos.matching.by_number')]);
    }
}
