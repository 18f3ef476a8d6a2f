<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Motion\Move;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

/**
 * E5: the framing that matters most comes late: if weather, battery or people end the run early, it is the one that is missing.
 */
final class BestFramingComesLate implements Check
{
    public static function about(): About
    {
        return new About(
            [Stage::Frame],
            unmended: 'This move cannot be turned round: be ready to stop early.',
        );
    }

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
            Severity::Know,
            'What matters most comes late',
            sprintf('%s after %s of %s', $peg, number_format($photo), PlainText::photos($total)),
            sprintf(
                'If weather turns or the run ends early, %s is what is missing: %s come before it. Run the move from its end.',
                $peg,
                PlainText::photos($photo - 1),
            ),
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
                $backwards ? 'Run the move from its end, and the clip forwards' : 'Run the move from its end, and reverse the clip',
                $backwards ? '' : 'framings in the clip stay in their order; time runs backwards in it',
                $reversed->withTiming($plan->timing->played(!$backwards)),
            ),
            new Remedy('reverse', 'Run the move from its end alone', 'the clip shows the framings in the other order', $reversed),
        ];
    }
}
