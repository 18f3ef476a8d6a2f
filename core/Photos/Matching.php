<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Words\PlainText;

/**
 * Which photo on the card is which of the plan's.
 *
 * The camera's clock is off by a and drifts by b (`Clock`). `FirstClocks` finds which a and b may be; for each the cheapest pairing in order is
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

    /** By so much of a photo the first and the last of the plan are likelier to be there than one between them. */
    public const THE_FIRST = 0.5;
    public const THE_LAST = 0.3;

    /** What exposures that differ by a stop cost beside time, and a name that the log gave to another. */
    private const A_STOP_APART = 0.4;
    private const ANOTHER_NAME = 0.6;

    /**
     * @param array<int, ?CardPhoto>                       $photos by number, from 1
     * @param list<array{photo: CardPhoto, why: Extra}> $extras in their true order
     * @param list<CardPhoto>                            $order  all there are, in true order
     * @param ?Clock                                     $clock  null where no photo has a time
     * @param list<string>                               $said   what could not be told, or was taken from the last resort, a sentence each
     */
    private function __construct(
        public PlannedPhotos $planned,
        public array $photos,
        public array $extras,
        public array $order,
        public ?Clock $clock,
        public array $said,
    ) {
    }

    /**
     * @param ?Placed $placed one that somebody knows: all others go by it
     */
    public static function of(PlannedPhotos $planned, CardPhotos $card, ?Placed $placed = null): self
    {
        $extras = $said = [];
        $timed = self::apart($card->photos, $extras);
        $byBody = [];
        foreach ($timed as $photo) {
            $byBody[$photo->body ?? ''][] = $photo;
        }
        $best = null;
        foreach ($byBody as $body => $photos) {
            $known = $placed === null ? null : self::placeOf($photos, $placed);
            if ($placed !== null && $known === null) {
                continue;
            }
            $found = self::body($planned, $photos, $known);
            if ($best === null || $found[0]->saved > $best[1][0]->saved) {
                $best = [$body, $found];
            }
        }
        if ($best === null) {
            return self::byOrder($planned, $card);
        }
        [$shots, [$alignment, $clock]] = [$byBody[$best[0]], $best[1]];
        unset($byBody[$best[0]]);
        foreach ($byBody as $others) {
            $said[] = sprintf('%s are from another camera.', PlainText::photos(count($others)));
            array_push($extras, ...array_map(static fn (CardPhoto $photo): array => ['photo' => $photo, 'why' => Extra::OtherBody], $others));
        }
        array_push($extras, ...self::left($planned, $shots, $alignment));
        $matched = array_fill(1, $planned->count(), null);
        foreach ($alignment->pairs as $place => $i) {
            $matched[$place + 1] = $shots[$i];
        }
        $ambiguous = $placed === null ? self::couldBeAnother($planned, $shots, $alignment, $clock) : null;
        if ($ambiguous !== null) {
            $said[] = $ambiguous;
        }
        if (self::isAsCoarse($planned, $shots) && count($alignment->pairs) < $planned->count()) {
            $said[] = 'The camera’s clock shows whole seconds, and photos come as often: those beside a missing one can be off by one.';
        }
        if ($card->hasFileTimes()) {
            $said[] = 'Some photos say nothing of when they were taken: the time of the file was used, which a copy changes.';
        }
        $order = array_flip(array_map(static fn (CardPhoto $photo): string => $photo->file, $card->photos));
        usort($extras, static fn (array $a, array $b): int => $order[$a['photo']->file] <=> $order[$b['photo']->file]);

        return new self($planned, $matched, $extras, $card->photos, $clock, $said);
    }

    /**
     * @return list<int> numbers of planned photos that are not on the card
     */
    public function missing(): array
    {
        return array_keys(array_filter($this->photos, static fn (?CardPhoto $photo): bool => $photo === null));
    }

    /** Seconds by which the camera's clock was ahead when the run began; null where the plan or the card has no time. */
    public function clockOffsetSeconds(): ?float
    {
        return $this->clock === null || $this->planned->firstUnixSeconds === null ? null : $this->clock->atFirst - $this->planned->firstUnixSeconds;
    }

    /**
     * What has a time and is there once.
     *
     * @param list<CardPhoto>                               $photos
     * @param list<array{photo: CardPhoto, why: Extra}>    $extras filled with the others
     *
     * @return list<CardPhoto>
     */
    private static function apart(array $photos, array &$extras): array
    {
        $timed = $seen = [];
        $hasTimes = array_filter($photos, static fn (CardPhoto $photo): bool => $photo->unixSeconds !== null) !== [];
        foreach ($photos as $photo) {
            $key = implode(' ', [$photo->body, $photo->fileNumber, $photo->unixSeconds, $photo->exposureSeconds, basename($photo->file)]);
            if ($photo->unixSeconds === null) {
                if ($hasTimes) {
                    $extras[] = ['photo' => $photo, 'why' => Extra::NoTime];
                }
            } elseif ($photo->fileNumber !== null && isset($seen[$key])) {
                $extras[] = ['photo' => $photo, 'why' => Extra::Copy];
            } else {
                $seen[$key] = true;
                $timed[] = $photo;
            }
        }

        return $timed;
    }

    /**
     * @param list<CardPhoto>   $photos of one camera, in order
     * @param ?array{int, int} $known  place on the card and planned place of one of them, from 0
     *
     * @return array{Alignment, Clock}
     */
    private static function body(PlannedPhotos $planned, array $photos, ?array $known): array
    {
        $shown = array_map(static fn (CardPhoto $photo): float => $photo->unixSeconds ?? 0.0, $photos);
        [$tolerance, $coarse] = self::tolerance($planned, $photos);
        if ($known !== null) {
            return self::fitted($planned, $photos, $shown, new Clock($shown[$known[0]] - $planned->openSeconds[$known[1]]), $tolerance, $coarse);
        }
        $tried = [];
        foreach (FirstClocks::of($planned, $shown, $photos, $tolerance, $coarse) as $clock) {
            $tried[] = [self::aligned($planned, $photos, $shown, $clock, $tolerance, $coarse), $clock];
        }
        $tried = $tried === [] ? [[null, new Clock($shown[0] - $planned->openSeconds[0])]] : $tried;
        usort($tried, static fn (array $a, array $b): int => round($b[0]->saved ?? 0.0) <=> round($a[0]->saved ?? 0.0));
        $clocks = array_slice(array_column($tried, 1), 0, self::FITTED);
        if ($coarse === self::WHOLE_SECONDS) {
            array_unshift($clocks, CoarseClock::near($planned, $shown, $clocks[0]));
        }
        $best = null;
        foreach ($clocks as $clock) {
            $found = self::fitted($planned, $photos, $shown, $clock, $tolerance, $coarse);
            $best = $best === null || $found[0]->saved > $best[0]->saved + self::SAME ? $found : $best;
        }

        return $best;
    }

    /**
     * @param list<CardPhoto> $photos
     */
    private static function isAsCoarse(PlannedPhotos $planned, array $photos): bool
    {
        return self::tolerance($planned, $photos)[1] === self::WHOLE_SECONDS && $planned->smallestInterval < 2.0 * self::WHOLE_SECONDS;
    }

    /**
     * @param list<CardPhoto> $photos
     *
     * @return ?array{int, int} place on the card and planned place, from 0; null where it is not among them
     */
    private static function placeOf(array $photos, Placed $placed): ?array
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
     * @param list<CardPhoto> $photos
     *
     * @return array{float, float}
     */
    private static function tolerance(PlannedPhotos $planned, array $photos): array
    {
        $isExact = array_filter($photos, static fn (CardPhoto $photo): bool => !$photo->isExact) === [];
        $tolerance = max(self::SHARE_OF_INTERVAL * $planned->interval, self::LEAST_TOLERANCE);

        return $isExact ? [min($tolerance, $planned->smallestInterval / 2.0), self::EXACT_SECONDS] : [$tolerance, self::WHOLE_SECONDS];
    }

    /**
     * @param list<CardPhoto> $photos
     * @param list<float>     $shown
     *
     * @return array{Alignment, Clock}
     */
    private static function fitted(PlannedPhotos $planned, array $photos, array $shown, Clock $clock, float $tolerance, float $coarse): array
    {
        $alignment = self::aligned($planned, $photos, $shown, $clock, $tolerance, $coarse);
        for ($round = 1; $round < self::ROUNDS && $alignment->pairs !== []; $round++) {
            $pairs = [];
            foreach ($alignment->pairs as $j => $i) {
                $pairs[] = [$planned->openSeconds[$j], $shown[$i]];
            }
            $next = ($coarse === self::WHOLE_SECONDS ? CoarseClock::through($pairs) : null) ?? Clock::through($pairs, $coarse) ?? $clock;
            $again = self::aligned($planned, $photos, $shown, $next, $tolerance, $coarse);
            if ($again->saved < $alignment->saved - self::SAME) {
                break;
            }
            [$alignment, $clock] = [$again, $next];
        }

        return [$alignment, $clock];
    }

    /**
     * @param list<CardPhoto> $photos
     * @param list<float>     $shown
     */
    private static function aligned(PlannedPhotos $planned, array $photos, array $shown, Clock $clock, float $tolerance, float $coarse): Alignment
    {
        $files = $planned->files;
        $last = $planned->count() - 1;
        $unlike = static function (int $j, int $i) use ($planned, $photos, $files, $last): float {
            $stops = $planned->exposuresTell ? min(1.0, $planned->stopsApart($j, $photos[$i])) : 0.0;

            return self::A_STOP_APART * $stops + (isset($files[$j]) && $files[$j] !== basename($photos[$i]->file) ? self::ANOTHER_NAME : 0.0)
                - ($j === 0 ? self::THE_FIRST : 0.0) - ($j === $last ? self::THE_LAST : 0.0);
        };

        return Alignment::of(array_map($clock->shows(...), $planned->openSeconds), $shown, $tolerance, Alignment::FREE * $coarse, $unlike);
    }

    /**
     * @param list<CardPhoto> $photos
     *
     * @return list<array{photo: CardPhoto, why: Extra}>
     */
    private static function left(PlannedPhotos $planned, array $photos, Alignment $alignment): array
    {
        $paired = array_flip($alignment->pairs);
        $first = $paired === [] ? PHP_INT_MAX : min(array_keys($paired));
        $last = $paired === [] ? -1 : max(array_keys($paired));
        $left = [];
        foreach ($photos as $i => $photo) {
            if (isset($paired[$i])) {
                continue;
            }
            $near = INF;
            foreach ([$i - 1, $i + 1] as $other) {
                $near = isset($paired[$other]) ? min($near, abs(($photos[$other]->unixSeconds ?? INF) - ($photo->unixSeconds ?? 0.0))) : $near;
            }
            $left[] = ['photo' => $photo, 'why' => match (true) {
                $near < 0.5 * $planned->smallestInterval => Extra::Double,
                $i < $first => Extra::TestBefore,
                $i > $last => Extra::TestAfter,
                default => Extra::Foreign,
            }];
        }

        return $left;
    }

    /**
     * Whether the same photos, one place on, would do as well: then nothing tells whether the first are missing or the last.
     *
     * @param list<CardPhoto> $photos
     */
    private static function couldBeAnother(PlannedPhotos $planned, array $photos, Alignment $alignment, Clock $clock): ?string
    {
        $missingAtEnds = $planned->count() > 0 && (!isset($alignment->pairs[0]) || !isset($alignment->pairs[$planned->count() - 1]));
        if (!$missingAtEnds || $planned->firstUnixSeconds === null && $alignment->pairs === []) {
            return null;
        }
        $shown = array_map(static fn (CardPhoto $photo): float => $photo->unixSeconds ?? 0.0, $photos);
        [$tolerance, $coarse] = self::tolerance($planned, $photos);
        foreach ([1.0, -1.0] as $by) {
            $shifted = new Clock($clock->atFirst - $by * $planned->interval, $clock->drift);
            if (self::aligned($planned, $photos, $shown, $shifted, $tolerance, $coarse)->saved > $alignment->saved - self::THE_FIRST - self::SAME) {
                return 'Nothing on the card tells whether it is the first photos that are missing or the last: they are taken to be there from the beginning.';
            }
        }

        return null;
    }

    /** Without any time, one after another. */
    private static function byOrder(PlannedPhotos $planned, CardPhotos $card): self
    {
        $photos = array_fill(1, $planned->count(), null);
        $extras = [];
        foreach ($card->photos as $i => $photo) {
            if ($i < $planned->count()) {
                $photos[$i + 1] = $photo;
            } else {
                $extras[] = ['photo' => $photo, 'why' => Extra::NoTime];
            }
        }

        return new self($planned, $photos, $extras, $card->photos, null, $card->photos === []
            ? ['There are no photos.']
            : ['No photo says when it was taken: they stand in the order of their numbers, and what is missing between them cannot be told.']);
    }
}
