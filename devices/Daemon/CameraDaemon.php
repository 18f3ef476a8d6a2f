<?php

declare(strict_types=1);

namespace Evrent\Devices\Daemon;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Devices\Links\CameraLink;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\ShowsLive;
use Evrent\Devices\Links\TellsOfItself;
use Evrent\Devices\Photos\Histogram;
use Evrent\Devices\Running\DeviceLocks;

/**
 * The one process that owns a camera while somebody looks through it: shows what it sees, and takes test photos.
 *
 * Questions, by `do`: `status`; `frame` (`after`, `magnified`, `x`, `y`, `histogram`); `fire`; `photo` (`after`: the newest there is, or `number`);
 * `still` (what it sees now, whole; the newest test photo where it shows nothing); `release`.
 */
final class CameraDaemon
{
    /** At most so often. */
    private const FRAME_SECONDS = 0.09;

    /** So long after somebody looked it goes on showing. */
    private const WATCHED_SECONDS = 1.5;
    private const IDLE_SECONDS = 30.0;
    private const LOOK_SECONDS = 0.1;
    private const PHOTO_SECONDS = 45.0;
    private const GONE_SECONDS = 6.0;
    private const RATE_SECONDS = 2.0;
    private const KEPT = 15;
    private const AS_IN_THE_FIELD = 1.0;

    private float $askedAt;
    private float $watchedAt = -INF;
    private float $frameAt = -INF;
    private int $frames = 0;
    private string $frame = '';

    /** @var list<float> when the last ones came */
    private array $times = [];
    private bool $isLive = false;

    /** @var array{int, float, float} */
    private array $magnified = [1, 0.5, 0.5];

    private int $photos = 0;
    private string $photoName = '';

    /** @var array<int, string> the last test photos, small, by number from 1 */
    private array $taken = [];

    /** When the photo that is waited for was triggered. */
    private ?float $firedAt = null;
    private bool $isOver = false;
    private ?float $goneAt = null;
    private Text|string $problem = '';

    /** How fast a simulated camera's world ran before. */
    private ?float $worldSpeed = null;

    public function __construct(private readonly CameraLink $camera, private readonly DeviceLocks $locks, private readonly Endpoint $endpoint)
    {
        $this->askedAt = microtime(true);
    }

    /**
     * Reaches the camera.
     *
     * @throws DeviceGone
     * @throws DeviceRefused
     */
    public function begin(): void
    {
        if (!$this->camera->tells()) {
            throw new DeviceRefused(new Message('devices.camera.cable_only'));
        }
        $this->camera->connect();
        $this->slowDown();
        $this->camera->newFiles();
        $this->isLive = $this->camera instanceof ShowsLive && $this->camera->hasLiveView();
    }

    /** Whoever looks is as fast as they are: a simulated world goes as ours does. */
    private function slowDown(): void
    {
        $speed = $this->camera instanceof TellsOfItself ? $this->camera->worldSpeed() : null;
        if ($speed !== null && $speed !== self::AS_IN_THE_FIELD) {
            $this->runAt(self::AS_IN_THE_FIELD);
            $this->worldSpeed = $speed;
        }
    }

    /** @throws DeviceRefused */
    private function runAt(float $speed): void
    {
        if ($this->camera instanceof TellsOfItself) {
            $this->camera->runAt($speed);
        }
    }

    public function run(): void
    {
        while (!$this->isOver) {
            $wait = $this->isWatched() ? max(0.0, $this->frameAt + self::FRAME_SECONDS - microtime(true)) : self::LOOK_SECONDS;
            $this->endpoint->serve($wait, $this->answer(...));
            try {
                $this->goOn();
            } catch (DeviceGone | DeviceRefused $failed) {
                $this->fails($failed);
            }
        }
        $this->endpoint->close();
    }

    /**
     * @param array<array-key, mixed> $fields
     */
    public function answer(array $fields): Answer
    {
        $asked = new Question($fields);
        $this->askedAt = microtime(true);
        $picture = '';
        try {
            $problem = match ($asked->text('do')) {
                'frame' => $this->watch($asked, $picture),
                'fire' => $this->fire(),
                'photo' => $this->lastPhoto($asked, $picture),
                'still' => $this->still($picture),
                'release' => $this->release(),
                default => null,
            };
        } catch (DeviceGone | DeviceRefused $failed) {
            $this->fails($failed);
            $problem = $failed->says;
        }

        return new Answer([
            'problem' => $problem ?? '', 'is_live' => $this->isLive, 'frame' => $this->frames, 'fps' => $this->rate(), 'photo' => $this->photos,
            'photo_name' => $this->photoName, 'waits' => $this->firedAt !== null, 'trouble' => $this->problem, 'released' => $this->isOver,
            'is_gone' => $this->goneAt !== null, ...$this->spread($picture, $asked),
        ], $picture);
    }

