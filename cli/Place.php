<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Sky\Observer;
use Evrent\Core\Values\InvalidInput;
use Evrent\Words\Words;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * What the commands that look at the sky have in common: a place on the Earth, and an answer in JSON.
 */
final class Place
{
    public static function addTo(Command $command): void
    {
        $command->addOption('lat', null, InputOption::VALUE_REQUIRED, Words::of('cli.place.latitude'));
        $command->addOption('lon', null, InputOption::VALUE_REQUIRED, Words::of('cli.place.longitude'));
        $command->addOption('elevation', null, InputOption::VALUE_REQUIRED, Words::of('cli.place.elevation'), '0');
    }

    /**
     * @throws BadUsage
     * @throws InvalidInput
     */
    public static function read(InputInterface $input): Observer
    {
        return new Observer(
            Input::number($input, 'lat') ?? throw new BadUsage(Words::of('cli.place.latitude_problem')),
            Input::number($input, 'lon') ?? throw new BadUsage(Words::of('cli.place.longitude_problem')),
            Input::number($input, 'elevation') ?? 0.0,
        );
    }

    public static function text(InputInterface $input, string $option): string
    {
        $value = $input->getOption($option);

        return is_string($value) ? $value : '';
    }

    /**
     * @param callable(): array<string, mixed> $answer
     *
     * @throws BadUsage
     */
    public static function answer(OutputInterface $output, callable $answer): int
    {
        try {
            $json = json_encode($answer(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES);
        } catch (InvalidInput $invalid) {
            throw Input::badOption($invalid);
        }
        $output->write("{$json}\n", false, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
