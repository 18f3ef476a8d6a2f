<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\PictureMotion;
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

    public function find(Schedule $schedule): ?Finding
    {
        $motion = PictureMotion::of($schedule);
        if ($motion === null) {
            return null;
        }
        $worst = $motion->fastest();
        $crossing = $motion->picture->crossingSeconds($worst->shift, $schedule->plan->timing->framesPerSecond);
        if ($worst->axis === null || $crossing >= $schedule->plan->thresholds->crossingSeconds) {
            return null;
        }
        $easy = $motion->picture->optics->outputWidthPixels / ($schedule->plan->timing->framesPerSecond * $schedule->plan->thresholds->crossingSeconds);
        $over = $motion->photosBeforeStepsOver($easy);
        $remedy = self::morePhotos($schedule, $crossing);

        return new Finding(
            'T12',
            Severity::Look,
            "The {$worst->axis->id} is too fast on screen",
            PlainText::seconds($crossing) . ' to cross the frame',
            sprintf(
                'At photo %d the picture moves %s px from photo to photo: at %s fps things cross the frame in %s, and under %s is hard on the eye.',
                $worst->photo,
                PlainText::rounded(abs($worst->shift), 1),
                PlainText::number($schedule->plan->timing->framesPerSecond),
                PlainText::seconds($crossing),
                PlainText::seconds($schedule->plan->thresholds->crossingSeconds),
            ),
            $over[0] ?? $worst->photo,
            count($over),
            $remedy === null ? [] : [$remedy],
        );
    }

    /** The same way in more photos: each step is smaller, and the clip longer. */
    private static function morePhotos(Schedule $schedule, float $crossing): ?Remedy
    {
        $timing = $schedule->plan->timing;
        $moves = (int) ceil(($timing->photos - 1) * $schedule->plan->thresholds->crossingSeconds / $crossing);
        for ($try = 0; $try < self::MOST_TRIES && $moves < $timing->photos * self::MOST_TIMES_THE_PHOTOS; $try++) {
            try {
                $mended = Schedule::of($schedule->plan->withTiming($timing->withPhotos($moves + 1)));
            } catch (InvalidInput) {
                return null;
            }
            $motion = PictureMotion::of($mended);
            if ($motion === null) {
                return null;
            }
            if ($motion->picture->crossingSeconds($motion->fastest()->shift, $timing->framesPerSecond) >= $schedule->plan->thresholds->crossingSeconds) {
                return new Remedy(
                    'photos',
                    sprintf('Spread the move over %s', PlainText::photos($moves + 1)),
                    sprintf(
                        'keeps framing and interval; %s of clip, %s longer on site',
                        PlainText::seconds($mended->summary->clipSeconds),
                        PlainText::duration($mended->summary->onSiteSeconds - $schedule->summary->onSiteSeconds),
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
