<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Values\InvalidInput;
use Evrent\Words\Words;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\CommandLoader\FactoryCommandLoader;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutput;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * The command line. Bad input of any kind ends with exit code 2 and one line on standard error that names the field;
 * nothing is written to standard output then.
 */
final class Program
{
    public const BAD_INPUT = 2;

    /** @var array<string, class-string<Command>> by the name that each has by its attribute */
    private const COMMANDS = [
        'schedule' => ScheduleCommand::class, 'check' => CheckCommand::class, 'solve' => SolveCommand::class, 'simulate' => SimulateCommand::class,
        'sky' => SkyCommand::class, 'day' => DayCommand::class, 'photos' => PhotosCommand::class, 'export' => ExportCommand::class,
        'manifest' => ManifestCommand::class, 'rig' => RigCommand::class, 'camera' => CameraCommand::class, 'run' => RunCommand::class,
        'jog' => JogCommand::class, 'liveview' => LiveviewCommand::class, 'daemons' => DaemonsCommand::class,
    ];

    public static function run(?InputInterface $input = null, ?OutputInterface $output = null): int
    {
        $application = new Console('Evrent');
        $application->setAutoExit(false);
        $application->setCatchExceptions(false);
        // Only what is asked for is made: each has its words, and they are read from the disk.
        $application->setCommandLoader(new FactoryCommandLoader(array_map(
            static fn (string $command): callable => static fn (): Command => new $command(),
            self::COMMANDS,
        )));
        $output ??= new ConsoleOutput(formatter: new HelpFormatter());
        try {
            return $application->run($input, $output);
        } catch (InvalidInput $invalid) {
            return self::refuse($output, self::oneLine($invalid));
        } catch (BadUsage $wrong) {
            return self::refuse($output, $wrong->getMessage());
        } catch (ExceptionInterface $wrong) {
            return self::refuse($output, Console::error($wrong));
        }
    }

    private static function oneLine(InvalidInput $invalid): string
    {
        $first = $invalid->problems[0];
        $others = count($invalid->problems) - 1;

        $said = ($first->pointer === '' ? '' : "{$first->pointer}: ") . Words::say($first->message);

        return $others > 0 ? Words::of('cli.program.more', first: $said, others: $others) : $said;
    }

    private static function refuse(OutputInterface $output, string $message): int
    {
        $errors = $output instanceof ConsoleOutput ? $output->getErrorOutput() : $output;
        // Whatever a file holds, a terminal is sent one plain line.
        $errors->writeln('evrent: ' . trim((string) preg_replace('/[\p{Cc}\s]+/u', ' ', mb_scrub($message))), OutputInterface::OUTPUT_RAW);

        return self::BAD_INPUT;
    }
}
