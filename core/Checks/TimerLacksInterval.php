<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\IntervalMeaning;

/**
 * T25: whatever fires the shutter cannot be set to the interval planned: a phone or a pocket camera with a list of its own, a plain timer of
 * whole seconds.
 */
final class TimerLacksInterval implements Check
{
    private const SAME_SECONDS = 1e-6;

    public function find(Shot $shot): ?Finding
    {
        $plan = $shot->plan;
        $trigger = $plan->trigger;
        if (!$plan->timing->mode->hasClock() || $trigger->intervals === [] && $trigger->intervalStepSeconds === null) {
            return null;
        }
        $intervals = $trigger->isCamera() && $trigger->cameraIntervalSeconds !== null
            ? [$trigger->cameraIntervalSeconds]
            : $shot->schedule->intervalSeconds;
        $lacking = array_filter($intervals, static fn (float $seconds): bool => !self::has($shot, $seconds));
        if ($lacking === []) {
            return null;
        }
        $first = array_key_first($lacking);
        $asked = $intervals[$first];
        [$shorter, $longer] = $trigger->settingsAround($asked);
        $near = array_filter([$shorter, $longer], static fn (?float $one): bool => $one !== null);
        $off = min([INF, ...array_map(static fn (float $one): float => round(abs($one - $asked), 6), array_values($near))]);

        return (new Finding(
            FindingId::TimerLacksInterval,
            // Beside a rig that keeps to the plan, each photo strays further; alone, the clip is a little longer or shorter.
            $trigger->isCamera() ? new Message('checks.timer_lacks_interval.camera') : new Message('checks.timer_lacks_interval.timer'),
            new Message('checks.timer_lacks_interval.off', ['off' => Quantity::seconds($off)]),
            new Message('checks.timer_lacks_interval.sentence', [
                'asked' => Quantity::seconds($asked),
                'x' => Joined::of(array_map(Quantity::seconds(...), array_values($near)), Joined::OR),
                'photos' => Quantity::photos($shot->schedule->photosTotal()),
                'off' => Quantity::duration($off * $shot->schedule->photosTotal()),
            ]),
            $first + 1,
            count($lacking),
            static function () use ($shot, $asked, $longer, $shorter): array {
                $remedies = [self::set($shot, 'interval-longer', $longer), self::set($shot, 'interval-shorter', $shorter)];
                // The nearer first.
                $isLongerNearer = ($longer ?? INF) - $asked <= $asked - ($shorter ?? -INF) + self::SAME_SECONDS;

                return array_values(array_filter($isLongerNearer ? $remedies : array_reverse($remedies)));
            },
        ))->withSeverity($trigger->isCamera() && $plan->rig->axes !== [] ? Severity::Error : Severity::Warning);
    }

    private static function has(Shot $shot, float $seconds): bool
    {
        [$shorter, $longer] = $shot->plan->trigger->settingsAround($seconds);

        return $shorter !== null && $longer !== null && $longer - $shorter < self::SAME_SECONDS;
    }

    /** One interval for all photos, which a plain timer has at most. */
    private static function set(Shot $shot, string $key, ?float $seconds): ?Remedy
    {
        $plan = $shot->plan;
        if ($seconds === null || $plan->timing->intervalMeans === IntervalMeaning::Gap) {
            return null;
        }
        $mended = $plan
            ->withInterval($plan->timing->interval->steady()->map(static fn (): float => $seconds))
            ->withTrigger($plan->trigger->with(['cameraIntervalSeconds' => null]));

        return $shot->schedule->wouldKeepTime($mended)
            ? new Remedy($key, new Message('fixes.interval_s', ['seconds' => Quantity::number($seconds)]), '', $mended)
            : null;
    }
}
