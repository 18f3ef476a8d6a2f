<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Closure;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Run\Before\Contradiction;
use Evrent\Core\Run\Body\Turns;
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
use Evrent\Core\Run\Take\WhenOut;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Timing\TimedBy;
use Evrent\Devices\Links\CameraLink;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\RigLink;
use Evrent\Devices\Links\RigStatus;
use Evrent\Devices\Links\SetsBody;
use Evrent\Devices\Links\StartsItsTimer;
use Evrent\Devices\Links\TellsOfItself;
use Evrent\Devices\Protocol\Gcode\Dialect;

/**
 * Carries a take out on devices: asks what is to be done next, does it, and keeps the result before it asks again. Killed at any moment
 * and started anew on the same log, it goes on at the right photo and place.
 */
final class Runner
{
    /** Real seconds between two looks at orders and camera. */
    private const LOOK_SECONDS = 0.05;

    private const RETRY_SECONDS = 0.2;

    /** Real seconds within which a rig usually answers. */
    private const ANSWER_SECONDS = 0.05;

    /** Real seconds for which a machine may be busy with something else: in a fast world that is long. */
    private const STUMBLE_SECONDS = 0.25;

    /** Real seconds after which what is gone is gone for good, where nobody stands by. */
    private const GONE_SECONDS = 60.0;

    /** Real seconds for which the last photos are waited for. */
    private const LAST_WORD_SECONDS = 2.0;

    /** Real seconds after which it says where it stands. */
    private const BEAT_SECONDS = 0.4;

    /** Less than this is no difference between two exposures; more than that is another altogether. */
    private const LEAST_STOPS = 0.01;
    private const MOST_STOPS = 99.0;

    /** Real seconds between two looks at a rig that has nothing to do. */
    private const STATUS_SECONDS = 1.0;

    private readonly FeedHold $hold;
    private readonly TakeLog $log;
    private readonly TakeState $state;
    private ?CardWatch $card = null;
    private readonly World $world;
    private readonly BeforeStart $before;
    private readonly Watch $watch;
    private readonly ?Outage $outage;
    private readonly ?OwnTimer $ownTimer;
    private readonly ?BodySetter $setter;
    private float $lookedAt = 0.0;
    private float $beatAt = 0.0;
    private float $askedRigAt = 0.0;
    private ?RigStatus $rigSaid = null;
    private bool $isCameraThere = false;

    /** Whether a start on hold waits for somebody who thinks; else the answers are at hand. */
    private readonly bool $isSomebodyAsked;

    /** Before this the camera must not be set: it exposes. */
    private float $shutterFreeAt = -INF;

    /** The photo after which it was last asked where it creeps. */
    private int $traced = 0;

    /**
     * @param list<Axis> $kitAxes as BeforeStart has them
     * @param ?Closure(list<Contradiction>): ?array<string, ?string> $answers as BeforeStart has them; null waits for somebody to answer
     */
    public function __construct(
        private readonly Schedule $schedule,
        private readonly Setting $setting,
        private readonly ?RigLink $rig,
        private readonly CameraLink $camera,
        private readonly TakeStore $store,
        private readonly RunClock $clock,
        ?Closure $answers = null,
        array $kitAxes = [],
    ) {
        $this->hold = new FeedHold($rig, $store, $clock, !$schedule->plan->timing->mode->stops());
        $this->log = new TakeLog($schedule, $store, $clock, $this->hold->unlessProven(...));
        $this->state = $this->log->state;
        $this->isSomebodyAsked = $answers === null;
        $this->world = new World($rig, $camera, $clock, $this->log);
        $this->before = new BeforeStart($this->log, $schedule, $setting, $rig, $camera, $clock, $answers, $kitAxes);
        $this->setter = $setting->setsBody && $camera instanceof SetsBody ? new BodySetter($this->log, $camera, $clock) : null;
        $this->watch = new Watch($this->log, $schedule, $camera, $store, $clock, $this->setter);
        $this->outage = $camera->tells() && !$setting->isOwnTimer ? new Outage($this->log, $camera, $clock, $this->command(...), $setting->whenOut) : null;
        $this->ownTimer = $setting->isOwnTimer && $camera instanceof StartsItsTimer ? new OwnTimer($this->log, $schedule, $camera, $clock) : null;
    }

