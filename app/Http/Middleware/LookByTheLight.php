<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Shoot;
use App\Pages\Settings;
use Closure;
use Evrent\Core\Day\LookByTime;
use Evrent\Core\Sky\Instant;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\View;
use Symfony\Component\HttpFoundation\Response;

/**
 * Where the look is to follow the light, it does so by the next shoot that has a place, or else by the last.
 */
final class LookByTheLight
{
    /**
     * @param Closure(Request): Response $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethod('GET') && !$request->hasHeader('HX-Request') && app(Settings::class)->get('look_by_time') === 'yes') {
            $site = self::nextPlace()?->site();
            if ($site !== null) {
                View::share('look', LookByTime::at($site, new Instant((float) now()->getTimestamp())));
            }
        }

        return $next($request);
    }

    private static function nextPlace(): ?Shoot
    {
        $placed = Shoot::query()->where('zone', '!=', '');
        $ahead = (clone $placed)->where('shoot_date', '>=', now()->format('Y-m-d'))->orderBy('shoot_date')->first();

        return $ahead ?? $placed->where('shoot_date', '<', now()->format('Y-m-d'))->orderByDesc('shoot_date')->first();
    }
}
