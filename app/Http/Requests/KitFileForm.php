<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Evrent\Words\Words;

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
        return Words::of('app.kit_file.choose');
    }
}
