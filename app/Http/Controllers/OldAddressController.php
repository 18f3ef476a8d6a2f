<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Run;
use App\Models\Shot;
use App\Models\Trial;
use Illuminate\Http\RedirectResponse;
use Symfony\Component\HttpFoundation\Response;

/**
 * Where shots, their runs and test shoots were found before they stood under their shoots: what was bookmarked then still leads to them.
 */
final class OldAddressController
{
    /** With its method and all that was sent: an edit that waited in a browser goes where edits are taken now. */
    public function shot(int $id, string $rest = ''): RedirectResponse
    {
        return redirect(rtrim(Shot::query()->findOrFail($id)->path() . "/{$rest}", '/'), Response::HTTP_PERMANENTLY_REDIRECT);
    }

    public function run(int $id): RedirectResponse
    {
        return redirect()->route('runs.show', Run::query()->findOrFail($id)->address(), Response::HTTP_PERMANENTLY_REDIRECT);
    }

    public function trial(int $id, string $rest = ''): RedirectResponse
    {
        $trial = Trial::query()->findOrFail($id);

        return redirect(rtrim(route('trials.index', $trial->shoot_id, false) . "/{$trial->id}/{$rest}", '/'), Response::HTTP_PERMANENTLY_REDIRECT);
    }
}
