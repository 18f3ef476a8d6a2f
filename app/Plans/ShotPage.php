<?php

declare(strict_types=1);

namespace App\Plans;

use App\Actions\StepThroughHistory;
use App\Models\KitItem;
use App\Models\PlanRevision;
use App\Models\Run;
use App\Models\Shot;
use Evrent\Core\Checks\Report;
use Evrent\Core\Day\ShotTimes;
use Evrent\Core\Editing\TypedFigures;
use Evrent\Core\Format\FieldTexts;
use Evrent\Core\Kit\KitKind;
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
    public ShotTimes $times;

    /** Whether what is shown is a change that is only looked at, and not saved. */
    public bool $isPreview;

    /**
     * @param ?Plan  $preview  shown instead of the shot's own
     * @param string $rounding what was rounded in the last change, in words
     */
    public function __construct(public Shot $shot, ?Plan $preview = null, public string $rounding = '')
    {
        $this->revision = $shot->currentRevision();
        $this->isPreview = $preview !== null;
        $this->plan = $preview ?? $this->revision->toPlan();
        $this->schedule = Schedule::of($this->plan);
        $this->report = Report::on($this->schedule);
        $this->times = ShotTimes::of($this->schedule);
    }

    /** The time of day at which the card has the last photo; null when no start is set. */
    public function endTime(): ?string
    {
        return $this->times->endsText;
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

    /**
     * @return array<string, string> what stands in each field, by JSON pointer; /held/… for the sentence's figures
     */
    public function texts(): array
    {
        $texts = FieldTexts::of($this->plan);
        foreach (TypedFigures::texts($this->schedule) as $name => $text) {
            $texts["/held/{$name}"] = $text;
        }

        return $texts;
    }

    /**
     * @return array<string, array<int, string>> what there is to pick, by kind: names by the item's id
     */
    public function kitChoices(): array
    {
        $choices = [];
        foreach (KitItem::query()->orderBy('id')->get(['id', 'kind', 'name']) as $item) {
            $choices[KitKind::tryFrom($item->kind)?->plural() ?? $item->kind][$item->id] = $item->name;
        }

        return $choices;
    }

    /** Which fields there are, and what stands between them as text: the same for two plans that differ in the fields' values alone. */
    public function structure(): string
    {
        $light = $this->plan->light;
        $told = [$this->plan->timing->mode, $this->plan->rig->base->zeroBearingDegrees, $light?->metered, $light?->bias, $light?->isoChanges];

        return md5(serialize([array_keys(FieldTexts::of($this->plan)), $told]));
    }
}
