<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Move;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;

/**
 * E5: the framing that matters most comes late: if weather, battery or people end the run early, it is the one that is missing.
 */
final class BestFramingComesLate implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $plan = $shot->plan;
        $place = $plan->move->mattersMost();
        $photo = $place === null ? null : $shot->schedule->pegPhotos()[$place] ?? null;
        $total = $shot->schedule->photosTotal();
        if ($place === null || $photo === null || 2 * $photo <= $total + 1) {
            return null;
        }
        $peg = Move::peg($place);

        return new Finding(
            FindingId::BestFramingComesLate,
            new Message('checks.best_framing_comes_late.title'),
            new Message('checks.best_framing_comes_late.shortfall', [
                'peg' => $peg,
                'photo' => $photo,
                'photos' => Quantity::photos($total),
            ]),
            new Message('checks.best_framing_comes_late.sentence', ['peg' => $peg, 'photos' => Quantity::photos($photo - 1)]),
            $photo,
            $total - $photo + 1,
            static fn (): array => self::turned($plan),
        );
    }

    /**
     * With the clip as it was meant, time running backwards in it; or with time as it runs, and the framings in the other order. The shooter says which.
     *
     * @return list<Remedy>
     */
    private static function turned(Plan $plan): array
    {
        $reversed = $plan->reversed();
        $backwards = $plan->timing->playsBackwards;

        return [
            new Remedy(
                'reverse-both',
                $backwards ? new Message('checks.best_framing_comes_late.turned_reverse') : new Message('checks.best_framing_comes_late.turned'),
                $backwards ? '' : new Message('checks.best_framing_comes_late.same_order'),
                $reversed->withTiming($plan->timing->played(!$backwards)),
            ),
            new Remedy(
                'reverse',
                new Message('checks.best_framing_comes_late.alone'),
                new Message('checks.best_framing_comes_late.other_order'),
                $reversed,
            ),
        ];
    }
}
