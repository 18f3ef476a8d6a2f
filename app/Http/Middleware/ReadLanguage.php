<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Pages\Settings;
use Closure;
use Evrent\Words\Catalogue;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Gives every answer, a refusal too, the language chosen in the settings, or else the one that the browser asks for.
 */
final class ReadLanguage
{
    /**
     * @param Closure(Request): Response $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        $chosen = app(Settings::class)->get('language');
        app()->setLocale($chosen === '' ? Catalogue::nearest($request->headers->get('Accept-Language') ?? '') : $chosen);
        $response = $next($request);
        $response->headers->set('Content-Language', app()->getLocale());
        if ($chosen === '') {
            $response->setVary('Accept-Language', false);
        }

        return $response;
    }
}
