<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Before;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Rig;

/**
 * A rig as it reports itself: its axes in the order of its status line, and how fast its world runs where it is simulated.
 */
final readonly class RigReport
{
    /** Slower or coarser by less than this share is a rounded number. */
    private const SAME_SHARE = 0.01;

    /**
     * @param list<AxisReport> $axes
     * @param ?float           $worldSpeed simulated seconds in a real one; null for a real rig
     */
    public function __construct(public array $axes, public ?float $worldSpeed = null)
    {
    }

    /**
     * As the kit has a rig that reports nothing itself.
     *
     * @param list<Axis>            $axes
     * @param array<string, string> $letters by axis id
     */
    public static function ofKit(array $axes, array $letters): self
    {
        $known = array_filter($axes, static fn (Axis $axis): bool => isset($letters[$axis->id]));

        return new self(array_values(array_map(static fn (Axis $axis): AxisReport => new AxisReport(
            $letters[$axis->id],
            $axis->isEndless ? null : $axis->min,
            $axis->isEndless ? null : $axis->max,
            $axis->maxSpeed,
            $axis->maxAcceleration,
            $axis->stepsPerUnit,
        ), $known)));
    }

    /** @return list<string> letters in the order of its status line */
    public function letters(): array
    {
        return array_map(static fn (AxisReport $axis): string => $axis->letter, $this->axes);
    }

    public function axis(string $letter): ?AxisReport
    {
        foreach ($this->axes as $axis) {
            if ($axis->letter === $letter) {
                return $axis;
            }
        }

        return null;
    }

    /**
     * The plan's axes as this rig has them: no further and no faster than either.
     *
     * @param array<string, string> $letters by axis id
     *
     * @return array<string, Axis> by id
     */
    public function axes(Rig $plan, array $letters): array
    {
        $axes = [];
        foreach ($plan->axes as $axis) {
            $has = $this->axis($letters[$axis->id] ?? '?');
            $axes[$axis->id] = $has === null ? $axis : $axis->within($has->min, $has->max, $has->maxSpeed, $has->maxAcceleration, $has->stepsPerUnit);
        }

        return $axes;
    }

    /**
     * What the plan takes for granted of its rig, and this rig cannot do.
     *
     * @param array<string, string>                $letters by axis id
     * @param array<string, array{float, float}>   $travel  from where to where the plan drives each axis, by id
     *
     * @return list<Contradiction>
     */
    public function against(Rig $plan, array $letters, array $travel): array
    {
        $found = $missing = [];
        foreach ($this->axes === [] ? [] : $plan->axes as $axis) {
            $letter = $letters[$axis->id] ?? '?';
            $has = $this->axis($letter);
            if ($has === null) {
                $missing[] = "{$axis->id} ({$letter})";
                continue;
            }
            array_push($found, ...array_filter([self::travel($axis, $has, $travel[$axis->id] ?? null), self::speed($axis, $has), self::steps($axis, $has)]));
        }
        $says = new Message('takes.before.no_axes', ['missing' => $missing, 'axes' => $this->letters()]);

        return $missing === [] ? $found : [new Contradiction('rig axes', $says, isRefused: true), ...$found];
    }

    /** @param ?array{float, float} $driven */
    private static function travel(Axis $axis, AxisReport $has, ?array $driven): ?Contradiction
    {
        if ($driven === null || $has->min === null || $has->max === null || $driven[0] >= $has->min - 1e-6 && $driven[1] <= $has->max + 1e-6) {
            return null;
        }

        return new Contradiction("rig {$axis->id} travel", new Message('takes.before.travel', [
            'axis' => $axis->label(),
            'from' => Quantity::rounded($driven[0]),
            'to' => Quantity::withUnit($driven[1], $axis->kind->unit()),
            'min' => Quantity::rounded($has->min),
            'max' => Quantity::withUnit($has->max, $axis->kind->unit()),
        ]), isRefused: true);
    }

    private static function speed(Axis $axis, AxisReport $has): ?Contradiction
    {
        $isSlow = $has->maxSpeed < $axis->fastest() * (1.0 - self::SAME_SHARE) || $has->maxAcceleration < $axis->maxAcceleration * (1.0 - self::SAME_SHARE);
        $unit = $axis->kind->unit();

        return !$isSlow ? null : new Contradiction("rig {$axis->id} speed", new Message('takes.before.speed', [
            'axis' => $axis->label(),
            'speed' => Quantity::withUnit($has->maxSpeed, "{$unit}/s"),
            'acceleration' => Quantity::withUnit($has->maxAcceleration, "{$unit}/s²"),
            'plannedSpeed' => Quantity::withUnit($axis->fastest(), "{$unit}/s"),
            'plannedAcceleration' => Quantity::withUnit($axis->maxAcceleration, "{$unit}/s²"),
        ]));
    }

    private static function steps(Axis $axis, AxisReport $has): ?Contradiction
    {
        return $has->stepsPerUnit >= $axis->stepsPerUnit * (1.0 - self::SAME_SHARE)
            ? null
            : new Contradiction("rig {$axis->id} steps", new Message('takes.before.steps', [
                'axis' => $axis->label(),
                'steps' => Quantity::rounded($has->stepsPerUnit),
                'unit' => $axis->kind->unit(),
                'planned' => Quantity::rounded($axis->stepsPerUnit),
            ]));
    }
}
