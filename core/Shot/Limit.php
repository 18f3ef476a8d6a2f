<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Words\PlainText;

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
    public function told(): string
    {
        return sprintf(
            '%s after %s: %s of shooting, %s of clip',
            match ($this->what) {
                'card' => 'The card is full',
                'time' => 'Its time has come',
                'travel' => 'The rig is at the end of its travel',
                'count' => 'The counter is at its end',
                default => "The {$this->what} is out",
            },
            PlainText::photos($this->photos),
            PlainText::duration($this->shootingSeconds),
            PlainText::duration($this->clipSeconds),
        );
    }
}
