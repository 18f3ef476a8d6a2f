<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

/**
 * What a take does after it was held up.
 */
enum GapSchool: string
{
    /** It goes on from where it stands: no jump in place. */
    case Place = 'place';
    /** It leaves out what is past: light and sky are not waited for by anybody. */
    case Clock = 'clock';
}
