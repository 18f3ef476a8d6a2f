<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Optics\Picture;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;

/**
 * T12: the move carries the picture past too fast at playback: jittery and disorienting.
 */
final class TooFastOnScreen implements Check
{
    /** A move that needs more than so many times its photos wants another framing, not more photos. */
    private const MOST_TIMES_THE_PHOTOS = 10;

    private const MOST_TRIES = 20;

    public function find(Shot $shot): ?Finding
    {
        $motion = $shot->motion();
        if ($motion === null) {
            return null;
        }
        $worst = $motion->fastest();
        $framesPerSecond = $shot->plan->timing->framesPerSecond;
        $crossing = Picture::crossingSeconds($worst->much, $framesPerSecond);
        if ($worst->axis === null || $crossing >= $shot->plan->thresholds->crossingSeconds) {
            return null;
        }
        $over = $motion->photosBeforeStepsOver(1.0 / ($framesPerSecond * $shot->plan->thresholds->crossingSeconds));

        return new Finding(
            FindingId::TooFastOnScreen,
            new Message('checks.too_fast_on_screen.title', ['axis' => $worst->axis->id]),
            new Message('checks.too_fast_on_screen.shortfall', ['crossing' => Quantity::seconds($crossing)]),
            new Message('checks.too_fast_on_screen.sentence', [
                'photo' => $worst->photo,
                'much' => Quantity::roundedPercent($worst->much),
                'framesPerSecond' => Quantity::number($framesPerSecond),
                'crossing' => Quantity::seconds($crossing),
                'crossingSeconds' => Quantity::seconds($shot->plan->thresholds->crossingSeconds),
            ]),
            $over[0] ?? $worst->photo,
            count($over),
            static fn (): array => array_values(array_filter([self::morePhotos($shot, $crossing), self::shorter($shot)])),
        );
    }

    private static function shorter(Shot $shot): ?Remedy
    {
        $limit = $shot->plan->thresholds->crossingSeconds;

        return ShorterMove::of($shot, static fn (Plan $plan): bool => Picture::crossingSeconds(
            Shot::of($plan)->motion()?->fastest()->much ?? 0.0,
            $plan->timing->framesPerSecond,
        ) >= $limit);
    }

    /** The same way in more photos: each step is smaller, and the clip longer. */
    private static function morePhotos(Shot $shot, float $crossing): ?Remedy
    {
        $timing = $shot->plan->timing;
        $moves = (int) ceil(($timing->photos - 1) * $shot->plan->thresholds->crossingSeconds / $crossing);
        for ($try = 0; $try < self::MOST_TRIES && $moves < $timing->photos * self::MOST_TIMES_THE_PHOTOS; $try++) {
            try {
                $mended = Shot::of($shot->plan->withTiming($timing->withPhotos($moves + 1)));
            } catch (InvalidInput) {
                return null;
            }
            $motion = $mended->motion();
            if ($motion === null) {
                return null;
            }
            if (Picture::crossingSeconds($motion->fastest()->much, $timing->framesPerSecond) >= $shot->plan->thresholds->crossingSeconds) {
                return new Remedy(
                    'photos',
                    new Message('fixes.spread', ['photos' => Quantity::photos($moves + 1)]),
                    '',
                    $mended->plan,
                );
            }
            // Keyframes snap to photos, so the fastest stretch may not shrink quite in step.
            $moves += (int) ceil($moves / 100);
        }

        return null;
    }
}
