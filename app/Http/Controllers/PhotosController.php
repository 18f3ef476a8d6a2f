<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\JudgePhotos;
use App\Actions\LearnOfBody;
use App\Actions\MarkPhotos;
use App\Actions\MatchPhotos;
use App\Actions\ReadCard;
use App\Actions\ReadSeries;
use App\Http\Requests\CardForm;
use App\Http\Requests\VerdictForm;
use App\Models\CardReading;
use App\Models\Shot;
use App\Pages\CardPhotoPage;
use App\Pages\PhotosPage;
use App\Pages\Settings;
use Evrent\Core\Photos\Mark;
use Evrent\Devices\Photos\Apart;
use Evrent\Devices\Photos\ExifTool;
use Evrent\Devices\Photos\SmallPicture;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

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

    public function again(Shot $shot, CardReading $reading, ReadCard $read): RedirectResponse
    {
        $read->tryAgain($reading);

        return redirect()->to($shot->at('photos.index'));
    }

    /** The other series of this card, each for its own take. */
    public function series(CardForm $form, Shot $shot, CardReading $reading, ReadSeries $read): RedirectResponse
    {
        $takes = $form->taken(static fn (): array => $read($reading));

        return redirect()->to($shot->at('photos.index'))
            ->with('notice', Words::of('app.photos.reading', count: count($takes)));
    }

    /** Somebody knows which one of them is. */
    public function place(CardForm $form, Shot $shot, CardReading $reading, MatchPhotos $match): RedirectResponse
    {
        $form->taken(static fn () => $match->place($reading, trim($form->text('file')), $form->text('number')));

        return redirect()->to($form->standsAt() . '#photo-' . (int) $form->text('number'));
    }

    /** Nobody knew after all. */
    public function takeBack(Shot $shot, CardReading $reading, MatchPhotos $match): RedirectResponse
    {
        $match->takeBack($reading);

        return redirect()->to($shot->at('photos.index'));
    }

    /** What the photos told of a body, kept with the body. */
    public function learn(CardForm $form, Shot $shot, CardReading $reading, LearnOfBody $learn): RedirectResponse
    {
        $form->taken(static fn () => $learn(new PhotosPage($shot, $reading), $form->text('body'), array_values((array) $form->input('fields', []))));

        return redirect()->to($form->standsAt())->with('notice', Words::of('app.photos.body'));
    }

    /** How it came out, and what it taught. */
    public function judge(VerdictForm $form, Shot $shot, CardReading $reading, JudgePhotos $judge): RedirectResponse
    {
        $form->taken(
            static fn () => $judge(new PhotosPage($shot, $reading), (int) $form->text('rating'), trim($form->text('name')), trim($form->text('why'))),
        );

        return redirect()->to($form->standsAt())->with(
            'notice',
            $form->text('name') === '' ? Words::of('app.saved') : Words::of('app.photos.taught', text: $form->text('name')),
        );
    }

    public function mark(CardForm $form, Shot $shot, CardReading $reading, MarkPhotos $mark): RedirectResponse
    {
        $form->taken(
            static fn () => $mark($reading, $form->text('from'), $form->text('to'), Mark::tryFrom($form->text('mark')), trim($form->text('why'))),
        );

        return redirect()->to($form->standsAt() . '#photo-' . (int) $form->text('from'));
    }

    /** Some photos of the sheet. */
    public function more(Shot $shot, CardReading $reading, int $number): View
    {
        $page = new PhotosPage($shot, $reading);
        abort_unless($page->has($number), 404);

        return view('photos.parts.some', ['page' => $page, 'sheet' => $page->sheet() ?? abort(404), 'from' => $number]);
    }

    public function match(Shot $shot, CardReading $reading): Response
    {
        return response($reading->matched ?? abort(404), 200, ['Content-Type' => 'application/json']);
    }

    /** One large, with its neighbours. */
    public function photo(Shot $shot, CardReading $reading, int $number): View
    {
        $reading->setRelation('shot', $shot);
        abort_unless((new PhotosPage($shot, $reading))->has($number), 404);

        return view('photos.photo', ['page' => new CardPhotoPage($reading, $number)]);
    }

    /** A photo as large as it can be shown. */
    public function whole(Shot $shot, CardReading $reading, int $number): Response|BinaryFileResponse
    {
        $file = (new PhotosPage($shot, $reading))->file($number) ?? abort(404);
        $path = "{$reading->folder}/{$file}";
        abort_unless($this->mayRead($path), 404);
        if (preg_match('/\.jpe?g$/i', $path) === 1) {
            return response()->file($path, ['Content-Type' => 'image/jpeg']);
        }

        return response(ExifTool::thumbnail($path) ?? abort(404), 200, ['Content-Type' => 'image/jpeg']);
    }

    /** What may be read is asked again: folders and settings change. */
    private function mayRead(string $path): bool
    {
        return Settings::kept()->mayRead($path);
    }

    /** A photo, small. */
    public function picture(Shot $shot, CardReading $reading, int $place): Response
    {
        $path = "{$reading->folder}/" . ($reading->names[$place] ?? abort(404));
        abort_unless($this->mayRead($path), 404);
        $jpeg = SmallPicture::kept($path) ?? Apart::small($path, Settings::kept()->megapixels()) ?? abort(404);

        return response($jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400']);
    }
}
