<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shot;

/**
 * A dry run, with a fault where one is to be rehearsed.
 */
final class FaultForm extends Form
{
    public function named(): string
    {
        return 'fault';
    }

    public function standsAt(): string
    {
        return $this->sentFrom($this->shot()->at('shots.show'), $this->shot()->at('shots.show'));
    }

    private function shot(): Shot
    {
        $found = $this->route('shot');
        assert($found instanceof Shot);

        return $found;
    }
}
