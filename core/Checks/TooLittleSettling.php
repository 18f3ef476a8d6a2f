<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\PlainText;

/**
 * T18: the rig has too little time to stop shaking after a move.
 */
final class TooLittleSettling implements Check
{
    /** What to start from: enough for a light rig on firm ground. */
    private const USUAL_SETTLE_SECONDS = 0.5;

    public function find(Schedule $schedule): ?Finding
    {
        $rig = $schedule->plan->rig;
        $moving = array_keys(array_filter($schedule->moves->moveSeconds, static fn (float $seconds): bool => $seconds > 0.0));
        if (!$schedule->plan->timing->mode->stops() || $moving === [] || $rig->settleSeconds >= $schedule->plan->thresholds->settleSeconds) {
            return null;
        }

        return new Finding(
            'T18',
            Severity::Look,
            'The rig gets too little time to settle',
            PlainText::seconds($rig->settleSeconds) . ' to stand still',
            sprintf(
                'After each move the next photo may come after %s of settling; under %s photos are shaken.',
                PlainText::seconds($rig->settleSeconds),
                PlainText::seconds($schedule->plan->thresholds->settleSeconds),
            ),
            $moving[0] + 2,
            count($moving),
            [self::remedy($schedule)],
        );
    }

    private static function remedy(Schedule $schedule): Remedy
    {
        $rig = $schedule->plan->rig;
        $seconds = max(self::USUAL_SETTLE_SECONDS, $schedule->plan->thresholds->settleSeconds);
        $settled = Schedule::of($schedule->plan->withRig($rig->withSettling($seconds)));
        $label = sprintf('Let it settle for %s', PlainText::seconds($seconds));
        if ($settled->summary->fits()) {
            return new Remedy('settle', $label, 'keeps interval, exposure and clip', $settled->plan);
        }
        // Where the interval has no room for it, it grows by as much as it must.
        $longer = Mending::onTime($settled)[0];

        return $longer === null
            ? new Remedy('settle', $label, 'keeps clip and exposure; the interval has no room for it', $settled->plan)
            : new Remedy('settle', "{$label}, " . lcfirst($longer->label), $longer->costs, $longer->mended);
    }
}
