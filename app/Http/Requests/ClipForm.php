<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Pages\ClipPage;
use Illuminate\Contracts\View\View;

/**
 * A change of a clip's list.
 */
final class ClipForm extends Form
{
    public function named(): string
    {
        return 'clip';
    }

    public function standsAt(): string
    {
        return $this->shot()->at('clip.show');
    }

    public function refusedPart(array $problems): View
    {
        return view('clip.parts.list', ['page' => new ClipPage($this->shot()), 'problems' => $problems, 'isRefused' => true]);
    }
}
