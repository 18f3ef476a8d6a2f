<?php

declare(strict_types=1);

namespace Evrent\Devices\Virtual;

use Evrent\Core\Run\Fault;
use Evrent\Core\Run\FaultKind;
use Evrent\Core\Run\RunLog;
use Evrent\Core\Run\Sequencer;
use Evrent\Core\Run\TwoTimers;
use Evrent\Core\Schedule\CameraTimer;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Faults;

/**
 * A plan run from end to end on the simulated rig and camera, in virtual time.
 */
final class DryRun
{
    /**
     * @param list<Fault> $faults to rehearse
     */
    public static function of(Schedule $schedule, int $seed, array $faults = []): RunLog
    {
        $jitter = new Jitter($seed);
        $list = new Faults($faults);
        $start = array_map(static fn (array $column): int => $column[0], $schedule->moves->motorPositionSteps);
        $photos = [];
        $rig = new VirtualRig($schedule->plan->rig, $start, $jitter, $list);
        $camera = new VirtualCamera($schedule->plan->camera, $jitter, $list);
        $ownTimer = CameraTimer::of($schedule);
        $taken = $ownTimer === null
            ? Sequencer::run($schedule, new VirtualTimer($jitter, $list), $rig, $camera)
            : TwoTimers::run(
                $schedule,
                $ownTimer,
                new VirtualTimer($jitter, $list->only(FaultKind::Pause, FaultKind::PowerCut)),
                new VirtualTimer($jitter, $list->only(FaultKind::TimerStops)),
                $rig,
                $camera,
            );
        foreach ($taken as $photo) {
            $photos[] = $photo;
        }
        assert($photos !== []);

        return new RunLog($schedule, $photos);
    }
}
