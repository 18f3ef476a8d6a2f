<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

/**
 * T18: the rig has too little time to stop shaking after a move.
 */
final class TooLittleSettling implements Check
{
    /** What to start from: enough for a light rig on firm ground. */
    private const USUAL_SETTLE_SECONDS = 0.5;

    public static function about(): About
    {
        return new About(
            [Stage::Time],
            ['/rig/settle_s', '/rig/post_exposure_delay_s'],
            unmended: 'Give the rig longer after each move.',
        );
    }

    public function find(Shot $shot): ?Finding
    {
        $rig = $shot->plan->rig;
        $moving = array_keys(array_filter($shot->schedule->moves->moveSeconds, static fn (float $seconds): bool => $seconds > 0.0));
        if (!$shot->plan->timing->mode->stops() || $moving === [] || $rig->settleSeconds >= $shot->plan->thresholds->settleSeconds) {
            return null;
        }

        return new Finding(
            FindingId::TooLittleSettling,
            Severity::Look,
            'The rig gets too little time to settle',
            PlainText::seconds($rig->settleSeconds) . ' to stand still',
            sprintf(
                'After each move the next photo may come after %s of settling; under %s photos are shaken.',
                PlainText::seconds($rig->settleSeconds),
                PlainText::seconds($shot->plan->thresholds->settleSeconds),
            ),
            $moving[0] + 2,
            count($moving),
            static fn (): array => [self::remedy($shot)],
        );
    }

    private static function remedy(Shot $shot): Remedy
    {
        $rig = $shot->plan->rig;
        $seconds = max(self::USUAL_SETTLE_SECONDS, $shot->plan->thresholds->settleSeconds);
        $settled = Shot::of($shot->plan->withRig($rig->withSettling($seconds)));
        $label = sprintf('Let it settle for %s', PlainText::seconds($seconds));
        if ($settled->schedule->summary->fits() && $settled->schedule->hasRoom()) {
            return new Remedy('settle', $label, '', $settled->plan);
        }
        // Where the interval has no room for it, it grows by as much as it must.
        $longer = Mending::longerInterval($settled, $settled->schedule->wouldKeepTime(...));

        return $longer === null
            ? new Remedy('settle', $label, 'the interval has no room for it', $settled->plan)
            : new Remedy('settle', "{$label}, " . lcfirst($longer->label), $longer->remark, $longer->mended);
    }
}
