<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Messages\Quantity;
use Evrent\Core\Timing\Solution;
use Evrent\Core\Timing\Solver;
use Evrent\Core\Values\InvalidInput;
use Evrent\Words\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'solve')]
final class SolveCommand extends Command
{
    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.solve.description'));
        foreach (
            [
                'fps' => Words::of('cli.solve.fps'),
                'clip' => Words::of('cli.solve.clip'),
                'photos' => Words::of('cli.solve.photos'),
                'way' => Words::of('cli.solve.way'),
                'step' => Words::of('cli.solve.step'),
                'interval' => Words::of('cli.solve.interval'),
                'shooting' => Words::of('cli.solve.time'),
                'resolution' => Words::of('cli.solve.resolution'),
            ] as $name => $what
        ) {
            $this->addOption($name, null, InputOption::VALUE_REQUIRED, $what);
        }
        $this->addOption('format', null, InputOption::VALUE_REQUIRED, Words::of('cli.check.format'), 'text');
        $this->setHelp(Words::of('cli.solve.help'));
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $format = Input::choice($input, 'format', ['text', 'json']);
        try {
            $solution = Solver::solve(
                Input::number($input, 'fps') ?? 24.0,
                Input::seconds($input, 'clip'),
                Input::whole($input, 'photos') ?? Solver::photosOnTheWay(Input::number($input, 'way'), Input::number($input, 'step')),
                Input::seconds($input, 'interval'),
                Input::seconds($input, 'shooting'),
                Input::seconds($input, 'resolution') ?? Solver::TIMER_RESOLUTION_SECONDS,
            );
        } catch (InvalidInput $invalid) {
            throw Input::badOption($invalid);
        }
        $output->write($format === 'json' ? self::json($solution) : self::text($solution), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private static function text(Solution $solution): string
    {
        $text = Words::of(
            'cli.solve.result',
            photos: Quantity::photos($solution->photos),
            intervalSeconds: Quantity::number($solution->intervalSeconds),
            shootingSeconds: Quantity::duration($solution->shootingSeconds),
            clipSeconds: Quantity::seconds($solution->clipSeconds),
            framesPerSecond: Quantity::number($solution->framesPerSecond),
        ) . "\n";

        return $solution->overrunSeconds > 0.0
            ? $text . Words::of('cli.solve.overrun', overrunSeconds: Quantity::duration($solution->overrunSeconds)) . "\n"
            : $text;
    }

    private static function json(Solution $solution): string
    {
        return json_encode([
            'frames_per_second' => $solution->framesPerSecond,
            'photos' => $solution->photos,
            'interval_s' => $solution->intervalSeconds,
            'shooting_s' => $solution->shootingSeconds,
            'clip_s' => $solution->clipSeconds,
            'solved' => $solution->solved,
            'overrun_s' => $solution->overrunSeconds,
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT) . "\n";
    }
}
