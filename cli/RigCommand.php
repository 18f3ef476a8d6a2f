<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Devices\Faults;
use Evrent\Devices\Simulators\Clock;
use Evrent\Devices\Simulators\Rig\OtherFirmware;
use Evrent\Devices\Simulators\Rig\RigServer;
use Evrent\Devices\Simulators\Rig\SimulatedRig;
use Evrent\Devices\Simulators\SimulatedKit;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'rig', description: 'A simulated rig that understands G-code over TCP')]
final class RigCommand extends Command
{
    protected function configure(): void
    {
        DeviceOptions::add($this, 'Port it listens on, on this machine alone; 0 takes a free one');
        $this->addOption('trigger', null, InputOption::VALUE_REQUIRED, 'HOST:PORT of the camera’s trigger input');
        $this->addOption('trigger-file', null, InputOption::VALUE_REQUIRED, 'The camera’s --address-file: its trigger input is where that says');
        $this->addOption('firmware', null, InputOption::VALUE_REQUIRED, 'usual, or other: one that speaks G-code otherwise (docs/devices.md)', 'usual');
        $this->setHelp('Runs until it is stopped. What it understands is in docs/devices.md. Without a plan it has a slide of 1,200 mm, a pan and a tilt.');
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
