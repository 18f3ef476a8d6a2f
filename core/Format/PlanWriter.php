<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Format\Parts\LightFormat;
use Evrent\Core\Format\Parts\PowerFormat;
use Evrent\Core\Kit\Picked;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Plan\OpenEnd;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Scene;
use Evrent\Core\Plan\Trouble;
use Evrent\Core\Timing\KeyedSeconds;

/**
 * Writes plans in the open format evrent.plan/1, every field with its value, defaults included.
 */
final class PlanWriter
{
    public static function toJson(Plan $plan): string
    {
        return json_encode(
            self::toDocument($plan) + self::provenance($plan),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        ) . "\n";
    }

    /**
     * @return array<string, mixed>
     */
    private static function provenance(Plan $plan): array
    {
        // Even where all was typed: without it a revision counts as one from before there was any.
        return ['provenance' => (object) PlanProvenance::written($plan)];
    }

    /**
     * @return array<string, mixed> its values: two plans of the same values are one plan, whoever gave them
     */
    public static function toDocument(Plan $plan): array
    {
        return [
            'format' => PlanReader::FORMAT,
            'title' => $plan->title,
            'timing' => array_diff_key(PlanPart::written('/timing', [
                'interval_s' => self::keyed($plan->timing->interval, 'interval_s'),
                'exposure_s' => self::keyed($plan->timing->exposure, 'exposure_s'),
            ], $plan->timing), $plan->timing->playsBackwards ? [] : ['plays_backwards' => false]),
            'rig' => array_diff_key(PlanPart::written('/rig', [
                'axes' => array_map(self::axis(...), $plan->rig->axes),
                'base' => PlanPart::written('/rig/base', [], $plan->rig->base),
            ], $plan->rig), $plan->rig->isQuiet ? [] : ['quiet' => false]),
            'camera' => PlanPart::written('/camera', [], $plan->camera),
            'move' => [
                'keyframes' => array_map(static fn (Keyframe $keyframe): array => self::keyframe($keyframe, $plan->rig->axisIds()), $plan->move->keyframes),
                'easing' => self::easing($plan->move->easing),
                ...($plan->move->oneWayPhotos === null ? [] : ['one_way_photos' => $plan->move->oneWayPhotos]),
            ],
            ...($plan->optics === null ? [] : ['optics' => PlanPart::written('/optics', [], $plan->optics)]),
            'trigger' => PlanPart::written('/trigger', [], $plan->trigger),
            'thresholds' => PlanPart::written('/thresholds', [], $plan->thresholds),
            ...($plan->site === null ? [] : ['site' => PlanPart::written('/site', [], $plan->site)]),
            ...($plan->start === null ? [] : ['start' => PlanPart::written('/start', [], $plan->start)]),
            ...($plan->end === null ? [] : ['end' => self::end($plan->end)]),
            ...($plan->window === null ? [] : ['window' => [
                'from' => PlanPart::written('/window/from', [], $plan->window->from),
                'until' => PlanPart::written('/window/until', [], $plan->window->until),
            ]]),
            ...array_filter([
                'settings' => PlanPart::written('/settings', [], $plan->settings),
                'lead' => PlanPart::written('/lead', [], $plan->lead),
                'film' => PlanPart::written('/film', [], $plan->film),
                'pass' => PlanPart::written('/pass', [], $plan->pass),
                'scene' => self::scene($plan->scene),
            ], static fn (array $part): bool => $part !== []),
            ...($plan->light === null ? [] : ['light' => LightFormat::write($plan->light)]),
            ...($plan->storage === null ? [] : ['storage' => PlanPart::written('/storage', [], $plan->storage)]),
            ...($plan->power === null ? [] : ['power' => PowerFormat::write($plan->power)]),
            ...($plan->load === null ? [] : ['load' => PlanPart::written('/load', [], $plan->load)]),
            ...($plan->kit === [] ? [] : ['kit' => array_map(self::picked(...), $plan->kit)]),
        ];
    }

    /**
     * What has no ends says nothing of them where nobody ever gave any; a plan that knows of none says nothing of endless ones.
     *
     * @return array<string, mixed>
     */
    private static function axis(Axis $axis): array
    {
        $open = $axis->isEndless && $axis->min === -1.0 * Axis::MOST && $axis->max === 1.0 * Axis::MOST;

        return array_diff_key(PlanPart::written('/rig/axes/*', [], $axis), $open ? ['min' => 1, 'max' => 1] : [], $axis->isEndless ? [] : ['endless' => 1]);
    }

    /**
     * @return array<string, mixed>
     */
    private static function end(OpenEnd $end): array
    {
        return ['by' => $end->by->value] + ($end->at === null ? [] : ['at' => PlanPart::written('/end/at', [], $end->at)]);
    }

    /**
     * @return array<string, mixed>
     */
    private static function scene(Scene $scene): array
    {
        $troubles = array_map(static fn (Trouble $one): array => PlanPart::written('/scene/troubles/*', [], $one), $scene->troubles);

        return ($troubles === [] ? [] : ['troubles' => $troubles]) + ($scene->planB === null ? [] : ['plan_b' => $scene->planB]);
    }

    /**
     * @return float|list<array<string, float>>
     */
    private static function keyed(KeyedSeconds $keyed, string $name): float|array
    {
        if ($keyed->isConstant()) {
            return $keyed->keys[0]['seconds'];
        }

        return array_map(static fn (array $key): array => ['at' => $key['at'], $name => $key['seconds']], $keyed->keys);
    }

    /**
     * @param list<string> $axisIds
     *
     * @return array<string, mixed>
     */
    private static function keyframe(Keyframe $keyframe, array $axisIds): array
    {
        return [
            'at' => $keyframe->at,
            // In the rig's order, whatever order they came in.
            ...array_combine($axisIds, array_map(static fn (string $id): float => $keyframe->positions[$id], $axisIds)),
            'pass' => $keyframe->pass,
            'hold_photos' => $keyframe->holdPhotos,
            ...($keyframe->easing === null ? [] : ['easing' => self::easing($keyframe->easing)]),
            ...($keyframe->mattersMost ? ['matters_most' => true] : []),
            ...($keyframe->subjectWidth === null ? [] : ['subject_width' => $keyframe->subjectWidth]),
            ...($keyframe->subjectHeight === null ? [] : ['subject_height' => $keyframe->subjectHeight]),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function easing(Easing $easing): array
    {
        return PlanPart::written('/move/easing', [], $easing);
    }

    /**
     * @return array<string, mixed>
     */
    private static function picked(Picked $picked): array
    {
        return PlanPart::written('/kit/*', [], $picked);
    }
}
