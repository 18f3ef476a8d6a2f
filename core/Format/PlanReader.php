<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Format\Parts\BudgetFormat;
use Evrent\Core\Format\Parts\LightFormat;
use Evrent\Core\Format\Parts\SiteFormat;
use Evrent\Core\Kit\Picked;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\Base;
use Evrent\Core\Motion\EaseShape;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Motion\Move;
use Evrent\Core\Motion\RampEntry;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Thresholds;
use Evrent\Core\Timing\Between;
use Evrent\Core\Timing\Camera;
use Evrent\Core\Timing\Dial;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Timing\Mode;
use Evrent\Core\Timing\TimedBy;
use Evrent\Core\Timing\Timing;
use Evrent\Core\Timing\Trigger;
use Evrent\Core\Timing\TriggeredBy;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Values\Problems;
use JsonException;
use stdClass;

/**
 * Reads documents of the open format evrent.plan/1. Unknown fields are refused by name, impossible values by
 * JSON pointer, and everything that is wrong is reported at once.
 */
final class PlanReader
{
    /** Parts of a kept plan that are mended one after another. */
    private const MOST_TRIES = 5;

    public const FORMAT = 'evrent.plan/1';

    private Problems $problems;

    private function __construct()
    {
        $this->problems = new Problems();
    }

    /**
     * @throws InvalidInput
     */
    public static function fromJson(string $json): Plan
    {
        try {
            $document = json_decode($json, false, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw new InvalidInput([new Problem('', "This is not JSON: {$broken->getMessage()}. Choose a plan file.")]);
        }

        return self::fromDocument($document);
    }

    /**
     * A plan that was kept before a limit was drawn still opens: what lies beyond is brought to the nearest value within.
     *
     * @param list<Problem> $brought filled with what was brought within, in the words of the limit
     *
     * @throws InvalidInput where something else is wrong
     */
    public static function kept(string $json, array &$brought = []): Plan
    {
        $brought = [];
        try {
            return self::fromJson($json);
        } catch (InvalidInput $invalid) {
            $document = json_decode($json, false, 32);
        }
        for ($tries = 0; $tries < self::MOST_TRIES; $tries++) {
            foreach ($invalid->problems as $problem) {
                if ($problem->nearest === null || !self::put($document, $problem->pointer, $problem->nearest)) {
                    throw $invalid;
                }
                $brought[] = $problem;
            }
            try {
                return self::fromDocument($document);
            } catch (InvalidInput $invalid) {
                // A part that could not be made hides what is wrong beyond it: once more.
            }
        }

        throw $invalid;
    }

    private static function put(mixed $document, string $pointer, float|int $value): bool
    {
        $names = explode('/', ltrim($pointer, '/'));
        $last = array_pop($names);
        $place = $document;
        foreach ($names as $name) {
            $place = match (true) {
                is_array($place) => $place[(int) $name] ?? null,
                $place instanceof stdClass => get_object_vars($place)[$name] ?? null,
                default => null,
            };
        }
        if (!$place instanceof stdClass) {
            return false;
        }
        $place->{$last} = $value;

        return true;
    }

    /**
     * @param mixed $document decoded JSON, objects as stdClass
     *
     * @throws InvalidInput
     */
    public static function fromDocument(mixed $document): Plan
    {
        return (new self())->plan($document);
    }

    private function plan(mixed $document): Plan
    {
        $fields = new Fields($document, '', $this->problems);
        if ($fields->text('format') !== self::FORMAT) {
            $this->problems->add('/format', 'The format must be ' . self::FORMAT . '.');
            $this->problems->throwIfAny();
        }
        $title = $fields->text('title');
        $timing = $this->timing($fields->child('timing'));
        $rig = $this->rig($fields->child('rig'));
        $camera = $this->camera($fields->child('camera'));
        $move = $this->move($fields->child('move'));
        $optics = $fields->has('optics') ? $this->optics($fields->child('optics')) : null;
        $trigger = $fields->has('trigger') ? $this->trigger($fields->child('trigger')) : new Trigger();
        $thresholds = $fields->has('thresholds') ? $this->thresholds($fields->child('thresholds')) : new Thresholds();
        $others = [
            $fields->has('site') ? SiteFormat::site($fields->child('site')) : null,
            $fields->has('start') ? SiteFormat::start($fields->child('start')) : null,
            $fields->has('light') ? LightFormat::read($fields->child('light'), $this->problems) : null,
            $fields->has('storage') ? BudgetFormat::storage($fields->child('storage')) : null,
            $fields->has('power') ? BudgetFormat::power($fields->child('power'), $this->problems) : null,
            $fields->has('load') ? BudgetFormat::load($fields->child('load')) : null,
            $fields->has('kit') ? array_values(array_filter($fields->items(
                'kit',
                Picked::MOST,
                fn (mixed $item, string $pointer): ?Picked => BudgetFormat::picked($item, $pointer, $this->problems),
            ))) : [],
        ];
        $fields->refuseTheRest();
        $plan = $timing === null || $rig === null || $camera === null || $move === null || $trigger === null || $thresholds === null
            ? null
            : $fields->make(static fn (): Plan => new Plan($title, $timing, $rig, $camera, $move, $optics, $trigger, $thresholds, ...$others));
        $this->problems->throwIfAny();
        assert($plan !== null);

        return $plan;
    }

    private function timing(Fields $fields): ?Timing
    {
        $mode = $fields->choice('mode', Mode::class, Mode::ShootMoveShoot);
        // Stop motion has no clock: an interval may be left out there.
        $interval = $mode->hasClock() || $fields->has('interval_s')
            ? $this->keyed($fields, 'interval_s', Between::Linear, 'an interval')
            : KeyedSeconds::constant(1, Between::Linear, 'an interval');
        $exposure = $this->keyed($fields, 'exposure_s', Between::Stops, 'an exposure');
        $read = [
            $mode,
            $fields->number('frames_per_second', 24),
            $fields->whole('photos', 2),
            $fields->whole('head_photos', 0, 0),
            $fields->whole('tail_photos', 0, 0),
            $interval ?? KeyedSeconds::constant(1, Between::Linear),
            $fields->choice('interval_means', IntervalMeaning::class, IntervalMeaning::StartToStart, IntervalMeaning::StartToStart),
            $exposure ?? KeyedSeconds::constant(1, Between::Stops),
            $fields->number('start_delay_s', 0, 0),
        ];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Timing => new Timing(...$read));
    }

