<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * Something that stands in the sky.
 */
interface Body
{
    /** Its apparent place, seen from the Earth's centre. */
    public function place(Instant $instant): Equatorial;
}
