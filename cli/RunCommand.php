<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Messages\Failure;
use Evrent\Core\Run\Take\Ending;
use Evrent\Core\Run\Take\GapSchool;
use Evrent\Core\Run\Take\Setting;
use Evrent\Core\Run\Take\WhenOut;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Links\CameraLink;
use Evrent\Devices\Links\CameraLinks;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\GcodeRig;
use Evrent\Devices\Links\OwnTimerCamera;
use Evrent\Devices\Running\DeviceLocks;
use Evrent\Devices\Running\FileStore;
use Evrent\Devices\Running\RunClock;
use Evrent\Devices\Running\Runner;
use Evrent\Devices\Running\World;
use Evrent\Devices\Running\WorldChange;
use Evrent\Words\Words;
use RuntimeException;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'run')]
final class RunCommand extends Command
{
    private const CONTRADICTED = 3;

    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.run.description'));
        $this->addArgument('plan', InputArgument::REQUIRED, Words::of('cli.check.plan'));
        $this->addOption('rig', null, InputOption::VALUE_REQUIRED, Words::of('cli.run.rig'));
        $camera = Words::of('cli.run.camera');
        $this->addOption('camera', null, InputOption::VALUE_REQUIRED, $camera, 'deaf');
        $this->addOption('log', null, InputOption::VALUE_REQUIRED, Words::of('cli.run.log'));
        $this->addOption('resume', null, InputOption::VALUE_NONE, Words::of('cli.run.resume'));
        $this->addOption('delay', null, InputOption::VALUE_REQUIRED, Words::of('cli.run.delay'), '0');
        $this->addOption('after-gap', null, InputOption::VALUE_REQUIRED, Words::of('cli.run.after_pause'), 'place');
        $this->addOption('when-out', null, InputOption::VALUE_REQUIRED, Words::of('cli.run.when_empty'), 'wait');
        $this->addOption('set', null, InputOption::VALUE_REQUIRED, Words::of('cli.run.settings'), 'auto');
        $this->addOption('rest', null, InputOption::VALUE_REQUIRED, Words::of('cli.run.rest'));
        $this->addOption('speed', null, InputOption::VALUE_REQUIRED, Words::of('cli.run.speed'));
        $this->addOption('fix', null, InputOption::VALUE_NONE, Words::of('cli.run.fix'));
        $this->addOption('force', null, InputOption::VALUE_NONE, Words::of('cli.run.force'));
        RigOptions::addTo($this);
        $this->setHelp(
            Words::of('cli.run.help'),
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $path = $input->getOption('log');
        if (!is_string($path) || $path === '') {
            throw new BadUsage(Words::of('cli.run.log_problem'));
        }
        $plan = Input::planAtOnce($input);
        $camera = self::camera($input, $plan->trigger->isCamera());
        $address = $input->getOption('rig');
        if ($address === 'sim' || $input->getOption('camera') === 'sim') {
            throw new BadUsage(Words::of('cli.run.devices_problem'));
        }
        $rig = is_string($address) ? new GcodeRig($plan->rig, $address, RigOptions::dialect($input)) : null;
        if ($rig === null && !$camera->tells() && !$plan->trigger->isCamera()) {
            throw new BadUsage(Words::of('cli.run.rig_problem'));
        }
        $named = $input->getOption('camera');
        // Before anything is asked of them, and until this ends.
        $locks = DeviceLocks::take(is_string($address) ? $address : null, is_string($named) ? $named : '')
            ?? throw new BadUsage(Words::of('cli.run.in_use'));
        $hash = TakeLogLines::planHash($plan);
        $speed = $input->getOption('speed') === null ? null : DeviceOptions::speed($input);
        $before = new RunAnswers($input->getOption('fix') === true, $input->getOption('force') === true);
        try {
            $speed ??= self::reachedSpeed($rig, $camera);
            if ($input->getOption('resume') === true) {
                $kept = TakeLogLines::read(Input::file($path, '--log'));
                if ($kept['header']['plan_sha256'] !== $hash) {
                    throw new BadUsage(Words::of('cli.run.other_plan'));
                }
                $last = $kept['lines'] === [] ? 0.0 : $kept['lines'][count($kept['lines']) - 1]->seconds;
                $begun = is_numeric($kept['header']['begun_unix_s'] ?? null) ? (float) $kept['header']['begun_unix_s'] : microtime(true);
                $changed = WorldChange::last($kept['lines']);
                $clock = $changed?->clock($last) ?? RunClock::since($begun, $speed, self::mark($kept['header']), $last);
                $setting = $kept['setting'];
                $store = new FileStore($path, null, $kept['lines'], STDIN, STDERR, $kept['token'] + 1);
            } else {
                $setting = new Setting(
                    $rig !== null && $plan->rig->axes !== [],
                    $camera->tells(),
                    GapSchool::from(Input::choice($input, 'after-gap', ['place', 'clock'])),
                    Input::seconds($input, 'delay') ?? 0.0,
                    Input::seconds($input, 'rest'),
                    $camera instanceof OwnTimerCamera,
                    WhenOut::from(Input::choice($input, 'when-out', ['wait', 'end'])),
                    Input::choice($input, 'set', ['auto', 'off']) === 'auto',
                );
                $devices = [...(is_string($address) ? ['rig' => $address] : []), 'camera' => is_string($named) ? $named : 'deaf'];
                $header = TakeLogLines::header($plan->title, $hash, microtime(true), $setting, $speed, $devices, RunClock::mark());
                $store = new FileStore($path, $header, [], STDIN, STDERR);
                $clock = new RunClock(0.0, $speed);
            }
            $runner = new Runner(Schedule::of($plan), $setting, $rig, $camera, $store, $clock, $before->to(...));
            $ending = $runner->run();
        } catch (RuntimeException $wrong) {
            throw match (true) {
                $wrong instanceof BadUsage => $wrong,
                $wrong instanceof Failure => new BadUsage(Words::of('cli.run.log_failed', getMessage: $wrong->says)),
                default => new BadUsage(Words::of('cli.run.log_failed', getMessage: $wrong->getMessage())),
            };
        } finally {
            $locks->letGo();
        }
        if ($before->isRefused) {
            // Nothing was shot: there is no log of it.
            unlink($path);
            $output->writeln($before->list());

            return self::CONTRADICTED;
        }
        $output->writeln(Words::of('cli.run.done', ending: Words::of("takes.state.{$ending->value}"), taken: $runner->state()->taken));

        return $ending === Ending::Complete ? self::SUCCESS : self::FAILURE;
    }

