<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * What gets in the way of a scene.
 */
enum TroubleKind: string implements Labelled
{
    case People = 'people';
    case Lamps = 'lamps';
    case Traffic = 'traffic';
    case Police = 'police';
    case Rain = 'rain';
    case Wind = 'wind';
    case Other = 'other';

    public function label(): Message
    {
        return match ($this) {
            self::People => new Message('plan.trouble_kind.people'),
            self::Lamps => new Message('plan.trouble_kind.lamps'),
            self::Traffic => new Message('plan.trouble_kind.traffic'),
            self::Police => new Message('plan.trouble_kind.guard'),
            self::Rain => new Message('plan.trouble_kind.rain'),
            self::Wind => new Message('plan.trouble_kind.wind'),
            self::Other => new Message('plan.trouble_kind.other'),
        };
    }
}
