<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Arr;
use Symfony\Component\HttpFoundation\Response;

/**
 * A file that arrived and could not be put down is no wrong choice of the shooter's: there is no room for it.
 */
final class WholeUploads
{
    private const NO_ROOM = [UPLOAD_ERR_CANT_WRITE, UPLOAD_ERR_NO_TMP_DIR];

    /**
     * @param Closure(Request): Response $next
     */
    public function handle(Request $request, Closure $next): Response
    {
        foreach (Arr::flatten($request->allFiles()) as $file) {
            if ($file instanceof UploadedFile && in_array($file->getError(), self::NO_ROOM, true)) {
                return response()->view('errors.507', [], 507);
            }
        }

        return $next($request);
    }
}
