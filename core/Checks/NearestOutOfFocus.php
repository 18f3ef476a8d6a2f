<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Motion\Units;
use Evrent\Core\Optics\Focus;
use Evrent\Core\Optics\ForegroundFocus;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

/**
 * F1: the nearest thing that matters is out of focus where the lens is set.
 */
final class NearestOutOfFocus implements Check
{
    /** Typed distances are rounded. */
    private const TOLERANCE = 0.01;

    public static function about(): About
    {
        return new About(
            [Stage::Frame],
            [
                ...About::SCALE, '/optics/foreground_m', '/optics/focus_m', '/optics/circle_mm', '/optics/foreground_is', '/light/aperture',
                '/light/widest_aperture',
            ],
            unmended: 'Stop down, step back, or let the foreground be soft.',
        );
    }

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
            Severity::Look,
            'The nearest thing is out of focus',
            $shot->units->distanceText($near - $optics->foregroundMetres, 2) . ' nearer than is sharp',
            sprintf(
                'Focused at %s, a %s mm lens at f/%s is sharp from %s on; the foreground stands at %s.',
                $shot->units->distanceText($optics->focusMetres, 2),
                PlainText::rounded($optics->focalMillimetres, 1),
                PlainText::rounded($light->aperture, 1),
                $shot->units->distanceText($near, 2),
                $shot->units->distanceText($optics->foregroundMetres, 2),
            ),
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
            Severity::Look,
            $circles > 1.0 ? 'The foreground is neither sharp nor soft' : 'The foreground is sharp, and meant to be soft',
            PlainText::rounded($circles, 1) . ' circles wide',
            'Soft on purpose, a point is ten circles of confusion wide or more: open up, focus farther off, or stand nearer to it.',
            null,
            0,
            static fn (): array => array_filter([
                new Remedy('sharp', 'Let the foreground be sharp', '', $shot->plan->withOptics($optics->with(['foregroundIs' => ForegroundFocus::Sharp]))),
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
            'Open to f/' . PlainText::rounded($widest, 1),
            'brighter by ' . PlainText::stops(2.0 * log($light->aperture / $widest, 2)),
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
    public static function told(Plan $plan, Units $units, bool $isPrinted = false): string
    {
        if ($plan->optics === null || $plan->light === null) {
            return '';
        }
        $assumed = array_filter(self::LENS, $plan->provenance->isAssumed(...));
        if ($isPrinted && $assumed !== []) {
            return 'Focus: lens and aperture are not set in the plan, so no distance is given.';
        }
        $focus = new Focus($plan->optics, $plan->light->aperture);
        $sharp = static fn (float $metres): string => $units->distanceText($focus->nearMetres($metres), 2) . ' to '
            . ($focus->farMetres($metres) === INF ? 'the horizon' : $units->distanceText($focus->farMetres($metres), 1));
        $set = $focus->metresFor($plan->optics->foregroundMetres);
        $at = $plan->optics->focusMetres;

        $isNearKnown = !$plan->provenance->isAssumed('/optics/foreground_m');

        return implode(' ', array_filter([
            sprintf(
                'At f/%s a circle of %s mm makes %s the hyperfocal distance.',
                PlainText::rounded($plan->light->aperture, 1),
                PlainText::rounded($focus->circleMillimetres, 4),
                $units->distanceText($focus->hyperfocalMetres, 2),
            ),
            $at === null || !$isNearKnown ? '' : "Focused at {$units->distanceText($at, 2)} it is sharp from {$sharp($at)}; the foreground is " . match (true) {
                $focus->circlesAt($plan->optics->foregroundMetres, $at) <= 1.0 + self::TOLERANCE => 'sharp.',
                $focus->isSoft($plan->optics->foregroundMetres, $at) => 'soft.',
                default => 'neither sharp nor soft.',
            },
            match (true) {
                !$isNearKnown => 'How near the foreground stands is not set.',
                $set === null => 'The foreground is nearer than this lens makes sharp.',
                default => "For the foreground focus at {$units->distanceText($set, 2)}: sharp from {$sharp($set)}.",
            },
        ], static fn (string $sentence): bool => $sentence !== ''));
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
            'Focus at ' . $shot->units->distanceText($metres, 2),
            $far === INF ? 'sharp to the horizon' : 'sharp as far as ' . $shot->units->distanceText($far, 1),
            $shot->plan->withOptics($optics->with(['focusMetres' => $metres])),
        );
    }
}
