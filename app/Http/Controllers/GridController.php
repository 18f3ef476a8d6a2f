<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditShot;
use App\Actions\ShootGrid;
use App\Exceptions\ShotChangedElsewhere;
use App\Http\AskedEdit;
use App\Http\Requests\GridForm;
use App\Models\Shoot;
use App\Models\TestGrid;
use App\Models\TestGridCell;
use App\Models\Trial;
use App\Pages\GridPage;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Presets\CellPlan;
use Evrent\Core\Values\InvalidInput;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * Test shoots as they are shot: each cell as a short clip, and into the plan at a press.
 */
final class GridController
{
    public function store(GridForm $form, Shoot $shoot, Trial $trial, ShootGrid $shootGrid): RedirectResponse
    {
        $form->taken(static fn () => $shootGrid($trial, $form->chosenShot(), $form->rig(), $form->camera(), $form->worldSpeed()));

        return self::back($shoot, $trial);
    }

    /** How far it is, for a page that asks again and again; clips that it has not shown yet come with it. */
    public function show(Request $request, Shoot $shoot, Trial $trial, TestGrid $grid): View
    {
        return view('trials.parts.grid-now', ['page' => new GridPage($trial, $grid), 'seen' => $request->integer('seen')]);
    }

    public function stop(Shoot $shoot, Trial $trial, TestGrid $grid, ShootGrid $shootGrid): RedirectResponse
    {
        $shootGrid->stop($grid);

        return self::back($shoot, $trial);
    }

    public function film(Shoot $shoot, Trial $trial, TestGrid $grid, string $cell): Response
    {
        return self::kept($grid, $cell, 'film', 'video/mp4');
    }

    public function still(Shoot $shoot, Trial $trial, TestGrid $grid, string $cell): Response
    {
        return self::kept($grid, $cell, 'still', 'image/jpeg');
    }

    /** A cell's interval and shutter time in the plan of the shot over whose move it was shot. */
    public function take(Request $request, Shoot $shoot, Trial $trial, TestGrid $grid, EditShot $editShot): RedirectResponse
    {
        $cell = $request->string('cell')->toString();
        $shot = $shoot->shots()->find($grid->shot_id);
        if ($shot === null || !in_array($cell, $trial->matrix()->cells(), true)) {
            return self::back($shoot, $trial)->with('notice', Words::of('app.grid.gone'));
        }
        try {
            $editShot($shot, AskedEdit::now($shot), static fn (PinnedPlan $pinned): Edited => CellPlan::taken($pinned, $trial->matrix(), $cell));
        } catch (InvalidInput $invalid) {
            return self::back($shoot, $trial)->with('notice', Words::say($invalid->problems[0]->message));
        } catch (ShotChangedElsewhere) {
            return self::back($shoot, $trial)->with('notice', Words::of('app.grid.again'));
        }

        return redirect()->route('shots.view', [...$shot->address(), 'time'])
            ->with('notice', Words::of('app.grid.applied'));
    }

    private static function kept(TestGrid $grid, string $cell, string $what, string $type): Response
    {
        $kept = TestGridCell::query()->where('test_grid_id', $grid->id)->where('cell', $cell)->value($what);

        return response((string) base64_decode(is_string($kept) ? $kept : abort(404), true), 200, [
            'Content-Type' => $type, 'Cache-Control' => 'private, max-age=86400',
        ]);
    }

    private static function back(Shoot $shoot, Trial $trial): RedirectResponse
    {
        return redirect()->to(route('trials.index', $shoot) . "#trial-{$trial->id}");
    }
}
