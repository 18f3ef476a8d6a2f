<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Budget\Battery;
use Evrent\Core\Budget\CameraPower;
use Evrent\Core\Budget\Load;
use Evrent\Core\Budget\Power;
use Evrent\Core\Budget\PowerBank;
use Evrent\Core\Budget\RigPower;
use Evrent\Core\Budget\Storage;
use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Format\StartText;
use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Light;
use Evrent\Core\Light\Metered;
use Evrent\Core\Motion\Move;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\ExposureHelp;
use Evrent\Core\Shot\RampedPlan;
use Evrent\Core\Shot\School;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\Target;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;

/**
 * One change to a plan, by its name and what a person gave with it: what the bench's buttons, pegs and keys do.
 */
final readonly class TypedEdit
{
    /** From here on it is dusk, and from there on night. */
    private const DUSK_EV = 4.0;
    private const NIGHT_EV = -4.0;

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
            'compass' => self::compass($plan, $edit),
            'optics-in' => new self($plan->withOptics(Optics::usual()), 'picture described'),
            'optics-out' => new self($plan->withOptics(null), 'picture left out'),
            'interval-keys' => new self($plan->withInterval(self::keys($plan->timing->interval, $edit)), 'interval’s keys'),
            'exposure-keys' => new self($plan->withExposure(self::keys($plan->timing->exposure, $edit)), 'exposure’s keys'),
            'aim-body' => self::aimAtBody($plan, $edit),
            'track-body' => new self(SkyEdits::tracked(Schedule::of($plan), self::target($edit)), self::target($edit)->name() . ' tracked'),
            'blur-share' => new self(
                $edit->under(static fn (): Plan => ExposureHelp::forBlurShare(Shot::of($plan), TypedText::percent($edit->text('share')) ?? NAN)),
                "open for {$edit->text('share')} % of the interval",
            ),
            'smear' => new self(
                $edit->under(static fn (): Plan => ExposureHelp::forSmear(Shot::of($plan), TypedText::number($edit->text('pixels')) ?? NAN)),
                "smear of {$edit->text('pixels')} px",
            ),
            'light-by' => self::lightBy($plan, $edit),
            'metered' => self::metered($plan, $edit),
            'metered-out' => new self($plan->with(['light' => ($plan->light ?? new Light())->with(['metered' => null])]), 'metered exposure forgotten'),
            'night-bias' => self::nightBias($plan, $edit),
            'part-in', 'part-out' => self::part($plan, $edit, $name === 'part-in'),
            'kit-out' => new self(Picking::out($plan, $edit->whole('place')), 'a piece of kit left out'),
            default => throw new InvalidInput([new Problem('/edit', 'There is no such change.')]),
        };
    }

    /** @throws InvalidInput */
    private static function target(GivenWithEdit $edit): Target
    {
        return Target::tryFrom($edit->text('target')) ?? throw new InvalidInput([new Problem('/edit/target', 'Choose sun, moon or galactic centre.')]);
    }

    private static function aimAtBody(Plan $plan, GivenWithEdit $edit): self
    {
        $at = null;
        if ($edit->text('at') !== '' && $plan->site !== null) {
            try {
                $at = StartText::read($edit->text('at'))->instant($plan->site)
                    ?? throw new InvalidInput([new Problem('', 'This does not happen there on that day. Enter another time.')]);
            } catch (InvalidInput $invalid) {
                throw new InvalidInput([new Problem('/edit/at', $invalid->problems[0]->message)]);
            }
        }

        return new self(
            SkyEdits::aimed(Schedule::of($plan), $edit->whole('place'), self::target($edit), $at),
            "{$edit->peg('place')} aimed at the " . self::target($edit)->name(),
        );
    }

    /** Exposures and ISO numbers by one of the schools. */
    private static function lightBy(Plan $plan, GivenWithEdit $edit): self
    {
        $school = School::tryFrom($edit->text('school')) ?? throw new InvalidInput([new Problem('/edit', 'There is no such way to expose.')]);
        $ramped = RampedPlan::by(Shot::of($plan), $school)
            ?? throw new InvalidInput([new Problem('/edit', 'Give the shoot a place and a day, and the shot a start: then its light is known.')]);

        return new self($ramped, 'exposed: ' . lcfirst($school->label()));
    }

    private static function metered(Plan $plan, GivenWithEdit $edit): self
    {
        $site = $plan->site ?? throw new InvalidInput([new Problem('/edit/metered_at', 'Give the shoot a place and a day first.')]);
        $problems = new Problems();
        $at = null;
        try {
            $at = StartText::read($edit->text('metered_at'))->instant($site);
        } catch (InvalidInput $invalid) {
            $problems->add('/edit/metered_at', $invalid->problems[0]->message);
        }
        $seconds = TypedText::seconds($edit->text('metered_s'));
        $aperture = TypedText::number($edit->text('metered_aperture'));
        $iso = TypedText::number($edit->text('metered_iso'));
        $problems->unlessPositive($seconds ?? NAN, 86_400, '/edit/metered_s', 'the shutter time that was right, in seconds');
        $problems->unlessPositive($aperture ?? NAN, 1_000, '/edit/metered_aperture', 'the f-number that it was right at');
        $problems->unlessPositive($iso ?? NAN, 10_000_000, '/edit/metered_iso', 'the ISO that it was right at');
        if ($at === null) {
            $problems->add('/edit/metered_at', 'Enter when that was, such as 17:40.');
        }
        $problems->throwIfAny();
        assert($at !== null);
        $metered = new Metered($at, new Exposure($seconds ?? 1.0, $aperture ?? 1.0, $iso ?? 100.0));

        return new self($plan->with(['light' => ($plan->light ?? new Light())->with(['metered' => $metered])]), "metered at {$edit->text('metered_at')}");
    }

    /** Night is let be darker than the meter would have it, from dusk on. */
    private static function nightBias(Plan $plan, GivenWithEdit $edit): self
    {
        $stops = TypedText::number($edit->text('night_stops'));
        if ($stops === null || $stops < 0.0 || $stops > 6.0) {
            throw new InvalidInput([new Problem('/edit/night_stops', 'Enter by how many stops night is to be darker, from 0 to 6.')]);
        }
        $bias = $stops === 0.0 ? [] : [['ev' => self::NIGHT_EV, 'stops' => -$stops], ['ev' => self::DUSK_EV, 'stops' => 0.0]];

        return new self($plan->with(['light' => ($plan->light ?? new Light())->with(['bias' => $bias])]), "night {$edit->text('night_stops')} stops darker");
    }

    private static function part(Plan $plan, GivenWithEdit $edit, bool $in): self
    {
        $power = $plan->power ?? new Power();
        $changes = match ($edit->text('part')) {
            'light' => ['light' => $in ? new Light() : null],
            'storage' => ['storage' => $in ? new Storage() : null],
            'load' => ['load' => $in ? new Load() : null],
            'power-camera' => ['power' => self::orNone(new Power(
                $in ? new CameraPower(new Battery(16.0)) : null,
                $power->rig,
                $power->bank,
                $power->celsius,
                $power->cold,
            ))],
            'power-rig' => ['power' => self::orNone(new Power(
                $power->camera,
                $in ? new RigPower(new Battery(50.0)) : null,
                $power->bank,
                $power->celsius,
                $power->cold,
            ))],
            'power-bank' => ['power' => self::orNone(new Power($power->camera, $power->rig, $in ? new PowerBank(70.0) : null, $power->celsius, $power->cold))],
            default => throw new InvalidInput([new Problem('/edit', 'There is no such part.')]),
        };

        return new self($plan->with($changes), str_replace('-', ': ', $edit->text('part')) . ($in ? ' described' : ' left out'));
    }

    /** Nothing that is fed is nothing to say. */
    private static function orNone(Power $power): ?Power
    {
        return $power->camera === null && $power->rig === null && $power->bank === null ? null : $power;
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

    private static function compass(Plan $plan, GivenWithEdit $edit): self
    {
        $reading = $edit->number('compass', 'Enter what the compass reads in degrees, such as 238.');
        $variation = $edit->has('variation') ? $edit->number('variation', 'Enter the variation in degrees, east above zero, such as 1.5.') : 0.0;
        $zeroed = $edit->under(static fn (): Plan => Framing::byCompass($plan, $reading, $variation));

        return new self($zeroed, 'pan 0 by compass: ' . PlainText::number($zeroed->rig->base->zeroBearingDegrees) . '°');
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
