<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Motion\Move;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Mode;

/**
 * F7: a clockwork turns at a speed that nobody chooses, evenly and without a stop: a plan that has it elsewhere is not what comes.
 */
final class ClockworkTurnsOtherwise implements Check
{
    public function find(Shot $shot): ?Finding
    {
        foreach ($shot->plan->rig->axes as $axis) {
            $speed = $axis->clockworkSpeed();
            if ($speed === null) {
                continue;
            }
            $says = self::says($shot, $axis, $speed);
            if ($says !== null) {
                return new Finding(
                    FindingId::ClockworkTurnsOtherwise,
                    new Message('checks.clockwork_turns_otherwise.title', ['axis' => $axis->label()]),
                    new Message('checks.clockwork_turns_otherwise.shortfall', [
                        'axisText' => $shot->units->axisText($axis->kind, (float) $axis->clockworkPerHour),
                    ]),
                    new Message('checks.clockwork_turns_otherwise.sentence', ['says' => $says]),
                    1,
                    $shot->schedule->photosTotal(),
                    static fn (): array => [self::followed($shot, $axis, $speed)],
                );
            }
        }

        return null;
    }

    private static function says(Shot $shot, Axis $axis, float $speed): ?Message
    {
        $timing = $shot->plan->timing;
        $positions = $shot->schedule->moves->positions[$axis->id];
        if ($timing->mode !== Mode::Continuous) {
            return new Message('checks.clockwork_turns_otherwise.stops');
        }
        if ($timing->photos !== $shot->plan->photosTotal()) {
            return new Message('checks.clockwork_turns_otherwise.stands');
        }
        // What it is out by adds up: half a photo's worth of turn is still the same turn.
        $step = $speed * $shot->schedule->summary->bookedSeconds / $shot->plan->photosTotal();
        foreach ($positions as $n => $position) {
            $turned = abs($position - $positions[0]);
            $comes = $speed * $shot->schedule->timeline->triggerSeconds[$n];
            if (abs($turned - $comes) > 1.01 * $step) {
                return new Message('checks.clockwork_turns_otherwise.off', [
                    'n' => $n + 1,
                    'axisText' => $shot->units->axisText($axis->kind, $turned),
                    'axisText2' => $shot->units->axisText($axis->kind, $comes),
                ]);
            }
        }

        return null;
    }

    private static function followed(Shot $shot, Axis $axis, float $speed): Remedy
    {
        $plan = $shot->plan;
        $keyframes = $plan->move->keyframes;
        $last = count($keyframes) - 1;
        $from = $keyframes[0]->positions[$axis->id];
        $way = ($keyframes[$last]->positions[$axis->id] < $from ? -1.0 : 1.0)
            * $speed * ($plan->photosTotal() - 1) * $shot->schedule->summary->bookedSeconds / $plan->photosTotal();
        $turned = array_map(static fn (Keyframe $keyframe): Keyframe => $keyframe->with([
            'positions' => [$axis->id => round($from + $keyframe->at * $way, 3)] + $keyframe->positions,
            'pass' => $keyframe->at > 0.0 && $keyframe->at < 1.0,
            'holdPhotos' => 0,
            'easing' => null,
        ]), $keyframes);

        return new Remedy(
            'clockwork',
            new Message('checks.clockwork_turns_otherwise.follow'),
            new Message('checks.clockwork_turns_otherwise.evenly', ['axisText' => $shot->units->axisText($axis->kind, abs($way))]),
            $plan->with([
                'timing' => $plan->timing->withMode(Mode::Continuous)->withPhotos($plan->photosTotal(), 0, 0),
                'move' => new Move($turned, new Easing()),
                'window' => null,
            ]),
        );
    }
}
