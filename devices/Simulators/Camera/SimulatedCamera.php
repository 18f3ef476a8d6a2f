<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

use Evrent\Core\Budget\CameraPower;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\FaultKind;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Camera;
use Evrent\Devices\Faults;
use Evrent\Devices\Protocol\Ptp\EventCode;
use Evrent\Devices\Protocol\Ptp\Property;
use Evrent\Devices\Simulators\SimulatedKit;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * The simulated camera, without sockets and without a clock of its own: a shutter, a buffer, a battery and a card, worked by a trigger line
 * or by a host. It is given what happens and what time it is, in simulated seconds; what it takes is on the card as soon as it is written.
 */
final class SimulatedCamera
{
    private const JOULES_PER_WATT_HOUR = 3_600.0;
    private const CHARGED_AFTER_SECONDS = 1_800.0;
    private const SCREEN_WATTS = 1.5;
    private const BODY = 'Simulated body';
    public const MOST_MAGNIFIED = 8;
    private const LIVE_WIDTH = 480;

    /** For a frame of its live view. */
    private const LIVE_JOULES = 0.15;
    private const SERIAL = 'EVR-000001';

    public readonly Settings $settings;
    public readonly RigSeen $rig;
    public readonly Cards $card;
    private readonly Camera $timing;
    private readonly Optics $optics;
    private readonly CameraPower $power;
    private readonly SceneDrawing $scene;
    private readonly Randomizer $chance;
    private readonly ?Shot $shot;
    private readonly IntervalTimer $timer;

    /** What its world's time was when it was switched on, seconds from 1970. */
    private readonly float $beganAt;

    private float $now = 0.0;

    /** How often it was triggered, whether it fired or not. */
    private int $triggered = 0;

    /** When it was first triggered, simulated seconds: the light of a plan goes from there. */
    private ?float $firstAt = null;

    /** When the shutter opens, for the exposure under way. */
    private ?float $opensAt = null;

    /** When it closes; null while that is for the trigger line to say. */
    private ?float $closesAt = null;

    private bool $hasOpened = false;
    private bool $isBulb = false;
    private Pose $opened;

    /** How far the legs were knocked by now, as a share of the picture's width. */
    private float $aside = 0.0;
    private float $shutterFreeAt = 0.0;

    /** @var list<Taken> that wait for the card, the one being written first */
    private array $buffer = [];
    private float $writtenAt = 0.0;

    private float $joules;
    private float $drainedAt = 0.0;
    private bool $isDead = false;
    private float $heardAt = 0.0;
    private bool $isFull = false;

    /** @var list<array{EventCode, int}> what its host has not been told yet */
    private array $events = [];

    /**
     * @param int   $width          of its pictures, pixels
     * @param float $wallSeconds    what its clock says when it is switched on, as seconds from 1970 in its own wall time
     * @param float $worldSpeed     simulated seconds in a real one
     */
    public function __construct(
        Card $card,
        private readonly ?Plan $plan = null,
        private readonly Faults $faults = new Faults(),
        private readonly int $width = 960,
        private float $wallSeconds = 0.0,
        ?Card $secondCard = null,
        float $worldSpeed = 1.0,
    ) {
        $this->beganAt = $wallSeconds;
        $this->card = new Cards($card, $secondCard, $plan?->storage);
        $this->settings = new Settings($plan);
        $this->rig = new RigSeen();
        $this->timing = $plan->camera ?? SimulatedKit::camera();
        $this->optics = $plan->optics ?? Optics::usual();
        $this->power = $plan->power->camera ?? SimulatedKit::cameraPower();
        $this->scene = new SceneDrawing($this->optics);
        $this->chance = new Randomizer(new Xoshiro256StarStar(1));
        $this->shot = $plan === null ? null : Shot::of($plan);
        $this->timer = new IntervalTimer($plan->trigger->driftPpm ?? 0.0);
        $this->joules = $this->fullJoules() * $this->power->battery->charge;
        $this->opened = new Pose();
        $this->settings->set(Property::WorldSpeed, (int) $worldSpeed);
    }

    /** The trigger line closes. Asleep, it wakes, and that is all. */
    public function press(float $now): void
    {
        $isAsleep = $this->isAsleep($now);
        $this->hear($now);
        $this->triggered++;
        foreach ([FaultKind::MissedTrigger, FaultKind::CableOut] as $kind) {
            if ($this->faults->at($kind, $this->triggered) !== []) {
                return;
            }
        }
        if (!$isAsleep) {
            $this->fire($this->settings->isBulb(), $now);
        }
    }

