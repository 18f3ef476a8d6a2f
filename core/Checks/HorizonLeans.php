<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Motion\Base;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\Angles;

/**
 * R1: the base is off level, and the horizon leans: along the pan by more and less, without one by the same throughout.
 */
final class HorizonLeans implements Check
{
    /** A lean that changes by less is the same throughout. */
    private const SAME_DEGREES = 0.01;

    public function find(Shot $shot): ?Finding
    {
        $optics = $shot->plan->optics;
        $base = $shot->plan->rig->base;
        $isInclined = self::isInclined($shot);
        if ($isInclined) {
            $base = new Base(
                min(Base::MOST_OFF_LEVEL_DEGREES, $shot->plan->load->inclineDegrees ?? 0.0),
                $base->towardDegrees,
                $base->zeroBearingDegrees,
            );
        }
        if ($optics === null || $base->offLevelDegrees === 0.0) {
            return null;
        }
        $pans = $shot->schedule->positionsFor(AxisRole::Pan) ?? array_fill(0, $shot->schedule->photosTotal(), 0.0);
        if ($shot->plan->provenance->isAssumed('/rig/base/toward_deg')) {
            // Nobody knows which way it leans: across the picture is the worst.
            $base = new Base($base->offLevelDegrees, Angles::half($base->zeroBearingDegrees + ($pans[0] ?? 0.0) - 90.0), $base->zeroBearingDegrees);
        }
        $leans = array_map($base->leanDegrees(...), $pans);
        $over = array_keys(array_filter(
            $leans,
            static fn (float $lean): bool => abs($optics->edgePixels($lean)) > $shot->plan->thresholds->horizonPixels,
        ));
        if ($over === []) {
            return null;
        }
        $worst = max([0.0, ...array_map(abs(...), $leans)]);
        $swing = self::span($leans);
        $level = $shot->plan->rig->base;
        $stands = $isInclined
            ? new Message('checks.horizon_leans.unlevelled', ['offLevelDegrees' => Quantity::rounded($base->offLevelDegrees, 2)])
            : new Message('checks.horizon_leans.off_level', ['offLevelDegrees' => Quantity::rounded($base->offLevelDegrees, 2)]);

        return new Finding(
            FindingId::HorizonLeans,
            new Message('checks.horizon_leans.title'),
            new Message('checks.horizon_leans.shortfall', ['edgePixels' => Quantity::rounded($optics->edgePixels($worst), 1)]),
            $swing < self::SAME_DEGREES ? new Message('checks.horizon_leans.constant', [
                'stands' => $stands,
                'worst' => Quantity::rounded($worst, 2),
                'x' => Quantity::rounded(100.0 * $optics->shareLeftUpright($worst), 1),
            ]) : new Message('checks.horizon_leans.changing', [
                'stands' => $stands,
                'worst' => Quantity::rounded($worst, 2),
                'swing' => Quantity::rounded($swing, 2),
                'risePixels' => Quantity::rounded(self::risePixels($optics, $base, $pans), 0),
            ]),
            $over[0] + 1,
            count($over),
            static fn (): array => $isInclined ? [] : [new Remedy(
                'level',
                new Message('checks.horizon_leans.level'),
                new Message('checks.horizon_leans.bubble'),
                $shot->plan->withRig($shot->plan->rig->withBase(new Base(0.0, $level->towardDegrees, $level->zeroBearingDegrees))),
            )],
        );
    }

    /** A slide set up steep leans the camera with it, unless somebody has levelled the head: 0° that nobody gave is no levelled head. */
    private static function isInclined(Shot $shot): bool
    {
        return ($shot->plan->load->inclineDegrees ?? 0.0) > 0.0
            && $shot->plan->rig->axisFor(AxisRole::Slide) !== null
            && $shot->plan->provenance->isAssumed('/rig/base/off_level_deg');
    }

    /**
     * @param list<float> $pans degrees
     */
    private static function risePixels(Optics $optics, Base $base, array $pans): float
    {
        return $optics->focalPixels() * $optics->outputScale() * deg2rad(self::span(array_map($base->dipDegrees(...), $pans)));
    }

    /**
     * @param list<float> $degrees
     */
    private static function span(array $degrees): float
    {
        return $degrees === [] ? 0.0 : max($degrees) - min($degrees);
    }
}
