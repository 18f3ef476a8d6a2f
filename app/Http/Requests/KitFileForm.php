<?php

declare(strict_types=1);

namespace App\Http\Requests;

/**
 * A kit file that is read into the bag.
 */
final class KitFileForm extends UploadForm
{
    public function named(): string
    {
        return 'kit-file';
    }

    public function standsAt(): string
    {
        return route('kit.index');
    }

    protected function asksFor(): string
    {
        return 'Choose a kit file (evrent.kit/1 as JSON, or CSV) of up to 1 MB.';
    }
}
