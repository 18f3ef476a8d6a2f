<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Evrent\Words\Words;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers only under the names that Evrent is served by, and only to paths that are text. Any web page can make a name of its own
 * resolve to this machine: asked under that, Evrent would be read and written from there.
 */
final class OnlyOurNames
{
    private const PLAIN = ['Content-Type' => 'text/plain; charset=utf-8'];

    /**
     * @param Closure(Request): Response $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        $host = strtolower((string) preg_replace('/:\d{0,5}$/D', '', trim((string) $request->headers->get('Host'))));
        if (!in_array($host, (array) config('app.names'), true)) {
            return response(Words::of('app.host.name'), 421, self::PLAIN);
        }
        $path = rawurldecode($request->getPathInfo());
        if (!mb_check_encoding($path, 'UTF-8') || preg_match('/\p{Cc}/u', $path) !== 0) {
            return response()->view('errors.404', [], 404);
        }

        return $next($request);
    }
}
