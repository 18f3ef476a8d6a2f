<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\AskedEdit;
use App\Models\AnsweredRequest;
use Closure;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * Forms that a script sends for the browser, so that they wait for a server that does not answer. Each comes with a key: sent again
 * because its answer was lost, it counts once. What is answered is where to go on.
 */
final class OncePerKey
{
    public const HEADER = 'X-Evrent-Form';

    /**
     * @param Closure(Request): Response $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        $key = AskedEdit::key($request);
        if ($key === null || !$request->hasHeader(self::HEADER)) {
            return $next($request);
        }
        // It is seen to here: further in, it would be taken for one that was answered before.
        $request->offsetUnset('key');
        DB::connection()->beginTransaction();
        try {
            AnsweredRequest::query()->create(['key' => $key]);
            $response = $next($request);
            if ($response->getStatusCode() >= 400) {
                DB::connection()->rollBack();

                return $response;
            }
            $location = $response instanceof RedirectResponse ? $response->getTargetUrl() : null;
            AnsweredRequest::query()->whereKey($key)->update(['location' => $location]);
            DB::connection()->commit();
        } catch (UniqueConstraintViolationException $twice) {
            DB::connection()->rollBack();
            $answered = AnsweredRequest::query()->find($key) ?? throw $twice;

            return new JsonResponse(['location' => $answered->location]);
        } catch (\Throwable $failure) {
            DB::connection()->rollBack();
            throw $failure;
        }

        return $location === null ? $response : new JsonResponse(['location' => $location], $request->attributes->has('conflict') ? 409 : 200);
    }
}
