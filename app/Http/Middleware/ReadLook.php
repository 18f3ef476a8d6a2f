<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\View;
use Symfony\Component\HttpFoundation\Response;

/**
 * Gives every view the look that was chosen in this browser, so that a page is dark from its first byte.
 */
final class ReadLook
{
    public const COOKIE = 'evrent_look';

    public const LOOKS = ['day', 'dusk', 'night'];

    /**
     * @param Closure(Request): Response $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        $look = $request->cookie(self::COOKIE);
        View::share('look', in_array($look, self::LOOKS, true) ? $look : self::LOOKS[0]);

        return $next($request);
    }
}
