<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Messages\Message;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Devices\Links\CameraLink;

/**
 * Listens to a camera that tells, and finds out which photo became which file.
 */
final readonly class CardWatch
{
    /** Real seconds within which one usually hears of a photo that is on the card, and at the latest. */
    private const HEARD_SECONDS = 0.05;
    private const HEARD_AT_LAST_SECONDS = 0.5;

    /** Within which a camera exposes after its trigger, beside its lag; and real seconds for which a machine may be busy with something else. */
    private const LAGS_SECONDS = 0.25;

    /** Real seconds by which a log's times may be off, after it was gone on with. */
    private const WITHIN_SECONDS = 0.01;

    private const A_SECOND_TURNS_OVER_SECONDS = 1.2;
    private const CLOCK_ASKED_SECONDS = 0.01;
    private const CLOCK_OFF_SECONDS = 1.5;

    private FilesToPhotos $files;

    public function __construct(private TakeLog $log, private CameraLink $camera, private RunClock $clock, private bool $isOwnTimer)
    {
        $this->files = new FilesToPhotos(
            $log->state,
            $camera,
            1.0 + self::HEARD_SECONDS * $clock->speed,
            1.0 + self::HEARD_AT_LAST_SECONDS * $clock->speed,
            self::LAGS_SECONDS * (1.0 + $clock->speed),
            self::WITHIN_SECONDS * $clock->speed,
            $isOwnTimer,
        );
    }

    /** What has come, and what should have come. Never waits. */
    public function listen(): void
    {
        $this->files->came($this->camera->newFiles(), $this->clock->now());
        // While a photo is being triggered, what comes may be its own.
        if ($this->log->state->open !== null) {
            return;
        }
        foreach ($this->files->assigned() as $object => $photo) {
            if ($photo === null) {
                $this->noteExtra([$object]);
            } else {
                $this->confirm($photo, $object);
            }
        }
        foreach ($this->files->missing($this->clock->now()) as $photo) {
            $this->missing($photo);
        }
    }

    /** What is on the card before the first photo is none of this take's. */
    public function noteWhatWasThere(): void
    {
        $files = $this->camera->files();
        $this->log->write(LogKind::Note, null, ['last_object' => $files === [] ? '' : $files[count($files) - 1]] + $this->cameraClock());
    }

    /** What the camera's clock shows now, against which files are dated from here on. */
    public function noteClock(): void
    {
        $clock = $this->cameraClock();
        if ($clock !== []) {
            $this->log->write(LogKind::Note, null, $clock);
        }
    }

    /** After a gap it may be another card, and a body whose clock stands elsewhere. */
    public function lookAgain(): void
    {
        $state = $this->log->state;
        $files = $this->camera->files();
        $last = $files === [] ? '' : $files[count($files) - 1];
        $isAnother = $state->objectBefore !== null && strcmp(TakeState::fileKey($last), TakeState::fileKey($state->objectBefore)) < 0;
        $shown = $this->camera->clock();
        $expected = $state->cameraClockAtZero === null ? null : $state->cameraClockAtZero + $this->clock->now();
        $isOff = $shown !== null && ($expected === null || abs($shown + 0.5 - $expected) > self::CLOCK_OFF_SECONDS + self::HEARD_SECONDS * $this->clock->speed);
        $told = ($isAnother ? ['last_object' => $last, 'objects_before' => $last] : []) + ($isOff ? $this->cameraClock() : []);
        if ($told !== []) {
            $this->log->write(LogKind::Note, null, $told);
        }
    }

    /**
     * What the camera's clock shows as its second turns over: it tells whole seconds alone. Held against the times in the photos it shows how
     * long the shutter takes to open.
     *
     * @return array{camera_clock_s?: float, camera_clock_at_s?: float, camera_clock_within_s?: float} empty where it does not say
     */
    private function cameraClock(): array
    {
        $asked = $this->clock->now();
        $first = $this->camera->clock();
        $until = $this->clock->realSeconds() + self::A_SECOND_TURNS_OVER_SECONDS;
        while ($first !== null && $this->clock->realSeconds() < $until) {
            $this->clock->rest(self::CLOCK_ASKED_SECONDS / $this->clock->speed);
            $before = $this->clock->now();
            $shown = $this->camera->clock();
            $after = $this->clock->now();
            if ($shown !== null && $shown !== $first) {
                // It turned over after it was asked the last time.
                $half = ($after - $asked) / 2.0;

                return ['camera_clock_s' => $shown, 'camera_clock_at_s' => round($after - $half, 3), 'camera_clock_within_s' => round($half, 3)];
            }
            $asked = $before;
        }

        return [];
    }

    /**
     * What came onto the card while nobody listened belongs to the photos that were waited for.
     *
     * @return list<string> files that are left over then
     */
    public function sync(): array
    {
        $left = [];
        foreach ($this->files->found($this->camera->files()) as $object => $photo) {
            if ($photo === null) {
                $left[] = $object;
            } else {
                $this->confirm($photo, $object);
            }
        }

        return $left;
    }

    private function confirm(int $photo, string $object): void
    {
        $this->log->write(LogKind::Confirmed, $photo, ['object' => $object, 'camera_s' => $this->camera->takenAt($object)]);
    }

    /**
     * Nobody asked for these: a hand did, or a timer of the camera's own while nobody listened.
     *
     * @param list<string> $objects
     */
    public function noteExtra(array $objects): void
    {
        foreach ($objects as $object) {
            $this->log->write(LogKind::Note, null, ['extra' => $object, 'last_object' => $object, 'camera_s' => $this->camera->takenAt($object)]);
        }
    }

    public function missing(int $photo): void
    {
        $this->log->alarm('camera', $photo, $this->isOwnTimer
            ? new Message('devices.run.timer_missed', ['photo' => $photo])
            : new Message('devices.run.nothing_taken', ['photo' => $photo]));
        $this->log->write(LogKind::NotTaken, $photo, ['why' => new Message('devices.run.no_photo')]);
    }
}
