<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Light\Control;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\ShotLight;
use Evrent\Core\Timing\KeyedSeconds;

/**
 * T5: aperture priority lengthens the exposure at dusk past what the interval holds.
 */
final class AperturePriorityOutruns implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $light = $shot->light();
        if ($light === null || $light->light->control !== Control::AperturePriority) {
            return null;
        }
        $late = self::late($shot, $light);
        if ($late === []) {
            return null;
        }
        $first = $late[0];
        $room = $shot->exposureRoom();
        $longest = max(array_map(static fn (int $n): float => $light->exposures[$n], $late));

        return new Finding(
            FindingId::AperturePriorityOutruns,
            new Message('checks.aperture_priority_outruns.title'),
            new Message('checks.aperture_priority_outruns.shortfall', ['longest' => Quantity::seconds($longest)]),
            new Message('checks.aperture_priority_outruns.sentence', [
                'first' => $first + 1,
                'room' => Quantity::seconds($room[$first]),
                'part' => $shot->plan->rig->axes === []
                    ? new Message('checks.aperture_priority_outruns.late')
                    : new Message('checks.aperture_priority_outruns.moving'),
            ]),
            $first + 1,
            count($late),
            static fn (): array => array_values(array_filter([
                LightMending::ramp($shot),
                self::capped($shot, $light, min(array_map(static fn (int $n): float => $room[$n], $late))),
                self::longerInterval($shot, $light, $room),
            ])),
        );
    }

    /**
     * @return list<int> photos from 0
     */
    private static function late(Shot $shot, ShotLight $light): array
    {
        $late = [];
        foreach ($shot->exposureRoom() as $n => $room) {
            if ($light->exposures[$n] > $room + 1e-9) {
                $late[] = $n;
            }
        }

        return $late;
    }

    private static function capped(Shot $shot, ShotLight $light, float $room): ?Remedy
    {
        $seconds = Exposing::atMost($shot->plan, $room);
        if ($seconds === null || $seconds < $light->light->shortestSeconds) {
            return null;
        }

        return new Remedy(
            'longest',
            new Message('checks.aperture_priority_outruns.cap', ['told' => Exposing::told($shot->plan, $seconds)]),
            new Message('checks.aperture_priority_outruns.darker'),
            $shot->plan->with(['light' => $light->light->with(['longestSeconds' => $seconds])]),
        );
    }

    /**
     * @param list<float> $room
     */
    private static function longerInterval(Shot $shot, ShotLight $light, array $room): ?Remedy
    {
        $resolution = $shot->plan->trigger->resolutionSeconds();
        $interval = $shot->plan->timing->interval;
        // Longer intervals reach farther into the dusk: the longest exposure that is allowed has to fit everywhere.
        $extra = ceil(($light->light->longestSeconds - min([INF, ...$room])) / $resolution) * $resolution;
        if ($interval->longest() + $extra > KeyedSeconds::MOST_SECONDS) {
            return null;
        }
        $mended = $shot->plan->withInterval($interval->map(static fn (float $seconds): float => round($seconds + $extra, 6)));
        $longer = Shot::of($mended);
        $found = $longer->light();

        return $found === null || self::late($longer, $found) !== [] ? null : new Remedy(
            'interval',
            $interval->isConstant()
                ? new Message('fixes.interval', ['longest' => Quantity::seconds($mended->timing->interval->longest())])
                : new Message('checks.aperture_priority_outruns.longer', ['extra' => Quantity::seconds($extra)]),
            new Message('checks.aperture_priority_outruns.keeps'),
            $mended,
        );
    }
}
