<?php

declare(strict_types=1);

namespace Tests\Core\Run;

use Evrent\Core\Run\Take\Director;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Run\Take\Setting;
use Evrent\Core\Run\Take\StepKind;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Core\Schedule\Schedule;

/**
 * Carries a take out in virtual time, on devices that do everything exactly as planned; can die after any line, and be told anything before any step.
 */
final class TakeOnIdealDevices
{
    public TakeState $state;
    public float $now = 0.0;

    /** @var list<LogLine> */
    public array $lines = [];

    /** @var array<int, float> when photos were triggered, from the start */
    public array $triggers = [];

    public function __construct(private readonly Schedule $schedule, private readonly Setting $setting = new Setting())
    {
        $this->state = new TakeState($schedule);
    }

    /**
     * @param callable(self): void $before each step
     */
    public function run(?callable $before = null): self
    {
        for ($isOver = false; !$isOver;) {
            if ($before !== null) {
                $before($this);
            }
            $step = Director::next($this->state, $this->setting, $this->now);
            match ($step->kind) {
                StepKind::Home => $this->write(LogKind::Homed),
                StepKind::Move => $this->move((int) $step->photo),
                StepKind::Start => $this->write(LogKind::Started, null, ['due' => $step->until]),
                StepKind::Trigger => $this->trigger((int) $step->photo),
                StepKind::Wait => $this->now = $step->until ?? $this->now + 1.0,
                StepKind::Reconcile => $this->write(LogKind::NotTaken, $step->photo),
                StepKind::SetIt => throw new \LogicException('nothing contradicts the plan'),
                StepKind::Skip => $this->write(LogKind::Skipped, null, ['to' => $step->photo]),
                StepKind::End => $this->write(LogKind::Ended, null, ['how' => $step->ending?->value]),
                StepKind::Nothing => $isOver = true,
            };
        }

        return $this;
    }

    public function order(Order $order, int $photos = 1): void
    {
        $this->write(LogKind::Command, null, ['order' => $order->value, 'photos' => $photos]);
    }

    /** Dies, and is started anew on what its log holds, some seconds later. */
    public function die(float $seconds): void
    {
        $this->state = new TakeState($this->schedule);
        foreach ($this->lines as $line) {
            $this->state->take($line);
        }
        $this->now += $seconds;
        $this->write(LogKind::Gap, null, ['rig' => 'there']);
    }

    /**
     * @param array<string, mixed> $more
     */
    private function write(LogKind $kind, ?int $photo = null, array $more = []): void
    {
        $line = new LogLine($kind, $this->now, $photo, $more);
        $this->lines[] = $line;
        $this->state->take($line);
    }

    private function move(int $place): void
    {
        $from = $this->state->place;
        $this->write(LogKind::Move, $place);
        $this->now += $from !== null && $place > 1 ? $this->schedule->moves->moveSeconds[$place - 2] : 0.0;
        $this->write(LogKind::Arrived, $place, ['settles' => $this->schedule->plan->rig->settleSeconds]);
    }

    private function trigger(int $photo): void
    {
        $this->write(LogKind::Intent, $photo, ['due_s' => $this->now]);
        $this->triggers[$photo] = $this->now - (float) $this->state->startedAt;
        $closed = $this->now + $this->schedule->plan->camera->shutterLagSeconds + $this->state->exposureOf($photo);
        $this->write(LogKind::Outcome, $photo, ['state' => 'not_confirmed', 'due_s' => $this->now, 'triggered_s' => $this->now, 'closed_s' => $closed]);
        if (!$this->schedule->plan->timing->mode->stops() && $photo < $this->state->photos()) {
            $this->write(LogKind::Move, $this->state->placeOf($photo + 1), ['seconds' => 1.0]);
        }
    }
}
