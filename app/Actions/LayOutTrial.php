<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Shoot;
use Evrent\Core\Presets\Trial as Matrix;
use Evrent\Core\Presets\TrialText;

/**
 * A test shoot, laid out and without verdicts.
 */
final class LayOutTrial
{
    public function __invoke(Shoot $shoot, Matrix $matrix): void
    {
        $shoot->trials()->create(['subject' => $matrix->subject, 'content' => TrialText::toJson($matrix)]);
    }
}
