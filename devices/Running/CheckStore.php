<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Messages\Text;

/**
 * Where it is kept what devices said before a shot.
 */
interface CheckStore
{
    /** A sentence for whoever looks on. */
    public function say(Text|string $sentence): void;

    /**
     * @param string $item   of what is to be looked at (Preflight)
     * @param ?bool  $isWell null where that is for the shooter to judge
     */
    public function found(string $item, ?bool $isWell, Text|string $says): void;

    /**
     * @param string  $name  of the keyframe: A, B, …
     * @param int     $place number of the photo there
     * @param ?string $jpeg  small; null where the camera sends none
     */
    public function picture(string $name, int $place, string $file, ?string $jpeg): void;
}
