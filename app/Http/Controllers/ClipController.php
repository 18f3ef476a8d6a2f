<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeClip;
use App\Actions\MakeProxy;
use App\Actions\TakeDeveloped;
use App\Http\Requests\ClipForm;
use App\Http\Requests\FolderForm;
use App\Http\SeenValues;
use App\Models\ClipRevision;
use App\Models\Shot;
use App\Models\Take;
use App\Pages\ClipFiles;
use App\Pages\ClipPage;
use Evrent\Core\Clip\Clip;
use Evrent\Core\Format\ClipText;
use Evrent\Core\Values\InvalidInput;
use Evrent\Devices\Files\ShotFile;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/**
 * The clip of a shot: its list, and what is made of it.
 */
final class ClipController
{
    public function show(Shot $shot): View
    {
        return view('clip.show', ['page' => new ClipPage($shot)]);
    }

    /** The list as its fields say; what another window changed meanwhile stays. */
    public function update(ClipForm $form, Shot $shot, ChangeClip $change): Response|RedirectResponse
    {
        $photos = (new ClipPage($shot))->photos();
        $form->taken(
            static fn () => $change($shot, static fn (Clip $is): Clip => ClipText::read(SeenValues::merged($form, ClipText::fields($is)), $photos)),
        );

        return self::answer($form, $shot);
    }

    /** One span more that goes faster or slower. */
    public function addSpan(ClipForm $form, Shot $shot, ChangeClip $change): Response|RedirectResponse
    {
        $photos = (new ClipPage($shot))->photos();
        $form->taken(static fn () => $change($shot, static function (Clip $is) use ($form, $photos): Clip {
            $place = count($is->speeds);
            $typed = ClipText::fields($is);
            foreach (['from', 'to', 'factor', 'ramp'] as $part) {
                $typed["speeds.{$place}.{$part}"] = $form->text("span_{$part}");
            }

            return ClipText::read($typed, $photos);
        }));

        return self::answer($form, $shot);
    }

    /** The span that begins at a photo goes at one a frame again. */
    public function removeSpan(ClipForm $form, Shot $shot, string $from, ChangeClip $change): Response|RedirectResponse
    {
        $form->taken(static fn () => $change($shot, static fn (Clip $is): Clip => $is->withoutSpan((int) $from)));

        return self::answer($form, $shot);
    }

    public function undo(Request $request, Shot $shot, ChangeClip $change): Response|RedirectResponse
    {
        $change->undo($shot);

        return self::answer($request, $shot);
    }

    public function redo(Request $request, Shot $shot, ChangeClip $change): Response|RedirectResponse
    {
        $change->redo($shot);

        return self::answer($request, $shot);
    }

    public function restore(ClipForm $form, Shot $shot, ClipRevision $clipRevision, ChangeClip $change): Response|RedirectResponse
    {
        $form->taken(static fn () => $change->backTo($shot, $clipRevision));

        return self::answer($form, $shot);
    }

    /** Photos that were developed elsewhere. */
    public function developed(FolderForm $form, Shot $shot, TakeDeveloped $take): RedirectResponse
    {
        $told = $form->taken(static fn (): string => $take($shot, $form->text('folder')));

        return redirect()->to($form->standsAt())->with('notice', $told);
    }

    /** A small film of the list as it stands, to be looked at at once. */
    public function proxy(Request $request, Shot $shot, MakeProxy $make): BinaryFileResponse|Response
    {
        try {
            $path = $make(new ClipPage($shot), $request->query('level') === '1');
        } catch (InvalidInput $invalid) {
            return response(Words::say($invalid->problems[0]->message), 422, ['Content-Type' => 'text/plain; charset=utf-8']);
        }

        return response()->file($path, ['Content-Type' => 'video/mp4', 'Cache-Control' => 'private, no-cache']);
    }

    /** The shot or its clip for another program. */
    public function file(Shot $shot, string $format): Response|BinaryFileResponse
    {
        return self::export(new ClipPage($shot), $format);
    }

    /** The same of a take: of its photos where they were read, else of what its log says. */
    public function ofTake(Shot $shot, Take $take, string $format): Response|BinaryFileResponse
    {
        return self::export(new ClipPage($shot, $take), $format);
    }

    private static function export(ClipPage $page, string $format): Response|BinaryFileResponse
    {
        if ($format === 'xmp') {
            return ClipFiles::sidecars($page);
        }
        $file = ShotFile::tryFrom($format) ?? abort(404);
        try {
            return ClipFiles::response($page, $file);
        } catch (InvalidInput $invalid) {
            return response()->view(
                'clip.no-file',
                ['shot' => $page->shot, 'file' => $file, 'says' => Words::say($invalid->problems[0]->message)],
                422,
            );
        }
    }

    private static function answer(Request $request, Shot $shot): Response|RedirectResponse
    {
        return $request->hasHeader('HX-Request')
            ? response()->view('clip.parts.list', ['page' => new ClipPage($shot->refresh())])
            : redirect()->to($shot->at('clip.show'));
    }
}
