<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Run\Take\Director;
use Evrent\Core\Run\Take\Ending;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Run\Take\Setting;
use Evrent\Core\Run\Take\Status;
use Evrent\Core\Run\Take\Step;
use Evrent\Core\Run\Take\StepKind;
use Evrent\Core\Run\Take\Supplies;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Timing\TimedBy;
use Evrent\Devices\Links\CameraLink;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\RigLink;
use Evrent\Devices\Links\RigStatus;

/**
 * Carries a take out on devices: asks what is to be done next, does it, and keeps what came of it before it asks again. Killed at any moment
 * and started anew on the same log, it goes on at the right photo and place.
 */
final class Runner
{
    /** Real seconds between two looks at orders and camera. */
    private const LOOK_SECONDS = 0.05;

    private const RETRY_SECONDS = 0.2;

    /** Real seconds after which it says where it stands. */
    private const BEAT_SECONDS = 0.4;

    /** Seconds of the run between two looks at batteries, card and settings. */
    private const WATCH_SECONDS = 20.0;

    /** Real seconds between two looks at a rig that has nothing to do. */
    private const STATUS_SECONDS = 1.0;

    /** Real seconds within which one usually hears of a photo that is on the card, and at the latest. */
    private const HEARD_SECONDS = 0.05;
    private const HEARD_AT_LAST_SECONDS = 0.5;

    private readonly TakeState $state;
    private readonly FilesToPhotos $files;
    private float $lookedAt = 0.0;
    private float $beatAt = 0.0;
    private float $askedRigAt = 0.0;
    private float $watchedAt = 0.0;

    /** @var array<string, true> what was warned of already */
    private array $warned = [];
    private ?RigStatus $rigSaid = null;
    private bool $isCameraThere = false;

    /** How late the latest photo was; null where that is no news: after a pause, and after a gap that was said. */
    private ?float $knownLate = 0.0;

    public function __construct(
        private readonly Schedule $schedule,
        private readonly Setting $setting,
        private readonly ?RigLink $rig,
        private readonly CameraLink $camera,
        private readonly TakeStore $store,
        private readonly RunClock $clock,
    ) {
        $this->state = new TakeState($schedule);
        $this->files = new FilesToPhotos($this->state, 1.0 + self::HEARD_SECONDS * $clock->speed, 1.0 + self::HEARD_AT_LAST_SECONDS * $clock->speed);
    }

    public function run(): Ending
    {
        $isResumed = false;
        foreach ($this->store->lines() as $line) {
            $this->state->take($line);
            $isResumed = true;
        }
        $this->reach($isResumed ? 'The run was interrupted.' : null);
        while (true) {
            try {
                $this->look();
                $step = Director::next($this->state, $this->setting, $this->clock->now());
                if ($step->kind === StepKind::Nothing) {
                    return $this->state->ending ?? Ending::Failed;
                }
                $this->carryOut($step);
            } catch (DeviceGone $gone) {
                $this->reach($gone->getMessage());
            } catch (DeviceRefused $refused) {
                $this->refused($refused);
            }
        }
    }

    public function state(): TakeState
    {
        return $this->state;
    }

    private function carryOut(Step $step): void
    {
        match ($step->kind) {
            StepKind::Home => $this->home(),
            StepKind::Move => $this->move((int) $step->photo),
            StepKind::Start => $this->write(LogKind::Started, null, ['due' => $step->until]),
            StepKind::Trigger => $this->trigger((int) $step->photo),
            StepKind::Wait => $this->wait($step->until),
            StepKind::Reconcile => $this->reconcile((int) $step->photo),
            StepKind::Skip => $this->write(LogKind::Skipped, null, ['from' => $this->state->next, 'to' => $step->photo]),
            StepKind::End => $this->end($step->ending ?? Ending::Failed),
            StepKind::Nothing => null,
        };
    }

    private function home(): void
    {
        $this->rig?->home($this->look(...));
        $this->write(LogKind::Homed);
    }

