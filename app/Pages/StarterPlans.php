<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Format\PlanProvenance;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;

/**
 * What a new shot starts from: a rig, and a short move that works.
 */
final class StarterPlans
{
    /** File names in resources/plans, and what they are called. */
    public const STARTERS = [
        'legs-alone' => 'app.starter.tripod', 'slide' => 'app.starter.slide', 'pan' => 'app.starter.pan', 'pan-tilt' => 'app.starter.pan_tilt',
        'slide-pan-tilt' => 'app.starter.slide_pan_tilt', 'turntable' => 'app.starter.turntable', 'clockwork' => 'app.starter.clockwork',
    ];

    /** What is chosen until somebody says otherwise. */
    public const USUAL = 'slide-pan-tilt';

    /**
     * @throws InvalidInput
     */
    public static function named(string $starter): Plan
    {
        if (!array_key_exists($starter, self::STARTERS)) {
            throw new InvalidInput(
                [new Problem('/starter', Words::of('app.starter.choose', x: implode(Words::of('app.starter.or'), array_map(Words::of(...), self::STARTERS))))],
            );
        }

        return PlanProvenance::assumed(PlanReader::fromJson((string) file_get_contents(resource_path("plans/{$starter}.plan.json"))));
    }
}
