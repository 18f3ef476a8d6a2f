<?php

declare(strict_types=1);

namespace App\Http\Requests;

/**
 * A new shot.
 */
final class NewShotForm extends Form
{
    public function named(): string
    {
        return 'shot';
    }

    public function standsAt(): string
    {
        return route('shoots.show', $this->route('shoot'));
    }
}
