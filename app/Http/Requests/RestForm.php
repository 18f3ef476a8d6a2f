<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Take;
use Evrent\Core\Words\TypedText;

/**
 * From which photo on a take is to be shot again as a shot of its own.
 */
final class RestForm extends Form
{
    public function named(): string
    {
        return 'rest';
    }

    public function standsAt(): string
    {
        $take = $this->route('take');

        return $take instanceof Take ? $take->at('takes.show') : $this->shot()->path();
    }

    /** @return int 0 for what is no photo */
    public function from(): int
    {
        return TypedText::count($this->text('from')) ?? 0;
    }
}
