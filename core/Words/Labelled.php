<?php

declare(strict_types=1);

namespace Evrent\Core\Words;

/**
 * Something to choose, with the words for it.
 */
interface Labelled
{
    public function label(): string;
}
