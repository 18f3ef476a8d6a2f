<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use BackedEnum;
use Evrent\Core\Budget\Feeds;
use Evrent\Core\Budget\SlotUse;
use Evrent\Core\Budget\Storage;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Light\Cloud;
use Evrent\Core\Light\Control;
use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Light\Light;
use Evrent\Core\Light\LightKind;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\EaseShape;
use Evrent\Core\Motion\RampEntry;
use Evrent\Core\Optics\ForegroundFocus;
use Evrent\Core\Optics\Scene;
use Evrent\Core\Optics\SubjectKind;
use Evrent\Core\Plan\EndsBy;
use Evrent\Core\Plan\FilmKind;
use Evrent\Core\Plan\FocusMode;
use Evrent\Core\Plan\PassBy;
use Evrent\Core\Plan\Socket;
use Evrent\Core\Plan\Thresholds;
use Evrent\Core\Plan\TroubleKind;
use Evrent\Core\Plan\WhiteBalance;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\StartEvent;
use Evrent\Core\Timing\Dial;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Timing\Mode;
use Evrent\Core\Timing\TimedBy;
use Evrent\Core\Timing\Trigger;
use Evrent\Core\Timing\TriggeredBy;

/**
 * Every field of evrent.plan/1, in the order in which it is written: what kind of thing stands in it, what the value that holds it calls
 * it, what it means when it is left out, and what the history calls it. Reader, writer, forms and history go by this; the published
 * schema and the page about the format are held to it by a test.
 *
 * Which values are possible is told by the value itself (`Camera`, `Timing`, …), in words that say what to enter.
 */
final class PlanFields
{
    private const KEYFRAME = '/move/keyframes/*';

