<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Evrent\Words\Words;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Whether Evrent is there, and its database: what supervisors and waiting pages ask.
 */
final class UpController
{
    public function __invoke(): Response
    {
        try {
            DB::connection()->select('select 1');
        } catch (Throwable) {
            return response(Words::of('app.up.database'), 503, ['Content-Type' => 'text/plain; charset=utf-8', 'Retry-After' => '1']);
        }

        return response('up', 200, ['Content-Type' => 'text/plain; charset=utf-8']);
    }
}
