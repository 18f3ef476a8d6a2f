<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Checks\Report;
use Evrent\Core\Day\ShotFigures;
use Evrent\Core\Drawings\Drawable;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;
use Throwable;

/**
 * A plan worked out, judged and drawn: what a page shows, and what has to work before a plan is kept.
 */
final readonly class WorkedPlan
{
    private function __construct(
        public PinnedPlan $pinned,
        public Shot $shot,
        public Schedule $schedule,
        public Report $report,
        public ShotFigures $figures,
        public Drawn $drawn,
    ) {
    }

    /**
     * @throws InvalidInput when it is more than a page can show, or cannot be worked out
     */
    public static function of(PinnedPlan $pinned): self
    {
        Drawable::check($pinned->plan);
        try {
            $shot = Shot::of($pinned->plan, app(Settings::class)->units);
            Drawable::checkRun($shot->schedule);
            $report = Report::on($shot);
            array_map(report(...), $report->failures);

            return new self($pinned, $shot, $shot->schedule, $report, ShotFigures::of($shot, $report), Drawn::of($shot));
        } catch (InvalidInput $invalid) {
            throw $invalid;
        } catch (Throwable $failure) {
            report($failure);
            throw new InvalidInput([new Problem('', Words::of('app.worked.failed'))]);
        }
    }
}