    /** Fields by the part they stand in; * for a place in a list. `as` is there where the whole part is read into one value. */
    private const TABLE = [
        '' => [
            'format' => ['kind' => FieldKind::Text],
            'title' => ['kind' => FieldKind::Text],
            'timing' => ['kind' => FieldKind::Part],
            'rig' => ['kind' => FieldKind::Part],
            'camera' => ['kind' => FieldKind::Part],
            'move' => ['kind' => FieldKind::Part],
            'optics' => ['kind' => FieldKind::Part],
            'trigger' => ['kind' => FieldKind::Part],
            'thresholds' => ['kind' => FieldKind::Part],
            'site' => ['kind' => FieldKind::Part],
            'start' => ['kind' => FieldKind::Part],
            'end' => ['kind' => FieldKind::Part],
            'window' => ['kind' => FieldKind::Part],
            'settings' => ['kind' => FieldKind::Part],
            'lead' => ['kind' => FieldKind::Part],
            'film' => ['kind' => FieldKind::Part],
            'pass' => ['kind' => FieldKind::Part],
            'scene' => ['kind' => FieldKind::Part],
            'light' => ['kind' => FieldKind::Part],
            'storage' => ['kind' => FieldKind::Part],
            'power' => ['kind' => FieldKind::Part],
            'load' => ['kind' => FieldKind::Part],
            'kit' => ['kind' => FieldKind::Part],
            'provenance' => ['kind' => FieldKind::Part],
        ],
        '/timing' => [
            'mode' => ['kind' => FieldKind::Choice, 'as' => 'mode', 'instead' => Mode::ShootMoveShoot],
            'frames_per_second' => ['kind' => FieldKind::Number, 'as' => 'framesPerSecond', 'instead' => 24.0],
            'photos' => ['kind' => FieldKind::Whole, 'as' => 'photos', 'instead' => 2],
            'head_photos' => ['kind' => FieldKind::Whole, 'as' => 'headPhotos', 'usual' => 0],
            'tail_photos' => ['kind' => FieldKind::Whole, 'as' => 'tailPhotos', 'usual' => 0],
            'interval_s' => ['kind' => FieldKind::Seconds, 'unit' => 's'],
            'interval_means' => ['kind' => FieldKind::Choice, 'as' => 'intervalMeans', 'usual' => IntervalMeaning::StartToStart],
            'exposure_s' => ['kind' => FieldKind::Exposure, 'unit' => 's'],
            'start_delay_s' => ['kind' => FieldKind::Seconds, 'as' => 'startDelaySeconds', 'usual' => 0.0, 'unit' => 's'],
            'plays_backwards' => ['kind' => FieldKind::Flag, 'as' => 'playsBackwards', 'usual' => false],
        ],
        '/timing/interval_s/*' => [
            'at' => ['kind' => FieldKind::Share],
            'interval_s' => ['kind' => FieldKind::Seconds, 'unit' => 's'],
        ],
        '/timing/exposure_s/*' => [
            'at' => ['kind' => FieldKind::Share],
            'exposure_s' => ['kind' => FieldKind::Exposure, 'unit' => 's'],
        ],
        '/rig' => [
            'axes' => ['kind' => FieldKind::Part],
            'post_exposure_delay_s' => [
                'kind' => FieldKind::Seconds, 'as' => 'postExposureDelaySeconds', 'usual' => 0.0, 'unit' => 's',
            ],
            'settle_s' => ['kind' => FieldKind::Seconds, 'as' => 'settleSeconds', 'usual' => 0.0, 'unit' => 's'],
            'ramp_entry' => [
                'kind' => FieldKind::Choice, 'as' => 'rampEntry', 'mayLack' => true, 'instead' => RampEntry::Total,
            ],
            'base' => ['kind' => FieldKind::Part],
            'quiet' => ['kind' => FieldKind::Flag, 'as' => 'isQuiet', 'usual' => false],
        ],
        '/rig/axes/*' => [
            'id' => ['kind' => FieldKind::Text, 'as' => 'id'],
            'kind' => ['kind' => FieldKind::Choice, 'as' => 'kind', 'instead' => AxisKind::Linear],
            'min' => ['kind' => FieldKind::Number, 'as' => 'min', 'mayLack' => true, 'instead' => -1.0 * Axis::MOST],
            'max' => ['kind' => FieldKind::Number, 'as' => 'max', 'mayLack' => true, 'instead' => 1.0 * Axis::MOST],
            'max_speed' => ['kind' => FieldKind::Number, 'as' => 'maxSpeed', 'instead' => 1.0],
            'max_acceleration' => ['kind' => FieldKind::Number, 'as' => 'maxAcceleration', 'instead' => 1.0],
            'steps_per_unit' => ['kind' => FieldKind::Number, 'as' => 'stepsPerUnit', 'instead' => 1.0],
            'backlash' => ['kind' => FieldKind::Number, 'as' => 'backlash', 'usual' => 0.0],
            'min_speed' => ['kind' => FieldKind::Number, 'as' => 'minSpeed', 'mayLack' => true, 'instead' => 0.01],
            'quiet_speed' => ['kind' => FieldKind::Number, 'as' => 'quietSpeed', 'mayLack' => true, 'instead' => 1.0],
            'endless' => ['kind' => FieldKind::Flag, 'as' => 'isEndless', 'usual' => false],
            'clockwork_per_h' => [
                'kind' => FieldKind::Number, 'as' => 'clockworkPerHour', 'mayLack' => true, 'instead' => 1.0,
                'unit' => 'units.unit.per_hour',
            ],
        ],
        '/rig/base' => [
            'off_level_deg' => ['kind' => FieldKind::Number, 'as' => 'offLevelDegrees', 'usual' => 0.0, 'unit' => '°'],
            'toward_deg' => ['kind' => FieldKind::Number, 'as' => 'towardDegrees', 'usual' => 0.0, 'unit' => '°'],
            'zero_bearing_deg' => [
                'kind' => FieldKind::Number, 'as' => 'zeroBearingDegrees', 'usual' => 0.0, 'mayBeEmpty' => true, 'unit' => '°',
            ],
        ],
        '/camera' => [
            'shutter_lag_s' => ['kind' => FieldKind::Seconds, 'as' => 'shutterLagSeconds', 'usual' => 0.0, 'unit' => 's'],
            'write_s' => ['kind' => FieldKind::Seconds, 'as' => 'writeSeconds', 'usual' => 0.0, 'unit' => 's'],
            'set_s' => ['kind' => FieldKind::Seconds, 'as' => 'setSeconds', 'usual' => 0.0, 'unit' => 's'],
            'buffer_frames' => ['kind' => FieldKind::Whole, 'as' => 'bufferFrames', 'usual' => 1],
            'long_exposure_noise_reduction' => [
                'kind' => FieldKind::Flag, 'as' => 'longExposureNoiseReduction', 'usual' => false,
            ],
            'next_file_number' => ['kind' => FieldKind::Whole, 'as' => 'nextFileNumber', 'mayLack' => true, 'instead' => 1],
            'exposure_timed_by' => ['kind' => FieldKind::Choice, 'as' => 'exposureTimedBy', 'mayLack' => true, 'instead' => TimedBy::Camera],
            'dial' => ['kind' => FieldKind::Choice, 'as' => 'dial', 'mayLack' => true, 'instead' => Dial::Manual],
            'marks_are_literal' => ['kind' => FieldKind::Flag, 'as' => 'marksAreLiteral', 'usual' => false],
        ],
        '/move' => [
            'keyframes' => ['kind' => FieldKind::Part],
            'easing' => ['kind' => FieldKind::Part],
            'one_way_photos' => ['kind' => FieldKind::Whole, 'mayLack' => true, 'instead' => 2],
        ],
        '/move/keyframes/*' => [
            'at' => ['kind' => FieldKind::Share],
            'pass' => ['kind' => FieldKind::Flag],
            'hold_photos' => ['kind' => FieldKind::Whole],
            'easing' => ['kind' => FieldKind::Part],
            'matters_most' => ['kind' => FieldKind::Flag],
            'subject_width' => ['kind' => FieldKind::Share, 'mayLack' => true, 'unit' => '%'],
            'subject_height' => ['kind' => FieldKind::Share, 'mayLack' => true, 'unit' => '%'],
        ],
        '/move/easing' => [
            'ramp_in' => ['kind' => FieldKind::Share, 'as' => 'rampIn', 'usual' => 0.0],
            'ramp_out' => ['kind' => FieldKind::Share, 'as' => 'rampOut', 'usual' => 0.0],
            'shape' => ['kind' => FieldKind::Choice, 'as' => 'shape', 'usual' => EaseShape::Constant],
        ],
        '/optics' => [
            'sensor_width_mm' => ['kind' => FieldKind::Number, 'as' => 'sensorWidthMillimetres', 'instead' => 36.0],
            'sensor_height_mm' => ['kind' => FieldKind::Number, 'as' => 'sensorHeightMillimetres', 'instead' => 24.0],
            'image_width_px' => ['kind' => FieldKind::Whole, 'as' => 'imageWidthPixels', 'instead' => 6000],
            'image_height_px' => ['kind' => FieldKind::Whole, 'as' => 'imageHeightPixels', 'instead' => 4000],
            'focal_mm' => ['kind' => FieldKind::Number, 'as' => 'focalMillimetres', 'instead' => 35.0],
            'output_width_px' => ['kind' => FieldKind::Whole, 'as' => 'outputWidthPixels', 'instead' => 1920],
            'output_height_px' => ['kind' => FieldKind::Whole, 'as' => 'outputHeightPixels', 'instead' => 1080],
            'foreground_m' => ['kind' => FieldKind::Number, 'as' => 'foregroundMetres', 'instead' => 1.0],
            'subject_m' => ['kind' => FieldKind::Number, 'as' => 'subjectMetres', 'instead' => 1.0],
            'background_m' => ['kind' => FieldKind::Number, 'as' => 'backgroundMetres', 'instead' => 1_000_000.0],
            'subject_speed_m_s' => ['kind' => FieldKind::Number, 'as' => 'subjectMetresPerSecond', 'usual' => 0.0],
            'subject_kind' => ['kind' => FieldKind::Choice, 'as' => 'subjectKind', 'usual' => SubjectKind::One],
            'scene' => ['kind' => FieldKind::Choice, 'as' => 'scene', 'usual' => Scene::Example],
            'subject_pan_deg' => [
                'kind' => FieldKind::Number, 'as' => 'subjectPanDegrees', 'mayLack' => true, 'instead' => 0.0, 'unit' => '°',
            ],
            'focus_m' => [
                'kind' => FieldKind::Number, 'as' => 'focusMetres', 'mayLack' => true, 'instead' => 1.0, 'unit' => 'm',
            ],
            'circle_mm' => [
                'kind' => FieldKind::Number, 'as' => 'circleMillimetres', 'mayLack' => true, 'instead' => 0.03,
                'unit' => 'mm',
            ],
            'later_zoom' => ['kind' => FieldKind::Number, 'as' => 'laterZoom', 'mayLack' => true, 'instead' => 1.0],
            'foreground_is' => [
                'kind' => FieldKind::Choice, 'as' => 'foregroundIs', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => ForegroundFocus::Sharp,
            ],
        ],
        '/trigger' => [
            'by' => ['kind' => FieldKind::Choice, 'as' => 'by', 'usual' => TriggeredBy::Rig],
            'camera_interval_s' => [
                'kind' => FieldKind::Seconds, 'as' => 'cameraIntervalSeconds', 'mayLack' => true, 'instead' => 1.0, 'unit' => 's',
            ],
            'drift_ppm' => ['kind' => FieldKind::Number, 'as' => 'driftPpm', 'usual' => 0.0, 'unit' => 'ppm'],
            'camera_starts_s' => ['kind' => FieldKind::Seconds, 'as' => 'cameraStartsSeconds', 'usual' => 0.0, 'unit' => 's'],
            'camera_photos' => ['kind' => FieldKind::Whole, 'as' => 'cameraPhotos', 'mayLack' => true, 'instead' => 1],
            'count_limit' => ['kind' => FieldKind::Whole, 'as' => 'countLimit', 'mayLack' => true, 'instead' => 1],
            'interval_step_s' => [
                'kind' => FieldKind::Seconds, 'as' => 'intervalStepSeconds', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => 1.0,
                'unit' => 's',
            ],
            'intervals_s' => [
                'kind' => FieldKind::Numbers, 'as' => 'intervals', 'usual' => [], 'most' => Trigger::MOST_INTERVALS, 'mayBeEmpty' => true,
                'unit' => 's',
            ],
        ],
        '/thresholds' => [
            'clip_s' => ['kind' => FieldKind::Seconds, 'as' => 'clipSeconds', 'usual' => Thresholds::CLIP_SECONDS, 'mayBeEmpty' => true],
            'subject_step_share' => ['kind' => FieldKind::Share, 'as' => 'subjectStepShare', 'usual' => Thresholds::SUBJECT_STEP_SHARE, 'mayBeEmpty' => true],
            'crossing_s' => ['kind' => FieldKind::Seconds, 'as' => 'crossingSeconds', 'usual' => Thresholds::CROSSING_SECONDS, 'mayBeEmpty' => true],
            'blur_share' => ['kind' => FieldKind::Share, 'as' => 'blurShare', 'usual' => Thresholds::BLUR_SHARE, 'mayBeEmpty' => true],
            'dragged_share' => ['kind' => FieldKind::Share, 'as' => 'draggedShare', 'usual' => Thresholds::DRAGGED_SHARE, 'mayBeEmpty' => true],
            'smear_px' => ['kind' => FieldKind::Number, 'as' => 'smearPixels', 'usual' => Thresholds::SMEAR_PIXELS, 'mayBeEmpty' => true],
            'settle_s' => ['kind' => FieldKind::Seconds, 'as' => 'settleSeconds', 'usual' => Thresholds::SETTLE_SECONDS, 'mayBeEmpty' => true],
            'parallax_share' => ['kind' => FieldKind::Share, 'as' => 'parallaxShare', 'usual' => Thresholds::PARALLAX_SHARE, 'mayBeEmpty' => true],
            'motor_step_px' => ['kind' => FieldKind::Number, 'as' => 'motorStepPixels', 'usual' => Thresholds::MOTOR_STEP_PIXELS, 'mayBeEmpty' => true],
            'crop_share' => ['kind' => FieldKind::Share, 'as' => 'cropShare', 'usual' => Thresholds::CROP_SHARE, 'mayBeEmpty' => true],
            'light_stops' => ['kind' => FieldKind::Number, 'as' => 'lightStops', 'usual' => Thresholds::LIGHT_STOPS, 'mayBeEmpty' => true],
            'trail_px' => ['kind' => FieldKind::Number, 'as' => 'trailPixels', 'usual' => Thresholds::TRAIL_PIXELS, 'mayBeEmpty' => true],
            'horizon_px' => ['kind' => FieldKind::Number, 'as' => 'horizonPixels', 'usual' => Thresholds::HORIZON_PIXELS, 'mayBeEmpty' => true],
        ],
        '/site' => [
            'name' => ['kind' => FieldKind::Text, 'as' => 'name', 'usual' => ''],
            'latitude_deg' => ['kind' => FieldKind::Number, 'as' => 'latitude', 'instead' => 0.0, 'unit' => '°'],
            'longitude_deg' => ['kind' => FieldKind::Number, 'as' => 'longitude', 'instead' => 0.0, 'unit' => '°'],
            'zone' => ['kind' => FieldKind::Text, 'as' => 'zone', 'instead' => 'UTC'],
            'date' => ['kind' => FieldKind::Text, 'as' => 'date', 'instead' => '2026-01-01'],
            'elevation_m' => ['kind' => FieldKind::Number, 'as' => 'elevationMetres', 'usual' => 0.0],
            'sky_glow_lux' => ['kind' => FieldKind::Number, 'as' => 'glowLux', 'usual' => 0.0],
            'sky_mag' => ['kind' => FieldKind::Number, 'as' => 'skyMag', 'usual' => Site::USUAL_SKY_MAG, 'unit' => 'mag'],
            'horizon' => ['kind' => FieldKind::Text, 'as' => 'horizon', 'usual' => ''],
        ],
        '/start' => [
            'event' => ['kind' => FieldKind::Choice, 'as' => 'event', 'instead' => StartEvent::Sunset],
            'at' => ['kind' => FieldKind::Text, 'as' => 'at', 'mayLack' => true, 'instead' => '00:00'],
            'offset_s' => ['kind' => FieldKind::Seconds, 'as' => 'offsetSeconds', 'usual' => 0.0],
            'height_deg' => ['kind' => FieldKind::Number, 'as' => 'heightDegrees', 'mayLack' => true, 'instead' => 0.0],
            'days' => ['kind' => FieldKind::Whole, 'as' => 'days', 'usual' => 0],
        ],
        '/end' => [
            'by' => ['kind' => FieldKind::Choice, 'as' => 'by', 'instead' => EndsBy::Stopped],
            'at' => ['kind' => FieldKind::Part],
        ],
        '/end/at' => [
            'event' => ['kind' => FieldKind::Choice, 'as' => 'event', 'instead' => StartEvent::Sunset],
            'at' => ['kind' => FieldKind::Text, 'as' => 'at', 'mayLack' => true, 'instead' => '00:00'],
            'offset_s' => ['kind' => FieldKind::Seconds, 'as' => 'offsetSeconds', 'usual' => 0.0],
            'height_deg' => ['kind' => FieldKind::Number, 'as' => 'heightDegrees', 'mayLack' => true, 'instead' => 0.0],
            'days' => ['kind' => FieldKind::Whole, 'as' => 'days', 'usual' => 0],
        ],
        '/window' => [
            'from' => ['kind' => FieldKind::Part],
            'until' => ['kind' => FieldKind::Part],
        ],
        '/window/from' => [
            'event' => ['kind' => FieldKind::Choice, 'as' => 'event', 'instead' => StartEvent::Sunset],
            'at' => ['kind' => FieldKind::Text, 'as' => 'at', 'mayLack' => true, 'instead' => '00:00'],
            'offset_s' => ['kind' => FieldKind::Seconds, 'as' => 'offsetSeconds', 'usual' => 0.0],
            'height_deg' => ['kind' => FieldKind::Number, 'as' => 'heightDegrees', 'mayLack' => true, 'instead' => 0.0],
            'days' => ['kind' => FieldKind::Whole, 'as' => 'days', 'usual' => 0],
        ],
        '/window/until' => [
            'event' => ['kind' => FieldKind::Choice, 'as' => 'event', 'instead' => StartEvent::Sunset],
            'at' => ['kind' => FieldKind::Text, 'as' => 'at', 'mayLack' => true, 'instead' => '00:00'],
            'offset_s' => ['kind' => FieldKind::Seconds, 'as' => 'offsetSeconds', 'usual' => 0.0],
            'height_deg' => ['kind' => FieldKind::Number, 'as' => 'heightDegrees', 'mayLack' => true, 'instead' => 0.0],
            'days' => ['kind' => FieldKind::Whole, 'as' => 'days', 'usual' => 0],
        ],
        '/settings' => [
            'white_balance' => ['kind' => FieldKind::Choice, 'as' => 'whiteBalance', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => WhiteBalance::Fixed],
            'white_balance_k' => [
                'kind' => FieldKind::Number, 'as' => 'kelvin', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => 5_200.0,
                'unit' => 'K',
            ],
            'white_balance_end_k' => [
                'kind' => FieldKind::Number, 'as' => 'endKelvin', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => 5_200.0,
                'unit' => 'K',
            ],
            'focus' => ['kind' => FieldKind::Choice, 'as' => 'focus', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => FocusMode::Manual],
            'stabiliser' => ['kind' => FieldKind::Flag, 'as' => 'stabiliser', 'mayLack' => true, 'mayBeEmpty' => true],
            'review' => ['kind' => FieldKind::Flag, 'as' => 'review', 'mayLack' => true, 'mayBeEmpty' => true],
            'beep' => ['kind' => FieldKind::Flag, 'as' => 'beep', 'mayLack' => true, 'mayBeEmpty' => true],
        ],
        '/lead' => [
            'rig_gives' => ['kind' => FieldKind::Choice, 'as' => 'rigGives', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => Socket::Jack25],
            'body_takes' => ['kind' => FieldKind::Choice, 'as' => 'bodyTakes', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => Socket::Jack25],
            'name' => ['kind' => FieldKind::Text, 'as' => 'name', 'mayLack' => true, 'mayBeEmpty' => true],
            'rig_end' => ['kind' => FieldKind::Choice, 'as' => 'rigEnd', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => Socket::Jack25],
            'body_end' => ['kind' => FieldKind::Choice, 'as' => 'bodyEnd', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => Socket::Jack25],
            'half_press' => ['kind' => FieldKind::Flag, 'as' => 'hasHalfPress', 'mayLack' => true, 'mayBeEmpty' => true],
            'holds_bulb' => ['kind' => FieldKind::Flag, 'as' => 'holdsBulb', 'mayLack' => true, 'mayBeEmpty' => true],
        ],
        '/film' => [
            'kind' => [
                'kind' => FieldKind::Choice, 'as' => 'kind', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => FilmKind::InCamera,
            ],
            'frames_per_second' => [
                'kind' => FieldKind::Number, 'as' => 'framesPerSecond', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => 25.0,
            ],
            'extra_frames' => ['kind' => FieldKind::Whole, 'as' => 'extraFrames', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => 0],
            'gb_per_min' => ['kind' => FieldKind::Number, 'as' => 'gigabytesPerMinute', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => 1.0],
        ],
        '/pass' => [
            'duration_s' => [
                'kind' => FieldKind::Seconds, 'as' => 'durationSeconds', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => 1.0,
                'unit' => 's',
            ],
            'by' => ['kind' => FieldKind::Choice, 'as' => 'by', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => PassBy::OneCamera],
            'still_plate' => ['kind' => FieldKind::Flag, 'as' => 'hasStillPlate', 'mayLack' => true, 'mayBeEmpty' => true],
        ],
        '/scene' => [
            'troubles' => ['kind' => FieldKind::Part],
            'plan_b' => ['kind' => FieldKind::Text, 'as' => 'planB', 'mayLack' => true, 'mayBeEmpty' => true],
        ],
        '/scene/troubles/*' => [
            'kind' => ['kind' => FieldKind::Choice, 'as' => 'kind', 'instead' => TroubleKind::Other],
            'from' => ['kind' => FieldKind::Text, 'as' => 'from', 'mayLack' => true, 'instead' => '00:00'],
            'to' => ['kind' => FieldKind::Text, 'as' => 'to', 'mayLack' => true, 'instead' => '00:00'],
            'note' => ['kind' => FieldKind::Text, 'as' => 'note', 'usual' => ''],
        ],
        '/light' => [
            'aperture' => ['kind' => FieldKind::Number, 'as' => 'aperture', 'usual' => 8.0],
            'iso' => ['kind' => FieldKind::Number, 'as' => 'iso', 'usual' => 100.0],
            'iso_changes' => ['kind' => FieldKind::Part],
            'nd_stops' => ['kind' => FieldKind::Number, 'as' => 'ndStops', 'usual' => 0.0, 'unit' => 'units.unit.stops'],
            'cloud' => ['kind' => FieldKind::Choice, 'as' => 'cloud', 'usual' => Cloud::Clear],
            'metered' => ['kind' => FieldKind::Part],
            'kind' => ['kind' => FieldKind::Choice, 'as' => 'kind', 'usual' => LightKind::Outdoors],
            'control' => ['kind' => FieldKind::Choice, 'as' => 'control', 'usual' => Control::Manual],
            'longest_s' => ['kind' => FieldKind::Exposure, 'as' => 'longestSeconds', 'usual' => 30.0, 'unit' => 's'],
            'shortest_s' => ['kind' => FieldKind::Exposure, 'as' => 'shortestSeconds', 'usual' => 0.000125, 'unit' => 's'],
            'isos' => ['kind' => FieldKind::Numbers, 'as' => 'isos', 'usual' => Light::USUAL_ISOS, 'most' => Light::MOST_ISOS],
            'stepless' => ['kind' => FieldKind::Flag, 'as' => 'stepless', 'usual' => true],
            'bias' => ['kind' => FieldKind::Part],
            'filters' => ['kind' => FieldKind::Numbers, 'as' => 'filters', 'usual' => [], 'most' => Light::MOST_FILTERS],
            'exposed_for' => ['kind' => FieldKind::Choice, 'as' => 'exposedFor', 'usual' => ExposedFor::Land],
            'lamps_lux' => ['kind' => FieldKind::Number, 'as' => 'lampsLux', 'usual' => 0.0, 'unit' => 'lux'],
            'lamps_on' => ['kind' => FieldKind::Text, 'as' => 'lampsOn', 'usual' => Light::LAMPS_ALWAYS],
            'bias_stops' => ['kind' => FieldKind::Number, 'as' => 'biasStops', 'usual' => 0.0, 'unit' => 'units.unit.stops'],
            'widest_aperture' => ['kind' => FieldKind::Number, 'as' => 'widestAperture', 'mayLack' => true, 'instead' => 2.8],
            'highest_iso' => ['kind' => FieldKind::Number, 'as' => 'highestIso', 'mayLack' => true, 'instead' => 6400.0],
            'narrowest_aperture' => ['kind' => FieldKind::Number, 'as' => 'narrowestAperture', 'mayLack' => true, 'instead' => 22.0],
            'attended' => ['kind' => FieldKind::Flag, 'as' => 'isAttended', 'mayLack' => true, 'mayBeEmpty' => true],
        ],
        '/light/iso_changes/*' => [
            'frame' => ['kind' => FieldKind::Whole, 'as' => 'frame', 'instead' => 2],
            'iso' => ['kind' => FieldKind::Number, 'as' => 'iso', 'instead' => 100.0],
        ],
        '/light/metered' => [
            'at' => ['kind' => FieldKind::Text],
            'exposure_s' => ['kind' => FieldKind::Exposure, 'as' => 'seconds', 'instead' => 1.0, 'unit' => 's'],
            'aperture' => ['kind' => FieldKind::Number, 'as' => 'aperture', 'instead' => 8.0],
            'iso' => ['kind' => FieldKind::Number, 'as' => 'iso', 'instead' => 100.0],
        ],
        '/light/bias/*' => [
            'ev' => ['kind' => FieldKind::Number, 'as' => 'ev', 'instead' => 0.0],
            'stops' => ['kind' => FieldKind::Number, 'as' => 'stops', 'instead' => 0.0],
        ],
        '/storage' => [
            'raw_mb' => ['kind' => FieldKind::Number, 'as' => 'rawMegabytes', 'usual' => Storage::USUAL_RAW_MEGABYTES],
            'jpeg_mb' => ['kind' => FieldKind::Number, 'as' => 'jpegMegabytes', 'usual' => 0.0],
            'cards_gb' => ['kind' => FieldKind::Numbers, 'as' => 'cardsGigabytes', 'usual' => [64.0], 'most' => 100, 'unit' => 'GB'],
            'slots' => ['kind' => FieldKind::Choice, 'as' => 'slots', 'usual' => SlotUse::Overflow],
        ],
        '/power' => [
            'camera' => ['kind' => FieldKind::Part],
            'rig' => ['kind' => FieldKind::Part],
            'bank' => ['kind' => FieldKind::Part],
            'temperature_c' => ['kind' => FieldKind::Number, 'as' => 'celsius', 'usual' => 20.0, 'unit' => '°C'],
            'cold' => ['kind' => FieldKind::Part],
        ],
        '/power/camera' => [
            'battery_wh' => ['kind' => FieldKind::WattHours, 'as' => 'wattHours', 'instead' => 1.0],
            'batteries' => ['kind' => FieldKind::Whole, 'as' => 'count', 'usual' => 1],
            'charge' => ['kind' => FieldKind::Share, 'as' => 'charge', 'usual' => 1.0],
            'idle_w' => ['kind' => FieldKind::Number, 'as' => 'idleWatts', 'usual' => 1.0],
            'exposing_w' => ['kind' => FieldKind::Number, 'as' => 'exposingWatts', 'usual' => 2.5],
            'photo_j' => ['kind' => FieldKind::Number, 'as' => 'photoJoules', 'usual' => 3.0],
            'mains' => ['kind' => FieldKind::Flag, 'as' => 'isOnMains', 'usual' => false],
            'sleeps_after_s' => [
                'kind' => FieldKind::Seconds, 'as' => 'sleepsAfterSeconds', 'mayLack' => true, 'mayBeEmpty' => true, 'instead' => 30.0,
                'unit' => 's',
            ],
            'sleep_w' => ['kind' => FieldKind::Number, 'as' => 'sleepWatts', 'usual' => 0.05],
        ],
        '/power/rig' => [
            'battery_wh' => ['kind' => FieldKind::WattHours, 'as' => 'wattHours', 'instead' => 1.0],
            'batteries' => ['kind' => FieldKind::Whole, 'as' => 'count', 'usual' => 1],
            'charge' => ['kind' => FieldKind::Share, 'as' => 'charge', 'usual' => 1.0],
            'moving_w' => ['kind' => FieldKind::Number, 'as' => 'movingWatts', 'usual' => 12.0],
            'holding_w' => ['kind' => FieldKind::Number, 'as' => 'holdingWatts', 'usual' => 4.0],
            'idle_w' => ['kind' => FieldKind::Number, 'as' => 'idleWatts', 'usual' => 1.0],
            'mains' => ['kind' => FieldKind::Flag, 'as' => 'isOnMains', 'usual' => false],
        ],
        '/power/bank' => [
            'capacity_wh' => ['kind' => FieldKind::WattHours, 'as' => 'wattHours', 'instead' => 1.0],
            'feeds' => ['kind' => FieldKind::Choice, 'as' => 'feeds', 'usual' => Feeds::Camera],
            'efficiency' => ['kind' => FieldKind::Share, 'as' => 'efficiency', 'usual' => 0.85],
            'charge' => ['kind' => FieldKind::Share, 'as' => 'charge', 'usual' => 1.0],
        ],
        '/power/cold/*' => [
            'celsius' => ['kind' => FieldKind::Number, 'as' => 'celsius', 'instead' => 0.0],
            'share' => ['kind' => FieldKind::Share, 'as' => 'share', 'instead' => 1.0],
        ],
        '/load' => [
            'camera_kg' => ['kind' => FieldKind::Number, 'as' => 'cameraKilograms', 'usual' => 0.7],
            'lens_kg' => ['kind' => FieldKind::Number, 'as' => 'lensKilograms', 'usual' => 0.6],
            'head_kg' => ['kind' => FieldKind::Number, 'as' => 'headKilograms', 'usual' => 1.5],
            'rig_kg' => ['kind' => FieldKind::Number, 'as' => 'rigKilograms', 'usual' => 0.0],
            'legs_rating_kg' => ['kind' => FieldKind::Number, 'as' => 'legsRatingKilograms', 'mayLack' => true, 'instead' => 1.0],
            'carriage_rating_kg' => ['kind' => FieldKind::Number, 'as' => 'carriageRatingKilograms', 'mayLack' => true, 'instead' => 1.0],
            'incline_deg' => ['kind' => FieldKind::Number, 'as' => 'inclineDegrees', 'usual' => 0.0, 'unit' => '°'],
            'friction' => ['kind' => FieldKind::Number, 'as' => 'friction', 'usual' => 0.05],
            'thrust_n' => ['kind' => FieldKind::Number, 'as' => 'thrustNewtons', 'mayLack' => true, 'instead' => 1.0],
            'counterweight_kg' => ['kind' => FieldKind::Number, 'as' => 'counterweightKilograms', 'usual' => 0.0, 'unit' => 'kg'],
        ],
        '/kit/*' => [
            'kind' => ['kind' => FieldKind::Choice, 'as' => 'kind', 'instead' => KitKind::Cable],
            'name' => ['kind' => FieldKind::Text, 'as' => 'name'],
            'count' => ['kind' => FieldKind::Whole, 'as' => 'count', 'usual' => 1],
        ],
    ];

