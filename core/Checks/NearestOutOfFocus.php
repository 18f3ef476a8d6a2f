<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Units;
use Evrent\Core\Optics\Focus;
use Evrent\Core\Optics\ForegroundFocus;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;

/**
 * F1: the nearest thing that matters is out of focus where the lens is set.
 */
final class NearestOutOfFocus implements Check
{
    /** Typed distances are rounded. */
    private const TOLERANCE = 0.01;

    public function find(Shot $shot): ?Finding
    {
        $optics = $shot->plan->optics;
        $light = $shot->plan->light;
        if ($optics?->focusMetres === null || $light === null) {
            return null;
        }
        $focus = new Focus($optics, $light->aperture);
        $near = $focus->nearMetres($optics->focusMetres);
        if ($optics->foregroundIs === ForegroundFocus::Soft) {
            return self::notSoft($shot, $focus, $optics, $optics->focusMetres);
        }
        if ($near <= $optics->foregroundMetres * (1.0 + self::TOLERANCE)) {
            return null;
        }

        return new Finding(
            FindingId::NearestOutOfFocus,
            new Message('checks.nearest_out_of_focus.title'),
            new Message('checks.nearest_out_of_focus.shortfall', [
                'distanceText' => $shot->units->distanceText($near - $optics->foregroundMetres, 2),
            ]),
            new Message('checks.nearest_out_of_focus.sentence', [
                'distanceText' => $shot->units->distanceText($optics->focusMetres, 2),
                'focalMillimetres' => Quantity::rounded($optics->focalMillimetres, 1),
                'aperture' => Quantity::rounded($light->aperture, 1),
                'distanceText2' => $shot->units->distanceText($near, 2),
                'distanceText3' => $shot->units->distanceText($optics->foregroundMetres, 2),
            ]),
            null,
            0,
            static fn (): array => array_filter([self::nearer($shot, $focus)]),
        );
    }

    /** Soft on purpose, it is to be so soft that it shows. */
    private static function notSoft(Shot $shot, Focus $focus, Optics $optics, float $focusMetres): ?Finding
    {
        if ($focus->isSoft($optics->foregroundMetres, $focusMetres)) {
            return null;
        }
        $circles = $focus->circlesAt($optics->foregroundMetres, $focusMetres);

        return new Finding(
            FindingId::NearestOutOfFocus,
            $circles > 1.0 ? new Message('checks.nearest_out_of_focus.neither') : new Message('checks.nearest_out_of_focus.sharp'),
            new Message('checks.nearest_out_of_focus.circles', ['circles' => Quantity::rounded($circles, 1)]),
            new Message('checks.nearest_out_of_focus.soft_sentence'),
            null,
            0,
            static fn (): array => array_filter([
                new Remedy(
                    'sharp',
                    new Message('checks.nearest_out_of_focus.let_sharp'),
                    '',
                    $shot->plan->withOptics($optics->with(['foregroundIs' => ForegroundFocus::Sharp])),
                ),
                self::opened($shot, $optics, $focusMetres),
            ]),
        );
    }

    private static function opened(Shot $shot, Optics $optics, float $focusMetres): ?Remedy
    {
        $light = $shot->plan->light;
        $widest = $light?->widest();
        $isSoft = $widest !== null && (new Focus($optics, $widest))->isSoft($optics->foregroundMetres, $focusMetres);
        if ($light === null || $widest === null || $widest >= $light->aperture || !$isSoft) {
            return null;
        }

        return new Remedy(
            'aperture',
            new Message('checks.nearest_out_of_focus.open', ['widest' => Quantity::rounded($widest, 1)]),
            new Message('checks.nearest_out_of_focus.brighter', [
                'stops' => Quantity::stops(2.0 * log($light->aperture / $widest, 2)),
            ]),
            $shot->plan->with(['light' => $light->with(['aperture' => $widest])]),
        );
    }

    /** Of these the distances come; assumed, they are no fact for a card in the hand. */
    private const LENS = ['/optics/focal_mm', '/optics/sensor_width_mm', '/optics/sensor_height_mm', '/light/aperture'];

    /**
     * What is sharp and from where, in a sentence; empty where neither lens nor aperture is known.
     *
     * @param bool $isPrinted for a card in the hand, which says nothing that is only assumed
     */
    public static function told(Plan $plan, Units $units, bool $isPrinted = false): Text|string
    {
        if ($plan->optics === null || $plan->light === null) {
            return '';
        }
        $assumed = array_filter(self::LENS, $plan->provenance->isAssumed(...));
        if ($isPrinted && $assumed !== []) {
            return new Message('checks.nearest_out_of_focus.unknown');
        }
        $focus = new Focus($plan->optics, $plan->light->aperture);
        $sharp = static fn (float $metres): Message => new Message('checks.nearest_out_of_focus.zone', [
            'distanceText' => $units->distanceText($focus->nearMetres($metres), 2),
            'part' => $focus->farMetres($metres) === INF
                ? new Message('checks.nearest_out_of_focus.horizon')
                : $units->distanceText($focus->farMetres($metres), 1),
        ]);
        $set = $focus->metresFor($plan->optics->foregroundMetres);
        $at = $plan->optics->focusMetres;

        $isNearKnown = !$plan->provenance->isAssumed('/optics/foreground_m');

        return Joined::of([
            new Message('checks.nearest_out_of_focus.hyperfocal', [
                'aperture' => Quantity::rounded($plan->light->aperture, 1),
                'circleMillimetres' => Quantity::rounded($focus->circleMillimetres, 4),
                'distanceText' => $units->distanceText($focus->hyperfocalMetres, 2),
            ]),
            $at === null || !$isNearKnown ? '' : new Message(match (true) {
                $focus->circlesAt($plan->optics->foregroundMetres, $at) <= 1.0 + self::TOLERANCE => 'checks.nearest_out_of_focus.focused_sharp',
                $focus->isSoft($plan->optics->foregroundMetres, $at) => 'checks.nearest_out_of_focus.focused_soft',
                default => 'checks.nearest_out_of_focus.focused_neither',
            }, ['distance' => $units->distanceText($at, 2), 'zone' => $sharp($at)]),
            match (true) {
                !$isNearKnown => new Message('checks.nearest_out_of_focus.foreground_unset'),
                $set === null => new Message('checks.nearest_out_of_focus.too_near'),
                default => new Message('checks.nearest_out_of_focus.for_foreground', [
                    'distanceText' => $units->distanceText($set, 2),
                    'set' => $sharp($set),
                ]),
            },
        ], Joined::SENTENCES);
    }

    private static function nearer(Shot $shot, Focus $focus): ?Remedy
    {
        $optics = $shot->plan->optics;
        $metres = $optics === null ? null : $focus->metresFor($optics->foregroundMetres);
        if ($optics === null || $metres === null) {
            return null;
        }
        // Down to what a scale shows: rounded up it would leave the foreground out again.
        $metres = floor($metres * 100.0) / 100.0;
        $far = $focus->farMetres($metres);
        if ($metres <= 0.0) {
            return null;
        }

        return new Remedy(
            'focus',
            new Message('checks.nearest_out_of_focus.focus', ['distanceText' => $shot->units->distanceText($metres, 2)]),
            $far === INF ? new Message('checks.nearest_out_of_focus.to_horizon') : new Message(
                'checks.nearest_out_of_focus.to',
                ['distanceText' => $shot->units->distanceText($far, 1)],
            ),
            $shot->plan->withOptics($optics->with(['focusMetres' => $metres])),
        );
    }
}