    private function move(int $place): void
    {
        $positions = $this->positions($place);
        $this->write(LogKind::Move, $place);
        $this->rig?->moveTo($positions, $this->look(...));
        $status = $this->rigSaid = $this->rig?->status();
        $this->write(LogKind::Arrived, $place, [
            'at' => $status?->positions, 'steps' => $status?->steps, 'settles' => $this->schedule->plan->rig->settleSeconds,
        ]);
        foreach ($this->schedule->plan->rig->axes as $axis) {
            $off = ($status->positions[$axis->id] ?? $positions[$axis->id]) - $positions[$axis->id];
            if (abs($off) * $axis->stepsPerUnit > 1.5) {
                $this->alarm("axis {$axis->id}", $place, sprintf('The %s stands %+.3F out of place.', $axis->id, $off));
            } elseif (isset($this->state->alarms["axis {$axis->id}"])) {
                $this->write(LogKind::AlarmOver, $place, ['about' => "axis {$axis->id}"]);
            }
        }
    }

    private function trigger(int $photo): void
    {
        $due = Director::dueAt($this->state, $this->setting);
        $this->write(LogKind::Intent, $photo, ['due_s' => round($due, 4)]);
        $seconds = $this->state->exposureOf($photo);
        $next = $photo + 1;
        if ($this->rig !== null && !$this->schedule->plan->timing->mode->stops() && $next <= $this->state->photos()) {
            // Creeping, the rig sets out at the moment of the trigger, to be at the next place when that is due.
            $left = max(0.05, $due + $this->state->intervalAfter($photo) - $this->clock->now());
            $this->rig->creepTo($this->positions($this->state->placeOf($next)), $left);
        }
        $at = $this->clock->now();
        $byRig = $this->schedule->plan->camera->exposureTimedBy === TimedBy::Controller;
        if ($this->rig === null) {
            $this->camera->fire();
        } else {
            $this->rig->trigger($byRig ? $seconds : null, $this->look(...));
        }
        $closed = $byRig ? $this->clock->now() : $at + $this->schedule->plan->camera->shutterLagSeconds + $seconds;
        $late = $this->state->plannedAt($photo) === null ? null : round($at - $this->state->plannedAt($photo), 4);
        $this->write(LogKind::Outcome, $photo, [
            'state' => $this->camera->tells() ? 'triggered' : 'not_confirmed',
            'due_s' => round($due, 4), 'triggered_s' => round($at, 4), 'closed_s' => round($closed, 4), 'late_s' => $late,
        ]);
        if ($this->rig !== null && !$this->schedule->plan->timing->mode->stops() && $next <= $this->state->photos()) {
            $this->write(LogKind::Move, $this->state->placeOf($next), ['seconds' => round(max(0.0, $due + $this->state->intervalAfter($photo) - $at), 4)]);
        }
        $this->sayLateness($photo, $late ?? 0.0);
    }

    private function wait(?float $until): void
    {
        // Never so shortly before a trigger that it would come late.
        $isLong = ($until ?? INF) - $this->clock->now() > min(2.0, 0.2 * $this->clock->speed);
        if ($this->rig !== null && $isLong && microtime(true) - $this->askedRigAt > self::STATUS_SECONDS) {
            $this->askedRigAt = microtime(true);
            $this->rigSaid = $this->rig->status();
        }
        if ($isLong && $this->state->open === null && microtime(true) - $this->watchedAt > max(0.1, self::WATCH_SECONDS / $this->clock->speed)) {
            $this->watchedAt = microtime(true);
            $this->watch();
        }
        $this->clock->sleepUntil($until ?? INF, self::LOOK_SECONDS);
    }

    /** The log broke off at an intent: was it taken? */
    private function reconcile(int $photo): void
    {
        if (!$this->camera->tells()) {
            // A missing photo is mended in the edit more easily than a doubled one.
            $this->write(LogKind::Outcome, $photo, ['state' => 'uncertain', 'due_s' => $this->state->openDue, 'triggered_s' => $this->state->openedAt]);

            return;
        }
        $camera = $this->schedule->plan->camera;
        $busy = $camera->shutterLagSeconds + $camera->shutterBusySeconds($this->state->exposureOf($photo)) + $camera->writeSeconds;
        $written = $this->state->openedAt + $busy + 1.0;
        while ($this->clock->now() < $written) {
            $this->wait($written);
        }
        $this->sync();
        $new = $this->files->after($this->camera->files());
        if ($new === []) {
            $this->write(LogKind::NotTaken, $photo, ['why' => 'Nothing of it is on the card: it is shot again.']);

            return;
        }
        $this->write(LogKind::Outcome, $photo, [
            'state' => 'confirmed', 'object' => $new[0], 'due_s' => $this->state->openDue, 'triggered_s' => $this->state->openedAt,
        ]);
    }

