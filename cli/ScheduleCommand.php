<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Format\ScheduleCsv;
use Evrent\Core\Format\ScheduleJson;
use Evrent\Words\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'schedule')]
final class ScheduleCommand extends Command
{
    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.schedule.description'));
        $this->addArgument('plan', InputArgument::REQUIRED, Words::of('cli.check.plan'));
        $this->addOption('format', null, InputOption::VALUE_REQUIRED, Words::of('cli.schedule.format'), 'json');
        $this->setHelp(Words::of('cli.schedule.help'));
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
