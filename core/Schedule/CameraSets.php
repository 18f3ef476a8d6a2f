<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Light\Control;
use Evrent\Core\Light\Marks;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Timing\TimedBy;

/**
 * After which photos the camera is set anew, and how long that takes: where the next one's shutter time is nearest to another mark, or its ISO is
 * another.
 */
final readonly class CameraSets
{
    /** @var array<int, true> photos, from 0, from which on the ISO is another */
    private array $isoFrom;

    private bool $setsShutter;

    public function __construct(private Plan $plan)
    {
        $light = $plan->light;
        $this->setsShutter = $plan->camera->exposureTimedBy !== TimedBy::Controller && ($light->control ?? Control::Manual) !== Control::AperturePriority;
        $this->isoFrom = array_fill_keys(array_map(static fn (array $change): int => $change['frame'] - 1, $light->isoChanges ?? []), true);
    }

    /** Whether nothing is ever set on the way, or nobody knows how long that takes. */
    public function isNone(): bool
    {
        return $this->plan->camera->setSeconds <= 0.0 || $this->plan->trigger->isCamera();
    }

    /**
     * @param int   $n               photo, from 0
     * @param float $exposureSeconds its own
     * @param float $next            the next one's
     *
     * @return float seconds that setting takes after it; 0 where nothing changes
     */
    public function secondsAfter(int $n, float $exposureSeconds, float $next): float
    {
        $literal = $this->plan->camera->marksAreLiteral;
        $isSet = isset($this->isoFrom[$n + 1]) || $this->setsShutter && $exposureSeconds !== $next
            && Marks::shutterNearest($exposureSeconds, $literal) !== Marks::shutterNearest($next, $literal);

        return $isSet ? $this->plan->camera->setSeconds : 0.0;
    }

    /**
     * @param list<float> $exposureSeconds by photo
     *
     * @return list<float> seconds that setting takes after each photo; empty where that is none
     */
    public static function column(Plan $plan, array $exposureSeconds): array
    {
        $sets = new self($plan);
        if ($sets->isNone()) {
            return [];
        }
        $column = [];
        foreach ($exposureSeconds as $n => $exposure) {
            $column[] = $sets->secondsAfter($n, $exposure, $exposureSeconds[$n + 1] ?? $exposure);
        }

        return $column;
    }
}
