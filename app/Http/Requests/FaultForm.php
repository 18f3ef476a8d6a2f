<?php

declare(strict_types=1);

namespace App\Http\Requests;

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
        return $this->sentFrom($this->shot()->at('shots.show'));
    }
}
