<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Format\Parts\BudgetFormat;
use Evrent\Core\Format\Parts\LightFormat;
use Evrent\Core\Format\Parts\SiteFormat;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Timing\Trigger;

/**
 * Writes plans in the open format evrent.plan/1, every field with its value, defaults included.
 */
final class PlanWriter
{
    public static function toJson(Plan $plan): string
    {
        return json_encode(
            self::toDocument($plan),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        ) . "\n";
    }

    /**
     * @return array<string, mixed>
     */
    public static function toDocument(Plan $plan): array
    {
        return [
            'format' => PlanReader::FORMAT,
            'title' => $plan->title,
            'timing' => [
                'mode' => $plan->timing->mode->value,
                'frames_per_second' => $plan->timing->framesPerSecond,
                'photos' => $plan->timing->photos,
                'head_photos' => $plan->timing->headPhotos,
                'tail_photos' => $plan->timing->tailPhotos,
                'interval_s' => self::keyed($plan->timing->interval, 'interval_s'),
                'interval_means' => $plan->timing->intervalMeans->value,
                'exposure_s' => self::keyed($plan->timing->exposure, 'exposure_s'),
                'start_delay_s' => $plan->timing->startDelaySeconds,
            ],
            'rig' => [
                'axes' => array_map(self::axis(...), $plan->rig->axes),
                'post_exposure_delay_s' => $plan->rig->postExposureDelaySeconds,
                'settle_s' => $plan->rig->settleSeconds,
                ...self::unlessNull('ramp_entry', $plan->rig->rampEntry?->value),
                'base' => [
                    'off_level_deg' => $plan->rig->base->offLevelDegrees,
                    'toward_deg' => $plan->rig->base->towardDegrees,
                    'zero_bearing_deg' => $plan->rig->base->zeroBearingDegrees,
                ],
            ],
            'camera' => [
                'shutter_lag_s' => $plan->camera->shutterLagSeconds,
                'write_s' => $plan->camera->writeSeconds,
                'buffer_frames' => $plan->camera->bufferFrames,
                'long_exposure_noise_reduction' => $plan->camera->longExposureNoiseReduction,
                ...self::unlessNull('next_file_number', $plan->camera->nextFileNumber),
                ...self::unlessNull('exposure_timed_by', $plan->camera->exposureTimedBy?->value),
                ...self::unlessNull('dial', $plan->camera->dial?->value),
                'marks_are_literal' => $plan->camera->marksAreLiteral,
            ],
            'move' => [
                'keyframes' => array_map(static fn (Keyframe $keyframe): array => self::keyframe($keyframe, $plan->rig->axisIds()), $plan->move->keyframes),
                'easing' => self::easing($plan->move->easing),
            ],
            ...($plan->optics === null ? [] : ['optics' => self::optics($plan->optics)]),
            'trigger' => self::trigger($plan->trigger),
            'thresholds' => ThresholdFields::of($plan->thresholds),
            ...($plan->site === null ? [] : ['site' => SiteFormat::writeSite($plan->site)]),
            ...($plan->start === null ? [] : ['start' => SiteFormat::writeStart($plan->start)]),
            ...($plan->light === null ? [] : ['light' => LightFormat::write($plan->light)]),
            ...($plan->storage === null ? [] : ['storage' => BudgetFormat::writeStorage($plan->storage)]),
            ...($plan->power === null ? [] : ['power' => BudgetFormat::writePower($plan->power)]),
            ...($plan->load === null ? [] : ['load' => BudgetFormat::writeLoad($plan->load)]),
            ...($plan->kit === [] ? [] : ['kit' => array_map(BudgetFormat::writePicked(...), $plan->kit)]),
        ];
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
     * A field that may be left out.
     *
     * @return array<string, float|int|string>
     */
    private static function unlessNull(string $name, float|int|string|null $value): array
    {
        return $value === null ? [] : [$name => $value];
    }

    /**
     * @return array<string, float|int|string>
     */
    private static function trigger(Trigger $trigger): array
    {
        return [
            'by' => $trigger->by->value,
            ...self::unlessNull('camera_interval_s', $trigger->cameraIntervalSeconds),
            'drift_ppm' => $trigger->driftPpm,
            'camera_starts_s' => $trigger->cameraStartsSeconds,
            ...self::unlessNull('camera_photos', $trigger->cameraPhotos),
            ...self::unlessNull('count_limit', $trigger->countLimit),
        ];
    }

    /**
     * @return array<string, float|int>
     */
    private static function optics(Optics $optics): array
    {
        return [
            'sensor_width_mm' => $optics->sensorWidthMillimetres,
            'sensor_height_mm' => $optics->sensorHeightMillimetres,
            'image_width_px' => $optics->imageWidthPixels,
            'image_height_px' => $optics->imageHeightPixels,
            'focal_mm' => $optics->focalMillimetres,
            'output_width_px' => $optics->outputWidthPixels,
            'output_height_px' => $optics->outputHeightPixels,
            'foreground_m' => $optics->foregroundMetres,
            'subject_m' => $optics->subjectMetres,
            'background_m' => $optics->backgroundMetres,
            'subject_speed_m_s' => $optics->subjectMetresPerSecond,
        ];
    }

    /**
     * @return array<string, string|float>
     */
    private static function axis(Axis $axis): array
    {
        return [
            'id' => $axis->id,
            'kind' => $axis->kind->value,
            'min' => $axis->min,
            'max' => $axis->max,
            'max_speed' => $axis->maxSpeed,
            'max_acceleration' => $axis->maxAcceleration,
            'steps_per_unit' => $axis->stepsPerUnit,
            'backlash' => $axis->backlash,
        ];
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
        ];
    }

    /**
     * @return array<string, string|float>
     */
    private static function easing(Easing $easing): array
    {
        return ['ramp_in' => $easing->rampIn, 'ramp_out' => $easing->rampOut, 'shape' => $easing->shape->value];
    }
}
