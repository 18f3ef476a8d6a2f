<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Session\SessionManager;
use Symfony\Component\HttpFoundation\Response;

/**
 * Gives a session to what needs one. An edit that a script sends carries all it needs, and is answered with parts of the page: it has an
 * empty one in memory, and neither reads nor writes the one that is kept.
 */
final class SessionForPages
{
    /** What routes say whose answers to a script need no session. */
    public const UNNEEDED = 'session_unneeded';

    public function __construct(private readonly StartSession $kept, private readonly SessionManager $sessions)
    {
    }

    /**
     * @param Closure(Request): Response $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        // What does not say where it comes from brings the session's token.
        $saysFrom = $request->hasHeader('Sec-Fetch-Site') || $request->hasHeader('Origin');
        $isUnneeded = $request->route()->getAction(self::UNNEEDED) === true;
        if (!$saysFrom || !$request->hasHeader('HX-Request') || !$isUnneeded) {
            $response = $this->kept->handle($request, $next);
            assert($response instanceof Response);

            return $response;
        }
        $unkept = $this->sessions->driver('array');
        assert($unkept instanceof Session);
        $request->setLaravelSession($unkept);

        return $next($request);
    }
}
