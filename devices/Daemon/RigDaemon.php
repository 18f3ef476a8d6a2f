<?php

declare(strict_types=1);

namespace Evrent\Devices\Daemon;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\RigLink;
use Evrent\Devices\Running\DeviceLocks;
use Evrent\Devices\Running\HandOnRig;

/**
 * The one process that owns a rig while somebody has it in hand: jogs it, homes it, drives it through its move, and stops it. It is asked by short
 * questions, and never waits for whoever asks.
 *
 * Questions, by `do`: `status`; `steer` (`who`, `n`, `at`, `shares` by axis); `stop`; `home`; `drive` (`positions`, or `photo`); `step` (`axis`, `count`);
 * `scrub` (`photo`); `pass` (`from`, `to`, `seconds`, `loops`; `legs` with `camera`, the key of its daemon, for a test photo
 * at the end of each); `leave`; `release`.
 */
final class RigDaemon
{
    private const TICK_SECONDS = 0.04;
    private const LOOK_SECONDS = 0.1;
    private const REST_LOOK_SECONDS = 1.0;

    /** So long nobody has to ask, and it lets go of the rig. */
    private const IDLE_SECONDS = 30.0;

    /** A daemon whose rig is gone tells so for a while. */
    private const GONE_SECONDS = 6.0;

    private const REACH_SECONDS = 3.0;

    /** Without a word for so long, whoever held it has let go. */
    private const LET_GO_SECONDS = 0.5;

    private readonly HandOnRig $hand;
    private readonly Holder $holder;
    private readonly RigWatch $watch;
    private readonly RigMotions $motions;

    private float $askedAt;
    private Text|string $problem = '';

    private bool $isHalting = false;

    /** Whether somebody held on while it was stopped, and is not known to have let go since; whether anything is held, and when the last word came. */
    private bool $wasStopped = false;
    private bool $isHeld = false;
    private float $wordAt = -INF;
    private bool $isOver = false;
    private ?float $goneAt = null;

    public function __construct(
        private readonly RigLink $rig,
        Plan $plan,
        private readonly DeviceLocks $locks,
        private readonly Endpoint $endpoint,
        Daemons $daemons,
        private readonly string $shot = '',
        private readonly string $planName = '',
    ) {
        $this->hand = new HandOnRig($rig, $plan->rig, $this->meanwhile(...));
        $this->holder = new Holder();
        $this->watch = new RigWatch($rig, $this->hand);
        $way = Schedule::of($plan)->moves->way($plan->rig->axes) ?? throw new DeviceRefused(new Message('devices.rig.no_axis'));
        $this->motions = new RigMotions($rig, $this->hand, $this->watch, $way, $daemons, $this->meanwhile(...));
        $this->askedAt = microtime(true);
    }

    /**
     * Reaches the rig.
     *
     * @throws DeviceGone
     * @throws DeviceRefused
     */
    public function begin(): void
    {
        $this->hand->connect();
        $this->watch->look($this->motions->isDriven());
    }