    /**
     * A number of seconds, or a list of keys {at, interval_s} or {at, exposure_s}.
     */
    private function keyed(Fields $fields, string $name, Between $between, string $what): ?KeyedSeconds
    {
        if (!is_array($fields->raw($name))) {
            $seconds = $fields->number($name, 1);

            return $this->makeKeyed($name, static fn (): KeyedSeconds => KeyedSeconds::constant($seconds, $between, $what));
        }
        $keys = $fields->items($name, KeyedSeconds::MOST_KEYS, function (mixed $item, string $pointer) use ($name): array {
            $key = new Fields($item, $pointer, $this->problems);
            $read = ['at' => $key->number('at', 0), 'seconds' => $key->number($name, 1)];
            $key->refuseTheRest();

            return $read;
        });
        if (count($keys) < 2) {
            $this->problems->add("/timing/{$name}", 'Give at least two keys, at 0 and at 1, or one number.');

            return null;
        }

        return $this->makeKeyed($name, static fn (): KeyedSeconds => new KeyedSeconds($keys, $between, $what));
    }

    /**
     * @param callable(): KeyedSeconds $make
     */
    private function makeKeyed(string $name, callable $make): ?KeyedSeconds
    {
        try {
            return $make();
        } catch (InvalidInput $invalid) {
            foreach ($invalid->problems as $problem) {
                // The core calls a key's value seconds; the document calls it by the field's own name.
                $pointer = preg_replace('~/seconds$~D', "/{$name}", $problem->pointer);
                $this->problems->add("/timing/{$name}{$pointer}", $problem->message, $problem->nearest);
            }

            return null;
        }
    }

    private function rig(Fields $fields): ?Rig
    {
        $axes = $fields->items('axes', Rig::MOST_AXES, function (mixed $item, string $pointer): ?Axis {
            $axis = new Fields($item, $pointer, $this->problems);
            $read = [
                $axis->text('id'),
                $axis->choice('kind', AxisKind::class, AxisKind::Linear),
                $axis->number('min', -Axis::MOST),
                $axis->number('max', Axis::MOST),
                $axis->number('max_speed', 1),
                $axis->number('max_acceleration', 1),
                $axis->number('steps_per_unit', 1),
                $axis->number('backlash', 0, 0),
            ];
            $axis->refuseTheRest();

            return $axis->make(static fn (): Axis => new Axis(...$read));
        });
        $delay = $fields->number('post_exposure_delay_s', 0, 0);
        $settle = $fields->number('settle_s', 0, 0);
        $rampEntry = $fields->has('ramp_entry') ? $fields->choice('ramp_entry', RampEntry::class, RampEntry::Total) : null;
        $base = $fields->has('base') ? $this->base($fields->child('base')) : new Base();
        $fields->refuseTheRest();
        $whole = array_values(array_filter($axes));
        if (count($whole) < count($axes) || $base === null) {
            return null;
        }

        return $fields->make(static fn (): Rig => new Rig($whole, $delay, $settle, $rampEntry, $base));
    }

