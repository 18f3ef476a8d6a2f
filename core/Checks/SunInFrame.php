<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Optics\SkyFrame;
use Evrent\Core\Schedule\Poses;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\Horizon;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Target;

/**
 * S1: the sun is in the picture, and so in the finder and on the sensor.
 */
final class SunInFrame implements Check
{
    /** Below this its upper limb is gone, the air's lift included. */
    private const DOWN_DEGREES = -0.833;

    private const SAMPLES = 40;

    /** Twice the sky's turn: near the zenith what is interpolated between samples may stray from the straight way. */
    private const MOST_DEGREES_PER_SECOND = 0.0084;

    public function find(Shot $shot): ?Finding
    {
        $found = self::photos($shot);
        if ($found === []) {
            return null;
        }
        return new Finding(
            FindingId::SunInFrame,
            new Message('checks.sun_in_frame.title'),
            Quantity::photos(count($found)),
            new Message('checks.sun_in_frame.sentence', ['found' => $found[0] + 1]),
            $found[0] + 1,
            count($found),
            static fn (): array => array_filter([self::anotherStart($shot)]),
        );
    }

    /** Whether the sun is up in some photo, and nobody has said where the camera looks. */
    public static function isUnjudged(Shot $shot): bool
    {
        return $shot->plan->optics !== null && $shot->plan->facing() === null && self::mayShine($shot)
            && max([-90.0, ...$shot->sky()?->altitudes(Target::Sun) ?? []]) >= self::DOWN_DEGREES;
    }

    /**
     * Photos into whose frame the sun shines: a caution hangs on them too.
     *
     * @return list<int> from 0
     */
    public static function photos(Shot $shot): array
    {
        return $shot->fact(self::class, static fn (): array => self::findPhotos($shot));
    }

    /**
     * @return list<int> from 0
     */
    private static function findPhotos(Shot $shot): array
    {
        $sky = $shot->sky();
        $optics = $shot->plan->optics;
        $bearing = $shot->plan->facing();
        if ($sky === null || $optics === null || $bearing === null || !self::mayShine($shot)) {
            return [];
        }
        $skyline = $shot->plan->site->skyline ?? Horizon::flat();
        $frame = new SkyFrame($optics);
        $azimuths = $sky->azimuths(Target::Sun);
        $altitudes = $sky->altitudes(Target::Sun);
        if (max([-90.0, ...$altitudes]) < self::DOWN_DEGREES) {
            return [];
        }
        $poses = Poses::columns($shot->schedule);
        $mostDegrees = self::mostDegreesAPhoto($shot, $poses);
        $reach = $frame->reachDegrees();
        $found = [];
        for ($n = 0; $n < count($altitudes); $n++) {
            if ($altitudes[$n] < self::DOWN_DEGREES) {
                continue;
            }
            $seen = new Horizontal($azimuths[$n], (new Horizontal($azimuths[$n], $altitudes[$n]))->apparentAltitude());
            $pose = ['yaw' => $poses['yaw'][$n], 'pitch' => $poses['pitch'][$n], 'roll' => $poses['roll'][$n]];
            $off = $frame->degreesOff($seen, $pose, $bearing);
            $isHidden = !$skyline->isFlat() && $skyline->limbAbove(new Horizontal($azimuths[$n], $altitudes[$n])) < 0.0;
            if (!$isHidden && $off <= $reach && $frame->holds($seen, $pose, $bearing)) {
                $found[] = $n;
            }
            // Photos that come before the sun could have got into the picture need not be looked at.
            $n += max(0, (int) floor(($off - $reach) / $mostDegrees) - 1);
        }

        return $found;
    }

    private static function mayShine(Shot $shot): bool
    {
        return $shot->plan->light?->kind->daylightEnters() !== false;
    }

    /**
     * By how much the sun can come nearer to the middle of the picture from one photo to the next.
     *
     * @param array<string, list<float>> $poses
     */
    private static function mostDegreesAPhoto(Shot $shot, array $poses): float
    {
        $most = 1e-6;
        $triggers = $shot->schedule->timeline->triggerSeconds;
        for ($n = 1; $n < count($triggers); $n++) {
            $most = max($most, abs($poses['yaw'][$n] - $poses['yaw'][$n - 1]) + abs($poses['pitch'][$n] - $poses['pitch'][$n - 1])
                + ($triggers[$n] - $triggers[$n - 1]) * self::MOST_DEGREES_PER_SECOND);
        }

        return $most;
    }

    private static function anotherStart(Shot $shot): ?Remedy
    {
        $sky = $shot->sky();
        $optics = $shot->plan->optics;
        $bearing = $shot->plan->facing();
        if ($sky === null || $optics === null || $bearing === null) {
            return null;
        }
        $frame = new SkyFrame($optics);
        $poses = Poses::columns($shot->schedule);
        $last = count($sky->unixSeconds) - 1;
        $skyline = $shot->plan->site->skyline ?? Horizon::flat();
        $clear = static function (float $shift) use ($sky, $skyline, $frame, $bearing, $poses, $last): bool {
            for ($k = 0; $k <= self::SAMPLES; $k++) {
                $n = (int) round($last * $k / self::SAMPLES);
                $place = $sky->sky->of(Target::Sun, new Instant($sky->unixSeconds[$n] + $shift));
                $pose = ['yaw' => $poses['yaw'][$n], 'pitch' => $poses['pitch'][$n], 'roll' => $poses['roll'][$n]];
                $shows = $place->altitude > self::DOWN_DEGREES && ($skyline->isFlat() || $skyline->limbAbove($place) > 0.0);
                if ($shows && $frame->holds(new Horizontal($place->azimuth, $place->apparentAltitude()), $pose, $bearing)) {
                    return false;
                }
            }

            return true;
        };

        return LightMending::restarted(
            $shot,
            $clear,
            static fn (Shot $moved): bool => self::photos($moved) === [],
            new Message('checks.sun_in_frame.light'),
        );
    }
}