    /** Parts that a plan need not have, though every form has fields for them. */
    public const ASIDE = ['settings', 'lead', 'film', 'pass', 'scene'];

    /** Units by the ends of names. */
    private const UNITS = [
        'm_s' => 'm/s', 'mm' => 'mm', 'm' => 'm', 's' => 's', 'px' => 'px', 'deg' => '°', 'mb' => 'MB', 'gb' => 'GB', 'wh' => 'Wh', 'w' => 'W', 'j' => 'J',
        'kg' => 'kg', 'n' => 'N', 'lux' => 'lux',
    ];

    /**
     * @param string $pointer JSON pointer of a field, such as /rig/axes/0/max_speed
     *
     * @return ?PlanField null where no plan has such a field
     */
    public static function at(string $pointer): ?PlanField
    {
        [$part, $name] = self::placed($pointer);
        $row = self::TABLE[$part][$name] ?? null;
        if ($row !== null) {
            $unit = $row['unit'] ?? self::unitOf($name);

            return self::field(
                $name,
                $row,
                new Message('fields.' . strtr(trim(str_replace('/*', '', "{$part}/{$name}"), '/'), '/', '_')),
                str_contains($unit, '.') ? new Message($unit) : $unit,
            );
        }

        // What else stands in a keyframe is the position of an axis.
        return $part === self::KEYFRAME ? new PlanField(FieldKind::Number, $name, null, label: Axis::labelOf($name)) : null;
    }

