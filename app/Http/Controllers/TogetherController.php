<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StartTogether;
use App\Actions\StopRig;
use App\Http\Requests\TogetherForm;
use App\Models\Shoot;
use App\Pages\TogetherPage;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/**
 * Two rigs, one start: shots of a shoot that are shot side by side.
 */
final class TogetherController
{
    public function show(Shoot $shoot): View
    {
        return view('shoots.together', ['shoot' => $shoot, 'page' => new TogetherPage($shoot)]);
    }

    /** How far each is, for a page that asks again and again. */
    public function now(Shoot $shoot): View
    {
        return view('shoots.parts.together-now', ['shoot' => $shoot, 'page' => new TogetherPage($shoot)]);
    }

    public function store(TogetherForm $form, Shoot $shoot, StartTogether $start): RedirectResponse
    {
        $form->taken(static fn () => $start($form->starts(), $form->text('reason'), $form->worldSpeed()));

        return redirect()->route('together.show', $shoot);
    }

    /** All of them, at once. */
    public function stop(Shoot $shoot, StopRig $stop): RedirectResponse
    {
        foreach ((new TogetherPage($shoot))->takes() as $take) {
            $stop($take->shot);
        }

        return redirect()->route('together.show', $shoot)->with('notice', Words::of('app.together.stopped'));
    }
}
