<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Format\SkyJson;
use Evrent\Core\Sky\DayEvents;
use Evrent\Core\Sky\Horizon;
use Evrent\Core\Sky\LocalDay;
use Evrent\Core\Sky\SeenEvents;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'day', description: 'What sun and moon do at a place in a day')]
final class DayCommand extends Command
{
    protected function configure(): void
    {
        Place::addTo($this);
        $this->addOption('date', null, InputOption::VALUE_REQUIRED, 'The calendar day there, such as 2026-05-14');
        $this->addOption('zone', null, InputOption::VALUE_REQUIRED, 'Its time zone, such as Europe/Lisbon', 'UTC');
        $this->addOption('target-height', null, InputOption::VALUE_REQUIRED, 'How high the galactic centre has to stand in a dark window, degrees');
        $this->addOption('horizon', null, InputOption::VALUE_REQUIRED, 'Bearings with the heights of what stands around, as in "80 5, 110 12"', '');
        $this->setHelp('What does not happen that day is null. A dark window has the sun below -18° and the moon down.');
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
