<?php

declare(strict_types=1);

use App\Exceptions\ShotChangedElsewhere;
use App\Http\Middleware\ReadLook;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__ . '/../routes/web.php', commands: __DIR__ . '/../routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        // Nothing here is called from another origin, and the package it needs is left out.
        $middleware->remove(HandleCors::class);
        $middleware->encryptCookies(except: [ReadLook::COOKIE]);
        // An empty field of a plan says something: the usual value, or nothing known.
        $middleware->convertEmptyStringsToNull(except: [static fn (Request $request): bool => $request->is('shots/*')]);
        $middleware->web(append: [ReadLook::class]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(ShotChangedElsewhere::class);
    })
    ->create();
