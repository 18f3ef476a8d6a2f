<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Preset;
use App\Models\Shoot;
use App\Pages\ShootPage;
use Evrent\Core\Presets\PresetKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class ShootController
{
    public function index(): View
    {
        return view('shoots.index', [
            'shoots' => Shoot::query()->withCount('shots')->orderBy('shoot_date')->orderBy('id')->get(),
            'deleted' => Shoot::onlyTrashed()->latest('deleted_at')->limit(10)->get(),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        $entered = $request->validate([
            'name' => ['required', 'string', 'max:200', 'not_regex:/[\p{Cc}\x{FFFD}]/u'],
            'place' => ['nullable', 'string', 'max:200', 'not_regex:/[\p{Cc}\x{FFFD}]/u'],
            'shoot_date' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:1950-01-01', 'before:2101-01-01'],
        ], [
            'name.*' => 'Enter a name of up to 200 characters, on one line.',
            'place.*' => 'Enter a place of up to 200 characters, on one line.',
            'shoot_date.*' => 'Enter a date such as 2027-03-23, or leave it empty.',
        ]);
        $shoot = Shoot::query()->create([...$entered, 'place' => $entered['place'] ?? '', 'is_demo' => false]);

        return redirect()->route('shoots.show', $shoot);
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
    public function destroy(Shoot $shoot): RedirectResponse
    {
        $shoot->delete();

        return redirect()->route('shoots.index')->with('deleted', ['kind' => 'shoot', 'id' => $shoot->id, 'name' => $shoot->name]);
    }
}
