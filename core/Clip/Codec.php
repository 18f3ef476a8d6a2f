<?php

declare(strict_types=1);

namespace Evrent\Core\Clip;

use Evrent\Core\Words\Labelled;

/**
 * How a clip is written: to be looked at, or to be edited.
 */
enum Codec: string implements Labelled
{
    case H264 = 'h264';
    case H265 = 'h265_10bit';
    case ProRes = 'prores';

    public function label(): string
    {
        return match ($this) {
            self::H264 => 'H.264, to look at',
            self::H265 => 'H.265 in 10 bits, to edit',
            self::ProRes => 'ProRes, to edit',
        };
    }

    public function ending(): string
    {
        return $this === self::ProRes ? 'mov' : 'mp4';
    }
}
