<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Shoot;
use App\Models\Trial;
use Evrent\Core\Presets\Trial as Matrix;
use Evrent\Core\Presets\TrialText;
use Evrent\Words\Words;
use Illuminate\Database\Seeder;

/**
 * A test of the demo's, shot on an earlier visit: how long the reeds may blur.
 */
final class TrialSeeder extends Seeder
{
    private const VERDICTS = [
        '0:0' => ['rating' => 2, 'note' => 'jumps about'],
        '0:1' => ['rating' => 3, 'note' => 'nervous'],
        '1:0' => ['rating' => 1, 'note' => 'stutters'],
        '1:1' => ['rating' => 3, 'note' => ''],
        '1:2' => ['rating' => 5, 'note' => 'sways, reeds still reeds'],
        '2:2' => ['rating' => 4, 'note' => 'calm; loses the gusts'],
    ];

    public function run(): void
    {
        $matrix = new Matrix(Words::of('demo.trial'), [1.0, 2.0, 4.0], [1 / 60, 0.5, 1.0], 48, self::VERDICTS);
        Trial::query()->create([
            'shoot_id' => Shoot::query()->where('is_demo', true)->firstOrFail()->id,
            'subject' => $matrix->subject,
            'content' => TrialText::toJson($matrix),
        ]);
    }
}
