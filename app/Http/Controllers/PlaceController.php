<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangePlace;
use App\Http\Requests\PlaceForm;
use App\Http\SeenValues;
use App\Models\Shoot;
use Evrent\Core\Day\TypedPlace;
use Evrent\Core\Format\PlaceFile;
use Evrent\Core\Words\PlainText;
use Evrent\Words\Words;
use Illuminate\Http\RedirectResponse;

/**
 * Where and on which day a shoot is.
 */
final class PlaceController
{
    public function update(PlaceForm $form, Shoot $shoot, ChangePlace $changePlace): RedirectResponse
    {
        $content = $form->content();
        if ($content !== null) {
            return $this->fromFile($form, $form->taken(static fn (): PlaceFile => PlaceFile::read($content)));
        }
        $form->taken(static fn () => $changePlace($shoot, static function (Shoot $locked) use ($form): array {
            $form->merge(['hazards_told' => implode(' ', $form->hazards())]);
            $merged = SeenValues::merged($form, $locked->placeTexts());
            $told = array_filter(explode(' ', $merged['hazards_told']), static fn (string $name): bool => $name !== '');

            return [TypedPlace::read([...$merged, 'horizon_variation' => $form->text('horizon_variation')]), array_values($told)];
        }));

        return redirect()->to($form->standsAt())->with('notice', Words::of('app.place.used'));
    }

    /** Fills the fields from a file; nothing is kept before they are looked at. */
    private function fromFile(PlaceForm $form, PlaceFile $place): RedirectResponse
    {
        $read = ['latitude' => PlainText::number($place->latitude), 'longitude' => PlainText::number($place->longitude)];
        if ($place->elevationMetres !== null) {
            $read['elevation'] = PlainText::number($place->elevationMetres);
        }
        if ($place->name !== '') {
            $read['name'] = $place->name;
        }

        return redirect()->to($form->standsAt())->withInput([...$form->typed(), ...$read])
            ->with('place-read', Words::of('app.place.read'));
    }
}
