<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Shot;
use Evrent\Core\Values\InvalidInput;

/**
 * Which pages have Stop on them: all of a shot that a rig moves for.
 */
final class StopButton
{
    /** @return ?Shot of the page that is asked for; null where nothing of it moves */
    public static function shot(): ?Shot
    {
        $shot = request()->route('shot');
        try {
            return $shot instanceof Shot && $shot->currentRevision()->toPlan()->rig->axes !== [] ? $shot : null;
        } catch (InvalidInput) {
            // A plan that cannot be read drives nothing.
            return null;
        }
    }
}
