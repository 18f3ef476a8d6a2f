<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Messages\Text;

/**
 * A shot after an edit, kept or only looked at.
 */
final readonly class EditedShot
{
    /**
     * @param string $elsewhere  what was changed in another window meanwhile, in words; empty when nothing
     * @param ?int   $revisionId that the edit led to
     */
    public function __construct(public ShotPage $page, public Text|string $elsewhere = '', public ?int $revisionId = null)
    {
    }
}
