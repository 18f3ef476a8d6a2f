<?php

declare(strict_types=1);

use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));

/**
 * The framework's `__()` looks the translator up in its container each time, and a page has a thousand texts. Defined first, this one stays.
 *
 * @param array<string, mixed> $replace
 */
function __(mixed $key = null, array $replace = [], ?string $locale = null): mixed
{
    return is_string($key) || $key instanceof Evrent\Core\Messages\Message ? Evrent\Words\Words::catalogue()->get($key, $replace, $locale) : null;
}

require __DIR__ . '/../vendor/autoload.php';

/** @var Application $app */
$app = require_once __DIR__ . '/../bootstrap/app.php';
$app->handleRequest(Request::capture());
