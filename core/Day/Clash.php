<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Messages\Message;

/**
 * Two shots that want the same thing at the same time.
 */
final readonly class Clash
{
    /**
     * @param string $over    rig, body or time
     * @param float  $seconds that they overlap
     */
    public function __construct(public Stay $first, public Stay $second, public string $over, public float $seconds)
    {
    }

    public function sentence(): Message
    {
        return match ($this->over) {
            'rig' => new Message('day.clash.both', ['rig' => $this->first->rig ?? new Message('day.clash.the_rig')]),
            'body' => new Message('day.clash.both_body', ['body' => $this->first->body ?? new Message('day.clash.the_camera')]),
            default => $this->first->needsSomebody || $this->second->needsSomebody
                ? new Message('day.clash.hands')
                : new Message('day.clash.setting_up'),
        };
    }
}
