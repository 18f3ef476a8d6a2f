<?php

declare(strict_types=1);

namespace App\Http\Requests;

/**
 * A folder that something is to be done with, beside the photos of a shot. Which form it was is told by `for`.
 */
final class FolderForm extends Form
{
    public function named(): string
    {
        return in_array($this->text('for'), ['copy', 'numbered', 'developed'], true) ? $this->text('for') : 'folder';
    }

    public function standsAt(): string
    {
        return $this->named() === 'copy' ? $this->shot()->at('photos.index') : $this->shot()->at('clip.show');
    }
}
