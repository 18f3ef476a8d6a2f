<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\NotChecked;
use Evrent\Core\Checks\Remedy;
use Evrent\Core\Checks\Report;
use Evrent\Core\Format\Assumption;
use Evrent\Core\Format\Assumptions;
use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Format\RampText;
use Evrent\Core\Format\TurnsText;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Leg;
use Evrent\Core\Motion\Move;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sums\Sum;
use Evrent\Core\Sums\Sums;
use Evrent\Core\Sums\Term;
use Evrent\Words\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'check')]
final class CheckCommand extends Command
{
    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.check.description'));
        $this->addArgument('plan', InputArgument::REQUIRED, Words::of('cli.check.plan'));
        $this->addOption('format', null, InputOption::VALUE_REQUIRED, Words::of('cli.check.format'), 'text');
        $this->addOption('explain', null, InputOption::VALUE_NONE, Words::of('cli.check.explain'));
        $this->setHelp(Words::of('cli.check.help'));
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $format = Input::choice($input, 'format', ['text', 'json']);
        $schedule = Schedule::of(Input::planAtOnce($input));
        $shot = Shot::on($schedule);
        $report = Report::on($shot);
        $sums = $input->getOption('explain') === true ? Sums::of($shot) : [];
        $text = $format === 'json' ? self::json($schedule, $report, $sums) : self::text($schedule, $report) . self::explained($sums);
        $output->write($text, false, OutputInterface::OUTPUT_RAW);

        return $report->verdict->works() ? self::SUCCESS : self::FAILURE;
    }

    private static function text(Schedule $schedule, Report $report): string
    {
        $summary = $schedule->summary;
        $photos = Quantity::photos($summary->photosTotal);
        $onSite = Quantity::duration($summary->onSiteSeconds);
        $clip = Quantity::seconds($summary->clipSeconds);
        $lines = [
            trim(Words::say($report->verdict->headline()) . ' ' . Words::say($report->verdict->coverage())),
            $schedule->plan->timing->mode->hasClock()
                ? Words::of(
                    'cli.check.summary',
                    photos: $photos,
                    onSiteSeconds: $onSite,
                    clipSeconds: $clip,
                    tightestPhoto: $summary->tightestPhoto,
                    minSlackSeconds: Quantity::seconds($summary->minSlackSeconds),
                )
                : Words::of('cli.check.summary_no_clock', photos: $photos, onSiteSeconds: $onSite, clipSeconds: $clip),
        ];
        foreach ($schedule->plan->path->legs as $leg) {
            $lines[] = self::ramps($leg);
        }
        if ($schedule->plan->move->oneWayPhotos !== null) {
            $lines[] = Words::say(TurnsText::of($schedule));
        }
        foreach ($report->findings as $finding) {
            $lines[] = '';
            $lines[] = sprintf(
                '%s  %s: %s (%s)',
                $finding->id->value,
                ...array_map(Words::say(...), [$finding->severity->label(), $finding->title, $finding->shortfall]),
            );
            $lines[] = '    ' . Words::say($finding->sentence);
            foreach ($finding->alike as $also) {
                $lines[] = sprintf(
                    '    %s  %s (%s). %s',
                    $also->id->value,
                    ...array_map(Words::say(...), [$also->title, $also->shortfall, $also->sentence]),
                );
            }
            $assumed = self::assumed($schedule, $finding);
            if ($assumed !== []) {
                $said = array_map(static fn (Assumption $one): Text|string => $one->says(), $assumed);
                $lines[] = '    ' . Words::of('cli.check.assumes', what: Words::listed($said));
            }
            if (self::unmended($finding) !== '') {
                $lines[] = '    ' . Words::say(self::unmended($finding));
            }
            foreach ($finding->remedies() as $remedy) {
                $lines[] = sprintf('    → %s (%s)', Words::say($remedy->label), Words::say($remedy->costs));
            }
        }

        $notChecked = array_map(static fn (NotChecked $one): Message => $one->label(), $report->verdict->notChecked);
        if ($notChecked !== []) {
            array_push($lines, '', Words::of('cli.check.not_checked', listed: Words::listed($notChecked)));
        }

        return implode("\n", $lines) . "\n";
    }

    /** A ramp in per cent says little on site, and two conventions share the sign: photos are what it means. */
    private static function ramps(Leg $leg): string
    {
        return Words::of(
            'cli.check.ramps',
            from: Move::peg($leg->fromKeyframe),
            to: Move::peg($leg->toKeyframe),
            ramps: RampText::told($leg, null),
            in: Quantity::percent($leg->easing->rampIn),
            out: Quantity::percent($leg->easing->rampOut),
            total: Quantity::percent($leg->easing->total()),
        );
    }

    /**
     * @param array<string, Sum> $sums
     */
    private static function explained(array $sums): string
    {
        $lines = [];
        foreach ($sums as $sum) {
            $rests = array_map(static fn (Term $term): string => Words::say($term->label) . ' ' . Words::say($term->rests()), array_values($sum->terms));
            array_push(
                $lines,
                Words::say($sum->title) . ': ' . Words::say($sum->says()),
                '    ' . implode(', ', $rests),
                '    ' . Words::say($sum->rule) . ': ' . Words::say($sum->reference) . '.',
            );
        }

        return $lines === [] ? '' : "\n" . implode("\n", $lines) . "\n";
    }

    /**
     * @param array<string, Sum> $sums
     */
    private static function json(Schedule $schedule, Report $report, array $sums): string
    {
        return json_encode([
            'works' => $report->verdict->works(),
            'verdict' => $report->verdict->standing(),
            'not_checked' => array_column($report->verdict->notChecked, 'value'),
            // Its name before.
            'not_judged' => array_column($report->verdict->notChecked, 'value'),
            'findings' => array_map(
                static fn (Finding $finding): array => self::finding($schedule, $finding, $report->toldWith($finding)),
                $report->all(),
            ),
            ...($sums === [] ? [] : ['sums' => array_map(static fn (Sum $sum): array => $sum->toArray(), array_values($sums))]),
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) . "\n";
    }

    /** What to do where no remedy is offered; empty where one is. */
    private static function unmended(Finding $finding): Message|string
    {
        return $finding->remedies() === [] ? $finding->id->about()->unmended ?? '' : '';
    }

    /**
     * @return list<Assumption>
     */
    private static function assumed(Schedule $schedule, Finding $finding): array
    {
        $about = $finding->id->about();

        return $about === null ? [] : (new Assumptions($schedule->plan))->under($about);
    }

    /**
     * @param ?Finding $with the one that it is told with, as coming of the same cause
     *
     * @return array<string, mixed>
     */
    private static function finding(Schedule $schedule, Finding $finding, ?Finding $with): array
    {
        return Words::sayAll([
            'id' => $finding->id->value,
            'severity' => $finding->severity->value,
            'title' => $finding->title,
            'shortfall' => $finding->shortfall,
            'explanation' => $finding->sentence,
            'first_frame' => $finding->firstPhoto,
            'frames' => $finding->photoCount,
            'told_with' => $with?->id,
            'assumes' => array_map(
                static fn (Assumption $one): array => ['pointer' => $one->pointer, 'label' => $one->label, 'value' => $one->value],
                self::assumed($schedule, $finding),
            ),
            'unmended' => Words::say(self::unmended($finding)),
            'remedies' => array_map(static fn (Remedy $remedy): array => [
                'key' => $remedy->key,
                'label' => $remedy->label,
                'costs' => $remedy->costs,
                'changes' => (object) PlanChanges::values($schedule->plan, $remedy->mended),
            ], $finding->remedies()),
        ]);
    }
}
