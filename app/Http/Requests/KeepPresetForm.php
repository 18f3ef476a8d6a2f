<?php

declare(strict_types=1);

namespace App\Http\Requests;

/**
 * A shot’s move, or all of it but the rig, to be kept under a name.
 */
final class KeepPresetForm extends PresetNameForm
{
    public function named(): string
    {
        return 'preset';
    }

    public function standsAt(): string
    {
        return $this->shot()->path();
    }
}
