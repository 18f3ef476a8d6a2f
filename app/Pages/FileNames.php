<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Plan\Plan;
use Illuminate\Support\Str;

/**
 * What downloads are called: after the shot, in letters that every file system takes.
 */
final class FileNames
{
    public static function of(Plan $plan, string $ending): string
    {
        return self::safe($plan->title, $ending);
    }

    public static function safe(string $title, string $ending): string
    {
        $name = Str::slug($title);

        return ($name === '' ? 'shot' : $name) . '.' . $ending;
    }
}
