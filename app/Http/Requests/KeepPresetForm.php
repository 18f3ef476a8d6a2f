<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shot;

/**
 * A shot’s move, or all of it but the rig, to be kept under a name.
 */
final class KeepPresetForm extends Form
{
    public function named(): string
    {
        return 'preset';
    }

    public function standsAt(): string
    {
        return $this->shot()->path();
    }

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
        return ['name.*' => 'Enter a name of up to 120 characters, on one line.'];
    }

    private function shot(): Shot
    {
        $found = $this->route('shot');
        assert($found instanceof Shot);

        return $found;
    }

    protected function nameTaken(): string
    {
        return 'There is one of this name already. Enter another.';
    }
}
