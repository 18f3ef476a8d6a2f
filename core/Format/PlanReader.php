<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Budget\Load;
use Evrent\Core\Budget\Storage;
use Evrent\Core\Format\Parts\LightFormat;
use Evrent\Core\Format\Parts\PowerFormat;
use Evrent\Core\Kit\Picked;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Base;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Motion\Move;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan\CameraSettings;
use Evrent\Core\Plan\Film;
use Evrent\Core\Plan\Lead;
use Evrent\Core\Plan\OpenEnd;
use Evrent\Core\Plan\Pass;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Provenance;
use Evrent\Core\Plan\Scene;
use Evrent\Core\Plan\Thresholds;
use Evrent\Core\Plan\Trouble;
use Evrent\Core\Sky\DayWindow;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Start;
use Evrent\Core\Timing\Between;
use Evrent\Core\Timing\Camera;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Timing\Mode;
use Evrent\Core\Timing\Timing;
use Evrent\Core\Timing\Trigger;
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

    private function __construct(private readonly bool $isKept = false)
    {
        $this->problems = new Problems();
    }

    /**
     * @throws InvalidInput
     */
    public static function fromJson(string $json): Plan
    {
        return self::decoded($json, false);
    }

    /** @throws InvalidInput */
    private static function decoded(string $json, bool $isKept): Plan
    {
        try {
            $document = json_decode($json, false, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw new InvalidInput([new Problem('', new Message('format.plan_reader.not_json', ['why' => $broken->getMessage()]))]);
        }

        return (new self($isKept))->plan($document);
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
            return self::decoded($json, true);
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
                return (new self(true))->plan($document);
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
            $this->problems->add('/format', new Message('format.plan_reader.format', ['format' => self::FORMAT]));
            $this->problems->throwIfAny();
        }
        $title = $fields->text('title');
        $timing = $this->timing($fields->child('timing'));
        $rig = $this->rig($fields->child('rig'));
        $camera = PlanPart::read($fields->child('camera'), '/camera', Camera::class);
        $move = $this->move($fields->child('move'));
        $optics = $fields->has('optics') ? PlanPart::read($fields->child('optics'), '/optics', Optics::class) : null;
        $trigger = $fields->has('trigger') ? PlanPart::read($fields->child('trigger'), '/trigger', Trigger::class) : new Trigger();
        $thresholds = $fields->has('thresholds') ? PlanPart::read($fields->child('thresholds'), '/thresholds', Thresholds::class) : new Thresholds();
        $others = [
            $fields->has('site') ? PlanPart::read($fields->child('site'), '/site', Site::class) : null,
            $fields->has('start') ? PlanPart::read($fields->child('start'), '/start', Start::class) : null,
            $fields->has('light') ? LightFormat::read($fields->child('light')) : null,
            $fields->has('storage') ? PlanPart::read($fields->child('storage'), '/storage', Storage::class) : null,
            $fields->has('power') ? PowerFormat::read($fields->child('power')) : null,
            $fields->has('load') ? PlanPart::read($fields->child('load'), '/load', Load::class) : null,
            $fields->has('kit') ? array_values(array_filter($fields->items(
                'kit',
                Picked::MOST,
                fn (mixed $item, string $pointer): ?Picked => PlanPart::read(new Fields($item, $pointer, $this->problems), '/kit/*', Picked::class),
            ))) : [],
            $fields->has('end') ? self::end($fields->child('end')) : null,
            $this->aside($fields, 'settings', CameraSettings::class),
            $this->aside($fields, 'lead', Lead::class),
            $this->aside($fields, 'film', Film::class),
            $this->aside($fields, 'pass', Pass::class),
            $fields->has('scene') ? self::scene($fields->child('scene')) : new Scene(),
            $fields->has('provenance') || $document instanceof stdClass
                ? PlanProvenance::read($document instanceof stdClass ? $document : new stdClass(), $this->problems, $this->isKept)
                : new Provenance(),
            $fields->has('window') ? self::window($fields->child('window')) : null,
        ];
        $fields->refuseTheRest();
        $plan = $timing === null || $rig === null || $camera === null || $move === null || $trigger === null || $thresholds === null
            ? null
            : $fields->make(static fn (): Plan => new Plan($title, $timing, $rig, $camera, $move, $optics, $trigger, $thresholds, ...$others));
        $this->problems->throwIfAny();
        assert($plan !== null);

        return $plan;
    }

    /**
     * A part that says nothing where it is left out.
     *
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    private function aside(Fields $fields, string $name, string $class): object
    {
        $read = $fields->has($name) ? PlanPart::read($fields->child($name), "/{$name}", $class) : null;

        return $read ?? PlanPart::made($class, []);
    }

    private static function scene(Fields $fields): Scene
    {
        $troubles = $fields->has('troubles') ? array_map(
            static fn (Fields $one): ?Trouble => PlanPart::read($one, '/scene/troubles/*', Trouble::class),
            $fields->children('troubles', Trouble::MOST),
        ) : [];

        return PlanPart::read($fields, '/scene', Scene::class, ['troubles' => array_values(array_filter($troubles))]) ?? new Scene();
    }

    private static function end(Fields $fields): ?OpenEnd
    {
        return PlanPart::read($fields, '/end', OpenEnd::class, [
            'at' => $fields->has('at') ? PlanPart::read($fields->child('at'), '/end/at', Start::class) : null,
        ]);
    }

    private static function window(Fields $fields): ?DayWindow
    {
        $ends = [];
        foreach (['from', 'until'] as $end) {
            $ends[$end] = PlanPart::read($fields->child($end), "/window/{$end}", Start::class);
        }
        $fields->refuseTheRest();
        [$from, $until] = [$ends['from'], $ends['until']];

        return $from === null || $until === null ? null : $fields->make(static fn (): DayWindow => new DayWindow($from, $until));
    }

    private function timing(Fields $fields): ?Timing
    {
        $hasClock = $fields->raw('mode') !== Mode::StopMotion->value;
        // Stop motion has no clock: an interval may be left out there.
        $interval = $hasClock || $fields->has('interval_s')
            ? $this->keyed($fields, 'interval_s', Between::Linear, new Message('what.an_interval'))
            : KeyedSeconds::constant(1, Between::Linear, new Message('what.an_interval'));
        $exposure = $this->keyed($fields, 'exposure_s', Between::Stops, new Message('what.exposure'));

        return PlanPart::read($fields, '/timing', Timing::class, [
            'interval' => $interval ?? KeyedSeconds::constant(1, Between::Linear),
            'exposure' => $exposure ?? KeyedSeconds::constant(1, Between::Stops),
        ]);
    }

    /**
     * A number of seconds, or a list of keys {at, interval_s} or {at, exposure_s}.
     */
    private function keyed(Fields $fields, string $name, Between $between, Text|string $what): ?KeyedSeconds
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
            $this->problems->add("/timing/{$name}", new Message('format.plan_reader.keys'));

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
            return PlanPart::read(new Fields($item, $pointer, $this->problems), '/rig/axes/*', Axis::class);
        });
        $base = $fields->has('base') ? PlanPart::read($fields->child('base'), '/rig/base', Base::class) : new Base();
        $whole = array_values(array_filter($axes));
        if (!$fields->has('axes')) {
            $this->problems->add('/rig/axes', new Message('format.plan_reader.axes'));
        }
        $isNone = $axes === [] && !$fields->isEmptyList('axes');
        if ($isNone || count($whole) < count($axes) || $base === null) {
            PlanPart::values($fields, '/rig');
            $fields->refuseTheRest();

            return null;
        }

        return PlanPart::read($fields, '/rig', Rig::class, ['axes' => $whole, 'base' => $base]);
    }

    private function move(Fields $fields): ?Move
    {
        $keyframes = $fields->items('keyframes', Move::MOST_KEYFRAMES, $this->keyframe(...));
        $easing = $fields->has('easing') ? PlanPart::read($fields->child('easing'), '/move/easing', Easing::class) : new Easing();
        $oneWay = $fields->wholeOrNull('one_way_photos', 2);
        $fields->refuseTheRest();
        $whole = array_values(array_filter($keyframes));
        if (count($whole) < count($keyframes)) {
            return null;
        }

        return $fields->make(static fn (): Move => new Move($whole, $easing ?? new Easing(), $oneWay));
    }

    private function keyframe(mixed $item, string $pointer): ?Keyframe
    {
        $fields = new Fields($item, $pointer, $this->problems);
        $at = $fields->number('at', 0);
        $pass = $fields->flag('pass', false);
        $hold = $fields->whole('hold_photos', 0, 0);
        $easing = $fields->has('easing') ? PlanPart::read($fields->child('easing'), '/move/easing', Easing::class) : null;
        $marks = [
            $fields->flag('matters_most', false),
            $fields->has('subject_width') ? $fields->number('subject_width', 1) : null,
            $fields->has('subject_height') ? $fields->number('subject_height', 1) : null,
        ];
        $positions = [];
        // What is left names an axis; the plan refuses the names that its rig does not have.
        foreach ($fields->rest() as $axisId) {
            $positions[$axisId] = $fields->number($axisId, 0);
        }

        return $fields->make(static fn (): Keyframe => new Keyframe($at, $positions, $pass, $hold, $easing, ...$marks));
    }
}
