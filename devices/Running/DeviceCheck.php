<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Move;
use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\DevicesSay;
use Evrent\Core\Run\Preflight;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Timing\TimedBy;
use Evrent\Devices\Links\CameraLink;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\RigLink;
use Evrent\Devices\Links\SetsBody;
use Evrent\Devices\Links\TellsOfItself;

/**
 * Asks rig and camera before a shot what they know of themselves, drives the move's ends, and takes a test photo at each keyframe.
 */
final readonly class DeviceCheck
{
    /** Seconds of the run within which a test photo is on the card, besides its exposure and writing. */
    private const PHOTO_SECONDS = 8.0;
    private const LOOK_MICROSECONDS = 20_000;

    /**
     * @param callable(): void $meanwhile called again and again while something takes its time; throws CheckStopped to end the check
     */
    public function __construct(
        private Schedule $schedule,
        private ?RigLink $rig,
        private CameraLink $camera,
        private RunClock $clock,
        private CheckStore $store,
        private mixed $meanwhile,
    ) {
    }

    /**
     * @throws CheckStopped
     * @throws \Evrent\Devices\Links\DeviceGone
     * @throws DeviceRefused
     */
    public function run(CheckKind $kind): void
    {
        try {
            $this->rig?->connect();
            $this->camera->connect();
            match ($kind) {
                CheckKind::Ask => null,
                CheckKind::Ends => $this->ends(),
                CheckKind::Keyframes => $this->keyframes(),
            };
            $this->ask();
        } catch (CheckStopped $stopped) {
            $this->rig?->stop();
            throw $stopped;
        } finally {
            $this->rig?->disconnect();
            $this->camera->disconnect();
        }
    }

    private function ask(): void
    {
        $status = $this->rig?->status();
        $tells = $this->camera->tells();
        $said = new DevicesSay(
            $status?->knowsItsPlace(),
            $status?->battery,
            $tells ? $this->camera->batteryPercent() : null,
            $tells ? $this->camera->photosLeft() : null,
            $tells ? $this->camera->settings() : [],
        );
        foreach ($said->against($this->schedule) as $item => ['isWell' => $isWell, 'says' => $says]) {
            $this->store->found($item, $isWell, $says);
        }
        $this->measureSetting();
        if (!$tells) {
            $this->store->say(new Message('devices.check.cable_only'));
        }
    }

    /** How long it takes to set one value, at our own speed alone: to what it is set to anyway. */
    private function measureSetting(): void
    {
        $camera = $this->camera;
        $isFast = $camera instanceof TellsOfItself && ($camera->worldSpeed() ?? 1.0) > 1.0;
        if ($isFast || !$camera instanceof SetsBody) {
            return;
        }
        $iso = $camera->isSetTo(BodySetting::Iso);
        if ($iso?->value === null || $camera->choices(BodySetting::Iso)?->nearest($iso->value)?->entry !== $iso->entry) {
            return;
        }
        $began = $this->clock->realSeconds();
        $camera->set(BodySetting::Iso, $iso);
        $took = $this->clock->realSeconds() - $began;
        $this->store->say(new Message('devices.check.set_time', ['took' => Quantity::rounded($took, 2)]));
    }

    /** Every place where an axis stands farthest out, in the order of the move. */
    private function ends(): void
    {
        $places = [1, $this->schedule->photosTotal()];
        foreach ($this->schedule->moves->motorPositionSteps as $steps) {
            foreach ([min([PHP_INT_MAX, ...$steps]), max([PHP_INT_MIN, ...$steps])] as $farthest) {
                $places[] = 1 + (int) array_search($farthest, $steps, true);
            }
        }
        $places = array_unique($places);
        sort($places);
        foreach ($places as $place) {
            $this->driveTo($place);
        }
        $this->store->found(Preflight::Ends->value, true, new Message('devices.check.reached_ends'));
        $this->driveTo(1);
    }

    private function keyframes(): void
    {
        $came = [];
        // On legs alone there is one framing.
        $places = $this->schedule->plan->rig->axes === [] ? [1] : $this->schedule->pegPhotos();
        foreach ($places as $n => $place) {
            $this->driveTo($place);
            $settled = $this->clock->now() + $this->schedule->plan->rig->settleSeconds;
            while ($this->clock->now() < $settled) {
                $this->clock->sleepUntil($settled, 0.05);
                ($this->meanwhile)();
            }
            $came[] = $this->testPhoto(Move::peg($n), $place);
        }
        if (!$this->camera->tells()) {
            $this->store->say($this->schedule->plan->trigger->isCamera()
                ? new Message('devices.check.own_timer')
                : new Message('devices.check.fired'));

            return;
        }
        $isWell = !in_array(false, $came, true);
        $this->store->found(Preflight::Keyframes->value, $isWell ? null : false, $isWell
            ? new Message('devices.check.test_photos')
            : new Message('devices.check.photos_missing'));
        if ($this->rig !== null && !$this->schedule->plan->trigger->isCamera()) {
            $this->store->found(Preflight::Cable->value, $isWell, $isWell
                ? new Message('devices.check.cable_works')
                : new Message('devices.check.cable_fails'));
        }
        $this->driveTo(1);
    }

    private function testPhoto(string $name, int $place): bool
    {
        $this->camera->newFiles();
        $exposure = $this->schedule->exposureSeconds[$place - 1];
        $plan = $this->schedule->plan;
        if ($this->rig !== null && !$plan->trigger->isCamera()) {
            $this->rig->trigger($plan->camera->exposureTimedBy === TimedBy::Controller ? $exposure : null, $this->meanwhile);
        } elseif ($this->camera->tells()) {
            $this->camera->fire();
        }
        $until = $this->clock->now() + 2.0 * $exposure + $plan->camera->writeSeconds + self::PHOTO_SECONDS;
        // A fast simulated world is not to be faster than what hears of it.
        $until = max($until, $this->clock->now() + self::PHOTO_SECONDS / 8.0 * $this->clock->speed);
        while ($this->camera->tells() && $this->clock->now() < $until) {
            ($this->meanwhile)();
            $files = $this->camera->newFiles();
            if ($files !== []) {
                $this->store->picture($name, $place, basename($files[0]), $this->camera->thumbnail($files[0]));

                return true;
            }
            usleep(self::LOOK_MICROSECONDS);
        }
        if ($this->camera->tells()) {
            $this->store->say(new Message('devices.check.no_photo_at', ['name' => $name]));
        }

        return false;
    }

    private function driveTo(int $place): void
    {
        if ($this->rig === null || $this->schedule->plan->rig->axes === []) {
            return;
        }
        if (!$this->rig->status()->knowsItsPlace()) {
            $this->store->say(new Message('devices.check.homing'));
            $this->rig->home($this->meanwhile);
        }
        $positions = Places::of($this->schedule, $place);
        $this->store->say(new Message('devices.check.driving', [
            'x' => Joined::of(array_map(
                static fn (string $axisId, float $position): Message => new Message('units.words', [
                    'first' => Axis::labelOf($axisId), 'last' => Quantity::rounded($position),
                ]),
                array_keys($positions),
                $positions,
            ), Joined::COMMA),
        ]));
        $this->rig->moveTo($positions, $this->meanwhile);
    }
}
