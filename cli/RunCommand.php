<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Kit\KitKind;
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
use RuntimeException;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'run', description: 'Shoot a plan on a rig and a camera')]
final class RunCommand extends Command
{
    private const CONTRADICTED = 3;

    protected function configure(): void
    {
        $this->addArgument('plan', InputArgument::REQUIRED, 'A plan file (evrent.plan/1), or - for standard input');
        $this->addOption('rig', null, InputOption::VALUE_REQUIRED, 'HOST:PORT or a serial port such as /dev/ttyUSB0; none for a camera on legs alone');
        $camera = 'deaf, ptp:HOST:PORT, or usb: or ptpip:HOST:PORT:PORT as gphoto2 has it; own, or own: before one of them, on its own timer';
        $this->addOption('camera', null, InputOption::VALUE_REQUIRED, $camera, 'deaf');
        $this->addOption('log', null, InputOption::VALUE_REQUIRED, 'File that the log is written to (evrent.run-log/2)');
        $this->addOption('resume', null, InputOption::VALUE_NONE, 'Go on with the log that is there');
        $this->addOption('delay', null, InputOption::VALUE_REQUIRED, 'Seconds until the first photo', '0');
        $this->addOption('after-gap', null, InputOption::VALUE_REQUIRED, 'place: go on where it stood; clock: leave out what is past', 'place');
        $this->addOption('when-out', null, InputOption::VALUE_REQUIRED, 'When card or battery runs out: wait for the swap, or end', 'wait');
        $this->addOption('set', null, InputOption::VALUE_REQUIRED, 'auto: set the camera to the plan, where it can be set; off: leave it as it is', 'auto');
        $this->addOption('rest', null, InputOption::VALUE_REQUIRED, 'Stop motion: seconds to rest before each photo; without it, each waits for "snap"');
        $this->addOption('speed', null, InputOption::VALUE_REQUIRED, 'Speed of the simulated devices’ world, 1 to 1000; without it, as they run now');
        $this->addOption('fix', null, InputOption::VALUE_NONE, 'Set what contradicts the plan and can be set: rig, focus, clock');
        $this->addOption('force', null, InputOption::VALUE_NONE, 'Use as it is what contradicts the plan');
        RigOptions::addTo($this);
        $this->setHelp(
            'Words on standard input are orders: pause, go_on, finish, abort, snap, step_back N. Killed at any moment, it goes on with --resume at the '
            . 'right photo and place. Ends with 0 when every photo was taken as planned as far as the camera tells, 1 when not, and 3 when what the '
            . 'devices tell contradicts the plan: then nothing was shot, and --fix or --force goes on. Keep hands clear before the rig moves.',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $path = $input->getOption('log');
        if (!is_string($path) || $path === '') {
            throw new BadUsage('--log: give the file that the log is written to.');
        }
        $plan = Input::planAtOnce($input);
        $camera = self::camera($input, $plan->trigger->isCamera());
        $address = $input->getOption('rig');
        if ($address === 'sim' || $input->getOption('camera') === 'sim') {
            throw new BadUsage('--rig, --camera: give where the simulated one is reached, as bin/evrent rig and camera say it.');
        }
        $rig = is_string($address) ? new GcodeRig($plan->rig, $address, RigOptions::dialect($input)) : null;
        if ($rig === null && !$camera->tells() && !$plan->trigger->isCamera()) {
            throw new BadUsage('--rig: give a rig, or a camera that can be fired without one.');
        }
        $named = $input->getOption('camera');
        // Before anything is asked of them, and until this ends.
        $locks = DeviceLocks::take(is_string($address) ? $address : null, is_string($named) ? $named : '')
            ?? throw new BadUsage('--rig: something else on this machine uses this rig or this camera. End that first.');
        $hash = TakeLogLines::planHash($plan);
        $speed = $input->getOption('speed') === null ? null : DeviceOptions::speed($input);
        $before = new RunAnswers($input->getOption('fix') === true, $input->getOption('force') === true);
        try {
            $speed ??= self::reachedSpeed($rig, $camera);
            if ($input->getOption('resume') === true) {
                $kept = TakeLogLines::read(Input::file($path, '--log'));
                if ($kept['header']['plan_sha256'] !== $hash) {
                    throw new BadUsage('--resume: this log follows another plan.');
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
            throw $wrong instanceof BadUsage ? $wrong : new BadUsage("--log: {$wrong->getMessage()}");
        } finally {
            $locks->letGo();
        }
        if ($before->isRefused) {
            // Nothing was shot: there is no log of it.
            unlink($path);
            $output->writeln($before->list());

            return self::CONTRADICTED;
        }
        $output->writeln(sprintf('%s: %d photos triggered', str_replace('_', ' ', $ending->value), $runner->state()->taken));

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
            throw new BadUsage('--camera: give deaf, own, ptp:HOST:PORT, usb:, or ptpip:HOST:PORT:PORT.');
        }
        if (CameraLinks::isOwnTimer($name) && !$isOwnTimer) {
            throw new BadUsage('--camera: this plan has the rig fire the camera. Give one that is fired, or have the plan say otherwise.');
        }

        return CameraLinks::at($name, $isOwnTimer);
    }
}
