<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Take;

/**
 * What a take taught, to be kept as a recipe under a name.
 */
final class LearnForm extends PresetNameForm
{
    public function named(): string
    {
        return 'learn';
    }

    public function standsAt(): string
    {
        $take = $this->route('take');

        return $take instanceof Take ? $take->at('takes.show') : $this->shot()->path();
    }
}
