<?php

declare(strict_types=1);

namespace Evrent\Core\Messages;

use JsonSerializable;
use Stringable;

/**
 * What is put into words at the edge, in the reader's language. As a string it has no words: it is for logs and tests.
 */
interface Text extends JsonSerializable, Stringable
{
}
