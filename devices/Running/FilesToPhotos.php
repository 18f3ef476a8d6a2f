<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Run\Take\Director;
use Evrent\Core\Run\Take\TakeState;

/**
 * Which photo a file is that came onto the card: the one whose file was to be expected about then. Those before it that nothing came of are
 * not mistaken for it.
 */
final class FilesToPhotos
{
    /** When the latest file came: the card writes one at a time. */
    private float $lastCameAt = 0.0;

    /**
     * @param float $graceSeconds how much later than foretold a file may come
     */
    public function __construct(private readonly TakeState $state, private readonly float $graceSeconds)
    {
    }

    /** @return ?int null when no photo is waited for */
    public function photoOf(string $object, float $now): ?int
    {
        $best = null;
        $least = INF;
        foreach ($this->state->unconfirmed as $photo => $triggered) {
            $off = abs($now - $this->expectedAt($photo, $triggered));
            if ($off < $least) {
                [$best, $least] = [$photo, $off];
            }
        }
        $this->lastCameAt = $now;

        return $best;
    }

    /**
     * @param list<string> $files all that is on the card, in order
     *
     * @return list<string> what came after the last one that is known
     */
    public function after(array $files): array
    {
        $last = $this->state->lastObject;

        return $last === null ? $files : array_values(array_filter($files, static fn (string $file): bool => strcmp($file, $last) > 0));
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
