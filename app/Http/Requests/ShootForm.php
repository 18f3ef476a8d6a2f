<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Evrent\Words\Words;

/**
 * A new shoot.
 */
final class ShootForm extends Form
{
    public function named(): string
    {
        return 'shoot';
    }

    public function standsAt(): string
    {
        return route('shoots.index');
    }

    /**
     * @return array<string, list<mixed>>
     */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200', self::ONE_LINE],
            'place' => ['nullable', 'string', 'max:200', self::ONE_LINE],
            'shoot_date' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:1950-01-01', 'before:2101-01-01'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return [
            'name.*' => Words::of('app.shoot_details.name'),
            'place.*' => Words::of('app.shoot_form.place'),
            'shoot_date.*' => Words::of('app.shoot_form.date'),
        ];
    }
}
