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
    /** A simulated camera's own: seconds until it falls asleep, 0 for never; seconds for which a photo is shown afterwards. */
    case SleepAfter = 0xd101;
    case ReviewTime = 0xd102;
    /** A simulated camera's own: how many times as fast as ours its world runs, and by how many seconds it is ahead of ours. */
    case WorldSpeed = 0xd103;
    case WorldAhead = 0xd104;

    /** Hundredths of an f-number. */
    private const PER_F = 100;
    private const AUTOMATIC_ISO = 0xffff;
    private const FOCUS_MODES = [1 => 'manual', 2 => 'automatic', 3 => 'automatic, near'];
    private const WHITE_BALANCES = [
        1 => 'manual', 2 => 'automatic', 3 => 'automatic, once', 4 => 'daylight', 5 => 'fluorescent', 6 => 'tungsten', 7 => 'flash',
    ];
    private const RANGE = 1;
    private const LIST = 2;
    private const MOST_STEPS = 10_000;
    private const U8 = 0x0002;
    private const U16 = 0x0004;
    private const U32 = 0x0006;
    private const TEXT = 0xffff;

    public function type(): int
    {
        return match ($this) {
            self::BatteryLevel => self::U8,
            self::ExposureTime, self::CaptureDelay, self::TimelapseInterval, self::WorldAhead => self::U32,
            self::DateTime => self::TEXT,
            default => self::U16,
        };
    }

    public function mayBeSet(): bool
    {
        return $this !== self::BatteryLevel && $this !== self::WorldAhead;
    }

    /** What a value means, as people read it: "manual", "0.5 s", "400". */
    public function words(int|string $value): string
    {
        return match (true) {
            $this === self::FocusMode => self::FOCUS_MODES[$value] ?? "mode {$value}",
            $this === self::WhiteBalance => self::WHITE_BALANCES[$value] ?? "mode {$value}",
            $this === self::ExposureTime && is_int($value) => ExposureUnits::words($value),
            $this === self::FNumber && is_int($value) => 'f/' . $value / self::PER_F,
            $this === self::ExposureIndex && $value === self::AUTOMATIC_ISO => 'automatic',
            default => (string) $value,
        };
    }

    /**
     * What it can be set to, from its description (ISO 15740, clause 13.3.3): a list, or a range whose steps are as many as a list may have.
     *
     * @return list<int|string> empty where nobody may set it, or it tells neither
     *
     * @throws BadPacket
     */
    public function offered(DatasetReader $in): array
    {
        $in->u16();
        $in->u16();
        $mayBeSet = $in->u8() === 1;
        $this->read($in);
        $this->read($in);
        $form = $mayBeSet && !$in->isAtEnd() ? $in->u8() : 0;
        if ($form === self::LIST) {
            $offered = [];
            for ($left = $in->u16(); $left > 0; $left--) {
                $offered[] = $this->read($in);
            }

            return $offered;
        }
        if ($form !== self::RANGE) {
            return [];
        }
        [$least, $most, $step] = [(int) $this->read($in), (int) $this->read($in), max(1, (int) $this->read($in))];

        return $least <= $most && ($most - $least) / $step < self::MOST_STEPS ? range($least, $most, $step) : [];
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
