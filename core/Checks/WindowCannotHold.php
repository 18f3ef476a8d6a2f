<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Mode;

/**
 * T24: photos by day or by night alone, where nothing can keep to it: no place or start, no hour of it, or a camera that goes on by itself.
 */
final class WindowCannotHold implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $plan = $shot->plan;
        // Without a clock nobody keeps hours: each photo comes when it is asked for.
        if ($plan->window === null || !$plan->timing->mode->hasClock()) {
            return null;
        }
        $first = $plan->firstTrigger();
        [$short, $why] = match (true) {
            $plan->site === null => [new Message('checks.window_cannot_hold.no_place'), new Message('checks.window_cannot_hold.no_place_sentence')],
            $first === null => [new Message('checks.window_cannot_hold.no_start'), new Message('checks.window_cannot_hold.no_start_sentence')],
            $plan->openings()?->next($first->unixSeconds) === null => [
                new Message('checks.window_cannot_hold.never'), new Message('checks.window_cannot_hold.never_sentence'),
            ],
            !$plan->timing->mode->stops() && $plan->rig->axes !== [] => [
                new Message('checks.window_cannot_hold.creeping'), new Message('checks.window_cannot_hold.creeping_sentence'),
            ],
            $plan->trigger->isCamera() => [
                new Message('checks.window_cannot_hold.own_timer'), new Message('checks.window_cannot_hold.own_timer_sentence'),
            ],
            default => [null, ''],
        };

        return $short === null ? null : new Finding(
            FindingId::WindowCannotHold,
            new Message('checks.window_cannot_hold.title'),
            $short,
            $why,
            1,
            $shot->schedule->photosTotal(),
            static fn (): array => [
                ...(!$plan->timing->mode->stops() && $plan->rig->axes !== []
                    ? [new Remedy('stops', new Message('fixes.stop_for_each'), '', $plan->withTiming($plan->timing->withMode(Mode::ShootMoveShoot)))]
                    : []),
                new Remedy('day-and-night', new Message('checks.window_cannot_hold.day_and_night'), '', $plan->with(['window' => null])),
            ],
        );
    }
}
