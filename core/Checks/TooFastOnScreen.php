<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Shot\PictureMotion;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\PlainText;

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
        $crossing = $motion->picture->crossingSeconds($worst->shift, $shot->plan->timing->framesPerSecond);
        if ($worst->axis === null || $crossing >= $shot->plan->thresholds->crossingSeconds) {
            return null;
        }
        $easy = $motion->picture->optics->outputWidthPixels / ($shot->plan->timing->framesPerSecond * $shot->plan->thresholds->crossingSeconds);
        $over = $motion->photosBeforeStepsOver($easy);
        return new Finding(
            'T12',
            Severity::Look,
            "The {$worst->axis->id} is too fast on screen",
            PlainText::seconds($crossing) . ' to cross the frame',
            sprintf(
                'At photo %d the picture moves %s px from photo to photo: at %s fps things cross the frame in %s, and under %s is hard on the eye.',
                $worst->photo,
                PlainText::rounded(abs($worst->shift), 1),
                PlainText::number($shot->plan->timing->framesPerSecond),
                PlainText::seconds($crossing),
                PlainText::seconds($shot->plan->thresholds->crossingSeconds),
            ),
            $over[0] ?? $worst->photo,
            count($over),
            static fn (): array => array_filter([self::morePhotos($shot, $crossing)]),
        );
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
            if ($motion->picture->crossingSeconds($motion->fastest()->shift, $timing->framesPerSecond) >= $shot->plan->thresholds->crossingSeconds) {
                return new Remedy(
                    'photos',
                    sprintf('Spread the move over %s', PlainText::photos($moves + 1)),
                    sprintf(
                        'keeps framing and interval; %s of clip, %s longer on site',
                        PlainText::seconds($mended->schedule->summary->clipSeconds),
                        PlainText::duration($mended->schedule->summary->onSiteSeconds - $shot->schedule->summary->onSiteSeconds),
                    ),
                    $mended->plan,
                );
            }
            // Keyframes snap to photos, so the fastest stretch may not shrink quite in step.
            $moves += (int) ceil($moves / 100);
        }

        return null;
    }
}
