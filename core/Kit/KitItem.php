<?php

declare(strict_types=1);

namespace Evrent\Core\Kit;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Timing\Trigger;
use Evrent\Core\Values\Problems;

/**
 * A piece of kit: what it is, how many there are, and its numbers.
 */
final readonly class KitItem
{
    public const MOST_NAME_CHARACTERS = 120;
    public const MOST_NOTE_CHARACTERS = 300;
    private const AXIS_FIELDS = ['min', 'max', 'max_speed', 'max_acceleration', 'steps_per_unit'];

    /**
     * @param array<string, float> $values  by the kind's field names; those not known are left out
     * @param RigWords             $words   how a rig's firmware speaks G-code
     * @param list<float>          $intervals that its timer has, seconds, where it has a list of its own; empty for any
     * @param string               $address where a rig or a body is reached; empty where it is not, or by its trigger line alone
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public KitKind $kind,
        public string $name,
        public array $values,
        public int $count = 1,
        public string $note = '',
        public string $address = '',
        public RigWords $words = new RigWords(),
        public array $intervals = [],
    ) {
        $problems = new Problems();
        if ($intervals !== [] && !$kind->hasTimer()) {
            $problems->add('/intervals_s', new Message('kit.kit_item.no_intervals'));
        }
        if (count($intervals) > Trigger::MOST_INTERVALS) {
            $problems->add('/intervals_s', new Message('kit.kit_item.intervals', ['most_intervals' => Trigger::MOST_INTERVALS]));
        }
        foreach ($intervals as $seconds) {
            $problems->unlessPositive($seconds, KeyedSeconds::MOST_SECONDS, '/intervals_s', new Message('what.intervals'));
        }
        foreach ($kind === KitKind::Rig ? [] : array_keys($words->texts()) as $field) {
            $problems->add("/{$field}", new Message('kit.kit_item.no_gcode'));
        }
        foreach (['name' => [$name, self::MOST_NAME_CHARACTERS], 'note' => [$note, self::MOST_NOTE_CHARACTERS]] as $field => [$text, $most]) {
            if (mb_strlen($text) > $most || preg_match('/[\p{Cc}\x{FFFD}]/u', $text) !== 0 || $field === 'name' && trim($text) === '') {
                $problems->add("/{$field}", new Message("kit.kit_item.{$field}", ['most' => $most]));
            }
        }
        $problems->unlessBetween($count, 1, 1_000, '/count', new Message('what.how_many'));
        $fields = $kind->fields();
        foreach ($fields as $field => $known) {
            $value = $values[$field] ?? null;
            if ($value === null) {
                if ($known->needed) {
                    $problems->add("/{$field}", new Message('kit.kit_item.needed', ['what' => $known->what(), 'kind' => $kind->label()]));
                }
                continue;
            }
            $problems->unlessBetween($value, $known->least, $known->most, "/{$field}", $known->what());
            if ($known->whole && floor($value) !== $value) {
                $problems->add("/{$field}", new Message('kit.kit_item.whole'));
            }
        }
        foreach (array_diff(array_keys($values), array_keys($fields)) as $unknown) {
            $problems->add("/{$unknown}", new Message('kit.kit_item.unknown', ['kind' => $kind->label()]));
        }
        $format = $kind->addressFormat();
        if ($address !== '' && ($format === null || preg_match($format, $address) !== 1)) {
            $problems->add('/address', $kind->addressHelp());
        }
        self::checkAxes($kind, $values, $problems);
        $problems->throwIfAny();
    }

    public function value(string $field): ?float
    {
        return $this->values[$field] ?? null;
    }

    /** What to know it by, in one line: "36 × 24 mm", "slide 900 mm, pan 360°, tilt 105°". */
    public function inShort(): Text|string
    {
        $axis = static fn (Axis $axis): Message => $axis->isEndless
            ? new Message('kit.kit_item.endless', ['axis' => $axis->label()])
            : new Message('kit.kit_item.axis', [
                'axis' => $axis->label(),
                'length' => Quantity::withUnit($axis->max - $axis->min, $axis->kind === AxisKind::Linear ? 'mm' : '°', 6),
            ]);
        $fields = $this->kind->fields();
        $first = array_key_first($fields) ?? '';
        $value = $this->value($first);

        return match ($this->kind) {
            KitKind::Rig => Joined::of(array_map($axis, $this->axes()), Joined::COMMA),
            KitKind::Body => new Message('kit.kit_item.sensor', [
                'width' => Quantity::number($value ?? 0.0), 'height' => Quantity::number($this->value('sensor_height_mm') ?? 0.0),
            ]),
            KitKind::Filter => $value === null ? '' : Quantity::stops($value),
            default => $value === null ? '' : Joined::of([Quantity::rounded($value, 6), $fields[$first]->unit], Joined::WORDS),
        };
    }

    /**
     * The axes of a rig: those whose numbers are all given.
     *
     * @return list<Axis>
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function axes(): array
    {
        $axes = [];
        foreach (AxisRole::known() as $role) {
            $id = $role->value;
            $isEndless = $this->value("{$id}_endless") === 1.0;
            $given = array_map(fn (string $field): ?float => $this->value("{$id}_{$field}"), self::AXIS_FIELDS);
            [$min, $max, $speed, $acceleration, $steps] = $given;
            $isWhole = $speed !== null && $acceleration !== null && $steps !== null && ($isEndless || $min !== null && $max !== null);
            if ($isWhole) {
                $axes[] = new Axis(
                    $id,
                    $role->kind(),
                    $min,
                    $max,
                    $speed,
                    $acceleration,
                    $steps,
                    $this->value("{$id}_backlash") ?? 0.0,
                    isEndless: $isEndless,
                    quietSpeed: $this->value("{$id}_quiet_speed"),
                );
            }
        }

        return $axes;
    }

    /**
     * @param array<string, float> $values
     */
    private static function checkAxes(KitKind $kind, array $values, Problems $problems): void
    {
        if ($kind !== KitKind::Rig) {
            return;
        }
        $whole = 0;
        foreach (array_column(AxisRole::known(), 'value') as $id) {
            $given = array_filter(self::AXIS_FIELDS, static fn (string $field): bool => isset($values["{$id}_{$field}"]));
            // What turns without end needs none.
            $needed = ($values["{$id}_endless"] ?? 0.0) === 1.0 ? array_slice(self::AXIS_FIELDS, 2) : self::AXIS_FIELDS;
            $isWhole = array_diff($needed, $given) === [];
            $whole += $isWhole ? 1 : 0;
            if ($given === [] || $isWhole) {
                if (isset($values["{$id}_min"], $values["{$id}_max"]) && $values["{$id}_min"] >= $values["{$id}_max"]) {
                    $problems->add("/{$id}_max", new Message('kit.kit_item.travel'));
                }
                continue;
            }
            foreach (array_diff($needed, $given) as $missing) {
                $problems->add("/{$id}_{$missing}", new Message('kit.kit_item.all_or_none', ['id' => Axis::labelOf($id)]));
            }
        }
        if ($whole === 0) {
            $problems->add('/slide_min', new Message('kit.kit_item.axes'));
        }
    }
}
