<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Schedule\Timeline;
use Evrent\Core\Shot\Shot;

/**
 * T6: a controller that triggers the camera stretches short intervals in silence; the shoot overruns and the clip
 * plays the scene faster than planned.
 */
final class ControllerStretchesInterval implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $stretched = Timeline::overrunning($shot->schedule->timeline->requiredSeconds, $shot->schedule->intervalSeconds);
        if ($stretched === []) {
            return null;
        }
        $late = $shot->schedule->summary->lateSeconds;
        $lastTrigger = $shot->schedule->timeline->triggerSeconds[$shot->schedule->photosTotal() - 1];
        $planned = $lastTrigger - $late;

        return new Finding(
            FindingId::ControllerStretchesInterval,
            new Message('checks.controller_stretches_interval.title'),
            new Message('checks.controller_stretches_interval.shortfall', ['late' => Quantity::duration($late)]),
            new Message('checks.controller_stretches_interval.sentence', [
                'stretched' => count($stretched),
                'photosTotal' => Quantity::counted($shot->schedule->photosTotal() - 1, 'interval', 0),
                'late' => Quantity::duration($late),
                'x' => Quantity::rounded(100.0 * $late / $planned, 1),
            ]),
            $stretched[0] + 1,
            count($stretched),
            static fn (): array => Mending::onTime($shot),
        );
    }
}
