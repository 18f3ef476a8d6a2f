<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Messages\Quantity;
use Evrent\Core\Export\Manifest;
use Evrent\Devices\Photos\FolderSums;
use Evrent\Words\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'manifest')]
final class ManifestCommand extends Command
{
    public const NOT_WHOLE = 1;
    private const MOST_BYTES = 50_000_000;

    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.manifest.description'));
        $this->addArgument('folder', InputArgument::REQUIRED, Words::of('cli.manifest.folder'));
        $this->addOption('check', null, InputOption::VALUE_REQUIRED, Words::of('cli.manifest.check'));
        $this->setHelp(Words::of('cli.manifest.help'));
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $folder = $input->getArgument('folder');
        if (!is_string($folder) || !is_dir($folder)) {
            throw new BadUsage(Words::of('cli.manifest.no_folder'));
        }
        $check = $input->getOption('check');
        if (!is_string($check)) {
            $output->write(FolderSums::of($folder)->text(), false, OutputInterface::OUTPUT_RAW);

            return self::SUCCESS;
        }
        $manifest = Manifest::read(Input::file($check, '--check', self::MOST_BYTES));
        $told = $manifest->against(FolderSums::of($folder));
        foreach (['missing', 'changed', 'more'] as $what) {
            foreach ($told[$what] as $path) {
                $output->writeln(Words::of("cli.manifest.{$what}", path: $path), OutputInterface::OUTPUT_RAW);
            }
        }
        $isWhole = $told['missing'] === [] && $told['changed'] === [];
        $files = Quantity::number((float) count($manifest->sums));
        $amiss = Quantity::number((float) (count($told['missing']) + count($told['changed'])));
        $output->writeln(
            $isWhole ? Words::of('cli.manifest.whole', files: $files) : Words::of('cli.manifest.not_whole', files: $files, amiss: $amiss),
            OutputInterface::OUTPUT_RAW,
        );

        return $isWhole ? self::SUCCESS : self::NOT_WHOLE;
    }
}