    /** @throws HoldLost when somebody else drives it by now: nothing is touched any more */
    public function run(): Ending
    {
        $this->reach($this->log->readAgain() ? new Message('devices.run.interrupted') : null);
        while (true) {
            try {
                $this->look();
                $this->hold->letGo();
                $this->endIfNobodyStandsBy($this->outage?->look());
                $this->holdWorld();
                $step = Director::next($this->state, $this->setting, $this->clock->now());
                if ($step->kind === StepKind::Nothing) {
                    return $this->state->ending ?? Ending::Failed;
                }
                $this->carryOut($step);
            } catch (DeviceGone $gone) {
                if ($gone instanceof FeedHeld && $gone->moved !== null) {
                    $this->log->alarm('held', $gone->moved, new Message('devices.run.held_exposing', ['moved' => $gone->moved]));
                    $this->log->over('held');
                }
                $this->reach($gone->says);
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
            StepKind::SetIt => $this->before->setIt($step->about),
            StepKind::Home => $this->home(),
            StepKind::Move => $this->move((int) $step->photo),
            StepKind::Start => $this->begin($step->until),
            StepKind::Trigger => $this->trigger((int) $step->photo),
            StepKind::Wait => $this->wait($step->until),
            StepKind::Reconcile => $this->reconcile((int) $step->photo),
            StepKind::Skip => $this->log->write(LogKind::Skipped, null, ['from' => $this->state->next, 'to' => $step->photo]),
            StepKind::End => $this->end($step->ending ?? Ending::Failed),
            StepKind::Nothing => null,
        };
    }

    private function begin(?float $due): void
    {
        $this->log->write(LogKind::Started, null, ['due' => $due]);
        $storage = $this->schedule->plan->storage;
        if (!$this->camera->tells() && $storage !== null && $storage->photos() < $this->state->photos()) {
            $this->log->alarm(Supplies::CARD, null, new Message('devices.run.card_by_plan', ['photo' => $storage->photos()]));
        }
    }

    private function home(): void
    {
        // Nothing moves before it is kept that it will.
        $this->log->write(LogKind::Note, null, ['homing' => true]);
        $this->hold->beforeMoving();
        $this->rig?->home($this->looking(...));
        $this->log->write(LogKind::Homed);
    }

    private function move(int $place): void
    {
        $positions = Places::of($this->schedule, $place);
        $this->log->write(LogKind::Move, $place);
        $this->hold->beforeMoving();
        $left = $this->clock->now();
        $this->rig?->moveTo($positions, $this->looking(...));
        $this->world->moved($this->clock->now() - $left, $this->schedule->moves->moveSeconds[$place - 2] ?? INF);
        $status = $this->rigSaid = $this->rig?->status();
        $this->log->write(LogKind::Arrived, $place, [
            'at' => $status?->positions, 'steps' => $status?->steps, 'settles' => $this->schedule->plan->rig->settleSeconds,
        ]);
        $this->watch->place($place, $positions, $status);
    }

    private function trigger(int $photo): void
    {
        $this->setter?->prepare($photo);
        $off = $this->setter?->offStops($photo) ?? $this->state->turns?->offStops($this->state->placeOf($photo), $this->state->turned);
        $due = Director::dueAt($this->state, $this->setting);
        $this->log->write(LogKind::Intent, $photo, ['due_s' => round($due, 4)]);
        $this->nothingTriggeredIfHeld($photo);
        $seconds = $this->state->exposureOf($photo);
        $creeps = $this->setting->hasRig && !$this->schedule->plan->timing->mode->stops() && $photo < $this->state->photos();
        if ($creeps) {
            $this->creepAfter($photo, $due);
        }
        $at = $this->clock->now();
        $byRig = !$this->setting->isOwnTimer && $this->schedule->plan->camera->exposureTimedBy === TimedBy::Controller;
        $lag = $this->schedule->plan->camera->shutterLagSeconds;
        $this->shutterFreeAt = $at + $lag + $this->schedule->plan->camera->shutterBusySeconds($seconds);
        $triggers = fn (): ?float => $this->triggers($photo, $byRig ? $seconds : null);
        $busySeconds = $this->hold->whileTriggering($photo, $creeps, $at + $lag + $seconds, $triggers);
        if ($busySeconds === null) {
            return;
        }
        $at += $busySeconds * $this->clock->speed;
        $slow = $this->answeredLate($at, $byRig ? $seconds : Dialect::CLOSED_SECONDS);
        $this->shutterFreeAt += $busySeconds * $this->clock->speed + $slow;
        $closed = $byRig ? $this->clock->now() : $at + $lag + $seconds + $slow;
        // In stop motion nothing is late: it has no clock.
        $planned = $this->schedule->plan->timing->mode->hasClock() ? $this->state->plannedAt($photo) : null;
        $late = $planned === null ? null : round($at - $planned, 4);
        $this->log->write(LogKind::Outcome, $photo, [
            'state' => $this->camera->tells() ? 'triggered' : 'not_confirmed',
            'due_s' => round($due, 4), 'triggered_s' => round($at, 4), 'closed_s' => round($closed, 4), 'late_s' => $late,
            'grace_s' => $this->clock->speed > 1.0 ? self::STUMBLE_SECONDS * $this->clock->speed : null,
            'off_stops' => $off === null || abs($off) < self::LEAST_STOPS ? null : round(max(-self::MOST_STOPS, min(self::MOST_STOPS, $off)), 2),
        ]);
        $this->askForTurn($photo);
        $this->watch->lateness($photo, $late ?? 0.0);
        $this->world->triggered($late ?? 0.0, $this->state->intervalAfter($photo), $at - $due);
    }

    /**
     * A rig that answers late may have triggered late: the shutter is taken to have opened as late as it can have.
     *
     * @return float seconds
     */
    private function answeredLate(float $sentAt, float $closedSeconds): float
    {
        if ($this->rig === null || $this->setting->isOwnTimer) {
            return 0.0;
        }
        $late = $this->clock->now() - $sentAt - $closedSeconds;

        return $late > self::ANSWER_SECONDS * $this->clock->speed ? $late : 0.0;
    }

    /** Somebody stands by: what is to be turned now is kept as asked for, and what is still not turned is an alarm. */
    private function askForTurn(int $photo): void
    {
        $turn = $this->state->turns?->next($this->state->turned);
        if ($turn === null || $turn->after > $photo) {
            $this->log->over('turn');
        } elseif ($turn->after === $photo) {
            $this->log->write(LogKind::Note, $photo, ['turn' => $turn->key(), 'to' => $turn->words()]);
        } else {
            $this->log->alarm('turn', $photo, new Message('devices.run.not_turned', ['to' => $turn->words(), 'photo' => $turn->after]));
        }
    }

    /** Made when the devices are reached: how long it waits for a photo hangs on how fast their world runs. */
    private function card(): CardWatch
    {
        return $this->card ??= new CardWatch($this->log, $this->camera, $this->clock, $this->setting->isOwnTimer);
    }

    /**
     * @param ?float $byRigSeconds for how long the rig is to keep the line closed; null where the camera times its exposure itself
     *
     * @return ?float real seconds for which the camera was too busy to be triggered; null where it was not triggered at all
     */
    private function triggers(int $photo, ?float $byRigSeconds): ?float
    {
        if ($this->setting->isOwnTimer) {
            // It fires by itself, as its timer has it: the rig stands here for as long as that should take.
            $this->ownTimer?->startIfDue();

            return 0.0;
        }
        if ($this->rig === null) {
            return $this->fired($photo);
        }
        $this->rig->trigger($byRigSeconds, $this->look(...));

        return 0.0;
    }

    /**
     * @return ?float real seconds for which it was busy before it took one; null where it has run out of something, and that is being waited for
     *
     * @throws DeviceRefused where nothing has
     */
    private function fired(int $photo): ?float
    {
        try {
            return $this->camera->fire();
        } catch (DeviceRefused $refused) {
            $this->log->write(LogKind::NotTaken, $photo, ['why' => $refused->says]);
            $why = $this->outage?->find(true);
            if ($why === null) {
                throw $refused;
            }
            $this->endIfNobodyStandsBy($why);

            return null;
        }
    }

    private function endIfNobodyStandsBy(Text|string|null $why): void
    {
        if ($why !== null && $this->setting->whenOut === WhenOut::End) {
            $this->end(Ending::Incomplete, $why);
        }
    }

    /** Creeping, the rig sets out at the moment of the trigger, to be at the next place when that is due. */
    private function creepAfter(int $photo, float $due): void
    {
        $from = $this->state->placeOf($photo);
        $to = $this->state->placeOf($photo + 1);
        $now = $this->clock->now();
        $left = max(0.05, $due + $this->state->intervalAfter($photo) - $now);
        $least = $this->state->leastCreepSeconds($from, $to);
        $this->log->write(LogKind::Move, $to, [
            'seconds' => round(max($left, $least), 4), 'arrives_s' => $least > $left ? round($now + $least, 4) : null,
        ]);
        $this->nothingTriggeredIfHeld($photo);
        $this->rig?->creepTo(Places::of($this->schedule, $to), $left);
    }

    /**
     * Kept is that it was about to be, and it was not.
     *
     * @throws DeviceGone
     */
    private function nothingTriggeredIfHeld(int $photo): void
    {
        $this->hold->unlessProven();
        if ($this->hold->isHeld()) {
            $this->log->write(LogKind::NotTaken, $photo, ['why' => new Message('devices.run.held_again')]);
            $this->hold->beforeMoving();
        }
    }

    /** The camera is set as soon as it does not expose any more, beside the move. */
    private function setAhead(): void
    {
        $isBetween = $this->state->open === null && $this->state->startedAt !== null && $this->isCameraThere;
        if ($this->setter !== null && $isBetween && $this->clock->now() >= $this->shutterFreeAt && $this->state->next <= $this->state->photos()) {
            $this->setter->prepare($this->state->next);
        }
    }

    /** As `look()`, while the rig moves. */
    private function looking(): void
    {
        $this->look();
        $this->setAhead();
        $this->hold->letGo();
    }

    private function wait(?float $until): void
    {
        // Never so shortly before a trigger that it would come late.
        $isLong = ($until ?? INF) - $this->clock->now() > min(2.0, 0.2 * $this->clock->speed);
        if ($this->rig !== null && $isLong && $this->clock->realSeconds() - $this->askedRigAt > self::STATUS_SECONDS) {
            $this->askedRigAt = $this->clock->realSeconds();
            $this->rigSaid = $this->rig->status();
            $this->traceCreeping();
        }
        if ($isLong && $this->state->open === null) {
            $this->watch->between($this->rigSaid, (($until ?? INF) - $this->clock->now()) / $this->clock->speed);
        }
        $this->ownTimer?->startIfDue();
        $this->setAhead();
        $isCreeping = $this->setting->hasRig && !$this->schedule->plan->timing->mode->stops();
        if (!$isCreeping && !$this->setting->isOwnTimer && $this->state->open === null && $this->state->unconfirmed === []) {
            $this->adjustSpeed();
        }
        $free = $this->shutterFreeAt > $this->clock->now() ? $this->shutterFreeAt : INF;
        $this->clock->sleepUntil(min($until ?? INF, $free, $this->ownTimer?->startsAt() ?? INF), self::LOOK_SECONDS);
    }

    private function holdWorld(): void
    {
        $isOnHold = $this->isSomebodyAsked && $this->state->startedAt === null && $this->state->contradictions !== [];
        if ($this->isCameraThere && $this->world->hold($isOnHold) && $this->camera->tells()) {
            $this->card()->noteClock();
        }
    }

    private function adjustSpeed(): void
    {
        // Rig, camera and log changed their speed one after the other: their clocks are apart by something else now.
        if ($this->world->adjust() && $this->camera->tells()) {
            $this->card()->noteClock();
        }
    }

    /** Creeping, it never arrives: once in each interval it is asked where it is. */
    private function traceCreeping(): void
    {
        $photo = $this->state->next - 1;
        if ($photo < 1 || $photo === $this->traced || $this->state->triggeredAt === null || $this->schedule->plan->timing->mode->stops()) {
            return;
        }
        $this->traced = $photo;
        $share = min(1.0, ($this->clock->now() - $this->state->triggeredAt) / $this->state->intervalAfter($photo));
        $this->log->write(LogKind::Note, $photo, ['at' => $this->rigSaid?->positions, 'place' => round($photo + $share, 3)]);
    }

    /** The log broke off at an intent: was it taken? */
    private function reconcile(int $photo): void
    {
        if (!$this->camera->tells()) {
            // A missing photo is mended in the edit more easily than a doubled one.
            $this->log->write(LogKind::Outcome, $photo, ['state' => 'uncertain', 'due_s' => $this->state->openDue, 'triggered_s' => $this->state->openedAt]);

            return;
        }
        $this->awaitCard($this->state->openedAt, $photo, 1.0);
        // What is written while one looks is none of this: one look is enough for those before it and for itself.
        $left = $this->card()->sync();
        if ($left === []) {
            $this->log->write(LogKind::NotTaken, $photo, ['why' => new Message('devices.run.again')]);

            return;
        }
        $this->log->write(LogKind::Outcome, $photo, [
            'state' => 'confirmed', 'object' => $left[0], 'camera_s' => $this->camera->takenAt($left[0]), 'due_s' => $this->state->openDue,
            'triggered_s' => $this->state->openedAt,
        ]);
        $this->card()->noteExtra(array_slice($left, 1));
    }

    /** Until what was triggered then is on the card, if it was heard at all. */
    private function awaitCard(float $triggeredAt, int $photo, float $graceSeconds): void
    {
        $camera = $this->schedule->plan->camera;
        $busy = $camera->shutterLagSeconds + $camera->shutterBusySeconds($this->state->exposureOf($photo)) + $camera->writeSeconds;
        // The card writes one at a time: those before it come first.
        $before = count(array_diff(array_keys($this->state->unconfirmed), [$photo])) * $camera->writeSeconds;
        $written = $triggeredAt + $busy + $before + $graceSeconds;
        while ($this->clock->now() < $written) {
            $this->wait($written);
        }
    }

    /** A rig may die between its answer and its trigger line: the photo that was triggered last is shot again, where the camera heard nothing of it. */
    private function lastOneAgain(): void
    {
        $photo = $this->state->next - 1;
        if (!isset($this->state->unconfirmed[$photo]) || $this->setting->isOwnTimer) {
            return;
        }
        // A slow card is given the time after which a photo is missed.
        $grace = max(1.0, Director::MISSING_INTERVALS * $this->state->intervalAfter($photo));
        $this->awaitCard($this->state->unconfirmed[$photo] + ($this->state->exposedLate[$photo] ?? 0.0), $photo, $grace);
        $left = $this->card()->sync();
        $this->card()->noteExtra($left);
        if (isset($this->state->unconfirmed[$photo])) {
            $this->log->write(LogKind::NotTaken, $photo, ['why' => new Message('devices.run.again'), 'again' => true]);
        }
    }

    private function end(Ending $ending, Text|string|null $why = null): void
    {
        if ($ending === Ending::Aborted) {
            try {
                $this->rig?->stop();
            } catch (DeviceGone) {
                // What does not answer is not waited for: it was to end at once.
            }
        }
        if ($ending !== Ending::Complete) {
            $this->stopTimer();
        }
        if ($this->camera->tells() && $ending !== Ending::Aborted) {
            $this->awaitLastWord();
            $this->card()->noteExtra($this->card()->sync());
        }
        // At the end of the plan it stops by itself: stopped before, a timer that began a little late would lose its last photo.
        if ($ending === Ending::Complete) {
            $this->stopTimer();
        }
        if ($this->state->open !== null) {
            $this->log->write(LogKind::Outcome, $this->state->open, [
                'state' => 'uncertain', 'due_s' => $this->state->openDue, 'triggered_s' => $this->state->openedAt,
            ]);
        }
        foreach ($ending === Ending::Aborted ? [] : array_keys($this->state->unconfirmed) as $photo) {
            $this->card()->missing($photo);
        }
        // What became of the last ones is known now.
        $ending = $ending === Ending::Complete && !$this->state->isWhole() ? Ending::Incomplete : $ending;
        $this->log->write(LogKind::Ended, null, ['how' => $ending->value, 'why' => $why]);
    }

    private function stopTimer(): void
    {
        try {
            $this->ownTimer?->stop();
        } catch (DeviceGone) {
            // What does not answer is not waited for.
        }
    }

    /** In a world that is faster than its machine the time of the run is over before the machine has done what it is busy with. */
    private function awaitLastWord(): void
    {
        $until = $this->clock->realSeconds() + self::LAST_WORD_SECONDS;
        while ($this->clock->speed > 1.0 && $this->state->unconfirmed !== [] && $this->clock->realSeconds() < $until) {
            $this->clock->rest(self::LOOK_SECONDS);
            $this->card()->listen();
        }
    }

    /** Reaches all devices, however long that takes, and finds out where they stand. */
    private function reach(Text|string|null $lost): void
    {
        if ($lost !== null && $this->state->seconds > 0.0) {
            $this->log->alarm('devices', null, Joined::of([$lost, Outage::whyGone($this->state->supplies, $this->setting->whenOut)], Joined::SENTENCES));
        }
        $goneAt = $this->clock->realSeconds();
        while (true) {
            try {
                $this->rig?->connect();
                $this->camera->connect();
                $this->isCameraThere = true;
                $this->world->settle();
                $this->setter?->reached();
                $this->findOut($lost);

                return;
            } catch (DeviceRefused $refused) {
                $this->refused($refused);

                return;
            } catch (DeviceGone $gone) {
                $this->isCameraThere = false;
                $says = Joined::of([$gone->says, Outage::whyGone($this->state->supplies, $this->setting->whenOut)], Joined::SENTENCES);
                $this->log->alarm('devices', null, $says);
                $isGone = $this->state->startedAt !== null && $this->clock->realSeconds() - $goneAt > self::GONE_SECONDS;
                if ($isGone && $this->setting->whenOut === WhenOut::End) {
                    $this->log->write(LogKind::Ended, null, ['how' => Ending::Incomplete->value, 'why' => $says]);

                    return;
                }
                $this->takeOrders();
                $this->store->beat($this->state, $this->clock->now(), null);
                if ($this->state->isAborted) {
                    return;
                }
                $this->clock->rest(self::RETRY_SECONDS);
            }
        }
    }

    /** All are reached: where do they stand? */
    private function findOut(Text|string|null $lost): void
    {
        $knows = $this->statusAtRest()?->knowsItsPlace() ?? true;
        if ($this->state->seconds > 0.0) {
            $this->log->write(LogKind::Gap, null, ['rig' => $knows ? 'there' : 'lost', 'why' => $lost]);
            $this->watch->forgiveLateness();
            if ($this->camera->tells()) {
                $left = $this->card()->sync();
                if ($this->state->open === null) {
                    // What is left over beside a photo that was about to be taken may be that.
                    $this->card()->noteExtra($left);
                }
                $this->lastOneAgain();
                $this->card()->lookAgain();
            }
        }
        if ($this->camera->tells() && $this->state->taken === 0 && $this->state->open === null) {
            $this->card()->noteWhatWasThere();
        }
        if ($this->state->startedAt === null) {
            $this->beforeTheStart();
        }
        $this->log->over('devices');
    }

    private function beforeTheStart(): void
    {
        $body = $this->camera instanceof TellsOfItself && $this->camera->tells() ? $this->camera->identity() : [];
        if ($body !== [] && $body !== $this->state->bodyIdentity) {
            $this->log->write(LogKind::Note, null, ['body' => $body]);
        }
        if ($this->setter === null && $this->state->turns === null && Turns::of($this->schedule)->all !== []) {
            $this->log->write(LogKind::Note, null, ['operator' => true]);
        }
        $this->setter?->prepare($this->state->next);
        if (!$this->before->look()) {
            $this->log->write(LogKind::Ended, null, ['how' => Ending::Failed->value, 'why' => new Message('devices.run.contradicted')]);
        }
    }

    /** What was held before, by whoever had it, is set free: else it waits for ever. */
    private function statusAtRest(): ?RigStatus
    {
        $status = $this->rig?->status();
        if ($this->rig === null || $status?->state !== RigStatus::HELD) {
            return $status;
        }
        $this->rig->stop();
        $this->rig->connect();

        return $this->rig->status();
    }

    private function refused(DeviceRefused $refused): void
    {
        $this->log->alarm('rig', $this->state->next, $refused->says);
        if ($refused->number === 6 || $refused->number === 7) {
            $this->log->write(LogKind::Gap, null, ['rig' => 'lost', 'why' => $refused->says]);
            $this->watch->forgiveLateness();
            $this->log->write(LogKind::AlarmOver, null, ['about' => 'rig']);

            return;
        }
        $this->log->write(LogKind::Ended, null, ['how' => Ending::Failed->value, 'why' => $refused->says]);
    }

    /** Orders, camera and rig, as often as is good. Called again and again while something takes its time. */
    private function look(): void
    {
        $now = $this->clock->realSeconds();
        if ($now - $this->lookedAt < self::LOOK_SECONDS && $this->clock->speed < 2.0) {
            return;
        }
        $this->lookedAt = $now;
        if ($now - $this->beatAt > self::BEAT_SECONDS) {
            $this->beatAt = $now;
            $this->store->beat($this->state, $this->clock->now(), $this->rigSaid);
        }
        $this->takeOrders();
        $this->hold->unlessProven();
        if ($this->isCameraThere && $this->camera->tells()) {
            $this->card()->listen();
        }
    }

    private function takeOrders(): void
    {
        foreach ($this->store->orders() as [$order, $more]) {
            match ($order) {
                Order::Mark => $this->log->write(LogKind::Mark, is_int($more['photo'] ?? null) ? $more['photo'] : null, array_diff_key($more, ['photo' => 0])),
                Order::Quiet => $this->log->write(LogKind::AlarmOver, null, $more),
                Order::AsIs => $this->useAsIs($more),
                default => $this->command($order, $more),
            };
        }
    }

    /**
     * @param array<string, mixed> $more
     */
    private function useAsIs(array $more): void
    {
        $this->log->write(LogKind::Command, null, ['order' => Order::AsIs->value, ...$more]);
        $this->before->useAsIs(is_string($more['about'] ?? null) ? $more['about'] : '', is_string($more['why'] ?? null) ? $more['why'] : '');
    }

    /**
     * @param array<string, mixed> $more
     */
    private function command(Order $order, array $more): void
    {
        $this->log->write(LogKind::Command, null, ['order' => $order->value, ...$more]);
        $this->watch->forgiveLateness();
        $this->ownTimer?->ordered($order);
    }
}
