<?php

declare(strict_types=1);

namespace Evrent\Core\Presets;

use Evrent\Core\Editing\Figure;
use Evrent\Core\Editing\HeldFigures;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Timing\Between;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Values\Problems;

/**
 * Where to start for a kind of subject.
 */
final readonly class Recipe
{
    /** Cameras set exposure no finer than this in seconds; longer ones are rounded to two digits. */
    private const SHORTEST_SECONDS = 0.001;

    /**
     * @param float  $intervalSeconds start to start
     * @param float  $openShare       exposure as a share of the interval, 0…1
     * @param float  $clipSeconds     how long the clip should be
     * @param string $reason          why, in a sentence
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(public float $intervalSeconds, public float $openShare, public float $clipSeconds, public string $reason)
    {
        $problems = new Problems();
        $problems->unlessPositive($intervalSeconds, KeyedSeconds::MOST_SECONDS, '/interval_s', 'an interval in seconds');
        if (!is_finite($openShare) || $openShare <= 0.0 || $openShare >= 1.0) {
            $problems->add('/open_share', 'Enter the share of the interval that the shutter is open, above 0 and below 100 %.');
        }
        $problems->unlessPositive($clipSeconds, 3_600, '/clip_s', 'a clip length in seconds');
        if (trim($reason) === '' || mb_strlen($reason) > 500) {
            $problems->add('/reason', 'Enter why, in up to 500 characters.');
        }
        $problems->throwIfAny();
    }

    /** Time on site for its clip, at so many frames a second. */
    public function shootingSeconds(float $framesPerSecond): float
    {
        return ceil($this->clipSeconds * $framesPerSecond) * $this->intervalSeconds;
    }

    /**
     * The plan with this recipe's timing: the rig, the camera and the framing stay.
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function applied(Plan $plan): Plan
    {
        $exposure = max(self::SHORTEST_SECONDS, (float) sprintf('%.2g', $this->intervalSeconds * $this->openShare));
        $gap = $plan->timing->intervalMeans === IntervalMeaning::Gap;
        $interval = $gap ? round($this->intervalSeconds - $exposure, 3) : $this->intervalSeconds;
        $timed = $plan
            ->withExposure(KeyedSeconds::constant($exposure, Between::Stops, 'an exposure'))
            ->withInterval(KeyedSeconds::constant($interval, Between::Linear, 'an interval'));

        return HeldFigures::solve($timed, Figure::Shooting, null, $this->clipSeconds, null)->plan;
    }
}
