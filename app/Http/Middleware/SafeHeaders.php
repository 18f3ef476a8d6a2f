<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Tells the browser what a page of Evrent's may do: run its own scripts and nothing else, and stand in nobody's frame.
 */
final class SafeHeaders
{
    private const HEADERS = [
        // Styles in attributes place what is drawn; scripts come from files alone, and nothing is evaluated.
        'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self'; style-src-attr 'unsafe-inline'; "
            . "media-src 'self'; img-src 'self' data:; font-src 'self'; worker-src 'self'; manifest-src 'self'; "
            . "connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'same-origin',
        'Permissions-Policy' => 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
    ];

    /**
     * @param Closure(Request): Response $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->add(self::HEADERS);
        $response->headers->remove('X-Powered-By');
        if (!$response->headers->has('Cache-Control') || $response->headers->get('Cache-Control') === 'no-cache, private') {
            // What stands on a page is never older than what is kept.
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
