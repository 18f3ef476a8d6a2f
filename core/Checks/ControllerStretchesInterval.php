<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Schedule\Timeline;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

/**
 * T6: a controller that triggers the camera stretches short intervals in silence; the shoot overruns and the clip
 * plays the scene faster than planned.
 */
final class ControllerStretchesInterval implements Check
{
    public static function about(): About
    {
        return new About(
            [Stage::Time],
            [...About::CYCLE],
            Cause::Cycle,
            unmended: Mending::NOT_IN_TIME,
        );
    }

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
            Severity::Look,
            'The controller will stretch the interval without telling you',
            PlainText::duration($late) . ' late at the end',
            sprintf(
                '%s of %s %s out longer than set: the last photo is taken %s late and the scene plays back %s %% faster than planned.',
                number_format(count($stretched)),
                PlainText::counted($shot->schedule->photosTotal() - 1, 'interval', 0),
                count($stretched) === 1 ? 'comes' : 'come',
                PlainText::duration($late),
                PlainText::rounded(100.0 * $late / $planned, 1),
            ),
            $stretched[0] + 1,
            count($stretched),
            static fn (): array => Mending::onTime($shot),
        );
    }
}
