<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Timing\Mode;
use Evrent\Core\Words\PlainText;

/**
 * F4: creeping, an axis would have to go slower than it can: it stutters there, or stops.
 */
final class SlowerThanAxis implements Check
{
    private const TOLERANCE = 1e-6;

    public static function about(): About
    {
        return new About(
            [Stage::Time],
            [...About::CYCLE],
            unmended: 'Make the move longer or the shot shorter, or stop for each photo.',
        );
    }

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
            Severity::Look,
            "The {$axis->id} cannot go that slowly",
            PlainText::rounded($least / $slowest, 1) . ' times slower than it can',
            sprintf(
                'After photo %d the %s would have to creep at %s; below %s it stutters. Let it stop for each photo, or take away what eases so gently.',
                $worst + 1,
                $axis->id,
                $shot->units->speedText($axis->kind, $slowest),
                $shot->units->speedText($axis->kind, $least),
            ),
            $slow[0] + 1,
            count($slow),
            static fn (): array => array_values(array_filter([
                new Remedy('stops', 'Let the rig stop for each photo', '', $shot->plan->withTiming($shot->plan->timing->withMode(Mode::ShootMoveShoot))),
                self::evenly($shot, $shot->plan->timing->interval),
                self::atItsSlowest($shot),
            ])),
        );
    }

    /** Without an ease, whose ends are what is slow. */
    private static function evenly(Shot $shot, KeyedSeconds $interval): ?Remedy
    {
        $even = $shot->plan->withMove($shot->plan->move->withEasings(static fn (Easing $easing): Easing => new Easing()))->withInterval($interval);

        return self::slowest($shot->after($even))[0] === null ? new Remedy('even', 'Take the ease off', 'it starts and ends at full speed', $even) : null;
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
            sprintf('Creep at its slowest, one every %s', PlainText::seconds($seconds)),
            'without an ease',
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
