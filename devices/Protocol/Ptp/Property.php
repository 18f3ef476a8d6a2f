<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Ptp;

/**
 * What can be read of a camera, and set (ISO 15740, clause 13).
 */
enum Property: int
{
    case BatteryLevel = 0x5001;
    case WhiteBalance = 0x5005;
    case FNumber = 0x5007;
    case FocusMode = 0x500a;
    case ExposureTime = 0x500d;
    case ExposureIndex = 0x500f;
    case DateTime = 0x5011;
    case CaptureDelay = 0x5012;
    /** Photos that its own timer takes; 0 goes on until it is stopped. */
    case TimelapseNumber = 0x501a;
    /** Milliseconds between them. */
    case TimelapseInterval = 0x501b;

    private const U8 = 0x0002;
    private const U16 = 0x0004;
    private const U32 = 0x0006;
    private const TEXT = 0xffff;

    public function type(): int
    {
        return match ($this) {
            self::BatteryLevel => self::U8,
            self::ExposureTime, self::CaptureDelay, self::TimelapseInterval => self::U32,
            self::DateTime => self::TEXT,
            default => self::U16,
        };
    }

    public function mayBeSet(): bool
    {
        return $this !== self::BatteryLevel;
    }

    /** A value as its type is written. */
    public function write(Dataset $out, int|string $value): void
    {
        match ($this->type()) {
            self::U8 => $out->u8((int) $value),
            self::U16 => $out->u16((int) $value),
            self::U32 => $out->u32((int) $value),
            default => $out->text((string) $value),
        };
    }

    /**
     * @throws BadPacket
     */
    public function read(DatasetReader $in): int|string
    {
        return match ($this->type()) {
            self::U8 => $in->u8(),
            self::U16 => $in->u16(),
            self::U32 => $in->u32(),
            default => $in->text(),
        };
    }
}
