<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Format\FaultsReader;
use Evrent\Core\Format\RunLogJson;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Virtual\DryRun;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'simulate', description: 'A dry run of a plan in virtual time, as a run log')]
final class SimulateCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('plan', InputArgument::REQUIRED, 'A plan file (evrent.plan/1), or - for standard input');
        $this->addOption('faults', null, InputOption::VALUE_REQUIRED, 'A fault list (evrent.faults/1) to rehearse');
        $this->addOption('seed', null, InputOption::VALUE_REQUIRED, 'Which timing noise: the same seed gives the same run', '1');
        $this->setHelp('Writes for each photo what was planned, what happened, and whether it can be used.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $seed = Input::whole($input, 'seed') ?? 1;
        $plan = Input::planAtOnce($input);
        $path = $input->getOption('faults');
        $faults = is_string($path) ? FaultsReader::fromJson(Input::file($path, '--faults'), $plan->rig->axisIds()) : [];
        foreach (RunLogJson::pieces(DryRun::of(Schedule::of($plan), $seed, $faults), $seed) as $piece) {
            $output->write($piece, false, OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }
}
