<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Budget\Load;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;

/**
 * R3: the slide stands steeper than its motor can push the load.
 */
final class InclineBeyondThrust implements Check
{
    private const ANGLE_STEP_DEGREES = 0.5;
    private const SLOWER = [0.75, 0.5, 0.33, 0.25, 0.1];

    public function find(Shot $shot): ?Finding
    {
        $load = $shot->plan->load;
        $slide = self::slide($shot);
        if ($load === null || $load->thrustNewtons === null || $slide === null) {
            return null;
        }
        $usable = Load::THRUST_SHARE * $load->thrustNewtons;
        $needed = $load->thrustNeededNewtons($slide->maxAcceleration);
        if ($needed <= $usable + 1e-9) {
            return null;
        }

        return (new Finding(
            FindingId::InclineBeyondThrust,
            new Message('checks.incline_beyond_thrust.title'),
            new Message('checks.incline_beyond_thrust.shortfall', ['needed' => Quantity::rounded($needed - $usable, 1)]),
            new Message('checks.incline_beyond_thrust.sentence', [
                'inclineDegrees' => Quantity::rounded($load->inclineDegrees, 1),
                'carriedKilograms' => Quantity::rounded($load->carriedKilograms(), 2),
                'part' => $load->counterweightKilograms > 0.0 ? new Message('checks.incline_beyond_thrust.counterweight', [
                    'counterweightKilograms' => Quantity::rounded($load->counterweightKilograms, 2),
                ]) : '',
                'needed' => Quantity::rounded($needed, 1),
                'thrustNewtons' => Quantity::rounded($load->thrustNewtons, 1),
            ]),
            null,
            $shot->schedule->photosTotal(),
            static fn (): array => array_values(array_filter([
                self::flatter($shot, $load, $slide, $usable),
                self::slower($shot, $load, $slide, $usable),
                self::balanced($shot, $load),
            ])),
        ))->withSeverity($needed > $load->thrustNewtons ? Severity::Error : Severity::Warning);
    }

    private static function slide(Shot $shot): ?Axis
    {
        $named = $shot->plan->rig->axisFor(AxisRole::Slide);

        return $named?->kind === AxisKind::Linear ? $named : null;
    }

    /** A counterweight that holds the carriage where it stands: m·sin θ, to half a kilogram below. */
    private static function balanced(Shot $shot, Load $load): ?Remedy
    {
        $kilograms = floor(2.0 * $load->carriedKilograms() * sin(deg2rad($load->inclineDegrees))) / 2.0;
        $slide = self::slide($shot);
        $balanced = $load->with(['counterweightKilograms' => $kilograms]);
        if ($slide === null || $load->thrustNewtons === null || $kilograms < 0.5) {
            return null;
        }

        return $balanced->thrustNeededNewtons($slide->maxAcceleration) > Load::THRUST_SHARE * $load->thrustNewtons ? null : new Remedy(
            'counterweight',
            new Message('checks.incline_beyond_thrust.balance', ['kilograms' => Quantity::number($kilograms)]),
            new Message('checks.incline_beyond_thrust.second_line'),
            $shot->plan->with(['load' => $balanced]),
        );
    }

    private static function flatter(Shot $shot, Load $load, Axis $slide, float $usable): ?Remedy
    {
        for ($angle = floor($load->inclineDegrees / self::ANGLE_STEP_DEGREES) * self::ANGLE_STEP_DEGREES; $angle >= 0.0; $angle -= self::ANGLE_STEP_DEGREES) {
            $flatter = $load->with(['inclineDegrees' => $angle]);
            if ($flatter->thrustNeededNewtons($slide->maxAcceleration) <= $usable) {
                return new Remedy(
                    'incline',
                    new Message('checks.incline_beyond_thrust.flatter', ['angle' => Quantity::number($angle)]),
                    '',
                    $shot->plan->with(['load' => $flatter]),
                );
            }
        }

        return null;
    }

    private static function slower(Shot $shot, Load $load, Axis $slide, float $usable): ?Remedy
    {
        foreach (self::SLOWER as $factor) {
            $acceleration = $slide->maxAcceleration * $factor;
            if ($load->thrustNeededNewtons($acceleration) > $usable) {
                continue;
            }
            $axes = array_map(
                static fn (Axis $axis): Axis => $axis === $slide
                    ? $axis->withAcceleration($acceleration)
                    : $axis,
                $shot->plan->rig->axes,
            );
            $mended = $shot->plan->withRig($shot->plan->rig->withAxes($axes));

            return Schedule::of($mended)->summary->fits() || !$shot->schedule->summary->fits()
                ? new Remedy(
                    'acceleration',
                    new Message('checks.incline_beyond_thrust.slower', [
                        'axisText' => $shot->units->axisText(AxisKind::Linear, $acceleration, $shot->units->rig === 'mm' ? 0 : 1),
                    ]),
                    new Message('checks.incline_beyond_thrust.longer_moves'),
                    $mended,
                )
                : null;
        }

        return null;
    }
}
