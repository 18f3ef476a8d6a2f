<?php

declare(strict_types=1);

namespace Evrent\Core\Clip;

use Evrent\Core\Words\Labelled;

/**
 * How high a clip is; its width follows from what is cropped.
 */
enum Size: string implements Labelled
{
    case P720 = '720p';
    case P1080 = '1080p';
    case P2160 = '2160p';
    /** As many pixels as the photos have in what is cropped. */
    case Full = 'full';

    public function label(): string
    {
        return $this->value;
    }

    /** @return ?int pixels; null for what the photos have */
    public function height(): ?int
    {
        return $this === self::Full ? null : (int) $this->value;
    }
}
