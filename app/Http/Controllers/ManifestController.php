<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Evrent\Words\Words;
use Illuminate\Http\JsonResponse;

/**
 * The web app manifest, for a browser that puts Evrent on a phone's home screen.
 */
final class ManifestController
{
    public function show(): JsonResponse
    {
        return new JsonResponse([
            'name' => 'Evrent',
            'short_name' => 'Evrent',
            'description' => Words::of('app.manifest.description'),
            'lang' => Words::catalogue()->getLocale(),
            'start_url' => '/',
            'scope' => '/',
            'display' => 'standalone',
            'background_color' => '#0e3d47',
            'theme_color' => '#0e3d47',
            'icons' => [['src' => '/mark.svg', 'sizes' => 'any', 'type' => 'image/svg+xml', 'purpose' => 'any maskable']],
        ], 200, ['Content-Type' => 'application/manifest+json'], JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