    private function isAsleep(float $now): bool
    {
        $after = $this->settings->get(Property::SleepAfter);

        return $after > 0 && !$this->timer->isOn() && $now - $this->heardAt > $after;
    }

    /**
     * The trigger line opens.
     *
     * @param ?float $closedSeconds for how long it was closed, where it tells
     */
    public function release(float $now, ?float $closedSeconds = null): void
    {
        $this->goOnTo($now);
        if ($this->isBulb && $this->opensAt !== null && $this->closesAt === null) {
            $this->closesAt = max($this->opensAt, $closedSeconds === null ? $now + $this->timing->shutterLagSeconds : $this->opensAt + $closedSeconds);
            $this->goOnTo($now);
        }
    }

    /** A host asks for a photo, by the shutter time that is set. @return bool whether it can */
    public function capture(float $now): bool
    {
        $this->goOnTo($now);
        if (!$this->isReady($now)) {
            // Refused, it is not triggered: whoever asks is told so, and asks again.
            return false;
        }
        $this->triggered++;

        return $this->fire(false, $now);
    }

    /**
     * What it sees now.
     *
     * @param float $x middle of what is magnified, as a share of the width; $y of the height
     *
     * @return ?string JPEG; null while its shutter is open
     */
    public function liveFrame(float $now, int $magnified, float $x, float $y): ?string
    {
        if (!$this->isReady($now)) {
            return null;
        }
        $this->joules -= self::LIVE_JOULES;
        $pose = $this->rig->at($now);
        $seconds = $this->settings->exposureSeconds();
        $seen = $this->taken(max(1, $this->triggered), $now, $seconds, $pose, $pose, $this->brighterStops($now, $seconds, 0), self::LIVE_WIDTH * $magnified);

        return $this->scene->live($seen, $magnified, $x, $y);
    }

    /** Its own timer starts, as it is set: the first photo at once. @return bool whether it can */
    public function startTimer(float $now): bool
    {
        $this->goOnTo($now);
        if ($this->timer->isOn() || !$this->isReady($now)) {
            return false;
        }
        $most = $this->plan?->trigger->countLimit;
        $asked = $this->settings->photos();
        $photos = $most === null ? $asked : min($most, $asked ?? $most);
        $this->timer->start($now, $this->settings->intervalSeconds(), $photos);
        $this->goOnTo($now);

        return true;
    }

    /** @return bool whether it was on */
    public function stopTimer(): bool
    {
        $wasOn = $this->timer->isOn();
        $this->timer->stop();

        return $wasOn;
    }

    /** A host or a trigger line has to do with it: it is awake, and off its charger. */
    public function hear(float $now): void
    {
        $this->goOnTo($now);
        $this->heardAt = $this->now;
    }

    /** Lets time pass: shutters open and close, files are written. */
    public function goOnTo(float $now): void
    {
        while (($at = $this->nextAt()) !== null && $at <= $now) {
            $this->passTo($at);
            if ($this->closesAt !== null && $at >= $this->closesAt) {
                $this->close();
            } elseif ($this->buffer !== [] && $at >= $this->writtenAt) {
                $this->write();
            } elseif ($this->timer->firesAt() !== null && $at >= $this->timer->firesAt()) {
                $this->fireByTimer($at);
            } else {
                $this->opened = $this->rig->at($at);
                $this->hasOpened = true;
            }
        }
        $this->passTo($now);
    }

    /** When something happens next without anybody asking; null when nothing does. */
    public function nextAt(): ?float
    {
        $times = array_filter([
            $this->opensAt !== null && !$this->hasOpened ? $this->opensAt : null,
            $this->closesAt,
            $this->buffer === [] ? null : $this->writtenAt,
            $this->timer->firesAt(),
        ], static fn (?float $at): bool => $at !== null);

        return $times === [] ? null : min($times);
    }

    private function fireByTimer(float $at): void
    {
        $this->heardAt = $at;
        if ($this->isDead || $this->isFull || $this->faults->at(FaultKind::TimerStops, max(1, $this->triggered)) !== [] && $this->triggered > 0) {
            $this->timer->stop();
        } elseif ($this->isReady($at)) {
            $this->triggered++;
            $this->fire(false, $at);
            $this->timer->fired();
        } else {
            $this->timer->retry();
        }
    }

