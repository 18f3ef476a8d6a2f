<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Gcode;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\PassFacts;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * A pass in real time along the path of a time-lapse, as a program that a controller carries out by itself: home, first place, a wait to start
 * the camera in, and then from place to place evenly, so that sound or people filmed in it match the time-lapse.
 */
final class PassProgram
{
    private const LEAD_SECONDS = 5.0;

    /**
     * @throws InvalidInput by /pass/duration_s where no pass is planned, or an axis would have to go faster than it can
     */
    public static function of(Plan $plan): string
    {
        $pass = PassFacts::of($plan);
        if ($pass === null || $plan->rig->axes === []) {
            $says = new Message('devices.program.no_pass');
            throw new InvalidInput([new Problem('/pass/duration_s', $says)]);
        }
        if (!$pass->fits()) {
            $says = new Message('devices.program.too_fast', [
                'shortestSeconds' => Quantity::duration(ceil($pass->shortestSeconds * 10.0) / 10.0),
            ]);
            throw new InvalidInput([new Problem('/pass/duration_s', $says)]);
        }
        $columns = $plan->path->positionColumns();
        $letters = Letters::of($plan->rig);
        $to = static function (int $n) use ($columns, $letters): string {
            $words = '';
            foreach ($letters as $axis => $letter) {
                $words .= " {$letter}" . ShotProgram::number($columns[$axis][$n], 6);
            }

            return $words;
        };
        $moves = $plan->timing->photos - 1;
        $each = ShotProgram::number(60.0 * $moves / $pass->seconds, 6);
        $lines = [
            Comment::of($plan->title), Comment::of(new Message('devices.program.pass_of', ['pass' => Quantity::withUnit($pass->seconds, 's', 1)])),
            Comment::of(new Message('devices.program.hands_off')), 'G21 G90 G94', 'G28', 'G0' . $to(0), 'M400',
            Comment::of(new Message('devices.program.start_camera')), 'G4 P' . ShotProgram::number(self::LEAD_SECONDS),
            Comment::of(new Message('devices.program.pass')),
        ];
        for ($n = 1; $n <= $moves; $n++) {
            $lines[] = "G93 G1{$to($n)} F{$each}";
        }

        return implode("\n", [...$lines, 'M400', 'G94', Comment::of(new Message('devices.program.pass_end'))]) . "\n";
    }
}
