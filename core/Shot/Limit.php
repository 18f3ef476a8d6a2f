<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;

/**
 * One thing that ends a shot sooner or later.
 */
final readonly class Limit
{
    /**
     * @param string $what         ends it: "card", "camera battery", "rig battery", "travel", "count", "time"
     * @param int    $photos       that can be taken before it does, all told
     * @param float  $shootingSeconds that they take
     * @param float  $clipSeconds  that they make
     */
    public function __construct(public string $what, public int $photos, public float $shootingSeconds, public float $clipSeconds)
    {
    }

    /** "The card is full after 1,200 photos: 2 h of shooting, 50 s of clip". */
    public function told(): Message
    {
        return new Message('shot.limit.' . str_replace(' ', '_', $this->what), [
            'photos' => Quantity::photos($this->photos),
            'shooting' => Quantity::duration($this->shootingSeconds),
            'clip' => Quantity::duration($this->clipSeconds),
        ]);
    }
}
