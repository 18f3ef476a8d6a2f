<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Run\Take\TakeState;

/**
 * Which photo a file is of which the camera says when it was taken: the one that was triggered last before that. Where a trigger may have been held up
 * for longer than photos are apart, as in a simulated world that is faster than its machine, only files and photos together tell: as many files as
 * photos are each its own, and fewer wait until more is known.
 */
final readonly class DatedFiles
{
    /** A camera tells whole seconds. */
    private const A_SECOND = 1.0;

    /** What its clock may go wrong by until it is looked at again, as a share. */
    private const DRIFT = 500e-6;

    /**
     * @param float $lagsSeconds how much later than triggered a photo may be exposed, beside the lag that is known
     * @param float $withinSeconds how exactly the log's own times are known
     */
    public function __construct(private TakeState $state, private float $lagsSeconds, private float $withinSeconds)
    {
    }

    /** By how much a time of the camera's may be off on the log's clock, beside the second that it does not tell. */
    public function uncertain(): float
    {
        return $this->withinSeconds + $this->state->cameraClockWithin + self::DRIFT * max(0.0, $this->state->seconds - $this->state->cameraClockSeenAt);
    }

    /** Whether a file may have been taken since the camera's clock was looked at, before the first photo. */
    public function isOfTheTake(float $from): bool
    {
        return $from + self::A_SECOND + $this->uncertain() >= $this->state->cameraClockSeenAt;
    }

    /**
     * @param non-empty-list<float> $times the seconds in which this file and those after it were taken, on the log's clock
     * @param bool                  $isLast whether nothing more will be known
     *
     * @return array{bool, ?int} whether it is decided; and the photo, or null where it is none that was triggered
     */
    public function photo(array $times, bool $isLast): array
    {
        $off = $this->near($times[0]);
        if ($off === []) {
            return [true, null];
        }
        $oldest = array_key_first($off);
        $nearest = array_search(min($off), $off, true);
        // That which was about to be taken when the log broke off is settled by whoever asks for it.
        if ($nearest === $this->state->open) {
            return [true, null];
        }
        unset($off[$this->state->open ?? 0]);
        if ($oldest === $nearest || count($times) >= $this->waitingUntil($times[count($times) - 1])) {
            return [true, $oldest];
        }

        return [$isLast, $isLast ? (int) $nearest : null];
    }

    /**
     * @return array<int, float> photos that it may be: by how many seconds each is off, by number
     */
    private function near(float $from): array
    {
        $uncertain = $this->uncertain();
        $lag = $this->state->schedule->plan->camera->shutterLagSeconds;
        $triggers = $this->waiting() + ($this->state->open === null ? [] : [$this->state->open => $this->state->openedAt]);
        $near = [];
        foreach ($triggers as $photo => $at) {
            $after = $from + self::A_SECOND / 2.0 - $at - $lag;
            $off = max(-$after, $after - ($this->state->exposedLate[$photo] ?? 0.0), 0.0);
            // Nothing is exposed before it is triggered.
            if ($at + $lag <= $from + self::A_SECOND + $uncertain && $off <= self::A_SECOND / 2.0 + $uncertain + $this->lagsSeconds) {
                $near[$photo] = $off;
            }
        }

        return $near;
    }

    /** How many photos wait for their files that were triggered until then. */
    private function waitingUntil(float $from): int
    {
        $until = $from + self::A_SECOND + $this->uncertain() - $this->state->schedule->plan->camera->shutterLagSeconds;

        return count(array_filter($this->waiting(), static fn (float $at): bool => $at <= $until));
    }

    /** @return array<int, float> when each photo was triggered that has no file, given up or not, by number that rises */
    private function waiting(): array
    {
        $waiting = $this->state->unconfirmed + $this->state->missing;
        ksort($waiting);

        return $waiting;
    }
}
