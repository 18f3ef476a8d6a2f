<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Pages\Settings;
use Closure;
use Evrent\Words\Catalogue;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;

/**
 * Gives every answer, a refusal too, the language chosen in the settings, or else the one that the browser asks for.
 */
final class ReadLanguage
{
    /** For the web server, whose own pages have to do without the application's settings. */
    public const COOKIE = 'evrent_language';

    /**
     * @param Closure(Request): Response $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        $chosen = app(Settings::class)->get('language');
        app()->setLocale($chosen === '' ? Catalogue::nearest($request->headers->get('Accept-Language') ?? '') : $chosen);
        $response = $next($request);
        if ($chosen !== '' && $request->cookies->get(self::COOKIE) !== $chosen) {
            $response->headers->setCookie(Cookie::create(self::COOKIE, $chosen, '+1 year'));
        } elseif ($chosen === '' && $request->cookies->has(self::COOKIE)) {
            $response->headers->clearCookie(self::COOKIE);
        }
        $response->headers->set('Content-Language', app()->getLocale());
        if ($chosen === '') {
            $response->setVary('Accept-Language', false);
        }

        return $response;
    }
}
