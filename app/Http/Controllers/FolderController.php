<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OrderFolderWork;
use App\Http\Requests\FolderForm;
use App\Models\CardReading;
use App\Models\FolderWork;
use App\Models\Shot;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/**
 * Copies that are checked, and numbered links and copies that are made.
 */
final class FolderController
{
    public function store(FolderForm $form, Shot $shot, CardReading $reading, OrderFolderWork $order): RedirectResponse
    {
        $kind = $form->named() === 'copy' ? 'check' : $form->text('kind');
        $form->taken(static fn (): FolderWork => $order($reading, $kind, rtrim($form->text('folder'), '/')));

        return redirect()->to($form->standsAt() . "#{$form->named()}");
    }

    /** How far it is, for a page that asks again and again. */
    public function show(Shot $shot, FolderWork $work): View
    {
        return view('clip.parts.work', ['work' => $work]);
    }

    public function stop(Shot $shot, FolderWork $work, OrderFolderWork $order): RedirectResponse
    {
        $order->stop($work);

        return redirect()->to($work->kind === 'check' ? $shot->at('photos.index') . '#copy' : $shot->at('clip.show') . '#numbered');
    }

    public function manifest(Shot $shot, FolderWork $work): Response
    {
        abort_if($work->manifest === '', 404);

        return response($work->manifest, 200, ['Content-Type' => 'text/plain; charset=utf-8', 'Content-Disposition' => 'attachment; filename="SHA256SUMS"']);
    }
}