    /** Until nobody needs it any more. */
    public function run(): void
    {
        while (!$this->isOver) {
            try {
                $this->endpoint->serve($this->motions->isBusy() ? self::TICK_SECONDS : self::LOOK_SECONDS, $this->answer(...));
                $this->goOn();
            } catch (Halted) {
                $this->halt();
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
        $now = microtime(true);
        $this->askedAt = $now;
        try {
            $problem = match ($asked->text('do')) {
                'stop' => $this->stop(),
                'leave' => $this->leave($asked),
                'release' => $this->holder->isOthers($asked->text('who'), $now) ? new Message('devices.rig.other_window') : $this->release(),
                'status', '' => null,
                default => $this->whyNot($asked, $now) ?? $this->begins($asked),
            };
        } catch (DeviceGone | DeviceRefused $failed) {
            $this->fails($failed);
            $problem = $failed->says;
        }

        return new Answer(['problem' => $problem ?? ''] + $this->status($now));
    }

    /** @return array<string, mixed> */
    private function status(float $now): array
    {
        if ($this->motions->isBusy()) {
            $this->holder->stays($now);
        }

        return [
            'doing' => $this->motions->doing, 'moves' => $this->motions->isBusy() || in_array($this->watch->stands?->state, ['Run', 'Home'], true),
            'knows_place' => $this->watch->stands?->knowsItsPlace() ?? false, 'positions' => (object) ($this->watch->stands->positions ?? []),
            'battery' => $this->watch->stands?->battery, 'holder' => $this->holder->who($now), 'shot' => $this->shot, 'plan' => $this->planName,
            'trouble' => $this->problem, 'now' => $now, 'tested' => $this->motions->tested, 'released' => $this->isOver, 'is_gone' => $this->goneAt !== null,
        ];
    }

    /** Why this window may not drive it now; null where it may. */
    private function whyNot(Question $asked, float $now): Text|string|null
    {
        $do = $asked->text('do');
        $isWord = in_array($do, ['steer', 'scrub'], true);
        if ($this->goneAt !== null) {
            return new Message('devices.rig.not_responding');
        }
        if ($this->isHalting) {
            // Whoever holds on while it brakes has to let go, and whoever lets go has.
            if ($isWord && !$this->holder->isOthers($asked->text('who'), $now) && $this->isNews($asked, $now)) {
                $this->wasStopped = $this->hears($asked, $now);
            }

            return $isWord ? '' : new Message('devices.rig.stopping');
        }
        if ($isWord && !$this->isNews($asked, $now)) {
            return '';
        }
        if (!$this->holder->take($asked->text('who'), $now)) {
            return new Message('devices.rig.other_window');
        }
        if ($isWord && $this->isStillHeld($asked, $now)) {
            return new Message('devices.rig.was_stopped');
        }
        if ($do !== 'home' && $this->watch->stands?->knowsItsPlace() !== true) {
            return new Message('devices.rig.home_first');
        }

        return $this->motions->isUnderWay() && !$isWord ? new Message('devices.rig.under_way') : null;
    }

    private function isNews(Question $asked, float $now): bool
    {
        return $this->holder->isNews($asked->text('who'), (int) $asked->number('n'), $asked->number('at'), $now);
    }

    /** Whether somebody still holds what somebody else has stopped: a stop holds until every hand has let go. */
    private function isStillHeld(Question $asked, float $now): bool
    {
        $isSilent = $now - $this->wordAt >= self::LET_GO_SECONDS;
        $this->wasStopped = $this->hears($asked, $now) && $this->wasStopped && !$isSilent;

        return $this->wasStopped;
    }

    /** @return bool whether something is held */
    private function hears(Question $asked, float $now): bool
    {
        $this->wordAt = $now;

        return $this->isHeld = $asked->text('do') === 'scrub' || $asked->byAxis('shares') !== [];
    }

    private function begins(Question $asked): Text|string|null
    {
        $this->problem = '';

        return $this->motions->take($asked);
    }

    private function goOn(): void
    {
        if ($this->isHalting) {
            throw new Halted();
        }
        $this->motions->goOn();
        $isOnItsWay = $this->motions->isBusy() || $this->watch->stands?->state === 'Run';
        if (microtime(true) - $this->watch->lookedAt > ($isOnItsWay ? self::LOOK_SECONDS : self::REST_LOOK_SECONDS)) {
            $this->watch->look($this->motions->isDriven());
        }
        if (microtime(true) - $this->askedAt > self::IDLE_SECONDS || $this->goneAt !== null && microtime(true) - $this->goneAt > self::GONE_SECONDS) {
            $this->release();
        }
    }

    /**
     * While something takes its time: others are answered, and Stop is heard.
     *
     * @throws Halted
     */
    private function meanwhile(float $seconds = 0.0): void
    {
        $this->endpoint->serve($seconds, $this->answer(...));
        if ($this->isHalting) {
            throw new Halted();
        }
        if (microtime(true) - $this->watch->lookedAt > self::LOOK_SECONDS) {
            $this->watch->look($this->motions->isDriven());
        }
    }

    private function stop(): null
    {
        if ($this->goneAt === null) {
            $this->isHalting = true;
            $this->wasStopped = $this->isHeld && microtime(true) - $this->wordAt < self::LET_GO_SECONDS;
            $this->rig->hold();
        }

        return null;
    }

    /** Brakes, and forgets what it was sent: it still knows where it stands. */
    private function halt(): void
    {
        try {
            $brakes = max([0.0, ...array_map(static fn ($axis): float => $axis->maxSpeed / $axis->maxAcceleration, array_values($this->hand->axes()))]);
            for ($until = microtime(true) + $brakes + self::LOOK_SECONDS; microtime(true) < $until;) {
                $this->endpoint->serve(self::TICK_SECONDS, $this->answer(...));
            }
            $this->rig->stop();
            $this->motions->forget();
            $this->reachAgain();
        } catch (DeviceGone | DeviceRefused $failed) {
            $this->fails($failed);
        } finally {
            $this->isHalting = false;
            $this->wordAt = microtime(true);
        }
    }

    /** A rig that has one host at a time may take a moment to see that the last one, ourselves, has gone. */
    private function reachAgain(): void
    {
        for ($until = microtime(true) + self::REACH_SECONDS;; $this->endpoint->serve(self::TICK_SECONDS, $this->answer(...))) {
            try {
                $this->hand->connect();
                $this->watch->look($this->motions->isDriven());

                return;
            } catch (DeviceGone $gone) {
                if (microtime(true) > $until) {
                    throw $gone;
                }
            }
        }
    }

    private function fails(DeviceGone|DeviceRefused $failed): void
    {
        $this->problem = $failed->says;
        $this->motions->forget();
        if ($failed instanceof DeviceGone) {
            $this->goneAt ??= microtime(true);
            $this->watch->stands = null;

            return;
        }
        // Whatever it was still to do, it does no more.
        $this->isHalting = true;
        try {
            $this->rig->hold();
        } catch (DeviceGone) {
            $this->goneAt ??= microtime(true);
        }
    }

    private function leave(Question $asked): null
    {
        $this->holder->leave($asked->text('who'), (int) $asked->number('n'));

        return null;
    }

    /** Lets go of the rig for whoever needs it next; not while it moves. */
    private function release(): ?Message
    {
        if ($this->motions->isBusy() || $this->isHalting) {
            return new Message('devices.rig.moves');
        }
        try {
            if ($this->goneAt === null) {
                $this->hand->end();
            }
        } catch (DeviceGone | DeviceRefused) {
            // Then there is nothing to let go of.
        }
        $this->locks->letGo();
        $this->isOver = true;

        return null;
    }
}
