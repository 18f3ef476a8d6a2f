<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CreateShoot;
use App\Actions\ThrowAway;
use App\Http\Requests\ShootForm;
use App\Models\Preset;
use App\Models\Shoot;
use App\Pages\ShootPage;
use Evrent\Core\Presets\PresetKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class ShootController
{
    public function index(): View
    {
        return view('shoots.index', [
            'shoots' => Shoot::query()->withCount('shots')->orderBy('shoot_date')->orderBy('id')->get(),
            'deleted' => Shoot::onlyTrashed()->latest('deleted_at')->limit(10)->get(),
        ]);
    }

    public function store(ShootForm $form, CreateShoot $createShoot): RedirectResponse
    {
        $date = $form->text('shoot_date');

        return redirect()->route('shoots.show', $createShoot($form->text('name'), $form->text('place'), $date === '' ? null : $date));
    }

    public function show(Shoot $shoot): View
    {
        return view('shoots.show', [
            'shoot' => $shoot,
            'page' => new ShootPage($shoot),
            'recipes' => Preset::query()->where('kind', PresetKind::Recipe)->orderBy('name')->get(),
            'deleted' => $shoot->shots()->onlyTrashed()->latest('deleted_at')->limit(10)->get(),
        ]);
    }

    /** Out of sight with all its shots, until it is brought back. */
    public function destroy(Shoot $shoot, ThrowAway $throwAway): RedirectResponse
    {
        return redirect()->route('shoots.index')->with($throwAway($shoot, 'shoot', $shoot->name));
    }
}
