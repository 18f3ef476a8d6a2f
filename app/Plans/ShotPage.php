<?php

declare(strict_types=1);

namespace App\Plans;

use App\Actions\StepThroughHistory;
use App\Models\PlanRevision;
use App\Models\Run;
use App\Models\Shot;
use Evrent\Core\Checks\Report;
use Evrent\Core\Format\ClockTime;
use Evrent\Core\Plan;
use Evrent\Core\Schedule\Schedule;

/**
 * All that a page shows of one shot, computed once.
 */
final readonly class ShotPage
{
    public PlanRevision $revision;
    public Plan $plan;
    public Schedule $schedule;
    public Report $report;

    public function __construct(public Shot $shot)
    {
        $this->revision = $shot->currentRevision();
        $this->plan = $this->revision->toPlan();
        $this->schedule = Schedule::of($this->plan);
        $this->report = Report::on($this->schedule);
    }

    /** The time of day at which the card has the last photo; null when no start is set. */
    public function endTime(): ?string
    {
        return $this->shot->start_time === null
            ? null
            : ClockTime::read($this->shot->start_time)->plusSeconds($this->schedule->summary->onSiteSeconds)->text();
    }

    public function undoes(): ?string
    {
        return (new StepThroughHistory())->before($this->revision) === null ? null : $this->revision->reason;
    }

    public function redoes(): ?string
    {
        return (new StepThroughHistory())->after($this->revision)?->reason;
    }

    public function lastRun(): ?Run
    {
        return $this->shot->runs()->first();
    }
}
