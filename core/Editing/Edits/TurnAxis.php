<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\MoveEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Motion\Move;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Timing\Mode;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;

/**
 * Turns an axis so far in all, in degrees, millimetres or whole turns. A clockwork goes at its own speed: how long that takes follows, and
 * with it photos or interval.
 */
final class TurnAxis implements PlanEdit
{
    private const DEGREES_PER_TURN = 360.0;
    private const MOST = 360_000.0;

    public static function name(): string
    {
        return 'turn';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $axis = MoveEdits::axis($plan, $given->text('axis'));
        $way = self::way($given->text('way'));
        $keyframes = $plan->move->keyframes;
        $last = count($keyframes) - 1;
        $to = MoveEdits::rounded($keyframes[0]->positions[$axis->id] + $way);
        $turned = $keyframes[$last]->withPositions([$axis->id => $to] + $keyframes[$last]->positions);
        $keyframes = [...array_slice($keyframes, 0, $last), $turned];
        $speed = $axis->clockworkSpeed();
        $told = new Message('editing.turn_axis.done', [
            'axis' => $axis->label(),
            'way' => Quantity::withUnit($way, $axis->kind->unit()),
        ]);
        if ($speed === null) {
            return new TypedEdit($plan->withMove($plan->move->withKeyframes($keyframes)), $told);
        }

        return new TypedEdit(
            $plan->with([
                'move' => new Move($keyframes, new Easing()),
                'timing' => $plan->timing->withMode(Mode::Continuous)->withPhotos($plan->timing->photos, 0, 0),
            ]),
            $told,
            shootingSeconds: abs($way) / $speed,
        );
    }

    /**
     * @throws InvalidInput
     */
    private static function way(string $text): float
    {
        $isTurns = preg_match('/^(.*?)\s*turns?$/Di', $text, $part) === 1;
        $number = TypedText::number((string) preg_replace('/\s*(?:°|deg|degrees|mm)$/Dui', '', $isTurns ? $part[1] : $text));
        $way = $number === null ? null : $number * ($isTurns ? self::DEGREES_PER_TURN : 1.0);
        if ($way === null || $way === 0.0 || abs($way) > self::MOST) {
            throw new InvalidInput([new Problem('/edit/way', new Message('editing.turn_axis.way'))]);
        }

        return $way;
    }
}
