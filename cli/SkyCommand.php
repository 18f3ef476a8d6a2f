<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Format\SkyJson;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'sky', description: 'Where sun, moon and the middle of the Milky Way stand')]
final class SkyCommand extends Command
{
    protected function configure(): void
    {
        Place::addTo($this);
        $this->addOption('at', null, InputOption::VALUE_REQUIRED, 'The time, such as 2026-05-14T22:10:00Z');
        $this->setHelp('Azimuths count from true north clockwise. altitude_deg is airless, seen from the place itself; '
            . 'apparent_altitude_deg is what the air lifts it to.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return Place::answer($output, static function () use ($input): array {
            return SkyJson::sky(Place::read($input), SkyJson::instant(Place::text($input, 'at')));
        });
    }
}
