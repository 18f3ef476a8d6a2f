<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\PlanRevision;
use Evrent\Core\Checks\Report;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;

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
        $this->report = Report::on(Shot::on($this->schedule));
    }
}
