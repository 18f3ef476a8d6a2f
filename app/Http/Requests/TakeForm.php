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
use Evrent\Words\Words;

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
                ?? throw new InvalidInput([new Problem('/when', Words::of('app.take_form.over'))]);
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

        return $ahead ?? throw new InvalidInput([new Problem('/when', Words::of('app.take_form.never'))]);
    }

    /** @throws InvalidInput */
    private function offset(): float
    {
        $delay = $this->text('delay') === '' ? 0.0 : TypedText::seconds($this->text('delay'));

        return $delay ?? throw new InvalidInput([new Problem('/delay', Words::of('app.take_form.time'))]);
    }
}
