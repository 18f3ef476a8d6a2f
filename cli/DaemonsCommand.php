<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Devices\Daemon\Daemons;
use Evrent\Devices\Daemon\Endpoint;
use Evrent\Devices\Daemon\Keeper;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'daemons', description: 'Own rigs and cameras while somebody has them in hand')]
final class DaemonsCommand extends Command
{
    protected function configure(): void
    {
        $this->addOption('folder', null, InputOption::VALUE_REQUIRED, 'Folder for the sockets on which they are asked');
        $this->setHelp('Runs until it is stopped: a process for each rig and camera that is asked for. bin/start runs it beside the pages.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $folder = $input->getOption('folder');
        if (!is_string($folder) || $folder === '') {
            throw new BadUsage('--folder: give a folder for the sockets.');
        }
        $daemons = new Daemons($folder);
        $isMade = is_dir($daemons->folder) || @mkdir($daemons->folder, 0o700, true);
        // Where everybody may make one, whoever made it could answer there.
        if (!$isMade || $daemons->folder !== $folder && fileowner($daemons->folder) !== posix_geteuid()) {
            throw new BadUsage("--folder: {$daemons->folder} cannot be made, or is somebody else’s.");
        }
        $endpoint = Endpoint::listen($daemons->path(Daemons::KEEPER)) ?? throw new BadUsage('--folder: somebody else’s daemons are there already.');
        $output->writeln("daemons at {$daemons->folder}");
        (new Keeper($daemons, $endpoint))->run();
        $endpoint->close();

        return self::SUCCESS;
    }
}
