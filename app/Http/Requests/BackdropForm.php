<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Devices\InHand;
use App\Models\Backdrop;
use App\Models\DeviceCheck;
use App\Pages\BackdropPage;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\UploadedFile;

/**
 * A photo for the finder: what the camera in hand shows, a test photo of the last check, or a file.
 */
final class BackdropForm extends DevicesForm
{
    public function named(): string
    {
        return 'backdrop.' . $this->end();
    }

    public function standsAt(): string
    {
        return route('shots.view', [...$this->shot()->address(), 'frame']) . '#backdrop';
    }

    public function refusedPart(array $problems): View
    {
        return view('shots.parts.backdrop', ['page' => new BackdropPage($this->shot(), [$this->end() => implode(' ', $problems)])]);
    }

    public function end(): string
    {
        return in_array($this->text('end'), Backdrop::ENDS, true) ? $this->text('end') : 'first';
    }

    public function whence(): string
    {
        return in_array($this->text('from'), ['camera', 'check'], true) ? $this->text('from') : 'file';
    }

    /**
     * @return string JPEG
     *
     * @throws InvalidInput
     */
    public function photo(InHand $hand): string
    {
        return match ($this->whence()) {
            'camera' => $this->seen($hand),
            'check' => $this->tested(),
            default => $this->uploaded(),
        };
    }

    /**
     * @return ?array<string, float> where the rig in hand stands; null where none is, or it does not know
     *
     * @throws InvalidInput while it moves
     */
    public function stands(InHand $hand): ?array
    {
        $rig = $this->whence() === 'camera' ? $this->piece('rig', KitKind::Rig) : null;
        $says = $rig === null ? null : $hand->askRig([$rig->address, $rig->words], ['do' => 'status'])?->fields;
        if ($says === null || ($says['is_gone'] ?? false) === true || ($says['knows_place'] ?? false) !== true) {
            return null;
        }
        if (($says['moves'] ?? false) === true) {
            throw new InvalidInput([new Problem('/photo', Words::of('app.backdrop_form.moves'))]);
        }
        $stands = [];
        foreach ((array) ($says['positions'] ?? []) as $axisId => $position) {
            $stands[(string) $axisId] = is_numeric($position) ? (float) $position : 0.0;
        }

        return $stands;
    }

    /** @throws InvalidInput */
    private function seen(InHand $hand): string
    {
        $camera = $this->camera();
        $answer = $camera === '' ? null : $hand->askCamera($camera, ['do' => 'still']);
        $problem = $answer === null ? new Message('app.backdrop_form.no_camera') : $answer->problem();
        if ($answer === null || $problem !== null) {
            throw new InvalidInput([new Problem('/photo', $problem ?? '')]);
        }

        return $answer->picture;
    }

    /** @throws InvalidInput */
    private function tested(): string
    {
        $check = DeviceCheck::withPictures()->where('shot_id', $this->shot()->id)->latest('id')->first();
        $pictures = $check?->testPhotos() ?? [];
        if ($pictures === []) {
            throw new InvalidInput([new Problem('/photo', Words::of('app.backdrop_form.no_test'))]);
        }

        return (string) base64_decode($this->end() === 'first' ? $pictures[0] : array_pop($pictures), true);
    }

    /** @throws InvalidInput */
    private function uploaded(): string
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile && $file->isValid() ? $file->getContent()
            : throw new InvalidInput([new Problem('/photo', Words::of('app.backdrop_form.jpeg'))]);
    }
}
