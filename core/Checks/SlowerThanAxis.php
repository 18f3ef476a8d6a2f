<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Timing\Mode;

/**
 * F4: creeping, an axis would have to go slower than it can: it stutters there, or stops.
 */
final class SlowerThanAxis implements Check
{
    private const TOLERANCE = 1e-6;

    public function find(Shot $shot): ?Finding
    {
        if ($shot->plan->timing->mode !== Mode::Continuous) {
            return null;
        }
        [$axis, $worst, $slowest, $slow] = self::slowest($shot);
        $least = $axis?->minSpeed;
        if ($axis === null || $least === null) {
            return null;
        }

        return new Finding(
            FindingId::SlowerThanAxis,
            new Message('checks.slower_than_axis.title', ['axis' => $axis->label()]),
            new Message('checks.slower_than_axis.shortfall', ['least' => Quantity::rounded($least / $slowest, 1)]),
            new Message('checks.slower_than_axis.sentence', [
                'worst' => $worst + 1,
                'axis' => $axis->label(),
                'speedText' => $shot->units->speedText($axis->kind, $slowest),
                'speedText2' => $shot->units->speedText($axis->kind, $least),
            ]),
            $slow[0] + 1,
            count($slow),
            static fn (): array => array_values(array_filter([
                new Remedy(
                    'stops',
                    new Message('fixes.stop_for_each'),
                    '',
                    $shot->plan->withTiming($shot->plan->timing->withMode(Mode::ShootMoveShoot)),
                ),
                self::evenly($shot, $shot->plan->timing->interval),
                self::atItsSlowest($shot),
            ])),
        );
    }

    /** Without an ease, whose ends are what is slow. */
    private static function evenly(Shot $shot, KeyedSeconds $interval): ?Remedy
    {
        $even = $shot->plan->withMove($shot->plan->move->withEasings(static fn (Easing $easing): Easing => new Easing()))->withInterval($interval);

        return self::slowest($shot->after($even))[0] === null ? new Remedy(
            'even',
            new Message('checks.slower_than_axis.no_ease'),
            new Message('checks.slower_than_axis.full_speed'),
            $even,
        ) : null;
    }

    /** Evenly, and as often as its slowest speed makes it. */
    private static function atItsSlowest(Shot $shot): ?Remedy
    {
        $even = $shot->after($shot->plan->withMove($shot->plan->move->withEasings(static fn (Easing $easing): Easing => new Easing())));
        [$axis, , $slowest] = self::slowest($even);
        $resolution = $shot->plan->trigger->resolutionSeconds();
        $interval = $shot->plan->timing->interval;
        if ($axis?->minSpeed === null || !$interval->isConstant()) {
            return null;
        }
        $seconds = round(floor($interval->longest() * $slowest / $axis->minSpeed / $resolution + self::TOLERANCE) * $resolution, 6);
        $creeps = $seconds < $resolution ? null : self::evenly($shot, $interval->map(static fn (): float => $seconds));

        return $creeps === null ? null : new Remedy(
            'slowest',
            new Message('checks.slower_than_axis.slowest', ['seconds' => Quantity::seconds($seconds)]),
            new Message('checks.slower_than_axis.without_ease'),
            $creeps->mended,
        );
    }

    /**
     * @return array{?Axis, int, float, list<int>} the axis that is too slow by most, the photo (from 0) after which it is, how fast it goes there in
     *                                             units a second, and all photos after which any axis is too slow
     */
    private static function slowest(Shot $shot): array
    {
        $found = [null, 0, 0.0];
        $worst = 1.0 - self::TOLERANCE;
        $slow = [];
        foreach ($shot->plan->rig->axes as $axis) {
            $least = $axis->minSpeed;
            if ($least === null) {
                continue;
            }
            $positions = $shot->schedule->moves->positions[$axis->id];
            for ($n = 0; $n < count($positions) - 1; $n++) {
                $speed = abs($positions[$n + 1] - $positions[$n]) / $shot->schedule->intervalSeconds[$n];
                // Standing still it is not slow.
                if ($speed <= 0.0 || $speed >= $least * (1.0 - self::TOLERANCE)) {
                    continue;
                }
                $slow[$n] = $n;
                if ($speed / $least < $worst) {
                    $worst = $speed / $least;
                    $found = [$axis, $n, $speed];
                }
            }
        }
        sort($slow);

        return [...$found, $slow];
    }
}
