<?php

declare(strict_types=1);

namespace Evrent\Core\Clip;

use Evrent\Core\Words\Labelled;

/**
 * Frames a second as players and editing programs really have them: some are a thousandth slower than their names.
 */
enum FrameRate: string implements Labelled
{
    case R23976 = '23.976';
    case R24 = '24';
    case R25 = '25';
    case R2997 = '29.97';
    case R30 = '30';
    case R50 = '50';
    case R5994 = '59.94';
    case R60 = '60';

    public function label(): string
    {
        return $this->value;
    }

    /** @return array{int, int} frames in so many seconds, exactly */
    public function fraction(): array
    {
        return match ($this) {
            self::R23976 => [24_000, 1_001],
            self::R2997 => [30_000, 1_001],
            self::R5994 => [60_000, 1_001],
            default => [(int) $this->value, 1],
        };
    }

    /** Frames that its timecode counts in a second. */
    public function counted(): int
    {
        return (int) round((float) $this->value);
    }

    public function framesPerSecond(): float
    {
        [$frames, $seconds] = $this->fraction();

        return $frames / $seconds;
    }

    /** The one that is nearest to what a plan asks for. */
    public static function nearest(float $framesPerSecond): self
    {
        $cases = self::cases();
        usort($cases, static fn (self $a, self $b): int => abs($a->framesPerSecond() - $framesPerSecond) <=> abs($b->framesPerSecond() - $framesPerSecond));

        return $cases[0];
    }
}