    /** How fast the devices run now; 1 where they are not simulated, or not there yet. */
    private static function reachedSpeed(?GcodeRig $rig, CameraLink $camera): float
    {
        try {
            $rig?->connect();
            $camera->connect();

            return World::reported($rig, $camera) ?? 1.0;
        } catch (DeviceGone | DeviceRefused) {
            // The run says so, and waits.
            return 1.0;
        }
    }

    /**
     * @param array<string, mixed> $header
     *
     * @return ?array{string, float}
     */
    private static function mark(array $header): ?array
    {
        [$boot, $at] = [$header['begun_boot'] ?? null, $header['begun_monotonic_s'] ?? null];

        return is_string($boot) && (is_float($at) || is_int($at)) ? [$boot, (float) $at] : null;
    }

    private static function camera(InputInterface $input, bool $isOwnTimer): CameraLink
    {
        $name = $input->getOption('camera');
        if (!is_string($name) || preg_match((string) KitKind::Body->addressFormat(), $name) !== 1) {
            throw new BadUsage(Words::of('cli.run.camera_problem'));
        }
        if (CameraLinks::isOwnTimer($name) && !$isOwnTimer) {
            throw new BadUsage(Words::of('cli.run.not_triggered'));
        }

        return CameraLinks::at($name, $isOwnTimer);
    }
}
