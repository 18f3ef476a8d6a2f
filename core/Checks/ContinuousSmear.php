<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\FastestStep;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Mode;
use Evrent\Core\Words\PlainText;

/**
 * T17: the rig moves on while the shutter is open, and smears a long exposure.
 */
final class ContinuousSmear implements Check
{
    private const MOST_TRIES = 30;

    public static function about(): About
    {
        return new About(
            [Stage::Time],
            [...About::SCALE, '/optics/foreground_m', '/optics/subject_m', '/optics/background_m', '/optics/scene', ...About::CYCLE],
            unmended: 'Neither a shorter exposure nor stopping for each photo fits: lengthen the interval, or shorten the move.',
        );
    }

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
            Severity::Look,
            'The move smears the picture while the shutter is open',
            PlainText::rounded($worst->much, 1) . ' px of smear',
            sprintf(
                'During photo %d the %s carries the picture %s px across the clip; up to %s px looks sharp.',
                $worst->photo,
                $worst->axis->id,
                PlainText::rounded($worst->much, 1),
                PlainText::rounded($shot->plan->thresholds->smearPixels, 1),
            ),
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
            ? new Remedy('stop', 'Stop for each photo', 'every photo is sharp', $stopping)
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
                ? 'Expose ' . Exposing::told($shorter, $shorter->timing->exposure->longest())
                : sprintf('Shorten every exposure by %s', PlainText::stops(log($exposure->longest() / $shorter->timing->exposure->longest(), 2))),
            $light,
            $made,
        );
    }
}
