<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Run\Take\Director;
use Evrent\Core\Run\Take\TakeState;

/**
 * Which photo a file is that came onto the card: the oldest that is waited for, unless it comes when that should have come long ago.
 */
final class FilesToPhotos
{
    /** When the latest file came: the card writes one at a time. */
    private float $lastCameAt = 0.0;

    /** @var array<string, float> files that belong to no photo yet: when they came */
    private array $waiting = [];

    /**
     * @param float $toleranceSeconds how much later than foretold a file usually comes
     * @param float $graceSeconds     how much later one may come at all
     */
    public function __construct(private readonly TakeState $state, private readonly float $toleranceSeconds, private readonly float $graceSeconds)
    {
    }

    /**
     * @param list<string> $objects that are on the card now
     */
    public function came(array $objects, float $now): void
    {
        foreach ($objects as $object) {
            $this->waiting[$object] = $now;
        }
    }

    /**
     * @return iterable<string, ?int> photos by their file, null for a file that nobody asked for; each is given once, and what it is given for is to
     *                                be written before the next is asked for
     */
    public function assigned(): iterable
    {
        foreach ($this->waiting as $object => $cameAt) {
            unset($this->waiting[$object]);
            // What was found on the card by looking is known already.
            if ($this->state->lastObject !== null && strcmp(self::key($object), self::key($this->state->lastObject)) <= 0) {
                continue;
            }
            // One that was given up may come after all.
            // Heard of together, files are in their order all the same.
            $together = 1 + count(array_keys($this->waiting, $cameAt, true));
            $photo = $this->photoOf($cameAt, $together) ?? array_key_first($this->state->missing);
            $this->lastCameAt = $cameAt;
            yield $object => $photo;
        }
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
     * @param list<string> $files all that is on the card, in order
     *
     * @return list<string> what came after the last one that is known
     */
    public function after(array $files): array
    {
        $last = $this->state->lastObject;

        $after = [];
        foreach ($files as $file) {
            if ($last === null || strcmp(self::key($file), self::key($last)) > 0) {
                $after[self::key($file)] ??= $file;
            }
        }
        ksort($after);

        return array_values($after);
    }

    /** A file by its folder and name, whichever card it is on: a copy on the second is the same photo. */
    public static function key(string $object): string
    {
        return (string) preg_replace('~^/store_[0-9a-f]+~i', '', $object);
    }

    /**
     * @return list<int> photos that nothing came of, and nothing will
     */
    public function missing(float $now): array
    {
        $missing = [];
        foreach ($this->state->unconfirmed as $photo => $triggered) {
            $latest = max($this->expectedAt($photo, $triggered), $triggered + Director::MISSING_INTERVALS * $this->state->intervalAfter($photo));
            if ($now > $latest + $this->graceSeconds) {
                $missing[] = $photo;
            }
        }

        return $missing;
    }

    private function expectedAt(int $photo, float $triggered): float
    {
        $camera = $this->state->schedule->plan->camera;
        $closed = $triggered + $camera->shutterLagSeconds + $camera->shutterBusySeconds($this->state->exposureOf($photo));

        return max($closed, min($this->lastCameAt, $closed + $this->state->intervalAfter($photo))) + $camera->writeSeconds;
    }
}
