<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Editing\Edits\ShootAsFastAsItCan;
use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Format\PlanProvenance;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Format\TypedPlan;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Provenance;
use Evrent\Core\Plan\Source;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * A plan with what its shooter pinned. Every edit goes through here, whether it is kept or only looked at: the edit is made, and the
 * figure that follows is worked out again from what was asked for.
 *
 * An edit gives figures (photos, interval, shooting time) or none. A figure just given never gives way. Where all three would be held,
 * one of the others has to: `givesWay` says which, in words, and `otherWays` what else could have.
 */
final readonly class PinnedPlan
{
    /** Less than this is how times are rounded, not a change of them. */
    private const NOTICEABLE_SECONDS = 0.005;

    public function __construct(public Plan $plan, public Pins $pins = new Pins())
    {
    }

    /**
     * Text typed into fields.
     *
     * @param array<array-key, mixed> $fields text by field name, nested as the plan document is; only what changed
     * @param array<array-key, mixed> $held   photos, clip and shooting as typed; pin: a figure whose pin was pressed
     *
     * @throws InvalidInput
     */
    public function typed(array $fields, array $held): Edited
    {
        $typed = TypedFigures::read($held, $this->plan);
        $isCounted = in_array(Figure::Photos, $typed->given(), true);
        $isFastest = self::asksForFastest($fields);
        if ($isFastest && is_array($fields['timing'])) {
            $fields['timing'] = array_diff_key($fields['timing'], ['interval_s' => true]);
        }
        [$plan, $pins] = Settling::closed($this->plan, TypedPlan::change($this->plan, $fields), $this->pins);
        $plan = $isCounted ? PlanProvenance::confirmed($plan, ['/timing/photos'], Source::Typed) : $plan;
        $given = $typed->given();
        $timing = is_array($fields['timing'] ?? null) ? $fields['timing'] : [];
        if ($isFastest || array_key_exists('interval_s', $timing)) {
            $given[] = Figure::Interval;
            $pins = $pins->fastest($isFastest);
        }
        $typedFigures = $given;
        if (array_key_exists('photos', $timing) && !in_array(Figure::Photos, $given, true)) {
            // Photos on the way are meant as they are: with those that stand they make up the whole.
            $given[] = Figure::Photos;
            $pins = $pins->asksForPhotos() ? $pins->withPhotos($plan->photosTotal()) : $pins;
        }
        if (count($given) > 2) {
            $message = new Message('editing.pinned_plan.all');
            throw new InvalidInput([new Problem('/held/shooting', $message)]);
        }
        $pins = $pins->shootingSeconds === null && $pins->follows !== Figure::Shooting ? $pins->withShooting(self::booked($this->plan)) : $pins;
        if ($given !== []) {
            $pins = $pins->given($given);
        }
        $pins = $typed->pressed === null ? $typed->into($pins) : $this->pressed($pins, $typed->pressed);
        [$settled, $pins] = $this->settled($plan, $pins, self::problemsAt($fields, $held), $typed->step !== null);
        $isSame = PlanWriter::toDocument($settled) === PlanWriter::toDocument($this->plan);
        if ($isSame && $typed->pressed === null && $pins->asks() === $this->pins->asks()) {
            // Typed as it stood: no change, and no other order.
            return new Edited($settled, $this->pins, '');
        }
        $told = $isSame
            ? [
                'photos' => new Message('editing.pinned_plan.photos_follow'),
                'interval' => new Message('editing.pinned_plan.interval_follows'),
                'shooting' => new Message('editing.pinned_plan.shooting_follows'),
            ][$pins->follows->value]
            : PlanChanges::told($this->plan, $settled);

        $givesWay = $this->givesWay($settled, $pins, $typedFigures);
        $otherWays = $givesWay === [] ? [] : OtherWay::than($this, $plan, $pins, $given);

        return new Edited($settled, $pins, $told, $givesWay, $otherWays);
    }

    /**
     * One named edit of the bench.
     *
     * @param array<array-key, mixed> $with text by name, as it was given
     *
     * @throws InvalidInput
     */
    public function named(string $name, array $with): Edited
    {
        $edit = TypedEdit::apply($this->plan, $name, $with);
        $plan = $edit->isSourced ? $edit->plan : PlanProvenance::after($this->plan, $edit->plan, $edit->by);
        $given = $edit->plan->timing->interval->keys === $this->plan->timing->interval->keys ? [] : [Figure::Interval];

        $pins = $given === [] && $name !== ShootAsFastAsItCan::name() ? $this->pins : $this->pins->fastest($name === ShootAsFastAsItCan::name());
        if ($edit->shootingSeconds !== null) {
            // A time that the edit brought with it: a clip that was asked for stays, and else the interval does.
            $given = [Figure::Shooting, $pins->asksForPhotos() ? Figure::Photos : Figure::Interval];
            $pins = $pins->given($given)->withShooting($edit->shootingSeconds);
        }
        $settled = $this->settledAs($plan, $pins, $given, $given, $edit->told);

        return new Edited($settled->plan, $settled->pins, $settled->told, [...$edit->givesWay, ...$settled->givesWay]);
    }

    /**
     * A figure of the sentence taken up or down by a step.
     *
     * @param string $pointer of the figure
     * @param int    $by      -2, -1, 1 or 2: much less, less, more, much more
     *
     * @throws InvalidInput
     */
    public function stepped(string $pointer, int $by): Edited
    {
        return $this->typed(...FigureSteps::of($this, $pointer, $by));
    }

    /**
     * Another plan as a whole takes the place of this one: a remedy's, a recipe's, a preset's. The shooting time stays where it is pinned.
     *
     * @param ?Source     $by  where the values that it changes come from; null where the plan says so itself
     * @param ?Provenance $own of the plan that they come from, where that is another one
     *
     * @throws InvalidInput
     */
    public function became(Plan $plan, Text|string $told, ?Source $by = Source::Typed, ?Provenance $own = null): Edited
    {
        $plan = $by === null ? $plan : PlanProvenance::after($this->plan, $plan, $by, $own);
        $spaced = $plan->timing->interval->keys !== $this->plan->timing->interval->keys || $plan->timing->intervalMeans !== $this->plan->timing->intervalMeans;
        $counted = $plan->photosTotal() !== $this->plan->photosTotal();
        $pins = $counted && $this->pins->asksForPhotos() ? $this->pins->withPhotos($plan->photosTotal()) : $this->pins;
        $given = $spaced ? [Figure::Interval] : ($counted ? [Figure::Photos] : []);
        if ($given !== [] && ($this->pins->isTyped(Figure::Shooting) || $this->pins->isPinned(Figure::Shooting))) {
            array_unshift($given, Figure::Shooting);
        }

        return $this->settledAs($plan, $pins, $given, $spaced ? [Figure::Interval] : [], $told);
    }

    /** What was rounded of what is asked for, in words; empty when nothing. */
    public function rounding(): Text|string
    {
        try {
            return $this->plan->timing->mode->hasClock() && $this->plan->end === null ? self::solved($this->plan, $this->pins)->rounding : '';
        } catch (InvalidInput) {
            // A plan that was kept with pins that it cannot meet any more has said so before.
            return '';
        }
    }

    /**
     * @param list<Figure> $given     that hold
     * @param list<Figure> $untold    of which nothing need be said
     *
     * @throws InvalidInput
     */
    private function settledAs(Plan $plan, Pins $pins, array $given, array $untold, Text|string $told): Edited
    {
        $pins = $pins->shootingSeconds === null && $pins->follows !== Figure::Shooting ? $pins->withShooting(self::booked($this->plan)) : $pins;
        $pins = $given === [] ? $pins : $pins->given($given);
        [$settled, $pins] = $this->settled($plan, $pins, null);

        return new Edited($settled, $pins, $told, $this->givesWay($settled, $pins, $untold));
    }

    /**
     * Pressed, a figure is pinned as it stands, or not any more; pinned while it followed, another has to follow.
     *
     * @throws InvalidInput by /held/pin
     */
    private function pressed(Pins $pins, Figure $figure): Pins
    {
        if ($pins->isPinned($figure)) {
            return $pins->unpinned($figure);
        }
        $held = $pins->pinning($figure);
        $held = $figure === Figure::Shooting && $held->shootingSeconds === null ? $held->withShooting(self::booked($this->plan)) : $held;

        return $figure === Figure::Photos && !$held->asksForPhotos() ? $held->withPhotos($this->plan->photosTotal()) : $held;
    }

    /**
     * @param ?callable(Problem): Problem $at where to tell what cannot be
     *
     * @return array{Plan, Pins}
     *
     * @throws InvalidInput
     */
    private function settled(Plan $plan, Pins $pins, ?callable $at, bool $isStepNew = false): array
    {
        try {
            $settled = Settling::of($this->plan, $plan, $pins, $isStepNew);

            return [$settled->plan, $settled->pins];
        } catch (InvalidInput $invalid) {
            throw $at === null ? $invalid : new InvalidInput(array_map($at, $invalid->problems));
        }
    }

    /**
     * The plan as it would be with another figure following.
     *
     * @throws InvalidInput
     */
    public static function following(Plan $plan, Pins $pins): Plan
    {
        return self::solved($plan, $pins)->plan;
    }

    private static function solved(Plan $plan, Pins $pins): HeldFigures
    {
        return HeldFigures::solve($plan, $pins->follows, $pins->photos, $pins->clipSeconds, $pins->shootingSeconds);
    }

    /**
     * @param array<array-key, mixed> $fields
     */
    private static function asksForFastest(array $fields): bool
    {
        $text = is_array($fields['timing'] ?? null) ? $fields['timing']['interval_s'] ?? null : null;

        return is_string($text) && Fastest::isMeant($text);
    }

    /**
     * What a figure cannot be is told by its own field when that was typed, and else by the field that asked for it.
     *
     * @param array<array-key, mixed> $fields
     * @param array<array-key, mixed> $held
     *
     * @return callable(Problem): Problem
     */
    private static function problemsAt(array $fields, array $held): callable
    {
        $timing = is_array($fields['timing'] ?? null) ? array_keys($fields['timing']) : [];

        return static function (Problem $problem) use ($held, $timing): Problem {
            $own = substr($problem->pointer, strlen('/held/'));

            return !str_starts_with($problem->pointer, '/held/') || array_key_exists($own, $held) || $timing === []
                ? $problem
                : new Problem("/timing/{$timing[0]}", $problem->message);
        };
    }

    /**
     * @param list<Figure> $untold figures that were given in so many words
     *
     * @return list<Text|string>
     */
    private function givesWay(Plan $after, Pins $pins, array $untold): array
    {
        $said = [];
        $was = $this->plan->photosTotal();
        $is = $after->photosTotal();
        $held = fn (Figure $figure): bool => ($this->pins->isTyped($figure) || $this->pins->isPinned($figure)) && !in_array($figure, $untold, true);
        if (($held(Figure::Photos) || $this->pins->asksForPhotos() && !in_array(Figure::Photos, $untold, true)) && $was !== $is && !$this->keptClip($pins)) {
            $said[] = new Message('editing.pinned_plan.photos_give', ['is' => $is, 'was' => $was]);
        }
        if (!$this->plan->timing->mode->hasClock() || !$after->timing->mode->hasClock()) {
            return $said;
        }
        if ($held(Figure::Interval) && $after->timing->interval->keys !== $this->plan->timing->interval->keys) {
            $said[] = new Message('editing.pinned_plan.interval_gives', [
                'longest' => Quantity::seconds($after->timing->interval->longest()),
                'longest2' => Quantity::seconds($this->plan->timing->interval->longest()),
            ]);
        }
        $asked = $this->pins->shootingSeconds;
        $mayShift = $this->pins->follows === Figure::Shooting || in_array(Figure::Shooting, $untold, true);
        if (!$mayShift && $asked !== null && $pins->shootingSeconds === null && abs(self::booked($after) - $asked) > self::NOTICEABLE_SECONDS) {
            $said[] = new Message('editing.pinned_plan.shooting_gives', [
                'booked' => Quantity::duration(self::booked($after)),
                'asked' => Quantity::duration($asked),
            ]);
        }

        return $said;
    }

    /** A clip that was asked for is still as long, though it takes other photos at another rate. */
    private function keptClip(Pins $pins): bool
    {
        return $this->pins->clipSeconds !== null && $pins->clipSeconds === $this->pins->clipSeconds;
    }

    private static function booked(Plan $plan): float
    {
        return Schedule::bookedSeconds($plan);
    }
}
