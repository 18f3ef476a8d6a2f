<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Format\PlainText;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Schedule\PictureMotion;
use Evrent\Core\Schedule\Schedule;

/**
 * T20: the motor's own steps show: one moves the picture by more than half a pixel of the clip, or the planned step is
 * smaller than one.
 */
final class StepBelowMotor implements Check
{
    public const SMOOTH_PIXELS = 0.5;

    public function find(Schedule $schedule): ?Finding
    {
        foreach ($schedule->plan->rig->axes as $axis) {
            $finding = self::coarse($schedule, $axis) ?? self::tooFine($schedule, $axis);
            if ($finding !== null) {
                return $finding;
            }
        }

        return null;
    }

    private static function coarse(Schedule $schedule, Axis $axis): ?Finding
    {
        $motion = PictureMotion::of($schedule);
        if ($motion === null || $schedule->summary->largestStep[$axis->id] === 0.0) {
            return null;
        }
        $pixels = $motion->picture->shift($axis->id, 1.0 / $axis->stepsPerUnit, 0.0, $motion->picture->optics->foregroundMetres);
        if ($pixels <= self::SMOOTH_PIXELS) {
            return null;
        }

        return self::finding($schedule, $axis, PlainText::rounded($pixels, 2) . ' px a motor step', sprintf(
            'One motor step of the %s moves the picture %s px: photo by photo it lands beside its place, and the clip judders. '
                . 'A finer gear or a wider lens helps.',
            $axis->id,
            PlainText::rounded($pixels, 2),
        ));
    }

    private static function tooFine(Schedule $schedule, Axis $axis): ?Finding
    {
        $steps = $schedule->summary->largestStep[$axis->id] * $axis->stepsPerUnit;
        if ($steps === 0.0 || $steps >= 1.0) {
            return null;
        }

        return self::finding($schedule, $axis, PlainText::rounded($steps, 2) . ' motor steps a photo', sprintf(
            'The %s is to move %s of a motor step from photo to photo at most: it stands still and then jumps. Move it farther, or take fewer photos.',
            $axis->id,
            PlainText::rounded($steps, 2),
        ));
    }

    private static function finding(Schedule $schedule, Axis $axis, string $shortfall, string $sentence): Finding
    {
        $moving = array_keys(array_filter($schedule->moves->motorSteps[$axis->id], static fn (int $steps): bool => $steps !== 0));

        return new Finding('T20', Severity::Look, "The {$axis->id}'s motor steps show", $shortfall, $sentence, ($moving[0] ?? 0) + 1, count($moving), []);
    }
}