    private function end(Ending $ending): void
    {
        if ($ending === Ending::Aborted) {
            try {
                $this->rig?->stop();
            } catch (DeviceGone) {
                // What does not answer is not waited for: it was to end at once.
            }
        }
        if ($this->camera->tells() && $ending !== Ending::Aborted) {
            $this->sync();
        }
        if ($this->state->open !== null) {
            $this->write(LogKind::Outcome, $this->state->open, [
                'state' => 'uncertain', 'due_s' => $this->state->openDue, 'triggered_s' => $this->state->openedAt,
            ]);
        }
        foreach (array_keys($this->state->unconfirmed) as $photo) {
            $this->missing($photo);
        }
        $this->write(LogKind::Ended, null, ['how' => $ending->value]);
    }

    /** Reaches all devices, however long that takes, and finds out where they stand. */
    private function reach(?string $lost): void
    {
        if ($lost !== null && $this->state->seconds > 0.0) {
            $this->alarm('devices', null, $lost);
        }
        while (true) {
            try {
                $this->rig?->connect();
                $this->camera->connect();
                $this->isCameraThere = true;
                $this->findOut($lost);

                return;
            } catch (DeviceGone $gone) {
                $this->isCameraThere = false;
                $this->alarm('devices', null, $gone->getMessage());
                $this->takeOrders();
                $this->store->beat($this->state, $this->clock->now(), null);
                if ($this->state->isAborted) {
                    return;
                }
                usleep((int) (self::RETRY_SECONDS * 1e6));
            }
        }
    }

    /** All are reached: where do they stand? */
    private function findOut(?string $lost): void
    {
        if ($this->state->seconds > 0.0) {
            $knows = $this->rig?->status()->knowsItsPlace() ?? true;
            $this->write(LogKind::Gap, null, ['rig' => $knows ? 'there' : 'lost', 'why' => $lost]);
            if ($this->camera->tells()) {
                $this->sync();
            }
        }
        if ($this->camera->tells() && $this->state->taken === 0 && $this->state->open === null) {
            // What is on the card before the first photo is none of this take's.
            $files = $this->camera->files();
            $this->write(LogKind::Note, null, ['last_object' => $files === [] ? '' : $files[count($files) - 1]]);
        }
        if (isset($this->state->alarms['devices'])) {
            $this->write(LogKind::AlarmOver, null, ['about' => 'devices']);
        }
    }

    /** What came onto the card while nobody listened belongs to the photos that were waited for. */
    private function sync(): void
    {
        $new = $this->files->after($this->camera->files());
        foreach ([...array_keys($this->state->unconfirmed), ...array_keys($this->state->missing)] as $photo) {
            $object = array_shift($new);
            if ($object === null) {
                return;
            }
            $this->write(LogKind::Confirmed, $photo, ['object' => $object]);
        }
    }

    private function refused(DeviceRefused $refused): void
    {
        $this->alarm('rig', $this->state->next, $refused->getMessage());
        if ($refused->number === 6 || $refused->number === 7) {
            $this->write(LogKind::Gap, null, ['rig' => 'lost', 'why' => $refused->getMessage()]);
            $this->write(LogKind::AlarmOver, null, ['about' => 'rig']);

            return;
        }
        $this->write(LogKind::Ended, null, ['how' => Ending::Failed->value, 'why' => $refused->getMessage()]);
    }

    /** Orders, camera and rig, as often as is good. Called again and again while something takes its time. */
    private function look(): void
    {
        $now = microtime(true);
        if ($now - $this->lookedAt < self::LOOK_SECONDS && $this->clock->speed < 2.0) {
            return;
        }
        $this->lookedAt = $now;
        if ($now - $this->beatAt > self::BEAT_SECONDS) {
            $this->beatAt = $now;
            $this->store->beat($this->state, $this->clock->now(), $this->rigSaid);
        }
        $this->takeOrders();
        if ($this->isCameraThere && $this->camera->tells()) {
            $this->files->came($this->camera->newFiles(), $this->clock->now());
            // While a photo is being triggered, what comes may be its own.
            if ($this->state->open !== null) {
                return;
            }
            foreach ($this->files->assigned() as $object => $photo) {
                $this->write(LogKind::Confirmed, $photo, ['object' => $object]);
            }
            foreach ($this->files->missing($this->clock->now()) as $photo) {
                $this->missing($photo);
            }
        }
    }

