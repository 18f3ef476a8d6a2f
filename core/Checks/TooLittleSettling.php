<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\Shot;

/**
 * T18: the rig has too little time to stop shaking after a move.
 */
final class TooLittleSettling implements Check
{
    /** What to start from: enough for a light rig on firm ground. */
    private const USUAL_SETTLE_SECONDS = 0.5;

    public function find(Shot $shot): ?Finding
    {
        $rig = $shot->plan->rig;
        $moving = array_keys(array_filter($shot->schedule->moves->moveSeconds, static fn (float $seconds): bool => $seconds > 0.0));
        if (!$shot->plan->timing->mode->stops() || $moving === [] || $rig->settleSeconds >= $shot->plan->thresholds->settleSeconds) {
            return null;
        }

        return new Finding(
            FindingId::TooLittleSettling,
            new Message('checks.too_little_settling.title'),
            new Message('checks.too_little_settling.shortfall', ['settleSeconds' => Quantity::seconds($rig->settleSeconds)]),
            new Message('checks.too_little_settling.sentence', [
                'settleSeconds' => Quantity::seconds($rig->settleSeconds),
                'settleSeconds2' => Quantity::seconds($shot->plan->thresholds->settleSeconds),
            ]),
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
        $label = new Message('checks.too_little_settling.fix', ['seconds' => Quantity::seconds($seconds)]);
        if ($settled->schedule->summary->fits() && $settled->schedule->hasRoom()) {
            return new Remedy('settle', $label, '', $settled->plan);
        }
        // Where the interval has no room for it, it grows by as much as it must.
        $longer = Mending::longerInterval($settled, $settled->schedule->wouldKeepTime(...));

        return $longer === null
            ? new Remedy('settle', $label, new Message('checks.too_little_settling.no_room'), $settled->plan)
            : new Remedy('settle', Joined::capital(Joined::of([$label, $longer->label])), $longer->remark, $longer->mended);
    }
}
