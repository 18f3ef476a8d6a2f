<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Checks\Mending;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;

/**
 * An interval as short as rig and camera can, to the setting of the timer above it, with room for what devices vary by from photo to photo.
 */
final class Fastest
{
    /** What people type for it. */
    private const WORDS = '/^(?:as )?(?:fast|quick|short)(?:est)?(?: (?:as )?(?:it|they|(?:the )?rig and camera) can| as possible)?$/Di';

    public static function isMeant(string $text): bool
    {
        return preg_match(self::WORDS, trim($text)) === 1;
    }

    /** The same photos, as close upon each other as they can be. */
    public static function of(Plan $plan): Plan
    {
        $least = $plan->withInterval($plan->timing->interval->steady()->map(static fn (): float => $plan->trigger->resolutionSeconds()));
        $shot = Shot::of($least);
        $keepsTime = static fn (Plan $changed): bool => $shot->schedule->wouldKeepTime($changed);

        return $keepsTime($least) ? $least : Mending::longerInterval($shot, $keepsTime)->mended ?? $plan;
    }
}
