<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Format\SkyJson;
use Evrent\Words\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'sky')]
final class SkyCommand extends Command
{
    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.sky.description'));
        Place::addTo($this);
        $this->addOption('at', null, InputOption::VALUE_REQUIRED, Words::of('cli.sky.time'));
        $this->setHelp(Words::of('cli.sky.help'));
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return Place::answer($output, static function () use ($input): array {
            return SkyJson::sky(Place::read($input), SkyJson::instant(Place::text($input, 'at')));
        });
    }
}
