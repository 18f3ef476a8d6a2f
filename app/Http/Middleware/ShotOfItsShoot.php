<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A shot that was found under its shoot says which shoot that is: controllers are given the shot alone.
 */
final class ShotOfItsShoot
{
    /**
     * @param Closure(Request): Response $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        $request->route()->forgetParameter('shoot');

        return $next($request);
    }
}
