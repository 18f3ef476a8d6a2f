<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Evrent\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Symfony\Component\HttpFoundation\Response;

/**
 * Takes changes from Evrent's own pages only. Browsers say where a request comes from, so that a page may stand open for weeks and be
 * saved all the same; what says nothing of that has to bring the session's token.
 */
final class OnlyFromHere
{
    /**
     * @param Closure(Request): Response $next
     *
     * @throws TokenMismatchException
     */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        $site = $request->headers->get('Sec-Fetch-Site');
        $origin = $request->headers->get('Origin');
        if ($site === null && $origin === null) {
            $token = $request->input('_token');
            if (!is_string($token) || !hash_equals($request->session()->token(), $token)) {
                throw new TokenMismatchException(Words::of('app.origin.token'));
            }

            return $next($request);
        }
        $isOwn = ($site === null || $site === 'same-origin') && ($origin === null || $origin === $request->getSchemeAndHttpHost());
        // A request that a browser made for somebody else's page is none of ours, whatever it brings.
        abort_unless($isOwn, 403, Words::of('app.origin.elsewhere'));

        return $next($request);
    }
}
