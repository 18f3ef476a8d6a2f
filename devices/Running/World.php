<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Messages\Message;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Devices\Links\CameraLink;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\RigLink;
use Evrent\Devices\Links\TellsOfItself;

/**
 * How fast the world of simulated devices runs: they say that they are simulated, are set to one speed before a take, and to a lower one where this
 * machine cannot keep up. With a real device it is always ours.
 */
final class World
{
    /** The speeds that can be chosen. */
    public const SPEEDS = [1, 10, 60, 200];

    /** Late by more than this share of the interval, and by more than this, the machine is behind. */
    private const BEHIND_SHARE = 0.2;
    private const BEHIND_SECONDS = 0.5;

    /** So often in a row, and it does not keep up; or once by more than an interval. */
    private const OFTEN = 2;

    private int $behind = 0;

    /** Soon after it fell back: later, it is another delay. */
    private const SOON_PHOTOS = 3;

    /** A machine that is behind is less so at a lower speed; a device that answers slowly takes about as long by its own clock, once or a few times. */
    private const SAME_SHARE = [0.8, 4.0];

    /** A device that was found to be slow is left alone for so many photos. */
    private const LEFT_ALONE_PHOTOS = 10;

    /** After so many photos in time, the next higher speed is tried again; each time after twice as many. */
    private const IN_TIME_PHOTOS = 12;

    /** At which it is to run from the next moment on at which nothing moves; null while it stays as it is. */
    private ?float $next = null;

    private int $inTime = 0;
    private int $triedAfter = self::IN_TIME_PHOTOS;

    /** By how much a photo was late when it last fell back, and how many photos ago. */
    private ?float $fellAt = null;
    private int $since = 0;
    private bool $isDeviceSlow = false;
    private ?float $late = null;

    /** By which the way to the next place took longer than the rig needs for it. */
    private float $longer = 0.0;

    /** The speed that the take is to have. */
    private readonly float $asked;

    /** Whether it runs at ours while somebody thinks: batteries would be empty in minutes. */
    private bool $isHeld = false;

    public function __construct(
        private readonly ?RigLink $rig,
        private readonly CameraLink $camera,
        private readonly RunClock $clock,
        private readonly TakeLog $log,
    ) {
        $this->asked = $clock->speed;
    }

    /**
     * What the devices report: the rig's first.
     *
     * @return ?float null where one of them is real, or neither says
     */
    public static function reported(?RigLink $rig, CameraLink $camera): ?float
    {
        $camera = $camera instanceof TellsOfItself && $camera->tells() ? [$camera->worldSpeed()] : [];
        $said = [...($rig === null ? [] : [$rig->report()?->worldSpeed]), ...$camera];

        return $said === [] || in_array(null, $said, true) ? null : $said[0];
    }

    /**
     * Sets both to the take's speed, and hears from both that they have it.
     *
     * @throws DeviceRefused
     * @throws \Evrent\Devices\Links\DeviceGone
     */
    public function settle(): void
    {
        $speed = self::reported($this->rig, $this->camera) === null ? 1.0 : ($this->isHeld ? $this->asked : $this->clock->speed);
        $this->isHeld = false;
        $this->runAt($speed);
    }

    /**
     * While the start is on hold the world runs at our speed, and then at the take's again.
     *
     * @return bool whether it runs at the take's speed again from this moment on
     *
     * @throws \Evrent\Devices\Links\DeviceGone
     */
    public function hold(bool $isOnHold): bool
    {
        if ($isOnHold === $this->isHeld || $this->asked <= 1.0 || !$isOnHold && $this->clock->speed === $this->asked) {
            return false;
        }
        try {
            if ($isOnHold) {
                $this->set(1.0);
                $this->clock->runAt(1.0);
                $this->isHeld = true;
            } else {
                $this->settle();
            }
        } catch (DeviceRefused) {
            // A little later.
            $this->isHeld = !$isOnHold;

            return false;
        }

        return !$isOnHold;
    }

    /** The rig was on its way for so long, and needs so long for it by its own speed and acceleration. */
    public function moved(float $took, float $needs): void
    {
        $this->longer = max(0.0, $took - $needs);
    }

