<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Format\FaultsReader;
use Evrent\Core\Format\RunLogJson;
use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Run\Take\RehearsedLog;
use Evrent\Core\Run\Take\Setting;
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
        $this->addOption('log', null, InputOption::VALUE_REQUIRED, 'File that the run is told to as a take’s log too (evrent.run-log/2)');
        $this->setHelp('Writes for each photo what was planned, what happened, and whether it can be used.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $seed = Input::whole($input, 'seed') ?? 1;
        $plan = Input::planAtOnce($input);
        $path = $input->getOption('faults');
        $faults = is_string($path) ? FaultsReader::fromJson(Input::file($path, '--faults'), $plan->rig->axisIds()) : [];
        $schedule = Schedule::of($plan);
        $log = DryRun::of($schedule, $seed, $faults);
        $kept = $input->getOption('log');
        if (is_string($kept)) {
            $devices = ['rig' => 'rehearsed', 'camera' => 'rehearsed'];
            $header = TakeLogLines::header($plan->title, TakeLogLines::planHash($plan), 0.0, new Setting(true, true), 1.0, $devices);
            $lines = array_map(TakeLogLines::line(...), RehearsedLog::lines($schedule, $log->photos));
            if (@file_put_contents($kept, $header . implode('', $lines)) === false) {
                throw new BadUsage("--log: cannot write {$kept}.");
            }
        }
        foreach (RunLogJson::pieces($log, $seed) as $piece) {
            $output->write($piece, false, OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }
}
