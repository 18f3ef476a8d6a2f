<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Sky\Target;

/**
 * How the line of a target in the sky is drawn where style says it.
 */
final class TargetLine
{
    public static function style(Target $target): string
    {
        $drawn = $target->drawn();
        $dashes = $drawn['dashes'] === [] ? 'none' : implode(' ', $drawn['dashes']);

        return "stroke: var(--{$drawn['colour']}); stroke-dasharray: {$dashes}; stroke-width: {$drawn['width']}";
    }
}
