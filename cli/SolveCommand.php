<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Timing\Solution;
use Evrent\Core\Timing\Solver;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\PlainText;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'solve', description: 'The missing one of clip or photos, interval, and shooting time')]
final class SolveCommand extends Command
{
    protected function configure(): void
    {
        foreach (
            [
                'fps' => 'frames per second of the clip (24)',
                'clip' => 'length of the clip, such as 20 or 1:30',
                'photos' => 'photos, instead of the clip',
                'way' => 'instead of them: how far an axis goes, mm or degrees, with --step',
                'step' => 'how far it goes from photo to photo',
                'interval' => 'from trigger to trigger',
                'shooting' => 'time on site, such as 1h30m or 90 min',
                'resolution' => 'the timer’s finest setting in seconds (0.1)',
            ] as $name => $what
        ) {
            $this->addOption($name, null, InputOption::VALUE_REQUIRED, $what);
        }
        $this->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
        $this->setHelp('Give any two of clip, photos or way and step, interval, and shooting time. '
            . 'Rounding never overruns the shooting time and never falls short of the clip unless nothing else is possible.');
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
        $text = sprintf(
            "%s, one every %s s: %s of shooting, %s of clip at %s fps.\n",
            PlainText::photos($solution->photos),
            PlainText::number($solution->intervalSeconds),
            PlainText::duration($solution->shootingSeconds),
            PlainText::seconds($solution->clipSeconds),
            PlainText::number($solution->framesPerSecond),
        );

        return $solution->overrunSeconds > 0.0
            ? $text . sprintf("It overruns the shooting time by %s: nothing shorter is possible.\n", PlainText::duration($solution->overrunSeconds))
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
