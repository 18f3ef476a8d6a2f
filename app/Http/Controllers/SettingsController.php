<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeSettings;
use App\Http\Requests\SettingsForm;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/**
 * How this shooter wants things.
 */
final class SettingsController
{
    public function edit(): View
    {
        return view('settings.edit');
    }

    public function update(SettingsForm $form, ChangeSettings $change): RedirectResponse
    {
        $form->taken(static fn () => $change($form->values(...)));

        return redirect()->route('settings.edit')->with('notice', Words::of('app.saved'));
    }
}
