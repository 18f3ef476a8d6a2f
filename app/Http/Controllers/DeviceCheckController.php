<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CheckDevices;
use App\Http\Requests\DeviceCheckForm;
use App\Models\DeviceCheck;
use App\Models\Shot;
use App\Pages\ShotPage;
use App\Pages\TakeStart;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final class DeviceCheckController
{
    /** Has the chosen devices asked. What else was typed beside them is still there afterwards. */
    public function store(DeviceCheckForm $form, Shot $shot, CheckDevices $check): RedirectResponse
    {
        $form->taken(static fn () => $check($shot, $form->what(), $form->rig(), $form->camera()));

        return redirect()->to($form->standsAt() . '#device-check')->withInput();
    }

    /** How far it is, for a page that asks again and again. */
    public function show(Shot $shot, DeviceCheck $check): View
    {
        return view('shots.parts.device-check', [
            'check' => $check, 'isAnew' => $check->isOver(), 'start' => $check->isOver() ? new TakeStart(ShotPage::of($shot)) : null,
        ]);
    }

    /** A test photo, small. */
    public function picture(Shot $shot, DeviceCheck $check, string $name): Response
    {
        $jpeg = array_column($check->pictures, 'jpeg', 'name')[$name] ?? abort(404);

        return response((string) base64_decode($jpeg, true), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=3600']);
    }

    public function stop(Shot $shot, DeviceCheck $check, CheckDevices $checks): RedirectResponse
    {
        $checks->stop($check);

        return redirect()->route('shots.view', [...$shot->address(), 'run'])->withFragment('device-check');
    }
}
