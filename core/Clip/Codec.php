<?php

declare(strict_types=1);

namespace Evrent\Core\Clip;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * How a clip is written: to be looked at, or to be edited.
 */
enum Codec: string implements Labelled
{
    case H264 = 'h264';
    case H265 = 'h265_10bit';
    case ProRes = 'prores';

    public function label(): Message
    {
        return match ($this) {
            self::H264 => new Message('clip.codec.review'),
            self::H265 => new Message('clip.codec.edit_10'),
            self::ProRes => new Message('clip.codec.prores'),
        };
    }

    public function ending(): string
    {
        return $this === self::ProRes ? 'mov' : 'mp4';
    }
}
