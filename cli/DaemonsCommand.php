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
    private const MOST_PATH_BYTES = 100;

    protected function configure(): void
    {
        $this->addOption('folder', null, InputOption::VALUE_REQUIRED, 'Folder for the sockets on which they are asked');
        $this->setHelp('Runs until it is stopped: a process for each rig and camera that is asked for. bin/start runs it beside the pages.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $folder = $input->getOption('folder');
        if (!is_string($folder) || $folder === '' || strlen($folder) > self::MOST_PATH_BYTES - strlen('/camera-0123456789ab.sock')) {
            throw new BadUsage('--folder: give a folder with a short path, of up to 75 characters.');
        }
        if (!is_dir($folder) && !@mkdir($folder, 0o700, true)) {
            throw new BadUsage("--folder: {$folder} cannot be made.");
        }
        $daemons = new Daemons($folder);
        $endpoint = Endpoint::listen($daemons->path(Daemons::KEEPER)) ?? throw new BadUsage('--folder: somebody else’s daemons are there already.');
        $output->writeln("daemons at {$folder}");
        (new Keeper($daemons, $endpoint))->run();
        $endpoint->close();

        return self::SUCCESS;
    }
}
