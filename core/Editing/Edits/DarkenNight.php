<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Light\Light;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;

/**
 * Lets night be darker than the meter would have it, from dusk on.
 */
final class DarkenNight implements PlanEdit
{
    public static function name(): string
    {
        return 'night-bias';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $stops = TypedText::number($given->text('night_stops'));
        if ($stops === null || $stops < 0.0 || $stops > 6.0) {
            throw new InvalidInput([new Problem('/edit/night_stops', new Message('editing.darken_night.stops'))]);
        }
        $bias = $stops === 0.0 ? [] : [['ev' => Light::NIGHT_EV, 'stops' => -$stops], ['ev' => Light::DUSK_EV, 'stops' => 0.0]];

        return new TypedEdit(
            $plan->with(['light' => ($plan->light ?? new Light())->with(['bias' => $bias])]),
            $stops === 0.0 ? new Message('editing.darken_night.metered') : new Message(
                'editing.darken_night.done',
                ['stops' => Quantity::stops($stops)],
            ),
        );
    }
}
