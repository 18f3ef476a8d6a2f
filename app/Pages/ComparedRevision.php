<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\PlanRevision;
use Evrent\Core\Checks\Report;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Timing\Mode;
use Evrent\Core\Words\PlainText;
use Evrent\Words\Words;

/**
 * One of two revisions that stand side by side.
 */
final readonly class ComparedRevision
{
    public Plan $plan;
    public Schedule $schedule;
    public Report $report;

    public function __construct(public PlanRevision $revision)
    {
        $this->plan = $revision->toPlan();
        $this->schedule = Schedule::of($this->plan);
        $this->report = Report::on(Shot::on($this->schedule, app(Settings::class)->units));
    }

    /**
     * @return array<string, string> what is compared, in words
     */
    public function figures(): array
    {
        $summary = $this->schedule->summary;
        $easing = $this->plan->move->easing;
        return [
            'Photos' => number_format($summary->photosTotal),
            'Clip' => PlainText::seconds($summary->clipSeconds),
            'Movement' => match ($this->plan->timing->mode) {
                Mode::ShootMoveShoot => Words::of('app.compared.sms'),
                Mode::Continuous => Words::of('app.compared.continuous'),
                Mode::StopMotion => Words::of('app.compared.stop_motion'),
            },
            'Interval' => self::inWords($this->plan->timing->interval, PlainText::rounded(...)),
            'Exposure' => self::inWords($this->plan->timing->exposure, PlainText::exposure(...)),
            'Ramps' => Words::of(
                'app.compared.ramps',
                rampIn: Quantity::percent($easing->rampIn),
                rampOut: Quantity::percent($easing->rampOut),
            ) . ' % out',
            'Runs' => PlainText::duration($summary->onSiteSeconds),
            'Least slack' => PlainText::seconds($summary->minSlackSeconds),
            'Late at the end' => PlainText::duration($summary->lateSeconds),
        ];
    }

    /**
     * @param callable(float): string $text
     */
    private static function inWords(KeyedSeconds $keyed, callable $text): string
    {
        return implode(' → ', array_map($text, array_column($keyed->keys, 'seconds'))) . ' s';
    }
}
