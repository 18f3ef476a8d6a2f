<?php

declare(strict_types=1);

namespace Evrent\Core\Presets;

use Evrent\Core\Checks\Exposing;
use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Remedy;
use Evrent\Core\Checks\Report;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\Figure;
use Evrent\Core\Editing\HeldFigures;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;
use Evrent\Core\Shot\LightToBegin;
use Evrent\Core\Shot\RampedPlan;
use Evrent\Core\Shot\School;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\StarTrails;
use Evrent\Core\Timing\Between;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Timing\TimedBy;
use Evrent\Core\Values\InvalidInput;

/**
 * A recipe on a shot: its timing, with the way of moving and the interval that fit rig, camera and lens, and what was chosen for that in
 * words. The framing stays, and what the shooter pinned is not moved.
 */
final readonly class AppliedRecipe
{
    /** The interval grows by a tenth each time it is tried, up to about three times the recipe's. */
    private const GROWS_BY = 1.1;
    private const MOST_STEPS = 12;

    /** What way of moving, interval and exposure decide. */
    private const BY_TIMING = [
        FindingId::IntervalTooShortForRig, FindingId::IntervalTooShortForCamera, FindingId::ExposureNotAsPlanned, FindingId::ControllerStretchesInterval,
        FindingId::CameraTimerDrifts, FindingId::IntervalTooLongForSubject, FindingId::BlurShareTooSmall, FindingId::StarsTrail, FindingId::ContinuousSmear,
        FindingId::FasterThanAxis,
    ];

    private const MOST_ROUNDS = 4;

    /**
     * @param list<Text|string> $said what was chosen beyond the recipe's own numbers, a sentence each
     */
    private function __construct(public Plan $plan, public array $said)
    {
    }

    /**
     * @param LightToBegin $light what lens, body and bag are known to have
     *
     * @throws InvalidInput
     */
    public static function on(PinnedPlan $pinned, Recipe $recipe, LightToBegin $light = new LightToBegin()): self
    {
        $said = [];
        $plan = self::lit($pinned->plan, $recipe);
        if ($recipe->onMains && $plan->power !== null) {
            $plan = $plan->with(['power' => null]);
            $said[] = new Message('presets.applied.mains');
        }
        [$plan, $fits] = self::timed($pinned, $plan, $recipe);
        $said = [...$said, ...$fits];
        if ($recipe->exposedFor === ExposedFor::Sky && $plan->light === null) {
            // Under stars an exposure without a word about aperture and ISO says nothing.
            $plan = $plan->with(['light' => $light->forStars($plan)]);
        }
        if ($recipe->followsLight) {
            $ramped = self::following($plan);
            $said = $ramped === null ? $said : [...$said, new Message('presets.applied.ramp')];
            $plan = $ramped ?? $plan;
        }
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $remedy = self::remedy($pinned, $plan);
            if ($remedy === null) {
                break;
            }
            $plan = $remedy->mended;
            $said[] = new Message('presets.applied.fixed', ['fix' => $remedy->label]);
        }

        return new self($plan, $said);
    }

    /**
     * As an edit of the shot, which says what was chosen.
     *
     * @throws InvalidInput
     */
    public static function edited(PinnedPlan $pinned, Recipe $recipe, Text|string $told, LightToBegin $light = new LightToBegin()): Edited
    {
        $applied = self::on($pinned, $recipe, $light);
        $edited = $pinned->became($applied->plan, $told, Source::Preset);

        return new Edited($edited->plan, $edited->pins, $edited->told, [...$applied->said, ...$edited->givesWay]);
    }

    private static function lit(Plan $plan, Recipe $recipe): Plan
    {
        if ($recipe->exposedFor === null) {
            return $plan;
        }
        $light = $plan->light;
        $isLit = $light !== null && ($recipe->exposedFor !== ExposedFor::Lamps || $light->lampsLux > 0.0);

        return $isLit ? $plan->with(['light' => $light->with(['exposedFor' => $recipe->exposedFor])]) : $plan;
    }

    /**
     * The first of the intervals, longer and longer, against which nothing is to be said: how the rig moves is none of a recipe's business.
     *
     * @return array{Plan, list<Message>}
     *
     * @throws InvalidInput
     */
    private static function timed(PinnedPlan $pinned, Plan $plan, Recipe $recipe): array
    {
        $first = null;
        // An interval that follows from what is pinned is not tried otherwise.
        $steps = $pinned->pins->follows === Figure::Interval ? 0 : self::MOST_STEPS;
        for ($step = 0; $step <= $steps; $step++) {
            $interval = $step === 0 ? $recipe->intervalSeconds : round($recipe->intervalSeconds * self::GROWS_BY ** $step, 1);
            // Of what its timer can be set to, the next longer: never less time than the recipe asks for.
            [$shorter, $longer] = $plan->trigger->settingsAround($interval);
            $timed = self::at($pinned, $plan, $recipe, $longer ?? $shorter ?? $interval);
            $first ??= $timed;
            if (self::bad($pinned, $timed, self::BY_TIMING) === []) {
                return [$timed, self::chosen($recipe, $timed)];
            }
        }

        return [$first ?? self::at($pinned, $plan, $recipe, $recipe->intervalSeconds), []];
    }

    private static function at(PinnedPlan $pinned, Plan $plan, Recipe $recipe, float $intervalSeconds): Plan
    {
        // Where the interval follows from what is pinned, it goes on to.
        $follows = $pinned->pins->follows === Figure::Interval && $plan->timing->mode->hasClock();
        $spaced = $follows ? $plan->timing->interval->longest() : $intervalSeconds;
        $open = $spaced * $recipe->openShare;
        if ($recipe->exposedFor === ExposedFor::Sky && $plan->optics !== null) {
            $open = min($open, StarTrails::byConstant($plan->optics));
        }
        $exposure = Exposing::atMost($plan, $open) ?? Exposing::shortest($plan);
        $timed = $plan->withExposure(KeyedSeconds::constant($exposure, Between::Stops, new Message('what.exposure')));
        if ($follows) {
            return $timed;
        }
        $gap = $plan->timing->intervalMeans === IntervalMeaning::Gap;
        $timed = $timed->withInterval(
            KeyedSeconds::constant($gap ? round($spaced - $exposure, 3) : $spaced, Between::Linear, new Message('what.an_interval')),
        );
        if ($pinned->pins->follows !== Figure::Shooting || $pinned->pins->asksForPhotos()) {
            return $timed;
        }

        return HeldFigures::solve($timed, Figure::Shooting, null, $recipe->clipSeconds, null)->plan;
    }

    /**
     * @return list<Message>
     */
    private static function chosen(Recipe $recipe, Plan $timed): array
    {
        $said = [];
        $gap = $timed->timing->intervalMeans === IntervalMeaning::Gap;
        $interval = $timed->timing->interval->longest() + ($gap ? $timed->timing->exposure->longest() : 0.0);
        if (abs($interval - $recipe->intervalSeconds) > 0.005) {
            $said[] = new Message('presets.applied.interval', [
                'interval' => Quantity::seconds($interval),
                'intervalSeconds' => Quantity::seconds($recipe->intervalSeconds),
            ]);
        }

        return $said;
    }

    private static function following(Plan $plan): ?Plan
    {
        $school = $plan->camera->exposureTimedBy === TimedBy::Camera || $plan->light?->stepless === false ? School::ThirdStops : School::Stepless;
        try {
            return RampedPlan::by(Shot::of($plan), $school);
        } catch (InvalidInput) {
            return null;
        }
    }

    /** The one after which least is left to be said against it; null where none helps. */
    private static function remedy(PinnedPlan $pinned, Plan $plan): ?Remedy
    {
        $bad = self::bad($pinned, $plan, null);
        $best = null;
        $least = count($bad);
        $mayCount = $pinned->pins->follows === Figure::Shooting && !$pinned->pins->asksForPhotos();
        foreach ($bad as $finding) {
            $mends = self::mendsAfterwards($finding->id);
            foreach ($mends === [] ? [] : $finding->remedies() as $remedy) {
                $counts = $remedy->mended->photosTotal() !== $plan->photosTotal();
                if (!in_array($remedy->key, $mends, true) || $counts && !$mayCount) {
                    continue;
                }
                $left = count(self::bad($pinned, $remedy->mended, null));
                [$best, $least] = $left < $least ? [$remedy, $left] : [$best, $least];
            }
        }

        return $best;
    }

    /** @return list<string> keys of the remedies that are tried once the timing is settled; none where it is not mended then */
    private static function mendsAfterwards(FindingId $finding): array
    {
        return match ($finding) {
            FindingId::DaylightOverexposes => ['nd', 'iso', 'aperture', 'ramp'],
            FindingId::LightRunsOut => ['ramp', 'iso', 'nd'],
            FindingId::TooFastOnScreen => ['photos'],
            FindingId::TooLittleSettling => ['settle'],
            default => [],
        };
    }

    /**
     * Findings above a note, with the figures that follow from the pins worked out.
     *
     * @param ?list<FindingId> $ids null for all
     *
     * @return list<Finding>
     */
    private static function bad(PinnedPlan $pinned, Plan $plan, ?array $ids): array
    {
        try {
            $report = Report::on(Shot::of($pinned->became($plan, '')->plan));
        } catch (InvalidInput) {
            return [];
        }

        return array_values(array_filter(
            $report->all(),
            static fn (Finding $finding): bool => $finding->severity !== Severity::Info && ($ids === null || in_array($finding->id, $ids, true)),
        ));
    }
}
