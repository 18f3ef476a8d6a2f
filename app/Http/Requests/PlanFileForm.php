<?php

declare(strict_types=1);

namespace App\Http\Requests;

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
        return sprintf('Choose a plan file (evrent.plan/1, JSON) of up to %d kB.', self::MOST_KILOBYTES);
    }
}
