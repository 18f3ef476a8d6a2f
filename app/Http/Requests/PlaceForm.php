<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Evrent\Core\Day\Hazard;
use Evrent\Words\Words;
use Illuminate\Http\UploadedFile;

/**
 * Where and when a shoot is, typed or in a file.
 */
final class PlaceForm extends Form
{
    private const FIELDS = ['name', 'date', 'latitude', 'longitude', 'elevation', 'zone', 'sky_glow', 'sky_mag', 'horizon', 'horizon_variation'];
    private const MOST_KILOBYTES = 4_096;

    public function named(): string
    {
        return 'place';
    }

    public function standsAt(): string
    {
        return route('shoots.show', $this->route('shoot')) . '#place';
    }

    /**
     * @return list<string> what is out there
     */
    public function hazards(): array
    {
        $told = $this->input('hazards');

        return array_values(
            array_filter(is_array($told) ? $told : [], static fn (mixed $name): bool => is_string($name) && Hazard::tryFrom($name) !== null),
        );
    }

    /**
     * @return array<string, mixed> all that was typed, by field
     */
    public function typed(): array
    {
        return [...array_combine(self::FIELDS, array_map($this->text(...), self::FIELDS)), 'hazards' => $this->hazards()];
    }

    /**
     * @return array<string, list<mixed>>
     */
    public function rules(): array
    {
        // Typed, it comes without; and a script that sends it for the browser names a file that is none.
        return $this->hasFile('file') ? ['file' => ['file', 'max:' . self::MOST_KILOBYTES]] : [];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['file.*' => Words::of('app.place_form.choose')];
    }

    /** What the file says, where one was chosen. */
    public function content(): ?string
    {
        $file = $this->hasFile('file') ? $this->file('file') : null;

        return $file instanceof UploadedFile ? $file->getContent() : null;
    }
}
