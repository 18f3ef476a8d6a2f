<?php

declare(strict_types=1);

namespace Evrent\Core\Words;

use Evrent\Core\Messages\Message;

/**
 * Something to choose, with the words for it.
 */
interface Labelled
{
    public function label(): Message|string;
}
