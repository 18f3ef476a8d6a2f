<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OrderFilm;
use App\Http\Requests\ClipForm;
use App\Models\Film;
use App\Models\Shot;
use App\Status\FilmStatus;
use Evrent\Devices\Film\JoinedFilm;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/**
 * Films of a clip, as they are made and when they are there.
 */
final class FilmController
{
    public function store(ClipForm $form, Shot $shot, OrderFilm $order): RedirectResponse
    {
        $form->taken(static fn (): Film => $order($shot, $form->text('anyway') === 'yes'));

        return redirect()->to($form->standsAt() . '#films');
    }

    /** How far it is, for a page that asks again and again. */
    public function show(Shot $shot, Film $film): View
    {
        return view('clip.parts.film', ['film' => $film->setRelation('shot', $shot)]);
    }

    public function stop(Shot $shot, Film $film, OrderFilm $order): RedirectResponse
    {
        $order->stop($film);

        return redirect()->to($shot->at('clip.show') . '#films');
    }

    public function destroy(Shot $shot, Film $film, OrderFilm $order): RedirectResponse
    {
        abort_unless($film->isOver(), 409);
        $order->throwAway($film);

        return redirect()->to($shot->at('clip.show') . '#films');
    }

    public function file(Shot $shot, Film $film): BinaryFileResponse
    {
        abort_unless($film->status === FilmStatus::Done && is_file($film->path()), 404);

        return response()->download($film->path(), $film->file);
    }

    /** The film with those it follows on before it, in one file. */
    public function joined(Shot $shot, Film $film): BinaryFileResponse
    {
        $paths = [$film->path()];
        for ($before = $film->before(); $before !== null; $before = $before->before()) {
            array_unshift($paths, $before->path());
        }
        abort_unless($film->status === FilmStatus::Done && is_file($film->path()) && isset($paths[1]), 404);
        $joined = JoinedFilm::of($paths, pathinfo($film->file, PATHINFO_EXTENSION));

        return response()->download($joined, "whole-{$film->file}")->deleteFileAfterSend();
    }

    public function list(Shot $shot, Film $film): Response
    {
        return response($film->list, 200, ['Content-Type' => 'application/json']);
    }
}
