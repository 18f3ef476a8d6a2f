<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Sky\StartAhead;
use Evrent\Core\Sky\StartEvent;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\ClockTime;
use Evrent\Core\Words\TypedText;

/**
 * The start of a take: on what, when, and what to do after a gap.
 */
final class TakeForm extends DevicesForm
{
    /**
     * Seconds until the first photo.
     *
     * @throws InvalidInput
     */
    public function delay(Plan $plan): float
    {
        $now = microtime(true);
        $event = StartEvent::tryFrom($this->text('when'));
        if ($event !== null) {
            return $this->untilEvent($plan, $event, $now);
        }
        if ($this->text('when') === 'planned') {
            return $plan->secondsToFirstTrigger($now)
                ?? throw new InvalidInput([new Problem('/when', 'The planned start is over, or not known. Choose another.')]);
        }
        return $this->offset();
    }

    /**
     * @throws InvalidInput
     */
    private function untilEvent(Plan $plan, StartEvent $event, float $now): float
    {
        $at = ClockTime::twentyFourHours($this->text('at'));
        $ahead = $plan->site === null ? null : StartAhead::seconds($plan->site, $event, $at, $this->offset(), $now);

        return $ahead ?? throw new InvalidInput([new Problem('/when', 'That does not happen here within a day. Choose another start.')]);
    }

    /** @throws InvalidInput */
    private function offset(): float
    {
        $delay = $this->text('delay') === '' ? 0.0 : TypedText::seconds($this->text('delay'));

        return $delay ?? throw new InvalidInput([new Problem('/delay', 'Enter a time such as 30, 5 min or 1h30m.')]);
    }
}
