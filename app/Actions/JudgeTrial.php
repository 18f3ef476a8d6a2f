<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Trial;
use Evrent\Core\Presets\Trial as Matrix;
use Evrent\Core\Presets\TrialText;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what is thought of a test shoot.
 */
final class JudgeTrial
{
    /**
     * @param callable(Matrix): Matrix $judge with the verdicts as they stand by now
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __invoke(Trial $trial, callable $judge): void
    {
        DB::connection()->transaction(static function () use ($trial, $judge): void {
            $locked = Trial::query()->lockForUpdate()->findOrFail($trial->id);
            $locked->update(['content' => TrialText::toJson($judge($locked->matrix()))]);
        });
    }
}
