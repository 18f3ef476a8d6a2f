<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shoot;
use Evrent\Words\Words;

/**
 * A shoot's name and tags.
 */
final class ShootDetailsForm extends Form
{
    public function named(): string
    {
        return 'details';
    }

    public function standsAt(): string
    {
        $shoot = $this->route('shoot');
        assert($shoot instanceof Shoot);

        return route('shoots.show', $shoot);
    }

    /**
     * @return array<string, list<mixed>>
     */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200', self::ONE_LINE],
            'tags' => ['nullable', 'string', 'max:300', self::ONE_LINE],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return [
            'name.*' => Words::of('app.shoot_details.name'),
            'tags.*' => Words::of('app.shoot_details.tags'),
        ];
    }
}
