<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
use Evrent\Core\Sky\Start;
use Evrent\Core\Values\Problems;

/**
 * The end of a shot that goes on until something ends it. Its photos are then as many as there is room for, and each axis goes on by its
 * step from photo to photo.
 */
final readonly class OpenEnd
{
    /**
     * @param ?Start $at when it ends, where a time ends it
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(public EndsBy $by, public ?Start $at = null)
    {
        $problems = new Problems();
        if ($by === EndsBy::Time && $at === null) {
            $problems->add('/at', new Message('plan.open_end.when'));
        } elseif ($by !== EndsBy::Time && $at !== null) {
            $problems->add('/at', new Message('plan.open_end.unused'));
        }
        $problems->throwIfAny();
    }
}
