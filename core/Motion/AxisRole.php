<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

/**
 * What an axis does with the camera. A plan says it by the axis's name; whatever carries another name moves, and is not known to do anything.
 */
enum AxisRole: string
{
    /** Carries it sideways. */
    case Slide = 'slide';
    /** Turns it to the right. */
    case Pan = 'pan';
    /** Lifts its line of sight. */
    case Tilt = 'tilt';
    case Other = 'other';

    public static function of(string $axisId): self
    {
        return self::tryFrom($axisId) ?? self::Other;
    }

    /**
     * Those that a rig of one's own kit can be described by.
     *
     * @return list<self>
     */
    public static function known(): array
    {
        $known = [];
        foreach (self::cases() as $role) {
            if ($role !== self::Other) {
                $known[] = $role;
            }
        }

        return $known;
    }

    public function kind(): AxisKind
    {
        return $this === self::Slide ? AxisKind::Linear : AxisKind::Rotary;
    }

    /** No rig of anybody's goes farther, mm or degrees from its middle. */
    public function most(): float
    {
        return match ($this) {
            self::Slide => 100_000.0,
            self::Tilt => 360.0,
            default => 3_600.0,
        };
    }
}
