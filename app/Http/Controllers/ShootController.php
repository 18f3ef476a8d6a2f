<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CopyShoot;
use App\Actions\CreateShoot;
use App\Actions\DescribeShoot;
use App\Actions\ThrowAway;
use App\Http\Requests\ShootDetailsForm;
use App\Http\Requests\ShootForm;
use App\Http\SeenValues;
use App\Http\Typed;
use App\Models\Preset;
use App\Models\Shoot;
use App\Models\Take;
use App\Pages\FirstPage;
use App\Pages\ShootPage;
use Evrent\Core\Presets\PresetKind;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class ShootController
{
    private const MOST_SEARCHED = 100;

    public function index(Request $request): View
    {
        $text = static fn (string $field): string => mb_substr(Typed::text($request, $field), 0, self::MOST_SEARCHED);

        return view('shoots.index', [
            'page' => new FirstPage($text('q'), $text('sort'), $text('when'), $text('tag'), now()->format('Y-m-d')),
            'deleted' => Shoot::onlyTrashed()->latest('deleted_at')->limit(10)->get(),
        ]);
    }

    public function store(ShootForm $form, CreateShoot $createShoot): RedirectResponse
    {
        $date = $form->text('shoot_date');

        return redirect()->route('shoots.show', $createShoot($form->text('name'), $form->text('place'), $date === '' ? null : $date));
    }

    /** Its name and its tags. */
    public function update(ShootDetailsForm $form, Shoot $shoot, DescribeShoot $describe): RedirectResponse
    {
        $form->taken(static fn () => $describe($shoot, static fn (Shoot $locked): array => SeenValues::merged($form, $locked->detailTexts())));

        return redirect()->route('shoots.show', $shoot)->with('notice', Words::of('app.saved'));
    }

    public function duplicate(Shoot $shoot, CopyShoot $copyShoot): RedirectResponse
    {
        return redirect()->route('shoots.show', $copyShoot($shoot))->with('notice', Words::of('app.shoot.copy', shoot: $shoot->name));
    }

    public function show(Shoot $shoot): View
    {
        return view('shoots.show', [
            'shoot' => $shoot,
            'page' => new ShootPage($shoot),
            'takes' => Take::underWayOf($shoot->shots()),
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
