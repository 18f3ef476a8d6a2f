<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Format\PlainText;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Schedule\Timeline;

/**
 * T2: the interval is shorter than exposure and card writing; the buffer fills after so many photos.
 */
final class IntervalTooShortForCamera implements Check
{
    public function find(Schedule $schedule): ?Finding
    {
        $over = Timeline::overrunning($schedule->timeline->cameraSeconds, $schedule->intervalSeconds);
        if ($over === []) {
            return null;
        }
        $first = $over[0];
        $camera = $schedule->plan->camera;
        $exposure = $schedule->exposureSeconds[$first];
        $interval = PlainText::seconds($schedule->intervalSeconds[$first]);
        $shutter = $camera->shutterLagSeconds + $camera->shutterBusySeconds($exposure);
        $waitsForShutter = $shutter - $schedule->intervalSeconds[$first] > Timeline::TOLERANCE_SECONDS;

        return new Finding(
            'T2',
            Severity::Stops,
            $waitsForShutter ? 'The interval is too short for the shutter' : 'The camera cannot write as fast as it shoots',
            PlainText::seconds(max(array_map(
                static fn (int $n): float => ($schedule->timeline->cameraSeconds[$n] ?? 0.0) - $schedule->intervalSeconds[$n],
                $over,
            ))) . ' short',
            $waitsForShutter
                ? sprintf('From photo %d on the shutter is busy for %s, longer than the interval of %s.', $first + 1, PlainText::seconds($shutter), $interval)
                : sprintf(
                    'The buffer holds %s and each takes %s to write: after photo %d it is full, and the camera cannot shoot again after %s.',
                    PlainText::photos($camera->bufferFrames),
                    PlainText::seconds($camera->writeSeconds),
                    $first + 1,
                    $interval,
                ),
            $first + 1,
            count($over),
            array_values(array_filter(Mending::onTime($schedule))),
        );
    }
}
