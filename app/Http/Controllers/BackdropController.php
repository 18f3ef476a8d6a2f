<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepBackdrop;
use App\Devices\InHand;
use App\Http\Requests\BackdropForm;
use App\Models\Backdrop;
use App\Models\Shot;
use App\Pages\BackdropPage;
use Evrent\Core\Optics\Backdrop as Photo;
use Evrent\Core\Optics\Optics;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * Photos from the ends of a move, which the finder shows in place of its drawing.
 */
final class BackdropController
{
    /** Where each photo's points lie in space, for the finder to look at them. */
    public function index(Shot $shot): JsonResponse
    {
        $page = new BackdropPage($shot);
        $metres = ($page->plan->optics ?? Optics::usual())->subjectMetres;

        return response()->json(['columns' => Photo::COLUMNS, 'rows' => Photo::ROWS, 'photos' => array_values(array_map(static fn (Backdrop $one): array => [
            'end' => $one->end, 'src' => $page->at('show', $one->end), 'points' => $one->photo()->points($metres),
        ], $page->kept))], headers: ['Cache-Control' => 'no-store']);
    }

    public function show(Shot $shot, string $end): Response
    {
        $jpeg = Backdrop::query()->where('shot_id', $shot->id)->where('end', $end)->value('jpeg');

        return response((string) base64_decode(is_string($jpeg) ? $jpeg : abort(404), true), 200, [
            'Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400',
        ]);
    }

    public function store(BackdropForm $form, Shot $shot, KeepBackdrop $keep, InHand $hand): View|RedirectResponse
    {
        $form->taken(static fn () => $keep($shot, $form->end(), $form->whence(), $form->photo($hand), $form->stands($hand)));

        return self::shown($form, $shot);
    }

    public function destroy(Request $request, Shot $shot, string $end, KeepBackdrop $keep): View|RedirectResponse
    {
        $keep->remove($shot, $end);

        return self::shown($request, $shot);
    }

    private static function shown(Request $request, Shot $shot): View|RedirectResponse
    {
        return $request->hasHeader('HX-Request')
            ? view('shots.parts.backdrop', ['page' => new BackdropPage($shot)])
            : redirect()->to(route('shots.view', [...$shot->address(), 'frame']) . '#backdrop');
    }
}
