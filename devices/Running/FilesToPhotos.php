<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Run\Take\Director;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Devices\Links\CameraLink;

/**
 * Which photo a file is that came onto the card: by when it was taken, where the camera says so (`DatedFiles`); else the oldest that is waited for, unless
 * the file comes when that should have come long ago.
 */
final class FilesToPhotos
{
    /** Two files of one name that are dated so near are a raw file and its JPEG. */
    private const BESIDE_SECONDS = 2.0;

    private const HALF_A_COUNTER = 5_000;

    private readonly DatedFiles $dated;

    /** When the latest file came: the card writes one at a time. */
    private float $lastCameAt = 0.0;

    /** @var array<string, float> files that belong to no photo yet: when they came */
    private array $waiting = [];

    /**
     * @param float $toleranceSeconds how much later than predicted a file usually comes
     * @param float $graceSeconds     how much later one may come at all
     * @param float $lagsSeconds      how much later than triggered one may be exposed, beside the lag that is known
     * @param float $withinSeconds    how exactly times in the log are known
     * @param bool  $isOwnTimer       whether the camera fires by itself: then no trigger says when
     */
    public function __construct(
        private readonly TakeState $state,
        private readonly CameraLink $camera,
        private readonly float $toleranceSeconds,
        private readonly float $graceSeconds,
        float $lagsSeconds,
        float $withinSeconds,
        private readonly bool $isOwnTimer,
    ) {
        $this->dated = new DatedFiles($state, $lagsSeconds, $withinSeconds);
    }

    /**
     * @param list<string> $objects that are on the card now
     */
    public function came(array $objects, float $now): void
    {
        foreach (self::byCounter($objects) as $object) {
            // A raw file and its JPEG are one photo, whichever of them is written first.
            if (!$this->isBesideOther($object)) {
                $this->waiting[$object] = $now;
            }
        }
    }

    /**
     * @return iterable<string, ?int> photos by their file, null for a file that nobody asked for; each is given once, and what it is given for is to
     *                                be written before the next is asked for
     */
    public function assigned(): iterable
    {
        foreach ($this->waiting as $object => $cameAt) {
            // What was found on the card by looking is known already.
            if (!$this->isNew($object, $cameAt)) {
                unset($this->waiting[$object]);
            } elseif ($this->takenAt($object, $cameAt) === null) {
                // Heard of together, files are in their order all the same.
                $together = count(array_keys($this->waiting, $cameAt, true));
                if ($together === 1 && $this->isAheadOfItsPlace($cameAt)) {
                    continue;
                }
                unset($this->waiting[$object]);
                // One that was given up may come after all.
                $photo = $this->photoOf($cameAt, $together) ?? array_key_first($this->state->missing);
                $this->lastCameAt = $cameAt;
                yield $object => $photo;
            }
        }
        $isDated = fn (string $object): bool => $this->takenAt($object, $this->waiting[$object]) !== null;
        foreach ($this->decided(array_values(array_filter(array_keys($this->waiting), $isDated)), false) as $object => $photo) {
            $this->lastCameAt = $this->waiting[$object];
            unset($this->waiting[$object]);
            yield $object => $photo;
        }
    }

    /**
     * What came onto the card while nobody listened.
     *
     * @param list<string> $files all that is on the card
     *
     * @return iterable<string, ?int> photos by their file, as `assigned()`; null also for the one that was about to be taken
     */
    public function found(array $files): iterable
    {
        $this->waiting = [];
        $dated = [];
        foreach ($this->after($files) as $object) {
            if ($this->takenAt($object) !== null) {
                $dated[] = $object;
                continue;
            }
            yield $object => array_key_first($this->state->unconfirmed) ?? array_key_first($this->state->missing);
        }
        yield from $this->decided($dated, true);
    }

    /**
     * @param list<string> $objects that say when they were taken
     *
     * @return iterable<string, ?int> photos by their file, in the order in which they were taken, as far as that is known by now
     */
    private function decided(array $objects, bool $isLast): iterable
    {
        $times = [];
        foreach ($objects as $object) {
            $times[$object] = $this->takenAt($object) ?? 0.0;
        }
        $keys = array_map(TakeState::fileKey(...), array_combine($objects, $objects));
        uksort($times, static fn (string $a, string $b): int => [$times[$a], $keys[$a]] <=> [$times[$b], $keys[$b]]);
        while ($times !== []) {
            $object = array_key_first($times);
            [$isDecided, $photo] = $this->dated->photo(array_values($times), $isLast);
            if (!$isDecided) {
                return;
            }
            unset($times[$object]);
            yield $object => $photo;
        }
    }

    /** @return ?float the second in which it was taken, on the log's clock; null where the camera does not say, or no trigger is to be held against it */
    private function takenAt(string $object, ?float $cameAt = null): ?float
    {
        $zero = $this->state->cameraClockAtZero;
        $at = $this->isOwnTimer || !$this->state->filesAreDated || $zero === null ? null : $this->camera->takenAt($object);

        return $at === null || $cameAt !== null && !$this->state->isByItsClock($at, $cameAt) ? null : $at - $zero;
    }

    /** A camera on its own timer does not wait for the runner: the photo of a place that is late is on the card before the place is noted as shot. */
    private function isAheadOfItsPlace(float $cameAt): bool
    {
        $next = $this->state->next;
        $planned = $this->isOwnTimer && $this->state->unconfirmed === [] && $next <= $this->state->photos() ? $this->state->plannedAt($next) : null;

        return $planned !== null && $cameAt >= $this->closedAt($next, $planned + $this->state->schedule->plan->trigger->cameraStartsSeconds);
    }

