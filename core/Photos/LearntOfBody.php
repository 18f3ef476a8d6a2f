<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Kit\KitItem;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Supplies;
use Evrent\Core\Run\Take\TakeReport;

/**
 * What photos and the log of their take show of the body that took them, by the fields of its kit entry.
 */
final readonly class LearntOfBody
{
    /** Fewer photos, and times that are less exact, say nothing. */
    private const LEAST_PHOTOS = 5;
    private const LEAST_EXACT_SECONDS = 0.05;
    private const LEAST_PER_CENT = 10.0;
    private const QUARTER_HOUR = 900.0;
    private const SECONDS_PER_DAY = 86_400.0;
    private const MOST_PPM = 200.0;
    private const JOULES_PER_WATT_HOUR = 3_600.0;

    /**
     * @param array<string, float> $values
     */
    private function __construct(public array $values)
    {
    }

    /**
     * @param ?float         $offsetSeconds by which its clock was ahead, with the plan's shutter lag
     * @param ?float         $driftPpm      by which it gains
     * @param bool           $isExact       whether its photos show parts of a second
     * @param ?KitItem       $body          whose battery it is; null where nobody said
     * @param ?TakeReport    $report        of the take that they are of; null where nobody said
     * @param list<LogLine>  $lines         of its log
     * @param float          $begunUnixSeconds when that began
     */
    public static function of(
        ?float $offsetSeconds,
        ?float $driftPpm,
        bool $isExact,
        ?KitItem $body = null,
        ?TakeReport $report = null,
        array $lines = [],
        float $begunUnixSeconds = 0.0,
    ): self {
        $learnt = ['clock_ahead_s' => $offsetSeconds, 'clock_drift_ppm' => $driftPpm];
        if ($report !== null) {
            $isHurried = array_filter($lines, static fn (LogLine $line): bool => $line->number('grace_s') !== null) !== [];
            $learnt['set_s'] = self::sets($lines);
            $learnt['write_s'] = $isHurried ? null : self::writes($report);
            $learnt['shutter_lag_s'] = $offsetSeconds === null || !$isExact || $isHurried
                ? null
                : self::lag($report, $lines, $offsetSeconds, $begunUnixSeconds);
            $learnt['photo_j'] = $body === null ? null : self::joules($report, $body);
        }

        return new self(array_filter($learnt, static fn (?float $one): bool => $one !== null));
    }

    /**
     * Whether a value is so far from what bodies are like that it is more likely a slip, such as a wrong date or another take's photos: over a day, or
     * over 200 ppm.
     */
    public static function isAbsurd(string $field, float $value): bool
    {
        return match ($field) {
            'clock_ahead_s' => abs($value) > self::SECONDS_PER_DAY,
            'clock_drift_ppm' => abs($value) > self::MOST_PPM,
            default => false,
        };
    }

    /**
     * How long it takes to be set to the next photo: the middle one of those that were measured, which is at our own speed alone.
     *
     * @param list<LogLine> $lines
     */
    private static function sets(array $lines): ?float
    {
        $took = [];
        foreach ($lines as $line) {
            $seconds = $line->number('took_s');
            // Before the first photo everything is set at once.
            if ($line->kind === LogKind::Set && $seconds !== null && $line->photo !== null && $line->photo > 1) {
                $took[$line->photo] = ($took[$line->photo] ?? 0.0) + $seconds;
            }
        }
        sort($took);

        return count($took) < self::LEAST_PHOTOS ? null : round($took[intdiv(count($took), 2)], 2);
    }

    /** From when it closed until the camera said that the photo was there: the middle one. */
    private static function writes(TakeReport $report): ?float
    {
        $schedule = $report->state->schedule;
        $took = [];
        foreach ($report->cameBy as $photo => $by) {
            $exposure = $schedule->exposureSeconds[$report->state->placeOf($photo) - 1] ?? null;
            if ($exposure !== null) {
                $took[] = $by - $schedule->plan->camera->shutterLagSeconds - $exposure;
            }
        }
        sort($took);
        $middle = $took[intdiv(count($took), 2)] ?? 0.0;

        return count($took) < self::LEAST_PHOTOS || $middle <= 0.0 ? null : round($middle, 2);
    }

    /**
     * Its clock, looked at as the take began, tells when a photo's time was; the trigger's time is in the log. What lies between is the lag.
     *
     * @param list<LogLine> $lines
     */
    private static function lag(TakeReport $report, array $lines, float $offsetSeconds, float $begunUnixSeconds): ?float
    {
        foreach ($lines as $line) {
            $shown = $line->number('camera_clock_s');
            if ($line->kind !== LogKind::Note || $shown === null || ($line->number('camera_clock_within_s') ?? INF) > self::LEAST_EXACT_SECONDS) {
                continue;
            }
            $ahead = $shown - $begunUnixSeconds - ($line->number('camera_clock_at_s') ?? 0.0);
            $beyond = $offsetSeconds - $ahead;
            // A camera tells its wall time and not its zone: zones differ by quarters of an hour.
            $beyond -= self::QUARTER_HOUR * round($beyond / self::QUARTER_HOUR);
            $lag = $report->state->schedule->plan->camera->shutterLagSeconds + $beyond;

            return $lag < 0.0 || $lag > 1.0 ? null : round($lag, 2);
        }

        return null;
    }

    /** What its battery lost for each photo, less what it draws anyway. */
    private static function joules(TakeReport $report, KitItem $body): ?float
    {
        $perPhoto = $report->state->supplies->perPhoto(Supplies::CAMERA_BATTERY, self::LEAST_PER_CENT);
        $wattHours = $body->value('battery_wh');
        if ($perPhoto === null || $wattHours === null) {
            return null;
        }
        $schedule = $report->state->schedule;
        $middle = intdiv($schedule->photosTotal(), 2);
        $joules = $perPhoto / 100.0 * $wattHours * self::JOULES_PER_WATT_HOUR
            - ($body->value('idle_w') ?? 0.0) * $schedule->intervalSeconds[$middle]
            - (($body->value('exposing_w') ?? 0.0) - ($body->value('idle_w') ?? 0.0)) * $schedule->exposureSeconds[$middle];

        return $joules <= 0.0 ? null : round($joules, 1);
    }
}
