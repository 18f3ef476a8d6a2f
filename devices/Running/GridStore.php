<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Messages\Text;

/**
 * Where a test grid is kept while it is shot, and what says whether it goes on.
 */
interface GridStore
{
    /** This cell is being shot. */
    public function begins(string $cell): void;

    /** How many of its photos are taken: said now and then. */
    public function photos(int $taken): void;

    /**
     * @param string $film its photos as a short clip, MP4
     * @param string $still its first photo, JPEG
     * @param string $says  what is amiss with it; empty where nothing is
     */
    public function shot(string $cell, string $film, string $still, Text|string $says): void;

    /** Nothing is to be seen of this cell. */
    public function skipped(string $cell, Text|string $why): void;

    /** Called again and again. */
    public function isStopped(): bool;
}
