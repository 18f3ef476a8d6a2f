<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Sky;
use Evrent\Core\Sky\Target;
use Evrent\Core\Sky\Track;

/**
 * Where sun, moon and galactic centre stand at each photo of a shot. Long shots are sampled every so many photos and
 * interpolated linearly: four hundred samples catch every change, to a few thousandths of a degree in a shot of a day.
 */
final class ShotSky
{
    private const MOST_SAMPLES = 400;

    /**
     * @param list<float>                                                     $unixSeconds of each photo's trigger
     * @param list<int>                                                       $sampledPhotos       photos whose sky was worked out, from 0
     * @param array<string, Track>                                            $tracks      of each target, at the samples
     */
    private function __construct(
        public readonly Sky $sky,
        public readonly array $unixSeconds,
        public readonly array $sampledPhotos,
        private readonly array $tracks,
        private readonly Site $site,
    ) {
    }

    /**
     * Null where place or start is not known, or there is no clock.
     *
     * @param ?self $before of a shot that this one came of: a change that leaves place and times alone leaves the sky alone too
     */
    public static function of(Schedule $schedule, ?self $before = null): ?self
    {
        $plan = $schedule->plan;
        $first = $plan->timing->mode->hasClock() ? $plan->firstTrigger() : null;
        if ($first === null || $plan->site === null) {
            return null;
        }
        $unix = array_map(static fn (float $seconds): float => $first->unixSeconds + $seconds, $schedule->timeline->triggerSeconds);
        if ($before !== null && $before->site === $plan->site && $before->unixSeconds === $unix) {
            return $before;
        }
        $last = count($unix) - 1;
        $every = (int) max(1, ceil(($last + 1) / self::MOST_SAMPLES));
        $sampledPhotos = range(0, $last, min($every, max(1, $last)));
        if ($sampledPhotos[count($sampledPhotos) - 1] !== $last) {
            $sampledPhotos[] = $last;
        }
        $sky = new Sky($plan->site->observer);
        $moments = array_map(static fn (int $n): float => $unix[$n], $sampledPhotos);
        $tracks = [];
        foreach (Target::cases() as $target) {
            $tracks[$target->value] = Track::of($sky, $target, $moments);
        }

        return new self($sky, $unix, $sampledPhotos, $tracks, $plan->site);
    }

    /**
     * @param Target $target
     * @param int    $n      photo, from 0
     */
    public function at(Target $target, int $n): Horizontal
    {
        return $this->sky->of($target, new Instant($this->unixSeconds[$n]));
    }

    /**
     * @return list<float> degrees above the horizon, airless, of each photo
     */
    public function altitudes(Target $target): array
    {
        return $this->interpolate($this->track($target)->altitudes);
    }

    /**
     * @return list<float> degrees from true north clockwise, without a jump at north
     */
    public function azimuths(Target $target): array
    {
        return $this->interpolate($this->track($target)->azimuths);
    }

    /** At the samples alone: for what is worked out there and then interpolated. */
    public function track(Target $target): Track
    {
        return $this->tracks[$target->value];
    }

    /**
     * A quantity at the samples, interpolated linearly to every photo.
     *
     * @param list<float> $values at the samples
     *
     * @return list<float>
     */
    public function interpolate(array $values): array
    {
        $last = count($this->sampledPhotos) - 1;
        if (count($this->sampledPhotos) === count($this->unixSeconds)) {
            return $values;
        }
        $column = [];
        for ($k = 0; $k < $last; $k++) {
            $span = $this->sampledPhotos[$k + 1] - $this->sampledPhotos[$k];
            for ($i = 0; $i < $span; $i++) {
                $column[] = $values[$k] + ($values[$k + 1] - $values[$k]) * $i / $span;
            }
        }
        $column[] = $values[$last];

        return $column;
    }
}
