<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SaveRevision;
use App\Exceptions\ShotChangedElsewhere;
use App\Http\Responses\ShotResponse;
use App\Http\Typed;
use App\Models\Shot;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\InvalidInput;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * What the bench's buttons, pegs and keys change: one named edit at a time, saved or only looked at.
 */
final class EditController
{
    public function store(Request $request, Shot $shot, SaveRevision $saveRevision): Response|RedirectResponse
    {
        $given = $request->input('with');
        try {
            $edit = TypedEdit::apply($shot->currentRevision()->toPlan(), Typed::text($request, 'edit'), is_array($given) ? $given : []);
            if ($request->boolean('preview')) {
                return ShotResponse::previewed($request, $shot, $edit->plan);
            }
            $saveRevision($shot, $edit->plan, $edit->told, $request->integer('revision'));
        } catch (InvalidInput $invalid) {
            return ShotResponse::refused($request, $shot, $invalid);
        } catch (ShotChangedElsewhere) {
            return ShotResponse::changedElsewhere($request, $shot);
        }

        return ShotResponse::changed($request, $shot);
    }
}
