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
     * @return array<string, string> in words, by the name that `app.compared.label_…` has the words of
     */
    public function figures(): array
    {
        $summary = $this->schedule->summary;
        $easing = $this->plan->move->easing;
        return [
            'photos' => Words::say(Quantity::number((float) $summary->photosTotal)),
            'clip' => Words::say(Quantity::seconds($summary->clipSeconds)),
            'movement' => match ($this->plan->timing->mode) {
                Mode::ShootMoveShoot => Words::of('app.compared.sms'),
                Mode::Continuous => Words::of('app.compared.continuous'),
                Mode::StopMotion => Words::of('app.compared.stop_motion'),
            },
            'interval' => self::inWords($this->plan->timing->interval, Quantity::rounded(...)),
            'exposure' => self::inWords($this->plan->timing->exposure, Quantity::exposure(...)),
            'easing' => Words::of(
                'app.compared.ramps',
                rampIn: Quantity::percent($easing->rampIn),
                rampOut: Quantity::percent($easing->rampOut),
            ),
            'run_time' => Words::say(Quantity::duration($summary->onSiteSeconds)),
            'slack' => Words::say(Quantity::seconds($summary->minSlackSeconds)),
            'late' => Words::say(Quantity::duration($summary->lateSeconds)),
        ];
    }

    /**
     * @param callable(float): Quantity $quantity
     */
    private static function inWords(KeyedSeconds $keyed, callable $quantity): string
    {
        return implode(' → ', array_map(
            static fn (float $seconds): string => Words::say($quantity($seconds)),
            array_column($keyed->keys, 'seconds'),
        )) . ' s';
    }
}
