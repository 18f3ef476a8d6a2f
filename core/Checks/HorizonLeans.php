<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Motion\Base;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

/**
 * R1: the base is off level, and the horizon leans along the pan.
 */
final class HorizonLeans implements Check
{
    public static function about(): About
    {
        return new About([Stage::Frame], ['/rig/base/off_level_deg', '/rig/base/toward_deg', ...About::FACING, ...About::SCALE, ...About::CYCLE]);
    }

    public function find(Shot $shot): ?Finding
    {
        $optics = $shot->plan->optics;
        $base = $shot->plan->rig->base;
        if ($optics === null || $base->offLevelDegrees === 0.0) {
            return null;
        }
        $focal = $optics->focalPixels() * $optics->outputScale();
        $leans = $dips = $over = [];
        $pans = $shot->schedule->positionsFor(AxisRole::Pan) ?? array_fill(0, $shot->schedule->photosTotal(), 0.0);
        foreach ($pans as $n => $pan) {
            $leans[] = $base->leanDegrees($pan);
            $dips[] = $focal * deg2rad($base->dipDegrees($pan));
            if (abs($optics->edgePixels($leans[$n])) > $shot->plan->thresholds->horizonPixels) {
                $over[] = $n;
            }
        }
        if ($over === []) {
            return null;
        }
        $worst = max(array_map(abs(...), $leans));

        return new Finding(
            'R1',
            Severity::Look,
            'The horizon leans',
            PlainText::rounded($optics->edgePixels($worst), 1) . ' px at the frame’s edge',
            sprintf(
                'The base is %s° off level: the horizon leans by up to %s°, changes by %s° over the move and rises or falls %s px.',
                PlainText::rounded($base->offLevelDegrees, 2),
                PlainText::rounded($worst, 2),
                PlainText::rounded(max($leans) - min($leans), 2),
                PlainText::rounded(max($dips) - min($dips), 0),
            ),
            $over[0] + 1,
            count($over),
            static fn (): array => [new Remedy(
                'level',
                'Level the base',
                'by the bubble of the legs, not of the head',
                $shot->plan->withRig($shot->plan->rig->withBase(new Base(0.0, $base->towardDegrees, $base->zeroBearingDegrees))),
            )],
        );
    }
}
