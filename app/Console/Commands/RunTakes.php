<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\KeepCheck;
use App\Actions\KeepGrid;
use App\Actions\RecordTake;
use App\Devices\InHand;
use App\Devices\Simulated;
use App\Models\DeviceCheck;
use App\Models\Take;
use App\Models\TestGrid;
use App\Status\CheckStatus;
use Evrent\Core\Messages\Message;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Running\CheckStopped;
use Evrent\Devices\Running\DeviceCheck as CheckOfDevices;
use Evrent\Devices\Running\GridShooting;
use Evrent\Devices\Running\HoldLost;
use Evrent\Devices\Running\RunClock;
use Evrent\Devices\Running\Runner;
use Evrent\Words\Words;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PDOException;
use Symfony\Component\Console\Input\InputOption;
use Throwable;

/**
 * The worker that carries takes out, one after another: whatever is not over and held by no other. Killed at any moment, the next one goes on.
 */
final class RunTakes extends Command
{
    private const LOOK_MICROSECONDS = 250_000;
    private const SILENT_SECONDS = 5;

    protected $name = 'evrent:takes';

    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.takes.about'))->addOption('once', null, InputOption::VALUE_NONE, Words::of('cli.takes.once'));
    }

    public function handle(): int
    {
        do {
            try {
                $ran = $this->checkNext() || $this->gridNext() || $this->runNext();
            } catch (QueryException | PDOException) {
                $ran = false;
                DB::purge();
            }
            if (!$ran) {
                usleep(self::LOOK_MICROSECONDS);
            }
        } while ($ran || $this->option('once') !== true);

        return self::SUCCESS;
    }

    /** Whether there was one. */
    private function runNext(): bool
    {
        foreach (Take::underWay()->with('revision')->orderBy('id')->get() as $take) {
            $store = RecordTake::holding($take);
            if ($store === null) {
                $this->waits($take);
                continue;
            }
            try {
                $this->carryOut($take->refresh(), $store);

                return true;
            } catch (HoldLost) {
                return false;
            } catch (QueryException | PDOException $away) {
                throw $away;
            } catch (Throwable $defect) {
                // Whoever holds it next goes on; a defect is for the log.
                report($defect);
                usleep(self::LOOK_MICROSECONDS);

                return false;
            } finally {
                $store->letGo();
            }
        }

        return false;
    }

    /** Nobody drives it, and its rig or camera is somebody else’s: said where it is looked at. */
    private function waits(Take $take): void
    {
        Take::query()->whereKey($take->id)->where('waits_for', '')->where('created_at', '<', now()->subSeconds(self::SILENT_SECONDS))
            ->where(static fn ($query) => $query->whereNull('beat_at')->orWhere('beat_at', '<', now()->subSeconds(self::SILENT_SECONDS)))
            ->update(['waits_for' => Message::toStore(new Message('app.run_takes.waits'))]);
    }

    /** Whether there was a check of devices to be carried out. */
    private function checkNext(): bool
    {
        foreach (DeviceCheck::query()->with('revision')->whereIn('status', CheckStatus::open())->orderBy('id')->get() as $check) {
            $locks = app(InHand::class)->locks(Simulated::rig($check->rig_address), Simulated::camera($check->camera_address));
            if ($locks === null) {
                continue;
            }
            try {
                $this->check($check->refresh());
            } finally {
                $locks->letGo();
            }

            return true;
        }

        return false;
    }

    /** Whether there was a test grid to be shot. */
    private function gridNext(): bool
    {
        foreach (TestGrid::underWay()->with(['revision', 'trial'])->orderBy('id')->get() as $grid) {
            $locks = app(InHand::class)->locks(Simulated::rig($grid->rig_address), Simulated::camera($grid->camera_address));
            if ($locks === null) {
                // Somebody is there to carry it out, once its devices are free.
                $grid->waits();
                continue;
            }
            try {
                $this->shootGrid($grid->refresh());
            } finally {
                $locks->letGo();
            }

            return true;
        }

        return false;
    }

    private function shootGrid(TestGrid $grid): void
    {
        if ($grid->isOver()) {
            return;
        }
        $store = new KeepGrid($grid);
        $store->is(CheckStatus::Running);
        $plan = $grid->revision->toPlan();
        [$rig, $camera] = [$grid->rigFor($plan), $grid->cameraFor($plan)];
        try {
            $shooting = new GridShooting($plan, $grid->trial->matrix(), $rig, $camera, $store, $grid->speed, $grid->kitAxes(), $grid->shotCells());
            $store->is($shooting->run() ? CheckStatus::Done : CheckStatus::Stopped);
        } catch (DeviceGone | DeviceRefused | InvalidInput $failed) {
            $store->is(CheckStatus::Failed, $failed instanceof InvalidInput ? $failed->problems[0]->message : $failed->says);
        } finally {
            $rig?->disconnect();
            $camera->disconnect();
        }
    }

    private function check(DeviceCheck $check): void
    {
        $store = new KeepCheck($check);
        if ($check->status === CheckStatus::Running) {
            // Whoever carried it out is gone, and nobody knows how far it was.
            $store->say(new Message('devices.check.interrupted'));
            $store->is(CheckStatus::Failed);
        }
        if ($check->isOver()) {
            return;
        }
        $store->is(CheckStatus::Running);
        $plan = $check->revision->toPlan();
        $rig = $check->rigFor($plan);
        try {
            (new CheckOfDevices(Schedule::of($plan), $rig, $check->cameraFor($plan), new RunClock(), $store, $store->goOn(...)))->run($check->what);
            $store->is(CheckStatus::Done);
        } catch (CheckStopped) {
            $store->is(CheckStatus::Stopped);
        } catch (DeviceGone | DeviceRefused $failed) {
            $store->say($failed->says);
            $store->is(CheckStatus::Failed);
        }
    }

    private function carryOut(Take $take, RecordTake $store): void
    {
        if ($take->isOver()) {
            return;
        }
        $store->begin();
        $plan = $take->revision->toPlan();
        $clock = $take->worldChange()?->clock($take->lastSeconds())
            ?? RunClock::since((float) $take->begun_at?->format('U.u'), $take->speed, $take->begun_mark, $take->lastSeconds());
        $rig = $take->rigFor($plan);
        $camera = $take->cameraFor($plan);
        try {
            (new Runner(Schedule::of($plan), $take->made(), $rig, $camera, $store, $clock, kitAxes: $take->kitAxes()))->run();
        } finally {
            // Whoever is next finds them free.
            $rig?->disconnect();
            $camera->disconnect();
        }
    }
}
