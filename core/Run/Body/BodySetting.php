<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Body;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;

/**
 * What of a camera body a take sets.
 */
enum BodySetting: string
{
    case ShutterTime = 'shutter_time';
    case Aperture = 'aperture';
    case Iso = 'iso';
    case WhiteBalance = 'white_balance';

    public function label(): Message
    {
        return new Message("run.setting.{$this->value}");
    }

    /** As devices, and the names of alarms, call it. */
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
    public function text(float $value): Text
    {
        return match ($this) {
            self::ShutterTime => $value === INF ? new Message('run.setting.bulb') : Quantity::seconds($value),
            self::Aperture => new Message('units.aperture', ['number' => Quantity::number($value)]),
            self::Iso => Quantity::number($value),
            self::WhiteBalance => Quantity::withUnit($value, 'K', 0),
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
