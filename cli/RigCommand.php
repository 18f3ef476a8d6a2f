<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Devices\Faults;
use Evrent\Devices\Simulators\Clock;
use Evrent\Devices\Simulators\Rig\OtherFirmware;
use Evrent\Devices\Simulators\Rig\RigServer;
use Evrent\Devices\Simulators\Rig\SimulatedRig;
use Evrent\Devices\Simulators\SimulatedKit;
use Evrent\Words\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'rig')]
final class RigCommand extends Command
{
    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.rig.description'));
        DeviceOptions::add($this, Words::of('cli.rig.port'));
        $this->addOption('trigger', null, InputOption::VALUE_REQUIRED, Words::of('cli.rig.trigger'));
        $this->addOption('trigger-file', null, InputOption::VALUE_REQUIRED, Words::of('cli.rig.camera_file'));
        $this->addOption('firmware', null, InputOption::VALUE_REQUIRED, Words::of('cli.rig.dialect'), 'usual');
        $this->setHelp(Words::of('cli.rig.help'));
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $plan = DeviceOptions::plan($input);
        $rig = $plan->rig ?? SimulatedKit::rig();
        $speed = DeviceOptions::speed($input);
        $faults = new Faults(DeviceOptions::faults($input, $rig->axisIds()));
        $isOther = Input::choice($input, 'firmware', ['usual', 'other']) === 'other';
        $letters = $isOther ? OtherFirmware::LETTERS : ($plan === null ? SimulatedKit::letters() : []);
        $simulated = new SimulatedRig($rig, $faults, $plan?->power?->rig, $letters, DeviceOptions::name($input), $speed);
        $server = new RigServer($isOther ? new OtherFirmware($simulated) : $simulated, new Clock($speed), self::trigger($input));
        $port = DeviceOptions::port($input, 'port');
        $listen = static fn (int $further): array => [$server->listen('127.0.0.1:' . ($port === 0 ? 0 : $port + $further))];
        DeviceOptions::serve($input, $output, $listen, 'rig');

        return self::SUCCESS;
    }

    /** @return \Closure(): ?string where the camera's trigger input is now */
    private static function trigger(InputInterface $input): \Closure
    {
        $address = DeviceOptions::address($input, 'trigger');
        $file = $input->getOption('trigger-file');

        return static function () use ($address, $file): ?string {
            $told = is_string($file) ? explode("\n", (string) @file_get_contents($file))[1] ?? '' : '';

            return $told === '' ? $address : $told;
        };
    }
}
