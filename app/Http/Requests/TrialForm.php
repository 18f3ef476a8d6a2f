<?php

declare(strict_types=1);

namespace App\Http\Requests;

/**
 * A test shoot to be laid out.
 */
final class TrialForm extends Form
{
    public function named(): string
    {
        return 'trial';
    }

    public function standsAt(): string
    {
        return route('trials.index', $this->route('shoot'));
    }
}
