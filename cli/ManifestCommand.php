<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Export\Manifest;
use Evrent\Devices\Photos\FolderSums;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'manifest', description: 'Checksums of a folder, or whether a copy is whole by them')]
final class ManifestCommand extends Command
{
    public const NOT_WHOLE = 1;
    private const MOST_BYTES = 50_000_000;

    protected function configure(): void
    {
        $this->addArgument('folder', InputArgument::REQUIRED, 'Where the photos lie, or their copy');
        $this->addOption('check', null, InputOption::VALUE_REQUIRED, 'a manifest: is all of it in the folder, and the same?');
        $this->setHelp('A manifest is what sha256sum --check reads.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $folder = $input->getArgument('folder');
        if (!is_string($folder) || !is_dir($folder)) {
            throw new BadUsage('FOLDER: there is no folder of that name.');
        }
        $check = $input->getOption('check');
        if (!is_string($check)) {
            $output->write(FolderSums::of($folder)->text(), false, OutputInterface::OUTPUT_RAW);

            return self::SUCCESS;
        }
        $manifest = Manifest::read(Input::file($check, '--check', self::MOST_BYTES));
        $told = $manifest->against(FolderSums::of($folder));
        foreach (['missing' => $told['missing'], 'not the same' => $told['changed'], 'not in the manifest' => $told['more']] as $what => $paths) {
            foreach ($paths as $path) {
                $output->writeln("{$what}: {$path}", OutputInterface::OUTPUT_RAW);
            }
        }
        $isWhole = $told['missing'] === [] && $told['changed'] === [];
        $output->writeln(sprintf(
            $isWhole ? 'The copy is whole: %s files.' : 'The copy is not whole: %2$s of %1$s files are missing or not the same.',
            number_format(count($manifest->sums)),
            number_format(count($told['missing']) + count($told['changed'])),
        ), OutputInterface::OUTPUT_RAW);

        return $isWhole ? self::SUCCESS : self::NOT_WHOLE;
    }
}
