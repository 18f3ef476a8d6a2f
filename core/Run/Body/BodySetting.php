<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Body;

use Evrent\Core\Words\PlainText;

/**
 * What of a camera body a take sets.
 */
enum BodySetting: string
{
    case ShutterTime = 'shutter_time';
    case Aperture = 'aperture';
    case Iso = 'iso';
    case WhiteBalance = 'white_balance';

    /** As it is called in sentences, and in the names of alarms. */
    public function words(): string
    {
        return match ($this) {
            self::ShutterTime => 'shutter time',
            self::Aperture => 'aperture',
            self::Iso => 'ISO',
            self::WhiteBalance => 'white balance',
        };
    }

    /** A value as photographers write it. */
    public function text(float $value): string
    {
        return match ($this) {
            self::ShutterTime => $value === INF ? 'bulb' : PlainText::seconds($value),
            self::Aperture => 'f/' . PlainText::number($value),
            self::Iso => PlainText::number($value),
            self::WhiteBalance => PlainText::number($value) . ' K',
        };
    }

    /** Whether it lets in more or less light. */
    public function exposes(): bool
    {
        return $this !== self::WhiteBalance;
    }

    /**
     * How far two values are apart: stops of light, and mireds of white balance.
     */
    public function apart(float $one, float $other): float
    {
        return match (true) {
            $one === $other => 0.0,
            $one <= 0.0 || $other <= 0.0 || !is_finite($one) || !is_finite($other) => INF,
            $this === self::WhiteBalance => abs(1e6 / $one - 1e6 / $other),
            $this === self::Aperture => 2.0 * abs(log($one / $other, 2)),
            default => abs(log($one / $other, 2)),
        };
    }
}
