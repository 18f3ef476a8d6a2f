<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Run\Exposed;
use Evrent\Core\Run\Fault;
use Evrent\Core\Run\PhotoTaken;
use Evrent\Core\Run\RunLog;
use Evrent\Core\Run\Take\Director;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Run\Take\Setting;
use Evrent\Core\Run\Take\StepKind;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Faults;
use Evrent\Devices\Virtual\Jitter;
use Evrent\Devices\Virtual\VirtualCamera;
use Evrent\Devices\Virtual\VirtualRig;
use Evrent\Devices\Virtual\VirtualTimer;

/**
 * The state machine of a take on the devices of a dry run, in virtual time: with the same seed and faults, the same things happen to them. A pause
 * or a power cut that holds up their timer is an order or a gap to the take.
 */
final class TakeOnVirtualDevices
{
    public readonly TakeState $state;
    private float $now = 0.0;

    /** @var list<PhotoTaken> */
    public array $photos = [];

    /** @var list<LogLine> */
    public array $lines = [];

    /** @var array<int, float> when the card has photos that it does not have yet, by number */
    private array $written = [];

    private readonly VirtualRig $rig;
    private readonly VirtualCamera $camera;
    private readonly VirtualTimer $timer;

    /**
     * @param list<Fault> $faults
     */
    public function __construct(private readonly Schedule $schedule, int $seed, array $faults)
    {
        $jitter = new Jitter($seed);
        $list = new Faults($faults);
        $start = array_map(static fn (array $column): int => $column[0], $schedule->moves->motorPositionSteps);
        $this->rig = new VirtualRig($schedule->plan->rig, $start, $jitter, $list);
        $this->camera = new VirtualCamera($schedule->plan->camera, $jitter, $list);
        $this->timer = new VirtualTimer($jitter, $list);
        $this->state = new TakeState($schedule);
    }

    public function run(): self
    {
        $setting = new Setting(cameraTells: true);
        for ($isOver = false; !$isOver;) {
            $this->hear();
            $step = Director::next($this->state, $setting, $this->now);
            match ($step->kind) {
                StepKind::Home => $this->write(LogKind::Homed),
                StepKind::Move => $this->move((int) $step->photo),
                StepKind::Start => $this->write(LogKind::Started, null, ['due' => $this->now]),
                StepKind::Trigger => $isOver = !$this->trigger((int) $step->photo, Director::dueAt($this->state, $setting)),
                StepKind::Wait => $this->now = min([$step->until ?? INF, ...$this->written]),
                StepKind::Reconcile, StepKind::Skip, StepKind::SetIt => throw new \LogicException('nobody died'),
                StepKind::End => $this->write(LogKind::Ended, null, ['how' => $step->ending?->value]),
                StepKind::Nothing => $isOver = true,
            };
        }

        return $this;
    }

    private function hear(): void
    {
        foreach ($this->written as $photo => $end) {
            if ($end <= $this->now) {
                unset($this->written[$photo]);
                $this->write(LogKind::Confirmed, $photo, ['object' => sprintf('%05d', $photo)]);
            }
        }
    }

    private function move(int $place): void
    {
        $this->write(LogKind::Move, $place);
        if ($place > 1) {
            $this->now = $this->rig->moveTo($this->steps($place), $this->now);
        }
        $this->write(LogKind::Arrived, $place);
    }

    /** @return bool whether it goes on */
    private function trigger(int $photo, float $due): bool
    {
        $at = $this->timer->fireAt($due);
        if ($at === null) {
            return false;
        }
        if ($at - $due > RunLog::NOTICEABLE_SECONDS) {
            $this->write(LogKind::Command, null, ['order' => Order::Pause->value]);
            $this->now = $due = $at;
            $this->write(LogKind::Command, null, ['order' => Order::GoOn->value]);
        }
        $this->now = $at;
        $seconds = $this->schedule->exposureSeconds[$photo - 1];
        $exposed = $this->camera->trigger($at, $seconds);
        $this->write(LogKind::Intent, $photo, ['due_s' => $due]);
        $closed = $exposed->closeSeconds ?? $at + $this->schedule->plan->camera->shutterLagSeconds + $seconds;
        $this->photos[] = new PhotoTaken($photo, $at, 0.0, $exposed, $this->rig->motorPositionSteps(), $photo);
        $this->write(LogKind::Outcome, $photo, ['state' => 'triggered', 'due_s' => $due, 'triggered_s' => $at, 'closed_s' => $closed]);
        if ($exposed instanceof Exposed) {
            $this->written[$photo] = $exposed->writeEndSeconds;
        } else {
            $this->write(LogKind::NotTaken, $photo);
        }
        if (!$this->schedule->plan->timing->mode->stops() && $photo < $this->state->photos()) {
            $next = $due + $this->schedule->intervalSeconds[$photo - 1];
            $arrives = $this->rig->creepTo($this->steps($photo + 1), $at, $next);
            $this->write(LogKind::Move, $photo + 1, ['seconds' => $arrives - $at] + ($arrives > $next ? ['arrives_s' => $arrives] : []));
        } elseif ($photo < $this->state->photos() && $this->state->standsAt($photo + 1)) {
            // The devices count moves, of which a take leaves out those that lead nowhere.
            $this->rig->moveTo($this->steps($photo + 1), $at);
        }

        return true;
    }

    /**
     * @return array<string, int>
     */
    private function steps(int $place): array
    {
        return array_map(static fn (array $column): int => $column[$place - 1], $this->schedule->moves->motorPositionSteps);
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
}
