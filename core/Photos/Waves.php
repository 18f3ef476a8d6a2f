<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * Waves that the columns or rows of a picture are made of (discrete Fourier transform), the slow ones alone.
 *
 * Faded out to both ends (Hann): what comes in at one end and goes out at the other is no part of a shift.
 */
final readonly class Waves
{
    /** Columns, or rows, that a picture is summed up to. */
    public const POINTS = 128;

    /** Waves across the picture, from 1. */
    private const WAVES = 24;

    /** @var list<array{list<float>, list<float>}> cosines and sines of each wave, for each point */
    private array $tables;

    public function __construct()
    {
        $tables = [];
        for ($k = 1; $k <= self::WAVES; $k++) {
            $cosines = $sines = [];
            for ($n = 0; $n < self::POINTS; $n++) {
                $window = 0.5 - 0.5 * cos(2.0 * M_PI * ($n + 0.5) / self::POINTS);
                $cosines[] = $window * cos(2.0 * M_PI * $k * $n / self::POINTS);
                $sines[] = $window * sin(2.0 * M_PI * $k * $n / self::POINTS);
            }
            $tables[] = [$cosines, $sines];
        }
        $this->tables = $tables;
    }

    /**
     * @param list<float> $values `POINTS` of them
     *
     * @return list<array{float, float}> real and imaginary part of each wave
     */
    public function of(array $values): array
    {
        $mean = array_sum($values) / self::POINTS;
        foreach ($values as $n => $value) {
            $values[$n] = $value - $mean;
        }
        $waves = [];
        foreach ($this->tables as [$cosines, $sines]) {
            $real = $imaginary = 0.0;
            foreach ($values as $n => $value) {
                $real += $value * $cosines[$n];
                $imaginary -= $value * $sines[$n];
            }
            $waves[] = [$real, $imaginary];
        }

        return $waves;
    }
}
