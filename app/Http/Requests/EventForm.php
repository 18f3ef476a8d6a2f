<?php

declare(strict_types=1);

namespace App\Http\Requests;

/**
 * Something else that happens on the day.
 */
final class EventForm extends Form
{
    public function named(): string
    {
        return 'event';
    }

    public function standsAt(): string
    {
        return route('shoots.show', $this->route('shoot')) . '#day-events';
    }
}
