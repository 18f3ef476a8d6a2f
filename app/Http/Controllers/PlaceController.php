<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangePlace;
use App\Http\Responses\ShotResponse;
use App\Http\SeenValues;
use App\Http\Typed;
use App\Models\Shoot;
use Evrent\Core\Day\Hazard;
use Evrent\Core\Day\TypedPlace;
use Evrent\Core\Format\PlaceFile;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\PlainText;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/**
 * Where and on which day a shoot is.
 */
final class PlaceController
{
    private const FIELDS = ['name', 'date', 'latitude', 'longitude', 'elevation', 'zone', 'sky_glow'];
    private const MOST_BYTES = 4_194_304;

    public function update(Request $request, Shoot $shoot, ChangePlace $changePlace): RedirectResponse
    {
        if ($request->hasFile('file')) {
            return $this->readFile($request, $shoot);
        }
        try {
            $changePlace($shoot, function (Shoot $locked) use ($request): array {
                $request->merge(['hazards_told' => implode(' ', $this->hazards($request))]);
                $merged = SeenValues::merged($request, $locked->placeTexts());

                $told = array_filter(explode(' ', $merged['hazards_told']), static fn (string $name): bool => $name !== '');

                return [TypedPlace::read($merged), array_values($told)];
            });
        } catch (InvalidInput $invalid) {
            return $this->back($shoot)->withInput()->withErrors(ShotResponse::errors($invalid, 'place'));
        }

        return $this->back($shoot)->with('notice', 'The shoot and all its shots are there now.');
    }

    /** Fills the fields from a file; nothing is kept before they are looked at. */
    private function readFile(Request $request, Shoot $shoot): RedirectResponse
    {
        $typed = [...$this->typed($request), 'hazards' => $this->hazards($request)];
        $file = $request->file('file');
        if (!$file instanceof UploadedFile || !$file->isValid() || $file->getSize() > self::MOST_BYTES) {
            return $this->back($shoot)->withInput($typed)->withErrors(['place.file' => 'Choose a GPX or GeoJSON file of up to 4 MB.']);
        }
        try {
            $place = PlaceFile::read($file->getContent());
        } catch (InvalidInput $invalid) {
            return $this->back($shoot)->withInput($typed)->withErrors(ShotResponse::errors($invalid, 'place'));
        }
        $read = ['latitude' => PlainText::number($place->latitude), 'longitude' => PlainText::number($place->longitude)];
        if ($place->elevationMetres !== null) {
            $read['elevation'] = PlainText::number($place->elevationMetres);
        }
        if ($place->name !== '') {
            $read['name'] = $place->name;
        }

        return $this->back($shoot)->withInput([...$typed, ...$read])->with('place-read', 'Read from the file. Look at it, then keep it.');
    }

    /**
     * @return array<string, string>
     */
    private function typed(Request $request): array
    {
        $typed = [];
        foreach (self::FIELDS as $field) {
            $typed[$field] = Typed::text($request, $field);
        }

        return $typed;
    }

    /**
     * @return list<string>
     */
    private function hazards(Request $request): array
    {
        $told = $request->input('hazards');

        return array_values(array_filter(is_array($told) ? $told : [], static fn (mixed $name): bool => is_string($name) && Hazard::tryFrom($name) !== null));
    }

    private function back(Shoot $shoot): RedirectResponse
    {
        return redirect()->to(route('shoots.show', $shoot) . '#place');
    }
}
