<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Take;
use Evrent\Words\Words;
use Illuminate\Validation\Rule;

/**
 * How photos came out, and the recipe that is made or amended of it; no recipe where it has no name.
 */
final class VerdictForm extends Form
{
    public function named(): string
    {
        return 'verdict';
    }

    public function standsAt(): string
    {
        return $this->shot()->at('photos.index') . '#verdict-title';
    }

    /**
     * @return array<string, list<mixed>>
     */
    public function rules(): array
    {
        return [
            'rating' => ['required', Rule::in(array_keys(Take::RATINGS))],
            'name' => ['nullable', 'string', 'max:120', self::ONE_LINE],
            'why' => ['required_with:name', 'nullable', 'string', 'max:500'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return [
            'rating.*' => Words::of('app.verdict_form.choose'), 'name.*' => Words::of('app.preset_name.line'),
            'why.*' => Words::of('app.verdict_form.lesson'),
        ];
    }
}
