<?php

declare(strict_types=1);

use App\Exceptions\Told;
use App\Http\Middleware\LookByTheLight;
use App\Http\Middleware\OncePerKey;
use App\Http\Middleware\OnlyFromHere;
use App\Http\Middleware\OnlyOurNames;
use App\Http\Middleware\ReadableText;
use App\Http\Middleware\ReadLanguage;
use App\Http\Middleware\ReadLook;
use App\Http\Middleware\SafeHeaders;
use App\Http\Middleware\SessionForPages;
use App\Http\Middleware\WholeUploads;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__ . '/../routes/web.php', commands: __DIR__ . '/../routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        // Nothing here is called from another origin, and the package it needs is left out.
        $middleware->remove(HandleCors::class);
        $middleware->prepend([SafeHeaders::class, ReadLook::class, ReadLanguage::class, OnlyOurNames::class]);
        $middleware->encryptCookies(except: [ReadLook::COOKIE, ReadLanguage::COOKIE]);
        $middleware->append([ReadableText::class, WholeUploads::class]);
        // TLS, where there is any, ends at a server on this machine.
        $middleware->trustProxies(at: ['127.0.0.1', '::1'], headers: Request::HEADER_X_FORWARDED_PROTO);
        // An empty field of a plan says something: the usual value, or nothing known.
        $middleware->convertEmptyStringsToNull(except: [static fn (Request $request): bool => $request->is('shoots/*/shots/*')]);
        $middleware->web(
            append: [OncePerKey::class, LookByTheLight::class],
            replace: [ValidateCsrfToken::class => OnlyFromHere::class, StartSession::class => SessionForPages::class],
        );
    })
    ->withExceptions(Told::register(...))
    ->create();
