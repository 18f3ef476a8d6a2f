<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;

/**
 * The local horizon: how high ridges, woods and houses stand around the camera. Between two measured bearings up to 90° apart it runs
 * straight; what lies between two that are further apart was not measured, and counts as open: height 0.
 */
final readonly class Horizon
{
    public const MOST_POINTS = 120;
    private const WIDEST_DEGREES = 90.0;
    private const LOWEST_DEGREES = -5.0;
    private const HIGHEST_DEGREES = 89.0;

    /** Half the disk of the sun, and of the moon near enough for a ridge. */
    public const SEMIDIAMETER = 16.0 / 60.0;

    /** What the air lifts at a flat horizon, by which sunrise has always been defined. */
    private const FLAT_LIFT = 34.0 / 60.0;

    private const POINTS = [
        'n' => 0.0, 'nne' => 22.5, 'ne' => 45.0, 'ene' => 67.5, 'e' => 90.0, 'ese' => 112.5, 'se' => 135.0, 'sse' => 157.5,
        's' => 180.0, 'ssw' => 202.5, 'sw' => 225.0, 'wsw' => 247.5, 'w' => 270.0, 'wnw' => 292.5, 'nw' => 315.0, 'nnw' => 337.5,
    ];

    /**
     * @param array<string, float> $heights degrees, by bearing in degrees from true north, rising
     */
    private function __construct(private array $heights)
    {
    }

    public static function flat(): self
    {
        return new self([]);
    }

    /**
     * @param string $text      bearings with heights, in degrees: "80 5, 110 12, SW 3"
     * @param float  $variation of the compass that the bearings were read from, degrees, east above zero; 0 for true bearings
     *
     * @throws InvalidInput with the pointer /horizon
     */
    public static function read(string $text, float $variation = 0.0): self
    {
        $heights = [];
        $entries = preg_split('/[;\n\r]+|,\s+|\s[^\s,]+\K,(?=\d+(?:\.\d+)?\s+[-\d])/u', trim($text), -1, PREG_SPLIT_NO_EMPTY);
        foreach (array_filter(array_map(trim(...), $entries === false ? [] : $entries), static fn (string $entry): bool => $entry !== '') as $entry) {
            [$bearing, $height] = self::entry($entry);
            $key = PlainText::number(round(Angles::turn($bearing + $variation), 2));
            if (isset($heights[$key])) {
                throw self::refused(new Message('sky.horizon.twice', ['bearing' => Quantity::number($bearing)]));
            }
            $heights[$key] = $height;
        }
        if (count($heights) > self::MOST_POINTS) {
            throw self::refused(new Message('sky.horizon.most', ['most_points' => self::MOST_POINTS]));
        }
        if (count($heights) === 1) {
            throw self::refused(new Message('sky.horizon.two'));
        }
        uksort($heights, static fn (int|string $a, int|string $b): int => (float) $a <=> (float) $b);

        return new self($heights);
    }

    /** As it is read again: "80 5, 110 12". */
    public function text(): string
    {
        $entries = [];
        foreach ($this->heights as $bearing => $height) {
            $entries[] = "{$bearing} " . PlainText::number($height);
        }

        return implode(', ', $entries);
    }

    public function isFlat(): bool
    {
        return $this->heights === [];
    }

    /** Degrees above level in a direction. */
    public function height(float $azimuth): float
    {
        if ($this->heights === []) {
            return 0.0;
        }
        $azimuth = Angles::turn($azimuth);
        $bearings = array_map(floatval(...), array_keys($this->heights));
        $heights = array_values($this->heights);
        $last = count($bearings) - 1;
        $next = 0;
        while ($next <= $last && $bearings[$next] < $azimuth) {
            $next++;
        }
        if ($next <= $last && $bearings[$next] === $azimuth) {
            return $heights[$next];
        }
        [$before, $after] = [$next === 0 ? $last : $next - 1, $next > $last ? 0 : $next];
        $width = Angles::turn($bearings[$after] - $bearings[$before]);
        if ($width > self::WIDEST_DEGREES) {
            return 0.0;
        }

        return $heights[$before] + ($heights[$after] - $heights[$before]) * Angles::turn($azimuth - $bearings[$before]) / $width;
    }

    /**
     * What was not measured: stretches wider than 90°, from one bearing clockwise to the next.
     *
     * @return list<array{float, float}> degrees
     */
    public function gaps(): array
    {
        $bearings = array_map(floatval(...), array_keys($this->heights));
        $gaps = [];
        foreach ($bearings as $i => $bearing) {
            $next = $bearings[($i + 1) % count($bearings)];
            if (Angles::turn($next - $bearing) > self::WIDEST_DEGREES) {
                $gaps[] = [$bearing, $next];
            }
        }

        return $gaps;
    }

    /** "Open, as not measured, from 150° round to 80°"; empty where all of it was. */
    public function gapsText(): Message|string
    {
        $gaps = array_map(
            static fn (array $gap): Message => new Message(
                'sky.horizon.gap',
                ['gap' => Quantity::number($gap[0]), 'gap2' => Quantity::number($gap[1])],
            ),
            $this->gaps(),
        );

        return $gaps === [] ? '' : new Message('sky.horizon.open', ['x' => Joined::of($gaps, Joined::COMMA)]);
    }

    /** How far the upper limb of a body stands above the horizon there, air included, degrees: above zero it shows. */
    public function limbAbove(Horizontal $place, float $semidiameter = self::SEMIDIAMETER): float
    {
        $height = $this->height($place->azimuth);

        return $place->altitude + $semidiameter + self::lift($height) - $height;
    }

    /** How far a point of the sky stands above the horizon, airless as heights of targets are, degrees. */
    public function above(Horizontal $place): float
    {
        return $place->altitude - $this->height($place->azimuth);
    }

    /** Share of the disk of sun or moon that shows over the horizon, 0…1, by height. Level with a flat horizon nothing is hidden by land. */
    public function shows(Horizontal $place): float
    {
        return $this->heights === [] ? 1.0 : max(0.0, min(1.0, $this->limbAbove($place) / (2.0 * self::SEMIDIAMETER)));
    }

    /**
     * What the air lifts at an apparent height. Bennett's formula in Meeus, Astronomical Algorithms, 16.3, held to the 34 minutes of arc at
     * height 0 by which sunrise is defined.
     */
    private static function lift(float $apparentDegrees): float
    {
        $bennett = static fn (float $degrees): float => 1.0 / tan(deg2rad($degrees + 7.31 / ($degrees + 4.4)));
        $degrees = max(-1.0, $apparentDegrees);

        return self::FLAT_LIFT * $bennett($degrees) / $bennett(0.0);
    }

    /**
     * @return array{float, float} bearing and height, degrees
     *
     * @throws InvalidInput
     */
    private static function entry(string $entry): array
    {
        $parts = preg_split('/\s*[°:]\s+|\s+/u', trim($entry), -1, PREG_SPLIT_NO_EMPTY);
        [$first, $second] = [$parts[0] ?? '', $parts[1] ?? ''];
        $bearing = self::POINTS[strtolower($first)] ?? TypedText::degrees($first);
        $height = TypedText::degrees($second);
        $isReadable = $parts !== false && count($parts) === 2 && $bearing !== null && $height !== null;
        if (!$isReadable || $bearing < 0.0 || $bearing > 360.0) {
            $entry = mb_strimwidth($entry, 0, 40, '…');
            throw self::refused(new Message('sky.horizon.entry', ['entry' => $entry]));
        }
        if ($height < self::LOWEST_DEGREES || $height > self::HIGHEST_DEGREES) {
            throw self::refused(new Message('sky.horizon.height', [
                'lowest_degrees' => Quantity::number(self::LOWEST_DEGREES),
                'highest_degrees' => Quantity::number(self::HIGHEST_DEGREES),
                'bearing' => Quantity::number($bearing),
            ]));
        }

        return [$bearing, $height];
    }

    private static function refused(Text|string $message): InvalidInput
    {
        return new InvalidInput([new Problem('/horizon', $message)]);
    }
}
