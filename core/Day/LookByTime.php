<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Sky;
use Evrent\Core\Sky\Target;

/**
 * Which look suits the light where a shoot is: night after civil dusk and until civil dawn, day otherwise.
 */
final class LookByTime
{
    private const CIVIL_DEGREES = -6.0;

    /**
     * @return 'day'|'night'
     */
    public static function at(Site $site, Instant $now): string
    {
        return (new Sky($site->observer))->of(Target::Sun, $now)->altitude < self::CIVIL_DEGREES ? 'night' : 'day';
    }
}
