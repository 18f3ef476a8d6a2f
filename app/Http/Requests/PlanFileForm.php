<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Evrent\Words\Words;

/**
 * A plan file that is opened as a shot.
 */
final class PlanFileForm extends UploadForm
{
    public function named(): string
    {
        return 'plan-file';
    }

    public function standsAt(): string
    {
        return route('shoots.show', $this->route('shoot'));
    }

    protected function asksFor(): string
    {
        return Words::of('app.plan_file.choose', most_kilobytes: self::MOST_KILOBYTES);
    }
}
