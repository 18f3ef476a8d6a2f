<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Plan\FilmKind;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Words\PlainText;

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

    public function told(): string
    {
        if ($this->kind === FilmKind::SpedUp) {
            return sprintf(
                'Record %s of video at %s fps and speed it up %s times: %s of clip.%s Nothing stands for a photo: the rig creeps.',
                PlainText::duration($this->filmSeconds),
                PlainText::rounded($this->framesPerSecond, 2),
                PlainText::rounded($this->speedUp, 1),
                PlainText::seconds($this->clipSeconds),
                $this->gigabytes === null ? '' : sprintf(' That is %s GB.', PlainText::rounded($this->gigabytes, 1)),
            );
        }

        return sprintf(
            'Set the camera’s time-lapse video to %s frames%s: %s at its %s fps. In a %s fps clip it plays at %s %%, %s. The first trigger starts it; then'
                . ' unplug the cable: the camera keeps time itself.',
            number_format($this->frames),
            $this->extraFrames === 0 ? '' : sprintf(', %d of them spare', $this->extraFrames),
            PlainText::seconds($this->filmSeconds),
            PlainText::rounded($this->framesPerSecond, 2),
            PlainText::rounded($this->framesPerSecond * $this->retimeShare, 2),
            PlainText::rounded(100.0 * $this->retimeShare, 1),
            PlainText::seconds($this->clipSeconds),
        );
    }
}
