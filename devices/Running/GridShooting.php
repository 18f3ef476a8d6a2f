<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Presets\CellPlan;
use Evrent\Core\Presets\Trial;
use Evrent\Core\Run\Before\Contradiction;
use Evrent\Core\Run\Take\Ending;
use Evrent\Core\Run\Take\Setting;
use Evrent\Core\Run\Take\WhenOut;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Timing\TimedBy;
use Evrent\Core\Values\InvalidInput;
use Evrent\Devices\Film\SmallFilm;
use Evrent\Devices\Links\CameraLink;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\RigLink;
use Evrent\Devices\Links\SetsBody;
use RuntimeException;

/**
 * Shoots a test grid, one cell after another, as takes are shot, and makes a short clip of each.
 */
final class GridShooting
{
    /** @var list<Text|string> what the devices tell that no test can be made with */
    private array $refused = [];

    /**
     * @param list<\Evrent\Core\Motion\Axis> $kitAxes as BeforeStart has them
     * @param list<string> $done cells that are shot already
     */
    public function __construct(
        private readonly Plan $plan,
        private readonly Trial $trial,
        private readonly ?RigLink $rig,
        private readonly CameraLink $camera,
        private readonly GridStore $store,
        private readonly float $speed = 1.0,
        private readonly array $kitAxes = [],
        private readonly array $done = [],
    ) {
    }

    /**
     * @return bool whether it went to its end; false where it was stopped
     *
     * @throws DeviceRefused where nothing can be shot
     * @throws InvalidInput  where this plan cannot be tried
     */
    public function run(): bool
    {
        $this->refuseUnlessSeen();
        foreach ($this->trial->cells() as $cell) {
            if (in_array($cell, $this->done, true)) {
                continue;
            }
            if ($this->store->isStopped()) {
                return false;
            }
            if (!$this->trial->fits($cell)) {
                $this->store->skipped($cell, new Message('devices.grid.no_fit'));
                continue;
            }
            $schedule = Schedule::of(CellPlan::of($this->plan, $this->trial, $cell));
            $whyNot = CellPlan::whyNot($schedule);
            if ($whyNot !== null) {
                $this->store->skipped($cell, $whyNot);
            } elseif (!$this->shoot($cell, $schedule)) {
                return false;
            }
        }

        return true;
    }

    /** @return bool whether to go on */
    private function shoot(string $cell, Schedule $schedule): bool
    {
        $this->store->begins($cell);
        $log = new CellStore($this->store);
        $setting = new Setting($schedule->plan->rig->axes !== [] && $this->rig !== null, true, whenOut: WhenOut::End);
        $runner = new Runner($schedule, $setting, $this->rig, $this->camera, $log, new RunClock(0.0, $this->speed), $this->answers(...), $this->kitAxes);
        $ending = $runner->run();
        if ($this->refused !== []) {
            throw new DeviceRefused(Joined::of($this->refused, Joined::SENTENCES));
        }
        if ($ending === Ending::Aborted) {
            return false;
        }
        $this->keep($cell, $log);
        if ($ending === Ending::Failed) {
            throw new DeviceRefused($log->alarms === [] ? new Message('devices.grid.failed') : end($log->alarms));
        }

        return true;
    }

    private function keep(string $cell, CellStore $log): void
    {
        ksort($log->files);
        $pictures = [];
        foreach ($log->files as $file) {
            $jpeg = $this->camera->thumbnail($file);
            if ($jpeg !== null) {
                $pictures[] = $jpeg;
            }
        }
        try {
            $film = $pictures === [] ? null : SmallFilm::of($pictures, $this->plan->timing->framesPerSecond);
        } catch (Failure $failed) {
            $this->store->skipped($cell, new Message('devices.grid.no_clip', ['why' => $failed->says]));

            return;
        }
        if ($film === null) {
            $this->store->skipped($cell, new Message('devices.grid.no_pictures'));
        } else {
            $this->store->shot($cell, $film, $pictures[0], self::inShort($log->alarms));
        }
    }

    /** @param list<Text|string> $alarms */
    private static function inShort(array $alarms): Text|string
    {
        $more = count($alarms) - 1;

        return Joined::of([$alarms[0] ?? '', $more > 0 ? new Message('devices.grid.and_more', ['count' => $more]) : null], Joined::SENTENCES);
    }

    /**
     * What can be set is set, and a test goes on with the rest as it is.
     *
     * @param list<Contradiction> $found
     *
     * @return ?array<string, ?string>
     */
    private function answers(array $found): ?array
    {
        $answers = [];
        foreach ($found as $one) {
            if ($one->isRefused && $one->set === null) {
                $this->refused[] = $one->says;
            }
            $answers[$one->about] = $one->set === null ? 'a test' : null;
        }

        return $this->refused === [] ? $answers : null;
    }

    /** @throws DeviceRefused */
    private function refuseUnlessSeen(): void
    {
        if (!$this->camera->tells()) {
            throw new DeviceRefused(new Message('devices.grid.cable_only'));
        }
        $isSet = $this->camera instanceof SetsBody || $this->plan->camera->exposureTimedBy === TimedBy::Controller;
        if (!$isSet && count($this->trial->shutters) > 1) {
            throw new DeviceRefused(new Message('devices.grid.not_settable'));
        }
        if ($this->rig === null && $this->plan->rig->axes !== []) {
            throw new DeviceRefused(new Message('devices.grid.no_rig'));
        }
        $this->rig?->connect();
        $this->camera->connect();
        $this->camera->newFiles();
    }
}
