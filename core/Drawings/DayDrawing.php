<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

use Evrent\Core\Day\DayLine;

/**
 * A day line as shapes to scale: a unit across for each minute, a degree or a fifth of an exposure value down for each unit.
 */
final readonly class DayDrawing
{
    /** From the zenith down to a bit below the horizon. */
    public const TOP_DEGREES = 90.0;
    public const BOTTOM_DEGREES = -12.0;

    public const TOP_VALUE = 16.0;
    public const BOTTOM_VALUE = -13.0;

    /** From the bottom of the tide of light to its highest. */
    public const TIDE_UNITS = 100.0;

    private const UNITS_PER_VALUE = self::TIDE_UNITS / (self::TOP_VALUE - self::BOTTOM_VALUE);
    private const SECONDS_PER_UNIT = 60.0;

    public function __construct(private DayLine $line)
    {
    }

    public function width(): float
    {
        return $this->line->spanSeconds / self::SECONDS_PER_UNIT;
    }

    /** How far along the day something is, 0…100. */
    public function percent(float $seconds): float
    {
        return round(100.0 * $seconds / $this->line->spanSeconds, 4);
    }

    /**
     * @return array<string, string> SVG paths of each target's height, by its name
     */
    public function heights(): array
    {
        return array_map(
            fn (array $altitudes): string => $this->path(
                $altitudes,
                static fn (float $degrees): ?float => $degrees < self::BOTTOM_DEGREES ? null
                    : self::TIDE_UNITS * (self::TOP_DEGREES - $degrees) / (self::TOP_DEGREES - self::BOTTOM_DEGREES),
            ),
            $this->line->altitudes,
        );
    }

    /** SVG path of the light of the land, filled: it rises and falls like water through the day. */
    public function tide(): string
    {
        return $this->valuesOf($this->line->values) . sprintf('V%.0fH0Z', self::TIDE_UNITS);
    }

    /** How many units down a round exposure value stands. */
    public function down(float $value): float
    {
        return round((self::TOP_VALUE - $value) * self::UNITS_PER_VALUE, 1);
    }

    /** SVG path of the exposure value of the sky. */
    public function skyValues(): string
    {
        return $this->valuesOf($this->line->skyValues);
    }

    /**
     * @param list<float> $values
     */
    private function valuesOf(array $values): string
    {
        return $this->path(
            $values,
            static fn (float $value): float => (self::TOP_VALUE - max(self::BOTTOM_VALUE, min(self::TOP_VALUE, $value))) * self::UNITS_PER_VALUE,
        );
    }

    /**
     * @return list<array{float, string}> percent along and what the clock shows, at every third hour of its own
     */
    public function clock(): array
    {
        $ticks = [];
        $last = '';
        // By the hour, and by the quarter where a zone's clock jumps by less: what shows is what the clock shows, changed or not.
        for ($seconds = 0.0; $seconds <= $this->line->spanSeconds; $seconds += 900.0) {
            $clock = $this->line->site->day->clock($this->line->instantOf($seconds));
            [$hour, $minute] = array_map(intval(...), explode(':', $clock));
            if ($minute === 0 && $hour % 3 === 0 && $clock !== $last) {
                $ticks[] = [$this->percent($seconds), $clock];
                $last = $clock;
            }
        }

        return $ticks;
    }

    /**
     * What lies below the drawing is left out.
     *
     * @param list<float>             $values
     * @param callable(float): ?float $down   null for what is not drawn
     */
    private function path(array $values, callable $down): string
    {
        $path = '';
        $pen = 'M';
        foreach ($values as $i => $value) {
            $y = $down($value);
            $path .= $y === null ? '' : sprintf('%s%.0f %.1f', $pen, $this->line->seconds[$i] / self::SECONDS_PER_UNIT, $y);
            $pen = $y === null ? 'M' : 'L';
        }

        return $path;
    }
}