    private function base(Fields $fields): ?Base
    {
        $read = [$fields->number('off_level_deg', 0, 0), $fields->number('toward_deg', 0, 0), $fields->number('zero_bearing_deg', 0, 0)];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Base => new Base(...$read));
    }

    private function camera(Fields $fields): ?Camera
    {
        $read = [
            $fields->number('shutter_lag_s', 0, 0),
            $fields->number('write_s', 0, 0),
            $fields->whole('buffer_frames', 1, 1),
            $fields->flag('long_exposure_noise_reduction', false),
            $fields->wholeOrNull('next_file_number', 1),
            $fields->has('exposure_timed_by') ? $fields->choice('exposure_timed_by', TimedBy::class, TimedBy::Camera) : null,
            $fields->has('dial') ? $fields->choice('dial', Dial::class, Dial::Manual) : null,
            $fields->flag('marks_are_literal', false),
        ];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Camera => new Camera(...$read));
    }

    private function trigger(Fields $fields): ?Trigger
    {
        $read = [
            $fields->choice('by', TriggeredBy::class, TriggeredBy::Rig, TriggeredBy::Rig),
            $fields->numberOrNull('camera_interval_s', 1),
            $fields->number('drift_ppm', 0, 0),
            $fields->number('camera_starts_s', 0, 0),
            $fields->wholeOrNull('camera_photos', 1),
            $fields->wholeOrNull('count_limit', 1),
        ];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Trigger => new Trigger(...$read));
    }

    private function thresholds(Fields $fields): ?Thresholds
    {
        $read = [];
        foreach (ThresholdFields::DEFAULTS as $name => $default) {
            $read[] = $fields->number($name, $default, $default);
        }
        $fields->refuseTheRest();

        return $fields->make(static fn (): Thresholds => new Thresholds(...$read));
    }

    private function optics(Fields $fields): ?Optics
    {
        $read = [
            $fields->number('sensor_width_mm', 36),
            $fields->number('sensor_height_mm', 24),
            $fields->whole('image_width_px', 6000),
            $fields->whole('image_height_px', 4000),
            $fields->number('focal_mm', 35),
            $fields->whole('output_width_px', 1920),
            $fields->whole('output_height_px', 1080),
            $fields->number('foreground_m', 1),
            $fields->number('subject_m', 1),
            $fields->number('background_m', 1_000_000),
            $fields->number('subject_speed_m_s', 0, 0),
        ];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Optics => new Optics(...$read));
    }

    private function move(Fields $fields): ?Move
    {
        $keyframes = $fields->items('keyframes', Move::MOST_KEYFRAMES, $this->keyframe(...));
        $easing = $fields->has('easing') ? $this->easing($fields->child('easing')) : new Easing();
        $fields->refuseTheRest();
        $whole = array_values(array_filter($keyframes));
        if (count($whole) < count($keyframes)) {
            return null;
        }

        return $fields->make(static fn (): Move => new Move($whole, $easing ?? new Easing()));
    }

    private function keyframe(mixed $item, string $pointer): ?Keyframe
    {
        $fields = new Fields($item, $pointer, $this->problems);
        $at = $fields->number('at', 0);
        $pass = $fields->flag('pass', false);
        $hold = $fields->whole('hold_photos', 0, 0);
        $easing = $fields->has('easing') ? $this->easing($fields->child('easing')) : null;
        $positions = [];
        // What is left names an axis; the plan refuses the names that its rig does not have.
        foreach ($fields->rest() as $axisId) {
            $positions[$axisId] = $fields->number($axisId, 0);
        }

        return $fields->make(static fn (): Keyframe => new Keyframe($at, $positions, $pass, $hold, $easing));
    }

    private function easing(Fields $fields): ?Easing
    {
        $rampIn = $fields->number('ramp_in', 0, 0);
        $rampOut = $fields->number('ramp_out', 0, 0);
        $shape = $fields->choice('shape', EaseShape::class, EaseShape::Constant, EaseShape::Constant);
        $fields->refuseTheRest();

        return $fields->make(static fn (): Easing => new Easing($rampIn, $rampOut, $shape));
    }
}
