<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Mode;
use Evrent\Core\Words\PlainText;

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
            'F4',
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
            static fn (): array => [
                new Remedy('stops', 'Let the rig stop for each photo', '', $shot->plan->withTiming($shot->plan->timing->withMode(Mode::ShootMoveShoot))),
            ],
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
