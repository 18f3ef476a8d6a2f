<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Format\ScheduleCsv;
use Evrent\Core\Format\ScheduleJson;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'schedule', description: 'The frame schedule of a plan')]
final class ScheduleCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('plan', InputArgument::REQUIRED, 'A plan file (evrent.plan/1), or - for standard input');
        $this->addOption('format', null, InputOption::VALUE_REQUIRED, 'json or csv', 'json');
        $this->setHelp('Writes where the rig stands, when each photo is taken and what is left of its interval, for every photo.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $format = Input::choice($input, 'format', ['json', 'csv']);
        $plan = Input::plan($input);
        foreach ($format === 'json' ? ScheduleJson::pieces($plan) : ScheduleCsv::pieces($plan) as $piece) {
            $output->write($piece, false, OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }
}
