<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * The hours of each day in which a shot over days takes photos: by day, by night, or in working hours. Photos are numbered on across the
 * pauses.
 */
final readonly class DayWindow
{
    /**
     * @param Start $from  when it opens, each day
     * @param Start $until when it closes; earlier in the day than it opens, on the day after
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(public Start $from, public Start $until)
    {
        $problems = new Problems();
        foreach (['from' => $from, 'until' => $until] as $name => $start) {
            if ($start->days !== 0) {
                $problems->add("/{$name}/days", new Message('sky.day_window.daily'));
            }
        }
        if (get_object_vars($from) === get_object_vars($until)) {
            $problems->add('/until', new Message('sky.day_window.other'));
        }
        $problems->throwIfAny();
    }
}