    private function isReady(float $at): bool
    {
        return !$this->isDead && !$this->isFull && $this->opensAt === null && $at >= $this->shutterFreeAt - 1e-9
            && count($this->buffer) < $this->timing->bufferFrames;
    }

    public function isDead(): bool
    {
        return $this->isDead;
    }

    public function batteryPercent(): int
    {
        return (int) round(100.0 * max(0.0, $this->joules) / $this->fullJoules());
    }

    public function photosLeft(): int
    {
        // Where files went from it, another card is in the slot.
        if ($this->isFull && $this->card->lookAgain()) {
            $this->isFull = false;
        }

        return $this->isFull ? 0 : $this->card->photosLeft();
    }

    public function photosThatFit(): int
    {
        return $this->card->photosThatFit();
    }

    /** What its own clock says, seconds from 1970 in its own wall time. */
    public function clock(float $at): float
    {
        $offset = 0.0;
        foreach ($this->faults->at(FaultKind::ClockOffset, 1) as $fault) {
            $offset += $fault->seconds;
        }

        return $this->wallSeconds + $at + $offset;
    }

    /**
     * What its host is to be told, and is forgotten then.
     *
     * @return list<array{EventCode, int}>
     */
    public function takeEvents(): array
    {
        [$events, $this->events] = [$this->events, []];

        return $events;
    }

    /** A setting was changed, at the camera or by a host. */
    public function changed(Property $property): void
    {
        $this->events[] = [EventCode::DevicePropChanged, $property->value];
    }

    public function model(): string
    {
        return self::BODY;
    }

    public function serialNumber(): string
    {
        return self::SERIAL;
    }

    public function height(): int
    {
        return (int) round($this->width * $this->optics->sensorHeightMillimetres / $this->optics->sensorWidthMillimetres);
    }

    public function width(): int
    {
        return $this->width;
    }

    /** Simulated seconds in a real one: the clock that gives it its time is to keep to that. */
    public function worldSpeed(): float
    {
        return (float) $this->settings->get(Property::WorldSpeed);
    }

    /** Its world's speed can be changed while nothing is exposed or written. */
    public function runsAt(int $worldSpeed, float $now): bool
    {
        $this->goOnTo($now);

        return $this->opensAt === null && $this->buffer === [] && !$this->timer->isOn() && $this->settings->set(Property::WorldSpeed, $worldSpeed);
    }

    /** Somebody sets its clock. */
    public function setClock(float $wallSeconds, float $now): void
    {
        $this->wallSeconds += $wallSeconds - $this->clock($now);
    }

    /** Seconds by which its world is ahead of ours: it runs faster. What somebody set its clock to is no part of that. */
    public function worldAhead(float $now, float $realSeconds): float
    {
        return $this->beganAt + $now - $realSeconds;
    }

    /** @param float $at when, which may be a little ago */
    private function fire(bool $asBulb, float $at): bool
    {
        if (!$this->isReady($at)) {
            return false;
        }
        $this->firstAt ??= $at;
        $this->isBulb = $asBulb;
        $this->hasOpened = false;
        $this->opensAt = $at + $this->timing->shutterLagSeconds;
        $this->closesAt = $asBulb ? null : $this->opensAt + $this->settings->exposureSeconds();
        $this->opened = $this->rig->at($this->opensAt);

        return true;
    }

    private function close(): void
    {
        [$opened, $closed] = [(float) $this->opensAt, (float) $this->closesAt];
        $this->opensAt = $this->closesAt = null;
        $this->shutterFreeAt = $opened + $this->timing->shutterBusySeconds($closed - $opened);
        $this->joules -= ($this->shutterFreeAt - $opened) * $this->power->exposingWatts;
        $number = max($this->triggered, 1);
        foreach ($this->faults->at(FaultKind::Bump, $number) as $fault) {
            $this->aside += $fault->percent / 100.0;
        }
        $brighter = $this->brighterStops($opened, $closed - $opened, $number);
        $photo = $this->taken($number, $opened, $closed - $opened, $this->opened, $this->rig->at($closed), $brighter, $this->width);
        if ($this->buffer === []) {
            $this->writtenAt = max($this->shutterFreeAt, $this->writtenAt) + $this->writeSeconds($number);
        }
        $this->buffer[] = $photo;
    }

