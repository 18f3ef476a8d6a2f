<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Schedule\CameraTimer;
use Evrent\Core\Schedule\EverydayNoise;
use Evrent\Core\Schedule\Schedule;

/**
 * A run from its first photo to its last, held against the schedule it followed.
 */
final readonly class RunLog
{
    public const NOTICEABLE_SECONDS = EverydayNoise::NOTICEABLE_SECONDS;

    /** A motor may stand one step off by rounding; more shows in the clip as a jump. */
    public const STEPS_IN_PLACE = 1;

    public PhotoTaken $latest;

    /** The camera's own timer, when it fires the shutter. */
    public ?CameraTimer $cameraTimer;

    public float $runSeconds;

    /** @var int photos triggered later than was asked for, by more than anybody notices */
    public int $latePhotos;

    /** @var int photos that were taken, with the rig in place */
    public int $usablePhotos;

    /**
     * @param non-empty-list<PhotoTaken> $photos
     */
    public function __construct(public Schedule $schedule, public array $photos)
    {
        $this->cameraTimer = CameraTimer::of($schedule);
        $latest = $photos[0];
        $late = $usable = 0;
        $run = 0.0;
        foreach ($photos as $photo) {
            $latest = $photo->lateSeconds > $latest->lateSeconds ? $photo : $latest;
            $late += $photo->lateSeconds > self::NOTICEABLE_SECONDS ? 1 : 0;
            $usable += $this->faultsOf($photo) === [] ? 1 : 0;
            $run = $photo->exposed->closeSeconds ?? $photo->triggerSeconds;
        }
        $this->latest = $latest;
        $this->latePhotos = $late;
        $this->usablePhotos = $usable;
        $this->runSeconds = $run;
    }

    /** What it says of the plan. */
    public function verdict(): RunVerdict
    {
        return RunVerdict::of(
            $this->schedule,
            $this->photosPlanned(),
            $this->usablePhotos,
            $this->latePhotos,
            $this->latest->number,
            $this->latest->lateSeconds,
        );
    }

    /** The number of the photo after which the run stopped short; null when it went to its end. */
    public function stoppedAfter(): ?int
    {
        return count($this->photos) < $this->photosPlanned() ? count($this->photos) : null;
    }

    public function photosPlanned(): int
    {
        return $this->schedule->plan->photosProgrammed();
    }

    /**
     * When a photo was to be triggered by what was asked for, in seconds from the rig's first trigger: no interval stretched.
     *
     * @param int $number of the photo, from 1
     */
    public function plannedTriggerSeconds(int $number): float
    {
        return $this->cameraTimer === null
            ? $this->schedule->timeline->askedTriggerSeconds($number - 1)
            : $this->cameraTimer->startsSeconds + $this->cameraTimer->timeline->askedTriggerSeconds($number - 1);
    }

    /**
     * When the card was to have a photo by what was asked for, in seconds from the rig's first trigger.
     *
     * @param int $number of the photo, from 1
     */
    public function plannedWriteEndSeconds(int $number): float
    {
        $timeline = $this->cameraTimer->timeline ?? $this->schedule->timeline;

        return ($this->cameraTimer->startsSeconds ?? 0.0) + $timeline->writeEndSeconds[$number - 1] - $timeline->lateSeconds[$number - 1];
    }

    /** From the first trigger to the last shutter's closing, by what was asked for. */
    public function plannedRunSeconds(): float
    {
        $timeline = $this->cameraTimer->timeline ?? $this->schedule->timeline;
        $last = count($timeline->closeSeconds) - 1;

        return ($this->cameraTimer->startsSeconds ?? 0.0) + $timeline->closeSeconds[$last] - $timeline->lateSeconds[$last];
    }

    /**
     * Why a photo cannot be used.
     *
     * @return list<Message> empty when it can be
     */
    public function faultsOf(PhotoTaken $photo): array
    {
        $faults = $photo->exposed === null ? [new Message('run.photo.not_taken')] : [];
        if ($photo->whileMoving) {
            $faults[] = new Message('run.photo.moving');
        }
        if ($photo->rigBehind) {
            $faults[] = new Message('run.photo.rig_late');
        }
        foreach ($this->schedule->moves->motorPositionSteps as $axisId => $planned) {
            $off = $photo->motorPositionSteps[$axisId] - $planned[$photo->place - 1];
            if (abs($off) > self::STEPS_IN_PLACE) {
                $faults[] = new Message('run.photo.out_of_place', ['axis' => Axis::labelOf($axisId), 'steps' => Quantity::signed((float) $off, 0)]);
            }
        }

        return $faults;
    }
}
