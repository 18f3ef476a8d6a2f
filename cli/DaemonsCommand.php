<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Devices\Daemon\Daemons;
use Evrent\Devices\Daemon\Endpoint;
use Evrent\Devices\Daemon\Keeper;
use Evrent\Words\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'daemons')]
final class DaemonsCommand extends Command
{
    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.daemons.description'));
        $this->addOption('folder', null, InputOption::VALUE_REQUIRED, Words::of('cli.daemons.folder'));
        $this->setHelp(Words::of('cli.daemons.help'));
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $folder = $input->getOption('folder');
        if (!is_string($folder) || $folder === '') {
            throw new BadUsage(Words::of('cli.daemons.folder_problem'));
        }
        $daemons = new Daemons($folder);
        $isMade = is_dir($daemons->folder) || @mkdir($daemons->folder, 0o700, true);
        // Where everybody may make one, whoever made it could answer there.
        if (!$isMade || $daemons->folder !== $folder && fileowner($daemons->folder) !== posix_geteuid()) {
            throw new BadUsage(Words::of('cli.daemons.folder_not_made', folder: $daemons->folder));
        }
        $endpoint = Endpoint::listen($daemons->path(Daemons::KEEPER)) ?? throw new BadUsage(Words::of('cli.daemons.folder_in_use'));
        $output->writeln(Words::of('cli.daemons.at', folder: $daemons->folder));
        (new Keeper($daemons, $endpoint))->run();
        $endpoint->close();

        return self::SUCCESS;
    }
}
