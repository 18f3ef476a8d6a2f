<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Trial;

/**
 * What is thought of a test shoot’s cells.
 */
final class VerdictsForm extends Form
{
    public function named(): string
    {
        return "verdict.{$this->trial()->id}";
    }

    public function standsAt(): string
    {
        return route('trials.index', $this->route('shoot'));
    }

    private function trial(): Trial
    {
        $found = $this->route('trial');
        assert($found instanceof Trial);

        return $found;
    }
}
