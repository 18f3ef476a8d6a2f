<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Schedule\Schedule;

/**
 * How much light each photo let in, as its camera was set: shutter, aperture and ISO together.
 */
final class ExposureStops
{
    private const LEAST_SECONDS = 1e-6;
    private const DIGITS = 4;

    /**
     * @param array<int, string> $files by number
     *
     * @return array<int, float> stops, log2(t · ISO / N²), by number; without those of which it is not known
     */
    public static function of(CardPhotos $photos, array $files): array
    {
        $numbers = array_flip($files);
        $stops = [];
        foreach ($photos->photos as $photo) {
            $number = $numbers[$photo->file] ?? null;
            if ($number !== null && $photo->exposureSeconds !== null && $photo->exposureSeconds > 0.0) {
                $stops[$number] = round(log($photo->exposureSeconds * ($photo->iso ?? 1.0) / ($photo->aperture ?? 1.0) ** 2, 2), self::DIGITS);
            }
        }
        ksort($stops);

        return $stops;
    }

    /**
     * As the plan sets its photos: what their files would say.
     *
     * @return array<int, float> stops, log2(t · ISO), by number
     */
    public static function planned(Schedule $schedule): array
    {
        $stops = [];
        $isos = $schedule->plan->light?->isoColumn($schedule->photosTotal()) ?? [];
        foreach ($schedule->exposureSeconds as $n => $seconds) {
            $stops[$n + 1] = log(max(self::LEAST_SECONDS, $seconds) * ($isos[$n] ?? 1.0), 2);
        }

        return $stops;
    }
}
