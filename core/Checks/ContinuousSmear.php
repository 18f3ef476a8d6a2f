<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\FastestStep;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Mode;

/**
 * T17: the rig moves on while the shutter is open, and smears a long exposure.
 */
final class ContinuousSmear implements Check
{
    private const MOST_TRIES = 30;

    public function find(Shot $shot): ?Finding
    {
        $motion = $shot->plan->timing->mode === Mode::Continuous ? $shot->motion() : null;
        $smears = $motion?->smearsOver($shot->plan->thresholds->smearPixels) ?? [];
        $worst = self::worst($smears);
        if ($worst?->axis === null) {
            return null;
        }

        return new Finding(
            FindingId::ContinuousSmear,
            new Message('checks.continuous_smear.title'),
            new Message('checks.continuous_smear.shortfall', ['much' => Quantity::rounded($worst->much, 1)]),
            new Message('checks.continuous_smear.sentence', [
                'photo' => $worst->photo,
                'axis' => $worst->axis->id,
                'much' => Quantity::rounded($worst->much, 1),
                'smearPixels' => Quantity::rounded($shot->plan->thresholds->smearPixels, 1),
            ]),
            (int) array_key_first($smears),
            count($smears),
            static fn (): array => array_values(array_filter([
                self::stopping($shot), self::shorter($shot, $worst->much), self::shorterMove($shot),
            ])),
        );
    }

    /**
     * @param array<int, FastestStep> $smears
     */
    private static function worst(array $smears): ?FastestStep
    {
        $worst = null;
        foreach ($smears as $smear) {
            $worst = $worst === null || $smear->much > $worst->much ? $smear : $worst;
        }

        return $worst;
    }

    /** Stopping for each photo takes the smear away, where rig and interval have the time for it. */
    private static function stopping(Shot $shot): ?Remedy
    {
        $stopping = $shot->plan->withTiming($shot->plan->timing->withMode(Mode::ShootMoveShoot));

        $stopped = Schedule::of($stopping);

        return $stopped->summary->fits() && $stopped->hasRoom()
            ? new Remedy('stop', new Message('fixes.stop_for_each'), new Message('checks.continuous_smear.sharp'), $stopping)
            : null;
    }

    private static function shorterMove(Shot $shot): ?Remedy
    {
        return ShorterMove::of(
            $shot,
            static fn (Plan $plan): bool => (Shot::of($plan)->motion()?->smearsOver($plan->thresholds->smearPixels) ?? []) === [],
        );
    }

    private static function shorter(Shot $shot, float $smear): ?Remedy
    {
        $factor = 1.0;
        // An exposure that stretched its interval shortens it too, and the rig goes faster then: hence step by step.
        for ($try = 0; $try < self::MOST_TRIES && $smear > $shot->plan->thresholds->smearPixels; $try++) {
            $factor *= 0.98 * $shot->plan->thresholds->smearPixels / $smear;
            $shorter = Exposing::changed($shot->plan, static fn (float $seconds): float => $seconds * $factor, true);
            if ($shorter === null) {
                return null;
            }
            $smear = self::worst(Shot::of($shorter)->motion()?->smearsOver($shot->plan->thresholds->smearPixels) ?? [])->much ?? 0.0;
        }
        if (!isset($shorter) || $smear > $shot->plan->thresholds->smearPixels) {
            return null;
        }

        [$made, $light] = Exposing::madeUpFor($shot, $shorter);
        $exposure = $shot->plan->timing->exposure;

        return new Remedy(
            'exposure',
            $exposure->isConstant()
                ? new Message('fixes.expose', ['told' => Exposing::told($shorter, $shorter->timing->exposure->longest())])
                : new Message('fixes.shorten_exposures', [
                    'stops' => Quantity::stops(log($exposure->longest() / $shorter->timing->exposure->longest(), 2)),
                ]),
            $light,
            $made,
        );
    }
}
