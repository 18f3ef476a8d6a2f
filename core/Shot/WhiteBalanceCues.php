<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Plan\WhiteBalance;
use Evrent\Core\Schedule\Schedule;

/**
 * White balance turned by the clock, from one number to another: in steps that are too small to be seen from one photo to the next.
 *
 * Equal steps in mired (1,000,000 / K) look equal; ten of them are hardly seen. Numbers are those that cameras have, in hundreds of kelvin.
 */
final class WhiteBalanceCues
{
    private const MIREDS = 1_000_000.0;
    private const STEP_MIREDS = 10.0;
    private const SETTING_KELVIN = 100.0;

    /**
     * @return list<array{photo: int, seconds: float, kelvin: float}> each after a photo, seconds from the first trigger; none where it stays
     */
    public static function of(Schedule $schedule): array
    {
        $settings = $schedule->plan->settings;
        if ($settings->whiteBalance !== WhiteBalance::ByClock || $settings->kelvin === null || $settings->endKelvin === null) {
            return [];
        }
        [$from, $to] = [self::MIREDS / $settings->kelvin, self::MIREDS / $settings->endKelvin];
        $last = $schedule->photosTotal() - 1;
        $steps = (int) min($last, ceil(abs($to - $from) / self::STEP_MIREDS));
        $cues = [];
        $set = $settings->kelvin;
        for ($step = 1; $step <= $steps; $step++) {
            $kelvin = $step === $steps
                ? $settings->endKelvin
                : round(self::MIREDS / ($from + ($to - $from) * $step / $steps) / self::SETTING_KELVIN) * self::SETTING_KELVIN;
            $photo = (int) round($last * $step / ($steps + 1));
            if ($kelvin !== $set && $photo > 0) {
                $cues[] = ['photo' => $photo, 'seconds' => $schedule->timeline->closeSeconds[$photo - 1], 'kelvin' => $kelvin];
                $set = $kelvin;
            }
        }

        return $cues;
    }
}
