<?php

declare(strict_types=1);

namespace Evrent\Core\Sums;

use Evrent\Core\Shot\Shot;

/**
 * All figures of a shot with how they are worked out.
 */
final class Sums
{
    /** The sum behind a finding, by its number. */
    private const OF_FINDINGS = [
        'T1' => 'cycle', 'T2' => 'cycle', 'T3' => 'cycle', 'T6' => 'cycle', 'T7' => 'drift', 'T8' => 'clip', 'T10' => 'photos', 'T12' => 'crossing',
        'T13' => 'blur', 'T14' => 'blur', 'T15' => 'exposure', 'T16' => 'star_drift', 'T23' => 'exposure', 'F1' => 'hyperfocal', 'F3' => 'exposure',
        'P1' => 'battery', 'P3' => 'card', 'R2' => 'load',
    ];

    /**
     * @return array<string, Sum> by key
     */
    public static function of(Shot $shot): array
    {
        return $shot->fact(self::class, static fn (): array => array_column(
            [...TimingSums::of($shot), ...LightSums::of($shot), ...PictureSums::of($shot), ...KitSums::of($shot)],
            null,
            'key',
        ));
    }

    /** Null where the finding is no figure against another. */
    public static function behind(Shot $shot, string $finding): ?Sum
    {
        return self::of($shot)[self::OF_FINDINGS[$finding] ?? ''] ?? null;
    }
}
