<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Evrent\Core\Format\PlanReader;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Every limit that the published schema states is the program's: what lies on it is taken, what lies beyond it is refused by name, and the
 * nearest that would be taken is the limit.
 */
final class LimitsTest extends TestCase
{
    /** Above zero means by no less than this. */
    private const LEAST_POSITIVE = 1e-6;

    /** Every part that a plan may have. */
    private const EVERYTHING = [
        '/rig/base' => ['off_level_deg' => 1, 'toward_deg' => 10, 'zero_bearing_deg' => 20],
        '/optics' => Plans::OPTICS + ['focal_mm' => 24],
        '/trigger' => ['by' => 'camera_timer', 'camera_interval_s' => 3, 'camera_photos' => 100],
        '/site' => Plans::SITE,
        '/start' => ['event' => 'sun_sinks_to', 'height_deg' => 5],
        '/end' => ['by' => 'time', 'at' => ['event' => 'moon_sinks_to', 'height_deg' => 5]],
        '/window' => [
            'from' => ['event' => 'sun_rises_to', 'height_deg' => 5], 'until' => ['event' => 'sun_sinks_to', 'height_deg' => 5],
        ],
        '/light' => [
            'aperture' => 4, 'iso_changes' => [['frame' => 2, 'iso' => 200]],
            'metered' => ['exposure_s' => 1, 'aperture' => 4, 'iso' => 100, 'at' => '2027-03-23T18:10:00Z'],
            'isos' => [100], 'bias' => [['ev' => 30, 'stops' => 1]], 'filters' => [3],
        ],
        '/storage' => ['raw_mb' => 30, 'cards_gb' => [64]],
        '/power' => [
            'camera' => ['battery_wh' => 16], 'rig' => ['battery_wh' => 90], 'bank' => ['capacity_wh' => 100, 'feeds' => 'both'],
            'cold' => [['celsius' => 60, 'share' => 1]],
        ],
        '/load' => ['camera_kg' => 1, 'legs_rating_kg' => 1000, 'carriage_rating_kg' => 1000, 'thrust_n' => 100],
        '/kit' => [['kind' => 'cable', 'name' => 'Cable', 'count' => 1]],
    ];

    /** What has to stand elsewhere for a value on the limit to make sense. */
    private const WITH = [
        '/timing/photos maximum' => ['/timing/head_photos' => 0, '/timing/tail_photos' => 0],
        '/timing/interval_s/' => ['/timing/interval_s' => [['at' => 0, 'interval_s' => 5], ['at' => 0.5, 'interval_s' => 5], ['at' => 1, 'interval_s' => 6]]],
        '/timing/exposure_s/' => ['/timing/exposure_s' => [['at' => 0, 'exposure_s' => 1], ['at' => 0.5, 'exposure_s' => 1], ['at' => 1, 'exposure_s' => 2]]],
        '/move/easing/ramp_in maximum' => ['/move/easing/ramp_out' => 0],
        '/move/easing/ramp_out maximum' => ['/move/easing/ramp_in' => 0],
        '/optics/subject_m maximum' => ['/optics/background_m' => 1_000_000],
        '/optics/subject_m exclusiveMinimum' => ['/optics/foreground_m' => 1e-6],
        '/light/narrowest_aperture minimum' => ['/light/aperture' => 0.5, '/light/widest_aperture' => 0.5],
        '/light/longest_s exclusiveMinimum' => ['/light/shortest_s' => 1e-6],
        '/rig/axes/*/min_speed maximum' => ['/rig/axes/0/max_speed' => 1_000_000],
        '/storage/raw_mb minimum' => ['/storage/jpeg_mb' => 10],
    ];

    /** Fields of which another rule forbids the limit: the first key stands at 0, the last at 1, and the travel ends above where it starts. */
    private const NEVER_ON_IT = [
        '/timing/interval_s/*/at minimum', '/timing/interval_s/*/at maximum', '/timing/exposure_s/*/at minimum', '/timing/exposure_s/*/at maximum',
        '/move/keyframes/*/at maximum', '/rig/axes/*/max minimum',
    ];

    /**
     * @return iterable<string, array{string, float|int, float|int, array<string, mixed>}> pointer, the limit, just beyond it, and what else stands in the plan
     */
    public static function limits(): iterable
    {
        foreach (PlanSchema::fields() as $pointer => ['schema' => $schema]) {
            $isWhole = ($schema['type'] ?? '') === 'integer';
            foreach (['minimum' => -1, 'maximum' => 1, 'exclusiveMinimum' => -1] as $name => $side) {
                $limit = $schema[$name] ?? null;
                if ((is_int($limit) || is_float($limit)) && !in_array("{$pointer} {$name}", self::NEVER_ON_IT, true)) {
                    $limit = $name === 'exclusiveMinimum' ? self::LEAST_POSITIVE : $limit;
                    $beyond = $isWhole ? $limit + $side : $limit + $side * max(abs($limit) * 1e-6, 1e-7);
                    yield "{$pointer} {$name}" => [str_replace('*', '0', $pointer), $limit, $beyond, array_merge(self::EVERYTHING, self::with("{$pointer} {$name}"))];
                }
            }
        }
    }

    /**
     * @return array<string, mixed>
     */
    private static function with(string $limit): array
    {
        foreach (self::WITH as $start => $changes) {
            if (str_starts_with($limit, $start)) {
                return $changes;
            }
        }

        return [];
    }

    /**
     * @param array<string, mixed> $with
     */
    #[DataProvider('limits')]
    public function testALimitIsWhereTheSchemaSays(string $pointer, float|int $limit, float|int $beyond, array $with): void
    {
        self::assertNull(self::problemAt($pointer, array_merge($with, [$pointer => $limit])), "{$limit} is taken");
        $problem = self::problemAt($pointer, array_merge($with, [$pointer => $beyond]));
        self::assertNotNull($problem, "{$beyond} is refused");
        self::assertEqualsWithDelta($limit, $problem->nearest, 1e-12);
        self::assertMatchesRegularExpression('/^(values\.(between|above_zero)\(|motion\.move\.one_way$)/', (string) $problem->message);
    }

    public function testEveryPartIsThere(): void
    {
        self::assertNull(self::problemAt('', self::EVERYTHING));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function problemAt(string $pointer, array $changes): ?Problem
    {
        try {
            PlanReader::fromJson(Plans::json($changes));
        } catch (InvalidInput $refused) {
            foreach ($refused->problems as $problem) {
                if ($pointer === '' || $problem->pointer === $pointer) {
                    return $problem;
                }
            }
        }

        return null;
    }
}