    /**
     * The oldest that it may be; where it comes too late for all of them, the newest: of files that were heard of together, each its own.
     *
     * @param int $together how many files came with it that have no photo yet, itself among them
     */
    private function photoOf(float $cameAt, int $together): ?int
    {
        $photos = array_keys($this->state->unconfirmed);
        if ($photos === []) {
            return null;
        }
        $at = count($photos) - 1;
        foreach ($photos as $n => $photo) {
            $expected = $this->expectedAt($photo, $this->state->unconfirmed[$photo]);
            if ($cameAt <= $expected + $this->toleranceSeconds) {
                $at = $n === 0 || $cameAt >= $expected - $this->toleranceSeconds ? $n : $n - 1;
                break;
            }
        }

        return $photos[max(0, $at - $together + 1)];
    }

    /**
     * @param list<string> $files all that is on the card
     *
     * @return list<string> those that are not known, in the order in which they were taken
     */
    public function after(array $files): array
    {
        $after = $order = [];
        foreach ($files as $file) {
            $key = TakeState::fileKey($file);
            if ($this->isNew($file) && !isset($after[$key])) {
                $after[$key] = $file;
                $order[$key] = [$this->takenAt($file) ?? 0.0, $key];
            }
        }
        uksort($after, static fn (string $a, string $b): int => $order[$a] <=> $order[$b]);

        return array_values($after);
    }

    /**
     * Files that were heard of together, by folder and counter: not every body tells of them in the order in which they were taken.
     *
     * @param list<string> $objects
     *
     * @return list<string>
     */
    private static function byCounter(array $objects): array
    {
        $counted = [];
        foreach ($objects as $object) {
            if (preg_match('~/(\d{3})[^/]*/[^/]*?(\d{4})\.[^/]*$~D', $object, $found) !== 1) {
                return $objects;
            }
            $counted[$object] = [(int) $found[1], (int) $found[2]];
        }
        $numbers = array_column($counted, 1);
        // A counter that began again in the same folder: low numbers come after high ones.
        $isRolled = $numbers !== [] && max($numbers) - min($numbers) > self::HALF_A_COUNTER && count(array_unique(array_column($counted, 0))) === 1;
        foreach ($counted as $object => [$folder, $number]) {
            $counted[$object] = [$folder, $isRolled && $number < self::HALF_A_COUNTER ? $number + 2 * self::HALF_A_COUNTER : $number];
        }
        asort($counted);

        return array_keys($counted);
    }

    /** Whether a counter began again in the same folder since that file. */
    private static function hasRolledOver(string $before, string $object): bool
    {
        $number = static fn (string $file): int => preg_match('~(\d{4})(?:\.[^/]*)?$~D', $file, $found) === 1 ? (int) $found[1] : 0;

        return dirname(TakeState::fileKey($before)) === dirname(TakeState::fileKey($object)) && $number($before) - $number($object) > self::HALF_A_COUNTER;
    }

    private function isBesideOther(string $object): bool
    {
        $key = TakeState::fileKey($object);
        foreach (array_keys($this->waiting) as $other) {
            if ($other !== $object && TakeState::fileKey($other) === $key) {
                return true;
            }
        }

        return false;
    }

    /** Whether a file came during the take, and is not known yet. Names come again: after a roll-over, and on a card that was put in anew. */
    private function isNew(string $object, ?float $cameAt = null): bool
    {
        $key = TakeState::fileKey($object);
        $at = $this->camera->takenAt($object);
        if (array_key_exists($key, $this->state->objects)) {
            $known = $this->state->objects[$key];

            // The one that is written later is dated so.
            return $at !== null && $known !== null && abs($at - $known) > self::BESIDE_SECONDS;
        }
        $before = $this->state->objectBefore;
        $isDated = $this->state->filesAreDated && ($cameAt === null || $at === null || $this->state->isByItsClock($at, $cameAt));
        if ($at !== null && $isDated && $this->state->cameraClockAtZero !== null) {
            return $this->dated->isOfTheTake($at - $this->state->cameraClockAtZero);
        }

        return $before === null || strcmp($key, TakeState::fileKey($before)) > 0 || $cameAt !== null && self::hasRolledOver($before, $object);
    }

    /**
     * @return list<int> photos that nothing came of, and nothing will
     */
    public function missing(float $now): array
    {
        $missing = [];
        foreach ($this->state->unconfirmed as $photo => $triggered) {
            $late = $this->state->exposedLate[$photo] ?? 0.0;
            $latest = max($this->expectedAt($photo, $triggered), $triggered + $late + Director::MISSING_INTERVALS * $this->state->intervalAfter($photo));
            if ($now > $latest + $this->graceSeconds) {
                $missing[] = $photo;
            }
        }

        return $missing;
    }

    private function expectedAt(int $photo, float $triggered): float
    {
        $closed = $this->closedAt($photo, $triggered + ($this->state->exposedLate[$photo] ?? 0.0));

        return max($closed, min($this->lastCameAt, $closed + $this->state->intervalAfter($photo))) + $this->state->schedule->plan->camera->writeSeconds;
    }

    private function closedAt(int $photo, float $triggered): float
    {
        $camera = $this->state->schedule->plan->camera;

        return $triggered + $camera->shutterLagSeconds + $camera->shutterBusySeconds($this->state->exposureOf($photo));
    }
}
