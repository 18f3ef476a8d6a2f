<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Take;

/**
 * What becomes of a take that a restored backup brought back.
 */
final class ResumeForm extends Form
{
    public function named(): string
    {
        return 'resume';
    }

    public function standsAt(): string
    {
        $take = $this->route('take');
        assert($take instanceof Take);

        return $take->at('takes.show');
    }
}
