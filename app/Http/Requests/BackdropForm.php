<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Devices\InHand;
use App\Models\Backdrop;
use App\Models\DeviceCheck;
use App\Pages\BackdropPage;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Daemon\Answer;
use Illuminate\Contracts\View\View;
use Illuminate\Http\UploadedFile;

/**
 * A photo for the finder: what the camera in hand shows, a test photo of the last check, or a file.
 */
final class BackdropForm extends DevicesForm
{
    private const MOST_WAITS = 20;
    private const WAIT_MICROSECONDS = 60_000;

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
            throw new InvalidInput([new Problem('/photo', 'The rig moves. Wait until it stands.')]);
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
        $asks = static fn (string $do, int $after = 0): ?Answer => $camera === '' ? null : $hand->askCamera($camera, ['do' => $do, 'after' => $after]);
        $now = $asks('status');
        if ($now === null) {
            throw new InvalidInput([new Problem('/photo', 'The camera is not connected. Press Live view first.')]);
        }
        if (($now->fields['is_live'] ?? false) !== true) {
            $picture = $asks('photo')->picture ?? '';

            return $picture !== '' ? $picture : throw new InvalidInput([new Problem('/photo', 'Take a test photo first: this camera shows no live view.')]);
        }
        // The one after the next is surely not magnified.
        $after = (is_int($now->fields['frame'] ?? null) ? $now->fields['frame'] : 0) + 1;
        for ($waited = 0; $waited < self::MOST_WAITS; $waited++) {
            $picture = $asks('frame', $after)->picture ?? '';
            if ($picture !== '') {
                return $picture;
            }
            usleep(self::WAIT_MICROSECONDS);
        }
        throw new InvalidInput([new Problem('/photo', 'The camera sends no picture. Look at it, and press again.')]);
    }

    /** @throws InvalidInput */
    private function tested(): string
    {
        $check = DeviceCheck::query()->where('shot_id', $this->shot()->id)->latest('id')->first();
        $pictures = $check?->testPhotos() ?? [];
        if ($pictures === []) {
            throw new InvalidInput([new Problem('/photo', 'There are no test photos. Take one at each keyframe in Run.')]);
        }

        return (string) base64_decode($pictures[$this->end() === 'first' ? 0 : count($pictures) - 1], true);
    }

    /** @throws InvalidInput */
    private function uploaded(): string
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile && $file->isValid() ? $file->getContent()
            : throw new InvalidInput([new Problem('/photo', 'Choose a JPEG of up to 4 MB.')]);
    }
}
