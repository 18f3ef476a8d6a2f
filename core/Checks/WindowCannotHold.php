<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Mode;

/**
 * T24: photos by day or by night alone, where nothing can keep to it: no place or start, no hour of it, or a camera that goes on by itself.
 */
final class WindowCannotHold implements Check
{
    public static function about(): About
    {
        return new About(
            [Stage::Time],
            unmended: 'Enter place, date and start; choose hours that the day has there; and let the rig fire the camera.',
        );
    }

    public function find(Shot $shot): ?Finding
    {
        $plan = $shot->plan;
        // Without a clock nobody keeps hours: each photo comes when it is asked for.
        if ($plan->window === null || !$plan->timing->mode->hasClock()) {
            return null;
        }
        $first = $plan->firstTrigger();
        [$short, $why] = match (true) {
            $plan->site === null => ['no place', 'Enter place and date of the shoot: sunrise and the clock there say when it pauses.'],
            $first === null => ['no start', 'Enter when it starts: until then nobody knows in which photos it pauses.'],
            $plan->openings()?->next($first->unixSeconds) === null => [
                'never in half a year', 'At this place and season there is none of it: enter other hours, such as 10:00 until 14:00.',
            ],
            !$plan->timing->mode->stops() && $plan->rig->axes !== [] => [
                'the rig creeps on', 'A rig that moves on without stopping cannot pause for hours. Let it stop for each photo, or take photos day and night.',
            ],
            $plan->trigger->isCamera() => [
                'camera on its own timer', 'The camera fires day and night by itself while the rig pauses. Let the rig fire it, or take photos day and night.',
            ],
            default => [null, ''],
        };

        return $short === null ? null : new Finding(
            FindingId::WindowCannotHold,
            Severity::Stops,
            'The hours of the day are not kept',
            $short,
            $why,
            1,
            $shot->schedule->photosTotal(),
            static fn (): array => [
                ...(!$plan->timing->mode->stops() && $plan->rig->axes !== []
                    ? [new Remedy('stops', 'Stop for each photo', '', $plan->withTiming($plan->timing->withMode(Mode::ShootMoveShoot)))]
                    : []),
                new Remedy('day-and-night', 'Take photos day and night', '', $plan->with(['window' => null])),
            ],
        );
    }
}
