<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Format\TypedText;
use Evrent\Core\InvalidInput;
use Evrent\Core\Motion\Move;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan;
use Evrent\Core\Problem;
use Evrent\Core\Timing\KeyedSeconds;

/**
 * One change to a plan, by its name and what a person gave with it: what the bench's buttons, pegs and keys do.
 */
final readonly class TypedEdit
{
    /**
     * @param string $told what was done, in words for the history
     */
    private function __construct(public Plan $plan, public string $told)
    {
    }

    /**
     * @param array<array-key, mixed> $given text by name, as it was typed
     *
     * @throws InvalidInput with pointers below /edit for what was given, and the plan's own for what it cannot be
     */
    public static function apply(Plan $plan, string $name, array $given): self
    {
        $edit = new GivenWithEdit($given);

        return match ($name) {
            'keyframe-drag' => self::drag($plan, $edit),
            'keyframe-add' => new self(KeyframeEdits::addedAtPhoto($plan, $edit->whole('photo')), "keyframe added at photo {$edit->whole('photo')}"),
            'keyframe-after' => new self($plan->withKeyframeAfter($edit->whole('place')), "keyframe added after {$edit->peg('place')}"),
            'keyframe-out' => new self($plan->withoutKeyframe($edit->whole('place')), "keyframe {$edit->peg('place')} taken out"),
            'keyframe-pass' => self::pass($plan, $edit),
            'keyframe-hold' => new self(
                KeyframeEdits::holding($plan, $edit->whole('place'), $edit->whole('photos')),
                "{$edit->whole('photos')} photos held at {$edit->peg('place')}",
            ),
            'keyframe-here' => new self(
                KeyframeEdits::positioned($plan, $edit->whole('place'), $edit->positions()),
                "keyframe {$edit->peg('place')} set where the rig stands",
            ),
            'run-ease' => self::runEase($plan, $edit),
            'swap' => new self(MoveEdits::swapped($plan), 'direction swapped'),
            'flip' => new self(MoveEdits::flipped($plan, $edit->text('axis')), "{$edit->text('axis')} flipped"),
            'scale' => self::scale($plan, $edit),
            'nudge' => self::nudge($plan, $edit),
            'fit' => new self(MoveEdits::fitted($plan), 'move fitted to the travel'),
            'pan-frames' => self::panFrames($plan, $edit),
            'aim' => self::aim($plan, $edit),
            'optics-in' => new self($plan->withOptics(Optics::usual()), 'picture described'),
            'optics-out' => new self($plan->withOptics(null), 'picture left out'),
            'interval-keys' => new self($plan->withInterval(self::keys($plan->timing->interval, $edit)), 'interval’s keys'),
            'exposure-keys' => new self($plan->withExposure(self::keys($plan->timing->exposure, $edit)), 'exposure’s keys'),
            default => throw new InvalidInput([new Problem('/edit', 'There is no such change.')]),
        };
    }

    private static function drag(Plan $plan, GivenWithEdit $edit): self
    {
        $place = $edit->whole('place');
        $positions = $edit->positions();
        $moved = $edit->has('photo') ? KeyframeEdits::toPhoto($plan, $place, $edit->whole('photo')) : $plan;
        $moved = $positions === [] ? $moved : KeyframeEdits::positioned($moved, $place, $positions);

        return new self($moved, PlanChanges::told($plan, $moved));
    }

    private static function pass(Plan $plan, GivenWithEdit $edit): self
    {
        $changed = KeyframeEdits::passToggled($plan, $edit->whole('place'));
        $keyframe = $changed->move->keyframes[$edit->whole('place')] ?? null;

        return new self($changed, ($keyframe?->pass === true ? 'passes ' : 'stops at ') . $edit->peg('place'));
    }

    /** Gives the run that starts at a keyframe its own ease, or lets it have the move's again. */
    private static function runEase(Plan $plan, GivenWithEdit $edit): self
    {
        $place = $edit->whole('place');
        $own = KeyframeEdits::keyframe($plan, $place)->easing !== null;
        $keyframes = $plan->move->keyframes;
        $keyframes[$place] = $keyframes[$place]->withEasing($own ? null : $plan->move->easing);

        return new self(
            $plan->withMove(new Move(array_values($keyframes), $plan->move->easing)),
            ($own ? 'the move’s ease' : 'its own ease') . " from {$edit->peg('place')}",
        );
    }

    private static function scale(Plan $plan, GivenWithEdit $edit): self
    {
        $text = $edit->text('factor');
        $factor = str_contains($text, '%') ? TypedText::percent($text) : TypedText::number($text);
        if ($factor === null) {
            throw new InvalidInput([new Problem('/edit/factor', 'Enter a factor such as 0.5, or 150 %.')]);
        }

        return new self($edit->under(static fn (): Plan => MoveEdits::scaled($plan, $factor)), "move scaled by {$text}");
    }

    private static function nudge(Plan $plan, GivenWithEdit $edit): self
    {
        $axisId = $edit->text('axis');
        $by = $edit->number('by', 'Enter how far, such as 5 or -0.5.');

        return new self(MoveEdits::nudged($plan, $axisId, $by), "{$axisId} moved by {$edit->text('by')} at every keyframe");
    }

    private static function panFrames(Plan $plan, GivenWithEdit $edit): self
    {
        $widths = $edit->number('widths', 'Enter how many frame widths, such as 1.5; below 0 is to the left.');

        return new self($edit->under(static fn (): Plan => Framing::panned($plan, $widths)), "pan of {$edit->text('widths')} frame widths");
    }

    /** Both ends of the move, each where a bearing and a height are given. */
    private static function aim(Plan $plan, GivenWithEdit $edit): self
    {
        $last = count($plan->move->keyframes) - 1;
        $aimed = $plan;
        foreach (['a' => 0, 'b' => $last] as $end => $place) {
            if ($edit->text("bearing_{$end}") === '') {
                continue;
            }
            $bearing = $edit->number("bearing_{$end}", 'Enter a compass bearing in degrees, such as 245.');
            $height = $edit->text("height_{$end}") === '' ? 0.0 : $edit->number("height_{$end}", 'Enter a height above the horizon in degrees, such as 4.');
            $aimed = $edit->under(static fn (): Plan => Framing::aimed($aimed, $place, $bearing, $height), "_{$end}");
        }
        if ($aimed === $plan) {
            throw new InvalidInput([new Problem('/edit/bearing_a', 'Enter a compass bearing for the start, for the end, or for both.')]);
        }

        return new self($aimed, 'aimed by bearing and height');
    }

    private static function keys(KeyedSeconds $keyed, GivenWithEdit $edit): KeyedSeconds
    {
        return match ($edit->text('do')) {
            'vary' => $keyed->varying(),
            'steady' => $keyed->steady(),
            'add' => $keyed->withKeyAfter($edit->whole('place')),
            'out' => $keyed->withoutKey($edit->whole('place')),
            default => throw new InvalidInput([new Problem('/edit', 'There is no such change.')]),
        };
    }
}
