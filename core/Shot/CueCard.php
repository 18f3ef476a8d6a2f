<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Light\Marks;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Timing\TimedBy;

/**
 * A ramp of exposures as somebody turns it at the camera's dial: one click at a time, between two exposures, and not too often.
 */
final readonly class CueCard
{
    /** At most one click in so many photos: more often the brightness is seen to step, and the hand gets cold. */
    private const LEAST_PHOTOS = 5;

    /**
     * @param list<array{photo: int, seconds: float, from: float, to: float, isLonger: bool}> $clicks each after a photo, when its shutter is closed: seconds
     *                                                                                                from the first trigger; marks in seconds
     * @param float $worstStops how far the dial is off the ramp at the most
     */
    private function __construct(public array $clicks, public float $worstStops)
    {
    }

    /** Null where nobody has to turn anything: exposures stay, or the controller times them. */
    public static function of(Schedule $schedule): ?self
    {
        $exposures = $schedule->exposureSeconds;
        $camera = $schedule->plan->camera;
        $isSteady = max([0.0, ...$exposures]) <= min([INF, ...$exposures]) * (1.0 + Marks::SAME_SHARE);
        if ($isSteady || $camera->exposureTimedBy === TimedBy::Controller || !$schedule->plan->timing->mode->hasClock()) {
            return null;
        }
        $literal = $camera->marksAreLiteral;
        $rung = static fn (float $seconds): int => (int) array_search(Marks::shutterNearest($seconds, $literal), Marks::SHUTTER, true);
        $at = $rung($exposures[0]);
        $clicks = [];
        $last = -self::LEAST_PHOTOS;
        $worst = 0.0;
        foreach ($exposures as $n => $exposure) {
            $wanted = $rung($exposure);
            if ($n > 0 && $wanted !== $at && $n - $last >= self::LEAST_PHOTOS) {
                $to = $at + ($wanted <=> $at);
                $clicks[] = [
                    'photo' => $n, 'seconds' => $schedule->timeline->closeSeconds[$n - 1], 'from' => Marks::SHUTTER[$at], 'to' => Marks::SHUTTER[$to],
                    'isLonger' => $to < $at,
                ];
                [$at, $last] = [$to, $n];
            }
            $worst = max($worst, abs(log(Marks::open(Marks::SHUTTER[$at], $literal) / $exposure, 2)));
        }

        return new self($clicks, $worst);
    }
}
