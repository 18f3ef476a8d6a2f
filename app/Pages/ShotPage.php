<?php

declare(strict_types=1);

namespace App\Pages;

use App\Actions\StepThroughHistory;
use App\Models\KitItem;
use App\Models\PlanRevision;
use App\Models\Run;
use App\Models\Shot;
use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\NotChecked;
use Evrent\Core\Checks\Remedy;
use Evrent\Core\Checks\Report;
use Evrent\Core\Day\Cautions;
use Evrent\Core\Day\Hazard;
use Evrent\Core\Day\ShotTimes;
use Evrent\Core\Editing\HeldStep;
use Evrent\Core\Editing\OtherWay;
use Evrent\Core\Editing\PinnedRemedies;
use Evrent\Core\Editing\Pins;
use Evrent\Core\Editing\TypedFigures;
use Evrent\Core\Format\Assumption;
use Evrent\Core\Format\Assumptions;
use Evrent\Core\Format\FieldKind;
use Evrent\Core\Format\FieldTexts;
use Evrent\Core\Format\PlanFields;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Light\Marks;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Limit;
use Evrent\Core\Shot\Limits;
use Evrent\Core\Shot\PhotosByDay;
use Evrent\Core\Sky\DayArrows;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sums\Sums;
use Evrent\Core\Timing\TimedBy;
use Evrent\Words\TypedStart;
use Evrent\Words\Words;
use Illuminate\Database\Eloquent\Collection;
use Throwable;

/**
 * All that a page shows of one shot, computed once.
 */
