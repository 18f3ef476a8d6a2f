<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Evrent\Words\Words;

/**
 * A form that gives a preset its name, which no other preset may have.
 */
abstract class PresetNameForm extends Form
{
    /**
     * @return array<string, list<mixed>>
     */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:120', self::ONE_LINE]];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['name.*' => Words::of('app.preset_name.line')];
    }

    protected function nameTaken(): string
    {
        return Words::of('app.name_taken');
    }
}
