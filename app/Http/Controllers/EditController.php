<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditShot;
use App\Http\AskedEdit;
use App\Http\Responses\ShotResponse;
use App\Http\Typed;
use App\Models\Shot;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\PinnedPlan;
use Illuminate\Http\RedirectResponse;
use Evrent\Words\TypedStart;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * What the bench's buttons, pegs and keys change: one named edit at a time, saved or only looked at.
 */
final class EditController
{
    public function store(Request $request, Shot $shot, EditShot $editShot): Response|RedirectResponse
    {
        $given = $request->input('with');
        $with = is_array($given) ? $given : [];
        foreach (['at', 'metered_at'] as $start) {
            if (is_string($with[$start] ?? null)) {
                $with[$start] = TypedStart::kept($with[$start]);
            }
        }
        $name = Typed::text($request, 'edit');

        $edit = static fn (PinnedPlan $plan): Edited => $name === 'step'
            ? $plan->stepped(Typed::text($request, 'with.figure'), (int) Typed::text($request, 'with.by'))
            : $plan->named($name, $with);

        return ShotResponse::to($request, $shot, static fn () => $editShot($shot, AskedEdit::of($request), $edit));
    }
}
