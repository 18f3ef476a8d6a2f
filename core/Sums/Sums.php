<?php

declare(strict_types=1);

namespace Evrent\Core\Sums;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Shot\Shot;

/**
 * All figures of a shot with how they are worked out.
 */
final class Sums
{
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
    public static function behind(Shot $shot, FindingId $finding): ?Sum
    {
        return self::of($shot)[self::keyBehind($finding)] ?? null;
    }

    private static function keyBehind(FindingId $finding): string
    {
        return match ($finding) {
            FindingId::IntervalTooShortForRig, FindingId::IntervalTooShortForCamera, FindingId::NoiseReductionDoubles,
            FindingId::ControllerStretchesInterval => 'cycle',
            FindingId::CameraTimerDrifts => 'drift',
            FindingId::ClipTooShort => 'clip',
            FindingId::CountLimitBelowPhotos => 'photos',
            FindingId::TooFastOnScreen => 'crossing',
            FindingId::BlurShareTooSmall, FindingId::ExposureDraggedForNothing => 'blur',
            FindingId::DaylightOverexposes, FindingId::LightRunsOut, FindingId::ApertureAtItsEnd => 'exposure',
            FindingId::StarsTrail => 'star_drift',
            FindingId::NearestOutOfFocus => 'hyperfocal',
            FindingId::CameraBatteryDies => 'battery',
            FindingId::CardFull => 'card',
            FindingId::LoadTooHeavy => 'load',
            default => '',
        };
    }
}
