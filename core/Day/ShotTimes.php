<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Messages\Message;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\StartEvent;
use Evrent\Core\Words\ClockTime;

/**
 * When a shot begins and when the card has its last photo, as a clock on the wall there shows it.
 */
final readonly class ShotTimes
{
    /**
     * @param ?Instant $begins     null where no place is known, or what it waits for does not happen
     * @param Message|string|null $beginsText "19:40"
     * @param Message|string|null $endsText   "20:25"
     */
    private function __construct(public ?Instant $begins, public ?Instant $ends, public Message|string|null $beginsText, public Message|string|null $endsText)
    {
    }

    public static function of(Schedule $schedule): self
    {
        $plan = $schedule->plan;
        $seconds = $schedule->summary->onSiteSeconds;
        if ($plan->start === null) {
            return new self(null, null, null, null);
        }
        if ($plan->site === null) {
            if ($plan->start->event !== StartEvent::Clock) {
                return new self(null, null, null, null);
            }
            $clock = ClockTime::read($plan->start->at ?? '');

            return new self(null, null, $clock->text(), $clock->plusSeconds($seconds)->text());
        }
        // Where its window of the day is closed then, it waits for it to open.
        $begins = $plan->window === null
            ? $plan->start->instant($plan->site)
            : $plan->firstTrigger()?->plusSeconds(-$plan->timing->startDelaySeconds);
        if ($begins === null) {
            return new self(null, null, null, null);
        }
        $ends = $begins->plusSeconds($seconds);

        return new self($begins, $ends, $plan->site->day->clockAndDay($begins), $plan->site->day->clockAndDay($ends));
    }
}
