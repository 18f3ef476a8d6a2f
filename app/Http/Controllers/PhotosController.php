<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ReadCard;
use App\Http\Requests\CardForm;
use App\Models\CardReading;
use App\Models\Shot;
use App\Pages\PhotosPage;
use Evrent\Devices\Photos\PhotoFolder;
use Evrent\Devices\Photos\SmallPicture;
use App\Pages\Settings;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/**
 * Photos of a shot, as they lie on a card.
 */
final class PhotosController
{
    public function index(Shot $shot): View
    {
        return view('photos.index', ['page' => new PhotosPage($shot)]);
    }

    public function store(CardForm $form, Shot $shot, ReadCard $read): RedirectResponse
    {
        $form->taken(static fn () => $read($shot, trim($form->text('folder')), $form->take()));

        return redirect()->to($form->standsAt());
    }

    /** How far it is, for a page that asks again and again; when it is over, the page has more to show. */
    public function show(Shot $shot, CardReading $reading): View|Response
    {
        return $reading->isOver() ? response('', 200, ['HX-Refresh' => 'true']) : view('photos.parts.reading', ['reading' => $reading]);
    }

    public function stop(Shot $shot, CardReading $reading, ReadCard $read): RedirectResponse
    {
        $read->stop($reading);

        return redirect()->to($shot->at('photos.index'));
    }

    /** The next photos of the sheet. */
    public function more(Shot $shot, CardReading $reading, int $number): View
    {
        return view('photos.parts.some', ['page' => new PhotosPage($shot, $reading), 'from' => $number]);
    }

    public function match(Shot $shot, CardReading $reading): Response
    {
        return response($reading->matched ?? abort(404), 200, ['Content-Type' => 'application/json']);
    }

    /** A photo, small. */
    public function picture(Shot $shot, CardReading $reading, int $place): Response
    {
        $path = "{$reading->folder}/" . ($reading->names[$place] ?? abort(404));
        // What may be read is asked again: folders and settings change.
        abort_unless(PhotoFolder::isWithin($path, Settings::kept()->photoFolders()), 404);
        $jpeg = SmallPicture::of($path) ?? abort(404);

        return response($jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400']);
    }
}
