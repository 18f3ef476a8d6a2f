<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use Evrent\Core\Messages\Message;

/**
 * Where to turn the camera for what a day has to show: a bearing and a time for each.
 */
final class DayArrows
{
    private const SAMPLE_SECONDS = 600.0;

    /**
     * @return list<array{label: Message, instant: Instant, azimuth: float}> in the order of the clock; degrees from true north clockwise
     */
    public static function of(Site $site): array
    {
        [$observer, $day] = [$site->observer, $site->day];
        // Where the sun shows is where the camera is turned to, ridge or none.
        $events = SeenEvents::of($observer, $site->skyline, DayEvents::at($observer, $day));
        $sky = new Sky($observer);
        $arrows = [];
        foreach (
            [
            [new Message('sky.arrow.sunrise'), Target::Sun, $events->sunRise],
            [new Message('sky.arrow.sunset'), Target::Sun, $events->sunSet],
            [new Message('sky.arrow.moonrise'), Target::Moon, $events->moonRise],
            [new Message('sky.arrow.moonset'), Target::Moon, $events->moonSet],
            [new Message('sky.arrow.galactic_centre'), Target::GalacticCentre, self::highestInTheDark($sky, $site)],
            ] as [$label, $target, $instant]
        ) {
            if ($instant !== null) {
                $arrows[] = ['label' => $label, 'instant' => $instant, 'azimuth' => $sky->of($target, $instant)->azimuth];
            }
        }
        usort($arrows, static fn (array $a, array $b): int => $a['instant']->unixSeconds <=> $b['instant']->unixSeconds);

        return $arrows;
    }

    /** In the night that follows the day, to ten minutes; null where it does not come up in the dark. */
    private static function highestInTheDark(Sky $sky, Site $site): ?Instant
    {
        $highest = null;
        $most = 0.0;
        foreach (DayEvents::upThatNight($site->observer, $site->day, Target::GalacticCentre, $site->skyline) as [$from, $until]) {
            for ($at = $from; $at->unixSeconds <= $until->unixSeconds; $at = $at->plusSeconds(self::SAMPLE_SECONDS)) {
                $altitude = $sky->of(Target::GalacticCentre, $at)->altitude;
                if ($altitude > $most && $sky->of(Target::Sun, $at)->altitude < DayEvents::TWILIGHTS['astronomical']) {
                    [$highest, $most] = [$at, $altitude];
                }
            }
        }

        return $highest;
    }
}