    private function taken(int $number, float $opened, float $exposureSeconds, Pose $opens, Pose $closes, float $brighterStops, int $width): Taken
    {
        return new Taken(
            $number,
            $opened,
            $this->clock($opened),
            $exposureSeconds,
            $this->settings->fNumber(),
            $this->settings->iso(),
            $this->optics->focalMillimetres,
            $opens,
            $closes,
            $brighterStops,
            $this->aside,
            $this->settings->get(Property::WhiteBalance) === Settings::WHITE_BALANCE_AUTO,
            $this->faults->at(FaultKind::Unreadable, $number) === [],
            self::BODY,
            sprintf('%s mm', (string) $this->optics->focalMillimetres),
            self::SERIAL,
            hash('xxh128', self::SERIAL . '/' . $this->wallSeconds . '/' . $number . '/' . $opened),
            $width,
            (int) round($width * $this->height() / $this->width),
        );
    }

    private function write(): void
    {
        $photo = array_shift($this->buffer);
        if ($photo === null) {
            return;
        }
        $bytes = Exif::into($this->scene->jpeg($photo), $photo);
        $handles = $this->card->put($photo->isReadable ? $bytes : substr($bytes, 0, 200) . str_repeat("\0", 400), $photo->cameraSeconds);
        // Shown on its screen, a photo takes power for nothing.
        $this->joules -= $this->power->photoJoules + $this->settings->get(Property::ReviewTime) * self::SCREEN_WATTS;
        foreach ($handles as $handle) {
            $this->events[] = [EventCode::ObjectAdded, $handle];
        }
        $this->events[] = [EventCode::CaptureComplete, 0];
        if ($this->card->photosLeft() === 0 || $this->faults->at(FaultKind::CardFull, $photo->number) !== []) {
            $this->isFull = true;
            $this->events[] = [EventCode::StoreFull, 0];
        }
        if ($this->faults->at(FaultKind::CameraBattery, $photo->number) !== []) {
            $this->joules = 0.0;
        }
        if ($this->buffer !== []) {
            $this->writtenAt = max($this->writtenAt, $this->shutterFreeAt) + $this->writeSeconds($this->buffer[0]->number);
        }
    }

    private function writeSeconds(int $number): float
    {
        $factor = 1.0;
        foreach ($this->faults->at(FaultKind::SlowCard, $number) as $fault) {
            $factor *= $fault->factor;
        }

        return $this->timing->writeSeconds * $factor;
    }

    /** How much brighter than planned a photo comes out: by the sky, by what was set, by aperture and lamps. */
    private function brighterStops(float $opened, float $exposureSeconds, int $number): float
    {
        $stops = 0.0;
        if ($this->shot !== null) {
            $n = $this->photoAt($opened - ($this->firstAt ?? $opened));
            $light = $this->shot->light();
            $planned = $this->shot->schedule->exposureSeconds[$n];
            $stops = ($light->errors[$n] ?? 0.0) + log(max(1e-6, $exposureSeconds) / $planned, 2);
            if ($light !== null) {
                $stops += log($this->settings->iso() / $light->isos[$n], 2) - 2.0 * log($this->settings->fNumber() / $light->light->aperture, 2);
            }
        }
        foreach ($this->faults->at(FaultKind::Flicker, $number) as $fault) {
            $stops += log(1.0 + $fault->percent / 100.0 * ($this->chance->getInt(-1_000, 1_000) / 1_000), 2);
        }
        foreach ($this->faults->at(FaultKind::PassingLamp, $number) as $fault) {
            $stops += log(1.0 + $fault->percent / 100.0, 2);
        }

        return $stops;
    }

    /** The planned photo, from 0, that is triggered about then. */
    private function photoAt(float $seconds): int
    {
        $triggers = $this->shot->schedule->timeline->triggerSeconds ?? [0.0];
        [$low, $high] = [0, count($triggers) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            $triggers[$middle] <= $seconds + 1e-3 ? $low = $middle : $high = $middle - 1;
        }

        return $low;
    }

    private function fullJoules(): float
    {
        return $this->power->battery->wattHours * $this->power->battery->count * self::JOULES_PER_WATT_HOUR;
    }

    private function passTo(float $now): void
    {
        if ($now <= $this->now) {
            return;
        }
        $this->joules -= $this->power->idleWatts * max(0.0, $now - $this->drainedAt);
        $this->drainedAt = max($this->drainedAt, $now);
        $this->now = $now;
        $this->isDead = $this->isDead || $this->joules <= 0.0;
        if ($now - $this->heardAt > self::CHARGED_AFTER_SECONDS) {
            // Left alone for so long, it is on its charger.
            $this->joules = $this->fullJoules() * $this->power->battery->charge;
            $this->isDead = false;
        }
    }
}
