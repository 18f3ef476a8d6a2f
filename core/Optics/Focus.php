<?php

declare(strict_types=1);

namespace Evrent\Core\Optics;

/**
 * What is sharp through a lens at an aperture: from where to where, for where it is focused.
 *
 * Source: geometrical optics of a thin lens. Circle of confusion c = d / 1,500 of the sensor's diagonal d, or as typed; hyperfocal distance
 * H = f² / (N · c) + f; near limit s · (H − f) / (H + s − 2f), far limit s · (H − f) / (H − s), without end from H on; distances from the lens.
 */
final readonly class Focus
{
    /** The circle that still looks like a point, as a share of the diagonal: the eye at a picture's own distance. */
    private const DIAGONALS = 1_500.0;
    /** Ten circles are a hundred-and-fiftieth of the diagonal: softness that is seen as such. */
    private const SOFT_CIRCLES = 10.0;
    private const MILLIMETRES_PER_METRE = 1_000.0;

    public float $circleMillimetres;
    public float $hyperfocalMetres;

    public function __construct(public Optics $optics, public float $aperture)
    {
        $this->circleMillimetres = $optics->circleMillimetres ?? hypot($optics->sensorWidthMillimetres, $optics->sensorHeightMillimetres) / self::DIAGONALS;
        $focal = $optics->focalMillimetres;
        $this->hyperfocalMetres = ($focal ** 2 / ($aperture * $this->circleMillimetres) + $focal) / self::MILLIMETRES_PER_METRE;
    }

    /** Nearest that is sharp when it is focused so far away, metres. */
    public function nearMetres(float $focusMetres): float
    {
        $focal = $this->focalMetres();

        return $focusMetres * ($this->hyperfocalMetres - $focal) / ($this->hyperfocalMetres + $focusMetres - 2.0 * $focal);
    }

    /** Farthest that is, metres; INF for all there is. */
    public function farMetres(float $focusMetres): float
    {
        return $focusMetres >= $this->hyperfocalMetres - 1e-9
            ? INF
            : $focusMetres * ($this->hyperfocalMetres - $this->focalMetres()) / ($this->hyperfocalMetres - $focusMetres);
    }

    /**
     * Where to focus so that things from so near on are sharp, and as much behind them as can be.
     *
     * @return ?float metres, at most the hyperfocal distance; null where that is nearer than such a lens makes sharp
     */
    public function metresFor(float $nearMetres): ?float
    {
        $focal = $this->focalMetres();
        $room = $this->hyperfocalMetres - $focal - $nearMetres;
        if ($nearMetres <= $focal) {
            return null;
        }

        return $room <= 0.0 ? $this->hyperfocalMetres : min($this->hyperfocalMetres, $nearMetres * ($this->hyperfocalMetres - 2.0 * $focal) / $room);
    }

    /**
     * How wide a point that far away is drawn, in circles of confusion: up to 1 it looks sharp. On the sensor it is A · m · |d - s| / d, with
     * A the opening f/N and m the magnification at the distance focused on.
     */
    public function circlesAt(float $metres, float $focusMetres): float
    {
        $opening = $this->optics->focalMillimetres / $this->aperture;

        return $opening * $this->magnification($focusMetres) * abs($metres - $focusMetres) / $metres / $this->circleMillimetres;
    }

    /** Whether it is so far out that nobody takes it for a mistake. */
    public function isSoft(float $metres, float $focusMetres): bool
    {
        return $this->circlesAt($metres, $focusMetres) >= self::SOFT_CIRCLES;
    }

    /** How large a thing comes out on the sensor, as a share of itself. */
    public function magnification(float $focusMetres): float
    {
        $focal = $this->focalMetres();

        return $focusMetres > $focal ? $focal / ($focusMetres - $focal) : INF;
    }

    /** What the aperture lets in so close, as an f-number: N · (1 + m). */
    public function effectiveAperture(float $focusMetres): float
    {
        return $this->aperture * (1.0 + $this->magnification($focusMetres));
    }

    private function focalMetres(): float
    {
        return $this->optics->focalMillimetres / self::MILLIMETRES_PER_METRE;
    }
}
