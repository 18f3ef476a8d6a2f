<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Shot;
use Evrent\Core\Day\OnSite;
use Evrent\Core\Day\ShotFigures;

/**
 * A shot as its shoot shows it: by the figures that are kept with its revision.
 */
final readonly class ShotInShoot
{
    /**
     * @param ?ShotFigures $figures null while they are being worked out, or when they cannot be
     * @param bool         $isAwaited whether they are being worked out
     */
    public function __construct(public Shot $shot, public ?ShotFigures $figures, public bool $isAwaited = false)
    {
    }

    /** The time on site, as it is typed. */
    public function onSite(): string
    {
        return $this->figures === null ? '' : OnSite::text($this->figures->bookedSeconds, $this->shot->setup_minutes, $this->shot->teardown_minutes);
    }

    public function title(): string
    {
        return $this->figures->title ?? $this->shot->title();
    }
}
