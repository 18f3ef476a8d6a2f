<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Shot\Shot;

/**
 * T21: a keyframe, and so the move, lies beyond an axis's travel.
 *
 * The path never leaves the range of its keyframes, so the keyframes tell; the photos say from where on.
 */
final class BeyondTravel implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $plan = $shot->plan;
        $worst = null;
        $excess = 0.0;
        $outside = [];
        foreach ($plan->rig->axes as $axis) {
            foreach ($shot->schedule->moves->positions[$axis->id] as $n => $position) {
                if ($axis->holds($position)) {
                    continue;
                }
                $outside[$n] = true;
                $beyond = abs($position - $axis->clamp($position));
                // Axes count in different units: compared as shares of each one's travel.
                if ($worst === null || $beyond / ($axis->max - $axis->min) > $excess / ($worst->max - $worst->min)) {
                    $worst = $axis;
                    $excess = $beyond;
                }
            }
        }
        if ($worst === null) {
            return null;
        }
        ksort($outside);
        $text = static fn (float $position): Quantity => $shot->units->axisText($worst->kind, $position);

        return new Finding(
            FindingId::BeyondTravel,
            new Message('checks.beyond_travel.title', ['worst' => $worst->label()]),
            new Message('checks.beyond_travel.shortfall', ['excess' => $text($excess)]),
            new Message('checks.beyond_travel.sentence', [
                'worst' => $worst->label(),
                'min' => Quantity::rounded($worst->min * $shot->units->factorOf($worst->kind)),
                'max' => $text($worst->max),
                'photos' => Quantity::photos(count($outside)),
                'excess' => $text($excess),
            ]),
            (int) array_key_first($outside) + 1,
            count($outside),
            static fn (): array => [new Remedy(
                'travel',
                new Message('checks.beyond_travel.fit'),
                '',
                $plan->withPositions(static fn (Axis $axis, float $position): float => $axis->clamp($position)),
            )],
        );
    }
}