    /** The kind alone, of one of many. */
    public static function kindAt(string $pointer): ?FieldKind
    {
        [$part, $name] = self::placed($pointer);

        return self::TABLE[$part][$name]['kind'] ?? ($part === self::KEYFRAME ? FieldKind::Number : null);
    }

    /**
     * @return array{string, string} the part of the table, and the name in it
     */
    private static function placed(string $pointer): array
    {
        $slash = (int) strrpos($pointer, '/');
        $part = substr($pointer, 0, $slash);
        if (strpbrk($part, '0123456789') !== false) {
            $part = (string) preg_replace(['~/\d+(?=/|$)~', '~^/move/keyframes/\*/easing$~D'], ['/*', '/move/easing'], $part);
        }

        return [$part, substr($pointer, $slash + 1)];
    }

    /**
     * @param string $part such as /camera, or /rig/axes/* for what stands in a list
     *
     * @return array<string, PlanField> by name, without label and unit: those who read and write plans ask for neither, and there are many
     */
    public static function of(string $part): array
    {
        $fields = [];
        foreach (self::TABLE[$part] ?? [] as $name => $row) {
            $fields[$name] = self::field($name, $row);
        }

        return $fields;
    }

    /**
     * @return array<string, array<string, mixed>> what is meant where a value is left out, as it is written: by part, and by name in it
     */
    public static function defaults(): array
    {
        $defaults = [];
        foreach (self::TABLE as $part => $rows) {
            $usual = array_filter(array_map(static fn (array $row): mixed => $row['usual'] ?? null, $rows), static fn (mixed $value): bool => $value !== null);
            $defaults[$part] = array_map(static fn (mixed $value): mixed => $value instanceof BackedEnum ? $value->value : $value, $usual);
        }

        return $defaults;
    }

