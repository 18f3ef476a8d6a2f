<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\EverydayNoise;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Schedule\Timeline;
use Evrent\Core\Shot\Shot;

/**
 * T22: the move asks more of an axis than it can give. Stopping for each photo: the step alone, with no exposure at
 * all, takes longer than the interval. Moving continuously: the speed from trigger to trigger is above the axis's own.
 */
final class FasterThanAxis implements Check
{
    public function find(Shot $shot): ?Finding
    {
        [$axis, $worst, $ratio, $over, $late] = self::overloaded($shot, $shot->schedule->timeline, $shot->schedule->intervalSeconds);
        if ($axis === null) {
            return null;
        }
        $stops = $shot->plan->timing->mode->stops();
        $step = abs($shot->schedule->moves->positions[$axis->id][$worst + 1] - $shot->schedule->moves->positions[$axis->id][$worst]);

        return (new Finding(
            FindingId::FasterThanAxis,
            // Behind by less than anybody notices at the end, it is a check.
            new Message('checks.faster_than_axis.title', ['axis' => $axis->label()]),
            new Message('checks.faster_than_axis.shortfall', ['ratio' => Quantity::rounded($ratio, $ratio < 1.05 ? 4 : 1)]),
            $stops
                ? new Message('checks.faster_than_axis.step', [
                    'axisText' => $shot->units->axisText($axis->kind, $step),
                    'worst' => $worst + 1,
                    'axis' => $axis->label(),
                    'axisMoveSeconds' => Quantity::seconds($shot->schedule->moves->axisMoveSeconds[$axis->id][$worst]),
                    'intervalSeconds' => Quantity::seconds($shot->schedule->intervalSeconds[$worst]),
                ])
                : new Message('checks.faster_than_axis.speed', [
                    'worst' => $worst + 1,
                    'axis' => $axis->label(),
                    'speedText' => $shot->units->speedText($axis->kind, $ratio * $axis->fastest()),
                    'speedText2' => $shot->units->speedText($axis->kind, $axis->fastest()),
                ]),
            $over[0] + 1,
            count($over),
            static fn (): array => array_values(array_filter([self::longerInterval($shot), self::shorter($shot)])),
        ))->withSeverity($late > EverydayNoise::NOTICEABLE_SECONDS ? Severity::Error : Severity::Warning);
    }

    private static function shorter(Shot $shot): ?Remedy
    {
        return ShorterMove::of(
            $shot,
            static fn (Plan $plan): bool => (new self())->find(Shot::of($plan)) === null && Schedule::of($plan)->summary->fits(),
        );
    }

    private static function longerInterval(Shot $shot): ?Remedy
    {
        return Mending::longerInterval($shot, static function (Plan $plan) use ($shot): bool {
            [$intervals, $timeline] = $shot->schedule->retimed($plan);

            return $shot->schedule->wouldKeepTime($plan) && self::overloaded($shot, $timeline, $intervals)[0] === null;
        });
    }

    /**
     * @param list<float> $intervals
     *
     * @return array{?Axis, int, float, list<int>, float} the worst axis, the photo (from 0) of its worst step, how many times too fast that
     *                                                    is, all photos whose step is too fast for any axis, and how many seconds an
     *                                                    axis is behind at the end for that
     */
    private static function overloaded(Shot $shot, Timeline $timeline, array $intervals): array
    {
        $stops = $shot->plan->timing->mode->stops();
        $worstAxis = null;
        $worst = 0;
        $worstRatio = 1.0 + 1e-9;
        $over = [];
        $late = 0.0;
        foreach ($shot->plan->rig->axes as $axis) {
            $behind = 0.0;
            $positions = $shot->schedule->moves->positions[$axis->id];
            $moveSeconds = $shot->schedule->moves->axisMoveSeconds[$axis->id];
            for ($n = 0; $n < count($positions) - 1; $n++) {
                $ratio = $stops
                    ? $moveSeconds[$n] / $intervals[$n]
                    : abs($positions[$n + 1] - $positions[$n]) / (
                        ($timeline->triggerSeconds[$n + 1] - $timeline->triggerSeconds[$n]) * $axis->fastest()
                    );
                if ($ratio <= 1.0 + 1e-9) {
                    continue;
                }
                $over[$n] = true;
                $behind += ($ratio - 1.0) * ($stops ? $intervals[$n] : $timeline->triggerSeconds[$n + 1] - $timeline->triggerSeconds[$n]);
                if ($ratio > $worstRatio) {
                    [$worstAxis, $worst, $worstRatio] = [$axis, $n, $ratio];
                }
            }
            $late = max($late, $behind);
        }
        ksort($over);

        return [$worstAxis, $worst, $worstRatio, array_keys($over), $late];
    }
}
