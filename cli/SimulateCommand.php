<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Format\FaultsReader;
use Evrent\Core\Format\RunLogJson;
use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\RehearsedLog;
use Evrent\Core\Run\Take\Setting;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Virtual\DryRun;
use Evrent\Words\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'simulate')]
final class SimulateCommand extends Command
{
    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.simulate.description'));
        $this->addArgument('plan', InputArgument::REQUIRED, Words::of('cli.check.plan'));
        $this->addOption('faults', null, InputOption::VALUE_REQUIRED, Words::of('cli.simulate.faults'));
        $this->addOption('seed', null, InputOption::VALUE_REQUIRED, Words::of('cli.simulate.seed'), '1');
        $this->addOption('log', null, InputOption::VALUE_REQUIRED, Words::of('cli.simulate.log'));
        $this->setHelp(Words::of('cli.simulate.help'));
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
            $lines = array_map(
                static fn (LogLine $line): string => TakeLogLines::line($line->in(Words::sayAll(...))),
                RehearsedLog::lines($schedule, $log->photos),
            );
            if (@file_put_contents($kept, $header . implode('', $lines)) === false) {
                throw new BadUsage(Words::of('cli.simulate.log_problem', kept: $kept));
            }
        }
        foreach (RunLogJson::pieces($log, $seed, Words::sayAll(...)) as $piece) {
            $output->write($piece, false, OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }
}