    /**
     * @return list<string> JSON pointers of all there is, * for a place in a list
     */
    public static function pointers(): array
    {
        $pointers = [];
        foreach (self::TABLE as $part => $rows) {
            foreach (array_keys($rows) as $name) {
                $pointers[] = "{$part}/{$name}";
            }
        }

        return $pointers;
    }

    /**
     * @param array{
     *     kind: FieldKind, as?: string, usual?: mixed, instead?: mixed, mayLack?: bool, mayBeEmpty?: bool, most?: int, label?: string, unit?: string,
     * } $row
     */
    private static function field(string $name, array $row, Text|string $label = '', Text|string $unit = ''): PlanField
    {
        $mayLack = $row['mayLack'] ?? false;

        return new PlanField(
            $row['kind'],
            $name,
            $row['as'] ?? null,
            $row['usual'] ?? null,
            $row['instead'] ?? $row['usual'] ?? null,
            $mayLack,
            $mayLack || ($row['mayBeEmpty'] ?? false),
            $row['most'] ?? null,
            $label,
            $unit,
        );
    }

    /** Most names have their unit at their end. */
    private static function unitOf(string $name): string
    {
        return preg_match('/_(' . implode('|', array_keys(self::UNITS)) . ')$/D', $name, $found) === 1 ? self::UNITS[$found[1]] : '';
    }
}
