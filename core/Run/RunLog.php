<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

use Evrent\Core\Schedule\Schedule;

/**
 * A run from its first photo to its last, held against the schedule it followed.
 */
final readonly class RunLog
{
    public PhotoTaken $latest;
    public float $runSeconds;

    /** @var int photos triggered later than the schedule by more than devices' everyday noise */
    public int $latePhotos;

    /** Timers and shutters vary by some milliseconds from photo to photo: less than this tells nothing. */
    public const NOTICEABLE_SECONDS = 0.02;

    /**
     * @param non-empty-list<PhotoTaken> $photos
     */
    public function __construct(public Schedule $schedule, public array $photos)
    {
        $latest = $photos[0];
        $late = 0;
        foreach ($photos as $photo) {
            if ($photo->lateSeconds > $latest->lateSeconds) {
                $latest = $photo;
            }
            $late += $photo->lateSeconds > self::NOTICEABLE_SECONDS ? 1 : 0;
        }
        $this->latest = $latest;
        $this->latePhotos = $late;
        $this->runSeconds = $photos[count($photos) - 1]->closeSeconds;
    }
}
