<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Words\PlainText;

/**
 * On which photos a move that goes back and forth turns round, and where it ends.
 */
final class TurnsText
{
    private const MOST_NAMED = 6;

    /** Empty for a move that goes once. */
    public static function of(Schedule $schedule): string
    {
        $plan = $schedule->plan;
        if ($plan->move->oneWayPhotos === null) {
            return '';
        }
        $turns = $schedule->turnPhotos();
        $ways = $plan->path->ways();
        $onLast = $plan->timing->photos - $ways[count($ways) - 1][0];
        $ends = $onLast === $plan->oneWayPhotos()
            ? (count($ways) % 2 === 0 ? 'It ends where it began.' : 'It ends at the last keyframe.')
            : sprintf('The last way is cut short: %d of %d photos.', $onLast, $plan->oneWayPhotos());

        return match (true) {
            $turns === [] => 'All its photos are one way: it never turns round.',
            count($turns) === 1 => "Turns round at photo {$turns[0]}. {$ends}",
            default => sprintf('Turns round at photos %s. %s', self::named($turns), $ends),
        };
    }

    /** @param list<int> $turns */
    private static function named(array $turns): string
    {
        $more = count($turns) - self::MOST_NAMED;
        $named = array_map(strval(...), array_slice($turns, 0, $more > 0 ? self::MOST_NAMED : null));

        return PlainText::listed($more > 0 ? [...$named, "{$more} more"] : $named);
    }
}
