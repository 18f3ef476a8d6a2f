<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Devices\Faults;
use Evrent\Devices\Simulators\Clock;
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
        $this->setHelp('Runs until it is stopped. What it understands is in docs/devices.md. Without a plan it has a slide of 1,200 mm, a pan and a tilt.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $plan = DeviceOptions::plan($input);
        $rig = $plan->rig ?? SimulatedKit::rig();
        $speed = DeviceOptions::speed($input);
        $faults = new Faults(DeviceOptions::faults($input, $rig->axisIds()));
        $simulated = new SimulatedRig($rig, $faults, $plan?->power?->rig, name: DeviceOptions::name($input), worldSpeed: $speed);
        $server = new RigServer($simulated, new Clock($speed), DeviceOptions::address($input, 'trigger'));
        DeviceOptions::serve($output, fn (): string => $server->listen('127.0.0.1:' . DeviceOptions::port($input, 'port')), 'rig');

        return self::SUCCESS;
    }
}
