<?php

declare(strict_types=1);

namespace App\Plans;

use Evrent\Core\Editing\Jog;
use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Optics\Finder;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Schedule\IntervalColumns;
use Evrent\Core\Schedule\SceneryColumns;

/**
 * What the bench's script draws, as the core worked it out.
 */
final class BenchData
{
    /**
     * @return array<string, mixed>
     */
    public static function of(ShotPage $page): array
    {
        $schedule = $page->schedule;
        $plan = $page->plan;

        return [
            'revision' => $page->revision->id,
            'preview' => $page->isPreview,
            'structure' => $page->structure(),
            'fields' => $page->texts(),
            'follows' => $page->shot->follows,
            'photos' => $schedule->photosTotal(),
            'fps' => $plan->timing->framesPerSecond,
            'mode' => $plan->timing->mode->value,
            'tightest' => $schedule->summary->tightestPhoto,
            'run' => $schedule->summary->runSeconds,
            'scale' => IntervalColumns::SCALE,
            'columns' => [...IntervalColumns::of($schedule), ...SceneryColumns::of($schedule)],
            'light_stops' => $plan->thresholds->lightStops,
            'bands' => array_map(static fn (array $band): array => [$band[0]->value, $band[1], $band[2]], $schedule->bands()),
            'ramps' => $schedule->ramps(),
            'axes' => array_map(static fn (Axis $axis): array => [
                'id' => $axis->id, 'unit' => $axis->kind->unit(), 'min' => $axis->min, 'max' => $axis->max,
                'coarse' => Jog::step($axis, 'coarse'), 'fine' => Jog::step($axis, 'fine'),
            ], $plan->rig->axes),
            'pegs' => self::pegs($page),
            'finder' => (new Finder($plan->optics ?? Optics::usual()))->toArray(),
        ];
    }

    /**
     * @return list<array<string, mixed>>
     */
    private static function pegs(ShotPage $page): array
    {
        $last = array_key_last($page->plan->move->keyframes);
        $pegs = [];
        foreach ($page->schedule->pegPhotos() as $place => $photo) {
            $keyframe = $page->plan->move->keyframes[$place];
            $pegs[] = [
                'letter' => PlanChanges::peg($place), 'photo' => $photo, 'pass' => $keyframe->pass, 'hold' => $keyframe->holdPhotos,
                'end' => $place === 0 || $place === $last, 'positions' => $keyframe->positions,
            ];
        }

        return $pegs;
    }
}
