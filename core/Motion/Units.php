<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use Evrent\Core\Messages\Quantity;

/**
 * The units that a shooter reads: how far an axis goes, how far away something is, how cold it is. What is worked with stays in
 * millimetres, metres and degrees Celsius whatever these are.
 */
readonly class Units
{
    /** Units by kind: how many of them one of the plan's is, and what is added. */
    public const RIG = ['mm' => [1.0, 0.0], 'cm' => [0.1, 0.0], 'in' => [1.0 / 25.4, 0.0]];
    public const DISTANCE = ['m' => [1.0, 0.0], 'ft' => [1.0 / 0.3048, 0.0]];
    public const TEMPERATURE = ['°C' => [1.0, 0.0], '°F' => [1.8, 32.0]];

    /**
     * @param key-of<self::RIG>         $rig
     * @param key-of<self::DISTANCE>    $distance
     * @param key-of<self::TEMPERATURE> $temperature
     */
    public function __construct(public string $rig = 'mm', public string $distance = 'm', public string $temperature = '°C')
    {
    }

    public function ofAxis(AxisKind $kind): string
    {
        return $kind === AxisKind::Linear ? $this->rig : $kind->unit();
    }

    /** How many of the unit shown a millimetre or a degree of an axis is. */
    public function factorOf(AxisKind $kind): float
    {
        return $kind === AxisKind::Linear ? self::RIG[$this->rig][0] : 1.0;
    }

    /** A position, a travel or a step of an axis, with its unit. */
    public function axisText(AxisKind $kind, float $value, int $decimals = 2): Quantity
    {
        return Quantity::withUnit($value * $this->factorOf($kind), $this->ofAxis($kind), $decimals);
    }

    /** A speed of an axis. */
    public function speedText(AxisKind $kind, float $perSecond, int $decimals = 2): Quantity
    {
        return Quantity::withUnit($perSecond * $this->factorOf($kind), $this->ofAxis($kind) . '/s', $decimals);
    }

    /** How far away something is. */
    public function distanceText(float $metres, int $decimals = 2): Quantity
    {
        return Quantity::withUnit($metres * self::DISTANCE[$this->distance][0], $this->distance, $decimals);
    }

    public function temperatureText(float $celsius): Quantity
    {
        [$times, $plus] = self::TEMPERATURE[$this->temperature];

        return Quantity::withUnit($celsius * $times + $plus, $this->temperature, 0);
    }

    /** Whether these are what plans are written in. */
    public function areThePlans(): bool
    {
        return $this->rig === 'mm' && $this->distance === 'm' && $this->temperature === '°C';
    }
}
