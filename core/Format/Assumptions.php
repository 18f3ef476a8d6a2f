<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Findings\About;
use Evrent\Core\Light\Light;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Sky\Angles;

/**
 * What of a plan nobody gave, by what checks take for known.
 */
final class Assumptions
{
    private const AXES = '/rig/axes/*/';

    /** What figures of an axis are counted in, with the unit of its positions. */
    private const COUNTED_IN = [
        'max_speed' => '%s/s', 'min_speed' => '%s/s', 'quiet_speed' => '%s/s', 'max_acceleration' => '%s/s²', 'steps_per_unit' => '/%s',
    ];

    /** Of these Evrent takes what most have where a plan says nothing. */
    private const LEFT_OUT = [
        '/light/widest_aperture', '/light/narrowest_aperture', '/light/attended', '/optics/circle_mm', '/rig/ramp_entry',
    ];

    /** @var array<string, mixed> */
    private readonly array $values;

    public function __construct(private readonly Plan $plan)
    {
        $this->values = PlanProvenance::values($plan);
    }

    /**
     * @return list<Assumption>
     */
    public function under(About $about): array
    {
        $assumed = [];
        foreach ($about->restsOn as $pointer) {
            foreach ($this->meant($pointer) as $one) {
                if (!isset($assumed[$one]) && $this->matters($one)) {
                    $assumed[$one] = $this->assumption($one);
                }
            }
        }

        return array_values(array_filter($assumed));
    }

    /**
     * @return list<string> pointers of single values
     */
    private function meant(string $pointer): array
    {
        if (str_starts_with($pointer, self::AXES)) {
            $name = substr($pointer, strlen(self::AXES));

            $moving = array_keys(array_filter($this->plan->rig->axes, $this->moves(...)));

            return array_map(static fn (int $place): string => "/rig/axes/{$place}/{$name}", $moving);
        }
        $inside = array_keys(array_filter(
            $this->values,
            static fn (string $one): bool => str_starts_with($one, "{$pointer}/"),
            ARRAY_FILTER_USE_KEY,
        ));

        return $inside === [] ? [$pointer] : $inside;
    }

    private function moves(Axis $axis): bool
    {
        return count(array_unique(array_map(
            static fn (Keyframe $keyframe): float => $keyframe->positions[$axis->id] ?? 0.0,
            $this->plan->move->keyframes,
        ))) > 1;
    }

    private function matters(string $pointer): bool
    {
        return match (true) {
            str_starts_with($pointer, '/trigger/') && $pointer !== '/trigger/count_limit' => $this->plan->trigger->isCamera(),
            // A camera on a tripod has nothing to settle, and no axes.
            str_starts_with($pointer, '/rig/') && !str_starts_with($pointer, '/rig/base/') => $this->plan->rig->axes !== [],
            default => true,
        };
    }

    private function assumption(string $pointer): ?Assumption
    {
        $field = PlanFields::at($pointer);
        if ($field === null) {
            return null;
        }
        $of = preg_match('~^/rig/axes/(\d+)/~', $pointer, $found) === 1 ? $this->plan->rig->axes[(int) $found[1]] : null;
        $named = $of === null ? $field->told() : new Message('history.of_axis', ['axis' => $of->label(), 'field' => $field->told()]);
        if (!array_key_exists($pointer, $this->values)) {
            $part = substr($pointer, 0, (int) strrpos($pointer, '/'));
            $isThere = array_filter(array_keys($this->values), static fn (string $one): bool => str_starts_with($one, "{$part}/")) !== [];

            return $isThere && in_array($pointer, self::LEFT_OUT, true) ? new Assumption($pointer, $named, new Message('history.not_set')) : null;
        }
        if (!$this->plan->provenance->isAssumed($pointer)) {
            return null;
        }
        $value = $this->values[$pointer];
        if ($pointer === Plan::FACING) {
            return new Assumption($pointer, $field->told(), Angles::compassPoint($this->plan->rig->base->zeroBearingDegrees));
        }
        $unit = $of === null ? $field->unit : sprintf(self::COUNTED_IN[basename($pointer)] ?? '%s', $of->kind->unit());
        $text = match (true) {
            is_bool($value) => new Message($value ? 'history.on' : 'history.off'),
            $pointer === '/light/lamps_on' && is_string($value) => Light::lampsOn($value),
            is_string($value) => $field->said($value),
            str_ends_with($pointer, '_stops') && (is_int($value) || is_float($value)) => Quantity::stops((float) $value),
            is_string($unit) && (str_starts_with($unit, '°') || str_starts_with($unit, '/')) => $field->kind->text($value) . $unit,
            is_string($unit) => rtrim("{$field->kind->text($value)} {$unit}"),
            default => Joined::of([$field->kind->text($value), $unit], Joined::WORDS),
        };

        return new Assumption($pointer, $named, $text);
    }
}
