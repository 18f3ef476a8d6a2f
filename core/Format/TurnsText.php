<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Schedule\Schedule;

/**
 * On which photos a move that goes back and forth turns round, and where it ends.
 */
final class TurnsText
{
    private const MOST_NAMED = 6;

    /** Empty for a move that goes once. */
    public static function of(Schedule $schedule): Text|string
    {
        $plan = $schedule->plan;
        if ($plan->move->oneWayPhotos === null) {
            return '';
        }
        $turns = $schedule->turnPhotos();
        if ($turns === []) {
            return new Message('motion.turns.never');
        }
        $ways = $plan->path->ways();
        $onLast = $plan->timing->photos - $ways[count($ways) - 1][0];
        $ends = match (true) {
            $onLast !== $plan->oneWayPhotos() => new Message('motion.turns.cut_short', ['photos' => $onLast, 'all' => $plan->oneWayPhotos()]),
            count($ways) % 2 === 0 => new Message('motion.turns.ends_at_start'),
            default => new Message('motion.turns.ends_at_last'),
        };

        return Joined::of([new Message('motion.turns.at', ['count' => count($turns), 'photos' => self::named($turns)]), $ends], Joined::SENTENCES);
    }

    /**
     * @param list<int> $turns
     *
     * @return list<int|Message>
     */
    private static function named(array $turns): array
    {
        $more = count($turns) - self::MOST_NAMED;

        return $more > 0 ? [...array_slice($turns, 0, self::MOST_NAMED), new Message('motion.turns.more', ['count' => $more])] : $turns;
    }
}
