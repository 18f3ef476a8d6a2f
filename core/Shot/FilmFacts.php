<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\FilmKind;
use Evrent\Core\Schedule\Schedule;

/**
 * What comes of a clip that the camera makes itself: how long its film is, how it is re-timed, and what a recording takes up.
 */
final readonly class FilmFacts
{
    private const SECONDS_PER_MINUTE = 60.0;

    /**
     * @param int    $frames           that the camera is set to take; of a recording, those of the clip
     * @param float  $filmSeconds      of what it makes, at its own rate
     * @param float  $clipSeconds      of the clip, re-timed
     * @param float  $retimeShare      speed at which its film is played in the edit, 0.96 for 25 fps in a clip of 24
     * @param float  $speedUp          how many times faster than life the clip runs
     * @param float  $recordingMinutes of video; 0 for a film of its own
     * @param ?float $gigabytes        that the recording takes up; null where nobody said how much a minute does
     */
    private function __construct(
        public FilmKind $kind,
        public float $framesPerSecond,
        public int $frames,
        public int $extraFrames,
        public float $filmSeconds,
        public float $clipSeconds,
        public float $retimeShare,
        public float $speedUp,
        public float $recordingMinutes,
        public ?float $gigabytes,
    ) {
    }

    /** Null where the camera takes photos. */
    public static function of(Schedule $schedule): ?self
    {
        $film = $schedule->plan->film;
        $timing = $schedule->plan->timing;
        if ($film->kind === null || !$timing->mode->hasClock()) {
            return null;
        }
        $rate = $film->framesPerSecond ?? $timing->framesPerSecond;
        $photos = $schedule->photosTotal();
        $clip = $photos / $timing->framesPerSecond;
        $extra = $film->kind === FilmKind::InCamera ? $film->extraFrames ?? 0 : 0;
        $shooting = $schedule->summary->bookedSeconds;
        $minutes = $film->kind === FilmKind::SpedUp ? $shooting / self::SECONDS_PER_MINUTE : 0.0;

        return new self(
            $film->kind,
            $rate,
            $photos + $extra,
            $extra,
            $film->kind === FilmKind::InCamera ? ($photos + $extra) / $rate : $shooting,
            $clip,
            $timing->framesPerSecond / $rate,
            $shooting / $clip,
            $minutes,
            $film->gigabytesPerMinute === null || $minutes === 0.0 ? null : $minutes * $film->gigabytesPerMinute,
        );
    }

    public function told(): Text|string
    {
        if ($this->kind === FilmKind::SpedUp) {
            return Joined::of([
                new Message('shot.video.record', [
                    'duration' => Quantity::duration($this->filmSeconds),
                    'rate' => Quantity::rounded($this->framesPerSecond, 2),
                    'times' => Quantity::rounded($this->speedUp, 1),
                    'clip' => Quantity::seconds($this->clipSeconds),
                ]),
                $this->gigabytes === null ? null : new Message('shot.video.size', ['gigabytes' => Quantity::rounded($this->gigabytes, 1)]),
                new Message('shot.video.continuous'),
            ], Joined::SENTENCES);
        }

        return new Message($this->extraFrames === 0 ? 'shot.video.in_camera' : 'shot.video.in_camera_spare', [
            'frames' => $this->frames,
            'spare' => $this->extraFrames,
            'duration' => Quantity::seconds($this->filmSeconds),
            'rate' => Quantity::rounded($this->framesPerSecond, 2),
            'clipRate' => Quantity::rounded($this->framesPerSecond * $this->retimeShare, 2),
            'percent' => Quantity::rounded(100.0 * $this->retimeShare, 1),
            'clip' => Quantity::seconds($this->clipSeconds),
        ]);
    }
}
