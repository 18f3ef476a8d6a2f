<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Links\StartsItsTimer;

/**
 * The camera's own timer in a take: started when the plan says so, by a hand where it cannot be told, and never again after that.
 */
final readonly class OwnTimer
{
    private const ABOUT = 'own timer';

    public function __construct(private TakeLog $log, private Schedule $schedule, private StartsItsTimer $camera, private RunClock $clock)
    {
    }

    /** When it is to be started; null while that is not known, and when it was. */
    public function startsAt(): ?float
    {
        $state = $this->log->state;

        return $state->startedAt === null || $state->isTimerStarted ? null : $state->startedAt + $this->schedule->plan->trigger->cameraStartsSeconds;
    }

    public function startIfDue(): void
    {
        $startsAt = $this->startsAt();
        if ($startsAt === null || $this->clock->now() < $startsAt) {
            return;
        }
        $interval = $this->schedule->plan->trigger->cameraIntervalSeconds ?? $this->schedule->intervalSeconds[0];
        $photos = $this->schedule->plan->photosProgrammed();
        // Started twice would be worse than not at all: that it is being started is kept first.
        $this->log->write(LogKind::Note, null, ['own_timer' => 'started', 'interval_s' => $interval, 'photos' => $photos]);
        if (!$this->camera->startTimer($interval, $photos)) {
            $says = new Message('devices.run.start_timer', ['interval' => Quantity::seconds($interval), 'photos' => $photos]);
            $this->log->alarm(self::ABOUT, null, $says);
        }
    }

    /** Nobody can hold it up. */
    public function ordered(Order $order): void
    {
        if ($order === Order::Pause) {
            $this->log->alarm(self::ABOUT, null, new Message('devices.run.timer_goes_on'));
        } elseif ($order === Order::GoOn) {
            $this->log->over(self::ABOUT);
        }
    }

    public function stop(): void
    {
        $this->camera->stopTimer();
    }
}
