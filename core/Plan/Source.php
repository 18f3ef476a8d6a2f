<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;

/**
 * Where a value of a plan comes from.
 */
enum Source: string
{
    case Typed = 'typed';
    case Kit = 'kit';
    case Preset = 'preset';
    case Measured = 'measured';

    /** Nobody gave it: it is what Evrent assumes. */
    case Default = 'default';

    public function label(): Message
    {
        return match ($this) {
            self::Typed => new Message('plan.source.typed'),
            self::Kit => new Message('plan.source.kit'),
            self::Preset => new Message('plan.source.preset'),
            self::Measured => new Message('plan.source.measured'),
            self::Default => new Message('plan.source.assumed'),
        };
    }
}
