<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\FastestStep;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Mode;
use Evrent\Core\Values\InvalidInput;

/**
 * The same photos in the same time over a shorter way, or without a stop for each: what mends a move that clip and shooting time leave no room for.
 */
final class ShorterMove
{
    /** Shares of the way to try, the longest first. */
    /** Coarser, where other changes come with it. */
    private const SHORTER = [0.5, 0.2, 0.05, 0.01];
    private const SHARES = [0.95, 0.9, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3, 0.2, 0.1];

    /**
     * @param callable(Plan): bool $passes the same for a shorter way if it does for a longer one
     */
    public static function of(Shot $shot, callable $passes): ?Remedy
    {
        $plan = $shot->plan;
        $moves = array_filter($plan->rig->axes, static fn (Axis $axis): bool => count(self::stands($plan, $axis)) > 1);
        [$longest, $shortest] = [0, count(self::SHARES) - 1];
        if ($moves === [] || !$passes(self::scaled($plan, self::SHARES[$shortest]))) {
            return null;
        }
        while ($longest < $shortest) {
            $middle = intdiv($longest + $shortest, 2);
            [$longest, $shortest] = $passes(self::scaled($plan, self::SHARES[$middle])) ? [$longest, $middle] : [$middle + 1, $shortest];
        }

        return new Remedy(
            'way',
            new Message('checks.shorter_move.shorter', ['shares' => (int) round(self::SHARES[$shortest] * 100.0)]),
            new Message('checks.shorter_move.framing'),
            self::scaled($plan, self::SHARES[$shortest]),
        );
    }

    /** The way on which every photo is on time. */
    public static function onTime(Shot $shot): ?Remedy
    {
        return self::of($shot, static function (Plan $shorter): bool {
            $schedule = Schedule::of($shorter);

            return $schedule->summary->fits() && $schedule->hasRoom();
        });
    }

    /** Without a stop for each photo nothing settles. */
    public static function continuous(Shot $shot): ?Remedy
    {
        $plan = $shot->plan;
        // A rig that creeps on cannot pause for the night.
        if ($plan->timing->mode !== Mode::ShootMoveShoot || $plan->rig->axes === [] || $plan->window !== null) {
            return null;
        }
        try {
            $creeping = $plan->withTiming($plan->timing->withMode(Mode::Continuous));
            $moved = Shot::of($creeping);
        } catch (InvalidInput) {
            return null;
        }
        if (!$moved->schedule->summary->fits() || !$moved->schedule->hasRoom() || (new FasterThanAxis())->find($moved) !== null) {
            return null;
        }
        $smears = $moved->motion()?->smearsOver($plan->thresholds->smearPixels) ?? [];
        $smear = max([0.0, ...array_map(static fn (FastestStep $step): float => $step->much, array_values($smears))]);

        return new Remedy(
            'continuous',
            new Message('checks.shorter_move.continuous'),
            match (true) {
                $moved->motion() === null => new Message('checks.shorter_move.near_smears'),
                $smear > $plan->thresholds->smearPixels => new Message('checks.shorter_move.smears', ['smear' => Quantity::rounded($smear, 1)]),
                default => new Message('checks.shorter_move.too_slow'),
            },
            $creeping,
        );
    }

    /** Where neither is enough by itself: without stops, exposed for less, and over a shorter way where an axis is too slow. */
    public static function together(Shot $shot): ?Remedy
    {
        $plan = $shot->plan;
        if (!$plan->timing->mode->hasClock() || $plan->window !== null) {
            return null;
        }
        try {
            $creeping = $plan->rig->axes === [] ? $plan : $plan->withTiming($plan->timing->withMode(Mode::Continuous));
        } catch (InvalidInput) {
            return null;
        }
        foreach ([$creeping, ...array_map(static fn (float $share): Plan => self::scaled($creeping, $share), self::SHORTER)] as $moved) {
            $over = Shot::of($moved);
            $isEnough = $over->schedule->summary->fits() && $over->schedule->hasRoom();
            $exposed = $isEnough ? null : Mending::shorterExposure($over, $over->schedule->wouldKeepTime(...));
            $mended = $isEnough ? $moved : $exposed?->mended;
            if ($mended !== null && (new FasterThanAxis())->find(Shot::of($mended)) === null) {
                return new Remedy('together', Joined::capital(Joined::of([
                    $exposed->label ?? '',
                    $plan->rig->axes === [] ? '' : new Message('checks.shorter_move.no_stops'),
                    $moved === $creeping ? '' : new Message('checks.shorter_move.shorter_way'),
                ])), Joined::of([$exposed->remark ?? '', new Message('checks.shorter_move.may_smear')]), $mended);
            }
        }

        return null;
    }

    private static function scaled(Plan $plan, float $share): Plan
    {
        return $plan->withPositions(static function (Axis $axis, float $position) use ($plan, $share): float {
            $stands = self::stands($plan, $axis);
            $middle = (min($stands) + max($stands)) / 2.0;

            return round($middle + ($position - $middle) * $share, 4);
        });
    }

    /**
     * @return non-empty-list<float> where an axis stands at the keyframes, each once
     */
    private static function stands(Plan $plan, Axis $axis): array
    {
        $stands = array_values(
            array_unique(array_map(static fn (Keyframe $keyframe): float => $keyframe->positions[$axis->id], $plan->move->keyframes)),
        );

        return $stands === [] ? [0.0] : $stands;
    }
}
