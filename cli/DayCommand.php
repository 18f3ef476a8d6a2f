<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Format\SkyJson;
use Evrent\Core\Sky\DayEvents;
use Evrent\Core\Sky\Horizon;
use Evrent\Core\Sky\LocalDay;
use Evrent\Core\Sky\SeenEvents;
use Evrent\Words\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'day')]
final class DayCommand extends Command
{
    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.day.description'));
        Place::addTo($this);
        $this->addOption('date', null, InputOption::VALUE_REQUIRED, Words::of('cli.day.date'));
        $this->addOption('zone', null, InputOption::VALUE_REQUIRED, Words::of('cli.day.zone'), 'UTC');
        $this->addOption('target-height', null, InputOption::VALUE_REQUIRED, Words::of('cli.day.altitude'));
        $this->addOption('horizon', null, InputOption::VALUE_REQUIRED, Words::of('cli.day.horizon'), '');
        $this->setHelp(Words::of('cli.day.help'));
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return Place::answer($output, static function () use ($input): array {
            $day = new LocalDay(Place::text($input, 'date'), Place::text($input, 'zone'));

            $observer = Place::read($input);
            $horizon = Horizon::read(Place::text($input, 'horizon'));
            $events = DayEvents::at($observer, $day, Input::number($input, 'target-height'), $horizon);

            return SkyJson::day($day, $events, $horizon->isFlat() ? null : SeenEvents::of($observer, $horizon, $events));
        });
    }
}