final readonly class ShotPage
{
    /** Fields that take a time or an event of the day, in the reader's language. */
    public const STARTS = ['/start', '/end/at', '/window/from', '/window/until'];

    public const LAMPS_ON = '/light/lamps_on';

    /** Chosen from a list by its number. */
    private const SKY = '/site/sky_mag';

    /** Numbers with a decimal sign. */
    private const NUMBERS = [FieldKind::Number, FieldKind::Seconds, FieldKind::Exposure, FieldKind::WattHours, FieldKind::Share];

    /** Both ramps together, beside the plan's own fields. */
    private const RAMP_TOTAL = '/easing/ramp_total';

    private const RUNS_SHOWN = 8;
    private const REVISIONS_SHOWN = 6;

    public PlanRevision $revision;
    public Plan $plan;
    public Pins $pins;
    public Schedule $schedule;
    public Report $report;
    public ShotTimes $times;

    /** @var array<string, string> what stands in each field, by JSON pointer; /held/… for the sentence's figures */
    public array $texts;

    /**
     * @param bool         $isPreview whether what is shown is a change that is only looked at, and not saved
     * @param list<Text|string> $givesWay  which figures the change left behind, in words
     * @param list<OtherWay> $otherWays what could have given way instead
     */
    public function __construct(
        public Shot $shot,
        public WorkedPlan $worked,
        public bool $isPreview = false,
        public array $givesWay = [],
        public array $otherWays = [],
    ) {
        $this->revision = $shot->currentRevision();
        $this->plan = $worked->pinned->plan;
        $this->pins = $worked->pinned->pins;
        $this->schedule = $worked->schedule;
        $this->report = $worked->report;
        $this->times = ShotTimes::of($this->schedule);
        $this->texts = self::textsOf($this->plan, $this->pins);
    }

    /**
     * The shot as it stands.
     *
     * @throws \Evrent\Core\Values\InvalidInput when its plan cannot be worked out
     */
    public static function of(Shot $shot): self
    {
        return new self($shot, WorkedPlan::of($shot->pinned()));
    }

    /** What was rounded of what is asked for, and what had to give way, in words. */
    public function rounding(): string
    {
        $rounding = $this->worked->pinned->rounding();

        return trim(implode(' ', array_map(Words::say(...), $this->givesWay)) . ($rounding === '' ? '' : ' ' . Words::say($rounding) . '.'));
    }

    /**
     * @return list<array{remedy: Remedy, costs: Text|string, givesWay: list<Text|string>}> for a finding of what is kept, those that keep all pins
     *                                                                           first; a change that is only looked at is not mended yet
     */
    public function remediesOf(Finding $finding): array
    {
        try {
            $remedies = $this->isPreview ? [] : PinnedRemedies::of($this->worked->pinned, $finding);
        } catch (Throwable $failure) {
            // What was found stands without them; a page that is drawn is not lost over it.
            report($failure);
            $remedies = [];
        }
        array_map(report(...), array_filter([$finding->failure()]));

        return $remedies;
    }

    /**
     * @return array<string, string> the field, by its part of an id, that makes what is not checked known where its part is there already
     */
    public function fieldsOfAdded(): array
    {
        $plan = $this->plan;

        return array_filter([
            NotChecked::Start->value => 'start',
            NotChecked::Facing->value => 'rig-base-zero_bearing_deg',
            NotChecked::Light->value => $plan->light === null ? '' : 'light-aperture',
            NotChecked::Lens->value => $plan->optics === null ? '' : 'optics-focal_mm',
            NotChecked::Cards->value => $plan->storage === null ? '' : 'storage-cards_gb',
            NotChecked::CameraPower->value => $plan->power?->camera === null ? '' : 'power-camera-battery_wh',
            NotChecked::RigPower->value => $plan->power?->rig === null ? '' : 'power-rig-battery_wh',
        ]);
    }

    /** The same for the same axes with the same travel: jogged, another rig stands elsewhere. */
    public function rigKey(): string
    {
        return hash('crc32b', serialize(array_map(static fn (Axis $axis): array => [$axis->id, $axis->min, $axis->max], $this->plan->rig->axes)));
    }

    /** Whether a figure shows its arithmetic. */
    public function hasSum(string $key): bool
    {
        return isset(Sums::of($this->worked->shot)[$key]);
    }

    /** The sum behind what a budget is called, by its key; null where there is none. */
    public function sumOfBudget(Message $name): ?string
    {
        $key = match ($name->key) {
            'drawings.budget.camera_battery' => 'battery',
            'drawings.budget.cards' => 'card',
            'drawings.budget.tripod' => 'load',
            default => '',
        };

        return $this->hasSum($key) ? $key : null;
    }

    /** What a finding compares, by the sum's key; null where it compares nothing. */
    public function sumBehind(Finding $finding): ?string
    {
        return Sums::behind($this->worked->shot, $finding->id)?->key;
    }

    /** What to do about a finding that no press mends. */
    public function unmended(Finding $finding): Message|string
    {
        return $finding->remedies() === [] ? $finding->id->about()->unmended ?? '' : PinnedRemedies::whyNone($this->pins);
    }

    /**
     * @return list<Assumption> what a finding rests on that nobody gave
     */
    public function assumed(Finding $finding): array
    {
        $about = $finding->id->about();

        return $about === null ? [] : (new Assumptions($this->plan))->under($about);
    }

    /**
     * @return list<array{label: Message, instant: Instant, clock: string, azimuth: float}> what the day has to show, and where to turn for it
     */
    public function arrows(): array
    {
        $site = $this->plan->site;

        return $site === null ? [] : array_map(
            static fn (array $arrow): array => [...$arrow, 'clock' => $site->day->clock($arrow['instant'])],
            DayArrows::of($site),
        );
    }

    /** Stops by which the dial's marks are off a ramp at the most; null where exposures stay, or the controller times them. */
    public function marksOff(): ?float
    {
        $isRamp = !$this->plan->timing->exposure->isConstant() && $this->plan->camera->exposureTimedBy !== TimedBy::Controller;

        return $isRamp ? Marks::mostOff($this->schedule->exposureSeconds, $this->plan->camera->marksAreLiteral) : null;
    }

    /** How far an axis goes in all, mm or degrees. */
    public function way(Axis $axis): float
    {
        return HeldStep::way($this->plan, $axis->id);
    }

    /**
     * @return list<Limit> what ends it sooner or later, the soonest first; nothing without a clock
     */
    public function limits(): array
    {
        return $this->plan->timing->mode->hasClock() ? Limits::of($this->worked->shot) : [];
    }

    /** The time of day at which the card has the last photo; null when no start is set. */
    public function endTime(): Text|string|null
    {
        return $this->times->endsText;
    }

    /**
     * @return list<Message> what is taken on each day, where it pauses between
     */
    public function photosByDay(): array
    {
        return PhotosByDay::told($this->schedule);
    }

    public function undoes(): ?string
    {
        return $this->revision->parent_id === null ? null : $this->revision->told();
    }

    public function redoes(): ?string
    {
        // Nothing comes after what was made just now.
        return $this->revision->wasRecentlyCreated ? null : (new StepThroughHistory())->after($this->revision)?->told();
    }

    /**
     * @return Collection<int, Run> the newest first
     */
    public function lastRuns(): Collection
    {
        return $this->shot->runs()->limit(self::RUNS_SHOWN)->get()->each(fn (Run $run) => $run->setRelation('shot', $this->shot));
    }

    /**
     * @return list<Message> what to mind on the spot
     */
    public function cautions(): array
    {
        return array_map(
            static fn (Hazard $hazard): Message => $hazard->caution(),
            Cautions::ofShot($this->worked->shot, $this->shot->shoot->toldHazards()),
        );
    }

    /** Whether the plan as it stands was dry-run. */
    public function isRehearsed(): bool
    {
        return $this->shot->runs()->where('plan_revision_id', $this->revision->id)->exists();
    }

    /**
     * @return Collection<int, PlanRevision> the newest first
     */
    public function lastRevisions(): Collection
    {
        return $this->shot->revisions()->orderByDesc('id')->limit(self::REVISIONS_SHOWN)->get(
            // Whole plans only where they are needed to tell the changes in other units.
            app(Settings::class)->units->areThePlans() ? ['id', 'shot_id', 'reason', 'created_at'] : ['*'],
        );
    }

    /**
     * @return array<string, string> by JSON pointer
     */
    public static function textsOf(Plan $plan, Pins $pins): array
    {
        $texts = FieldTexts::of($plan);
        foreach (TypedFigures::texts($plan, $pins) as $name => $text) {
            $texts["/held/{$name}"] = $text;
        }

        foreach (self::STARTS as $pointer) {
            $texts[$pointer] = TypedStart::shown($texts[$pointer]);
        }
        $texts[self::LAMPS_ON] = TypedStart::lampsShown($texts[self::LAMPS_ON] ?? '');

        $texts = app(Settings::class)->units->shown($plan, $texts);
        foreach ($texts as $pointer => $text) {
            $isNumber = str_starts_with($pointer, '/held/') || str_ends_with($pointer, self::RAMP_TOTAL)
                || in_array(PlanFields::kindAt($pointer), self::NUMBERS, true) && $pointer !== self::SKY;
            if ($isNumber) {
                $texts[$pointer] = Words::typed($text);
            }
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
            $choices[Words::say(KitKind::tryFrom($item->kind)?->plural() ?? $item->kind)][$item->id] = $item->name;
        }

        return $choices;
    }

    /**
     * @return array<string, string> what lens, body and filters of this shot's kit are known to have, for its light
     */
    public function lightOfKit(): array
    {
        return KitLight::of($this->plan)->texts();
    }

    /** Which fields there are, and what stands between them as text: the same for two plans that differ in the fields' values alone. */
    public function structure(): string
    {
        $light = $this->plan->light;
        $told = [
            $this->plan->timing->mode, $this->plan->facing(), $this->plan->end?->by, $this->plan->film->kind, $this->plan->scene->troubles,
            $this->pins->isFastest, $this->pins->step?->axisId, array_map(static fn (Axis $axis): bool => $axis->isEndless, $this->plan->rig->axes),
            $light?->metered, $light?->kind, $light?->bias, $light?->isoChanges, $light?->exposedFor,
        ];

        return md5(serialize([array_keys($this->texts), $told]));
    }
}