    /**
     * A photo was triggered.
     *
     * @param float $late       against the plan, by the take's clock
     * @param float $afterReady since rig, camera and interval were ready for it
     */
    public function triggered(float $late, float $interval, float $afterReady): void
    {
        // What the devices need they need at any speed: the rest is this machine's.
        $grown = min($late - ($this->late ?? $late), $this->longer + max(0.0, $afterReady));
        [$this->late, $this->longer] = [$late, 0.0];
        $this->since++;
        if ($this->asked <= 1.0 || $this->next !== null || $this->isDeviceSlow && $this->since <= self::LEFT_ALONE_PHOTOS) {
            return;
        }
        $this->isDeviceSlow = false;
        $this->fellAt = $this->since > self::SOON_PHOTOS ? null : $this->fellAt;
        $isBehind = $grown > max(self::BEHIND_SECONDS, self::BEHIND_SHARE * $interval);
        [$this->behind, $this->inTime] = $isBehind ? [$this->behind + 1, 0] : [0, $this->inTime + 1];
        if ($this->behind >= self::OFTEN || $grown > max(self::BEHIND_SECONDS, $interval)) {
            $this->fallsBehind($grown);
        } elseif ($this->clock->speed < $this->asked && $this->inTime >= $this->triedAfter && self::reported($this->rig, $this->camera) !== null) {
            $this->next = (float) min([$this->asked, ...array_filter(self::SPEEDS, fn (int $speed): bool => $speed > $this->clock->speed)]);
            [$this->inTime, $this->triedAfter] = [0, 2 * $this->triedAfter];
        }
    }

    /** @param float $grown seconds by which it is later than the photo before */
    private function fallsBehind(float $grown): void
    {
        if ($this->clock->speed <= 1.0 && $this->fellAt === null) {
            return;
        }
        // Slowed down, it is as late as before: it is a device that is slow, and the speed has nothing to do with it.
        $share = $this->fellAt === null ? 0.0 : $grown / $this->fellAt;
        $this->isDeviceSlow = $share > self::SAME_SHARE[0] && $share < self::SAME_SHARE[1];
        $slower = (float) max([1, ...array_filter(self::SPEEDS, fn (int $speed): bool => $speed < $this->clock->speed)]);
        $this->next = $this->isDeviceSlow ? $this->asked : ($slower < $this->clock->speed ? $slower : null);
        [$this->fellAt, $this->since, $this->behind] = [$this->isDeviceSlow ? null : $grown, 0, 0];
    }

    /**
     * Where the machine did not keep up it runs slower from here on, and faster again where it does, once nothing moves and nothing is exposed.
     *
     * @return bool whether it does now
     */
    public function adjust(): bool
    {
        if ($this->next === null) {
            return false;
        }
        $was = $this->clock->speed;
        try {
            $this->runAt($this->next);
        } catch (DeviceRefused) {
            // Not now; a little later.
            return false;
        }
        $this->next = null;
        if ($this->clock->speed > $was && !$this->isDeviceSlow) {
            $this->log->over('machine', $this->log->state->next);

            return true;
        }
        $next = $this->log->state->next;
        $speed = $this->clock->speed;
        $this->log->alarm('machine', $next, $speed > $was
            ? new Message('devices.run.slow_devices', ['speed' => $speed, 'next' => $next])
            : new Message('devices.run.slow_machine', ['was' => $was, 'speed' => $speed, 'next' => $next]));

        return true;
    }

    /** @throws DeviceRefused */
    private function runAt(float $speed): void
    {
        $this->set($speed);
        if ($speed !== $this->clock->speed) {
            $this->clock->runAt($speed);
            $this->log->write(LogKind::Note, null, ['world_speed' => $speed, 'at_unix_s' => round(microtime(true), 3)]);
        }
    }

    /** @throws DeviceRefused */
    private function set(float $speed): void
    {
        if ($this->rig?->report()?->worldSpeed !== null && $this->rig->report()->worldSpeed !== $speed) {
            $this->rig->runAt($speed);
        }
        $camera = $this->camera instanceof TellsOfItself && $this->camera->tells() ? $this->camera : null;
        $is = $camera?->worldSpeed();
        if ($camera !== null && $is !== null && $is !== $speed) {
            $camera->runAt($speed);
            $is = $camera->worldSpeed();
        }
        foreach (['rig' => $this->rig?->report()?->worldSpeed, 'camera' => $is] as $what => $has) {
            if ($has !== null && $has !== $speed) {
                throw new DeviceRefused(new Message('devices.run.other_speed', ['what' => $what, 'has' => $has, 'speed' => $speed]));
            }
        }
    }
}