    private function watch(Question $asked, string &$picture): Text|string|null
    {
        if ($this->goneAt !== null) {
            return $this->problem;
        }
        if (!$this->isLive) {
            return new Message('devices.camera.no_live_view');
        }
        $this->watchedAt = microtime(true);
        $share = static fn (?float $of): float => max(0.0, min(1.0, $of ?? 0.5));
        $this->magnified = [max(1, min(8, (int) ($asked->number('magnified') ?? 1.0))), $share($asked->number('x')), $share($asked->number('y'))];
        $picture = $this->frames > (int) $asked->number('after') ? $this->frame : '';

        return null;
    }

    private function still(string &$picture): Text|string|null
    {
        if ($this->goneAt !== null || $this->firedAt !== null) {
            return $this->goneAt !== null ? $this->problem : new Message('devices.camera.taking');
        }
        if (!$this->isLive || !$this->camera instanceof ShowsLive) {
            $picture = $this->taken[$this->photos] ?? '';

            return $picture === '' ? new Message('devices.camera.test_first') : null;
        }
        $picture = (string) $this->camera->liveFrame(1, 0.5, 0.5);

        return $picture === '' ? new Message('devices.camera.no_picture') : null;
    }

    private function fire(): Text|string|null
    {
        if ($this->firedAt !== null) {
            return new Message('devices.camera.still_taking');
        }
        if ($this->goneAt !== null) {
            return $this->problem;
        }
        $this->problem = '';
        $this->camera->newFiles();
        $this->camera->fire();
        $this->firedAt = microtime(true);

        return null;
    }

    private function lastPhoto(Question $asked, string &$picture): null
    {
        $number = $asked->number('number');
        $isNew = $number !== null || $this->photos > (int) $asked->number('after');
        $picture = $isNew ? $this->taken[(int) ($number ?? $this->photos)] ?? '' : '';

        return null;
    }

    private function goOn(): void
    {
        $now = microtime(true);
        if ($now - $this->askedAt > self::IDLE_SECONDS || $this->goneAt !== null && $now - $this->goneAt > self::GONE_SECONDS) {
            $this->release();
        }
        if ($this->isOver || $this->goneAt !== null) {
            return;
        }
        if ($this->firedAt !== null) {
            $this->waitForPhoto($now);
        } elseif ($this->isWatched() && $now - $this->frameAt >= self::FRAME_SECONDS && $this->camera instanceof ShowsLive) {
            $this->frameAt = $now;
            $frame = $this->camera->liveFrame(...$this->magnified);
            if ($frame !== null) {
                $this->frame = $frame;
                $this->frames++;
                $this->times = [...array_filter($this->times, static fn (float $at): bool => $now - $at < self::RATE_SECONDS), $now];
            }
        } else {
            // So that it knows somebody is there.
            $this->camera->newFiles();
        }
    }

    private function waitForPhoto(float $now): void
    {
        $files = $this->camera->newFiles();
        if ($files !== []) {
            $this->photos++;
            $this->taken = array_slice($this->taken, -self::KEPT, null, true) + [$this->photos => (string) $this->camera->thumbnail($files[0])];
            $this->photoName = basename($files[0]);
            $this->firedAt = null;
        } elseif ($now - (float) $this->firedAt > self::PHOTO_SECONDS) {
            $this->firedAt = null;
            throw new DeviceRefused(new Message('devices.camera.no_photo'));
        }
    }

    private function isWatched(): bool
    {
        return $this->isLive && $this->goneAt === null && microtime(true) - $this->watchedAt < self::WATCHED_SECONDS;
    }

    /** Frames a second, of the last two. */
    private function rate(): float
    {
        $count = count($this->times);
        $span = $count < 2 ? 0.0 : end($this->times) - $this->times[0];

        return $span <= 0.0 ? 0.0 : round(($count - 1) / $span, 1);
    }

    /** @return array<string, mixed> */
    private function spread(string $picture, Question $asked): array
    {
        $histogram = $picture === '' || !$asked->is('histogram') ? null : Histogram::of($picture);

        return $histogram === null ? [] : [
            'bins' => array_map(static fn (float $share): float => round($share, 4), $histogram->bins),
            'black' => round($histogram->black, 4), 'white' => round($histogram->white, 4),
        ];
    }

    private function fails(DeviceGone|DeviceRefused $failed): void
    {
        $this->problem = $failed->says;
        $this->firedAt = null;
        if ($failed instanceof DeviceGone) {
            $this->goneAt ??= microtime(true);
        }
    }

    private function release(): ?Message
    {
        if ($this->firedAt !== null) {
            return new Message('devices.camera.takes_photo');
        }
        try {
            if ($this->worldSpeed !== null && $this->goneAt === null) {
                $this->runAt($this->worldSpeed);
            }
        } catch (DeviceRefused) {
            // Then a take sets it before it begins.
        }
        $this->camera->disconnect();
        $this->locks->letGo();
        $this->isOver = true;

        return null;
    }
}