    private function missing(int $photo): void
    {
        $this->alarm('camera', $photo, "Photo {$photo} was triggered, and the camera has nothing of it. Look at the cable.");
        $this->write(LogKind::NotTaken, $photo, ['why' => 'The camera has nothing of it.']);
    }

    /** What runs down, and what must not change: looked at between two photos, where there is time. */
    private function watch(): void
    {
        $told = array_filter([
            Supplies::RIG_BATTERY => $this->rigSaid?->battery,
            Supplies::CAMERA_BATTERY => $this->camera->batteryPercent(),
            Supplies::CARD => $this->camera->photosLeft(),
        ], static fn (?int $left): bool => $left !== null);
        $settings = $this->camera->settings();
        $left = $this->state->supplies->left();
        $isNews = array_filter($told, static fn (int $is, string $what): bool => ($left[$what] ?? null) !== (float) $is, ARRAY_FILTER_USE_BOTH) !== [];
        if ($isNews || $settings !== [] && $this->state->settings === []) {
            $this->write(LogKind::Note, null, $told + ($this->state->settings === [] && $settings !== [] ? ['settings' => $settings] : []));
        }
        foreach ($this->state->supplies->short($this->state->photos()) as $what => $says) {
            // Said once: which photo exactly changes with each look.
            if (!isset($this->state->alarms[$what]) && !isset($this->warned[$what])) {
                $this->alarm($what, $this->state->next, $says);
                $this->warned[$what] = true;
            }
        }
        foreach ($this->state->settings as $what => $was) {
            $is = $settings[$what] ?? $was;
            if ($is !== $was) {
                $says = "The camera’s {$what} was changed: it is not what it was at the start. Set it back in a pause.";
                $this->alarm("camera {$what}", $this->state->next, $says);
            } elseif (isset($this->state->alarms["camera {$what}"])) {
                $this->write(LogKind::AlarmOver, null, ['about' => "camera {$what}"]);
            }
        }
    }

    private function takeOrders(): void
    {
        foreach ($this->store->orders() as [$order, $more]) {
            match ($order) {
                Order::Mark => $this->write(LogKind::Mark, is_int($more['photo'] ?? null) ? $more['photo'] : null, array_diff_key($more, ['photo' => 0])),
                Order::Quiet => $this->write(LogKind::AlarmOver, null, $more),
                default => $this->write(LogKind::Command, null, ['order' => $order->value, ...$more]),
            };
        }
    }

    private function sayLateness(int $photo, float $late): void
    {
        $grown = $late - ($this->knownLate ?? $late);
        $this->knownLate = $late;
        if ($grown > $this->state->intervalAfter($photo) && $this->schedule->plan->timing->mode->hasClock()) {
            $this->alarm('late', $photo, sprintf('Photo %d came %.1F s late: more than an interval.', $photo, $late));
        } elseif (isset($this->state->alarms['late'])) {
            $this->write(LogKind::AlarmOver, $photo, ['about' => 'late']);
        }
    }

    private function alarm(string $about, ?int $photo, string $says): void
    {
        if (($this->state->alarms[$about] ?? null) !== $says) {
            $this->write(LogKind::Alarm, $photo, ['about' => $about, 'says' => $says]);
        }
    }

    /**
     * @param array<string, mixed> $more
     */
    private function write(LogKind $kind, ?int $photo = null, array $more = []): void
    {
        $line = new LogLine($kind, $this->clock->now(), $photo, array_filter($more, static fn (mixed $value): bool => $value !== null));
        $this->store->append($line, $this->state->lines + 1);
        $this->state->take($line);
        if ($kind === LogKind::Gap || $kind === LogKind::Command) {
            $this->knownLate = null;
        }
    }

    /**
     * @return array<string, float> mm or degrees by axis id
     */
    private function positions(int $place): array
    {
        $positions = [];
        foreach ($this->schedule->plan->rig->axes as $axis) {
            // Whole motor steps: what is sent is what the motor can stand on.
            $positions[$axis->id] = $this->schedule->moves->motorPositionSteps[$axis->id][$place - 1] / $axis->stepsPerUnit;
        }

        return $positions;
    }
}
