<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Run\Before\Contradictions;
use Evrent\Core\Timing\Mode;

/**
 * Says what is to be done next, from where a take stands and what time it is. It has no clock and no devices: whoever has them does what it
 * says, writes the result into the log, and asks again.
 */
final class Director
{
    /** So many intervals without a word of a photo, and it is missing. */
    public const MISSING_INTERVALS = 1.5;

    /** A shot of long exposures says later what became of its last photo. */
    private const LAST_WORD_SECONDS = 30.0;

    public static function next(TakeState $state, Setting $setting, float $now): Step
    {
        return match (true) {
            $state->status === Status::Ended => Step::nothing(),
            // To end at once is to wait for nothing, not even for word of the photo that was being taken.
            $state->isAborted => Step::end(Ending::Aborted),
            $state->open !== null => Step::settle($state->open),
            $state->startedAt === null && $state->toSet !== [] => Step::setIt($state->toSet[0]),
            // Nothing moves before somebody has seen where the rig is and what it cannot do.
            $state->startedAt === null && $state->holds(Contradictions::OF_THE_RIG) => Step::wait(null),
            $setting->hasRig && !$state->isHomed => Step::home(),
            $state->startedAt === null => self::beforeTheStart($state, $setting, $now),
            $state->status === Status::Paused => Step::wait(null),
            $state->next > $state->photos() => self::afterTheLast($state, $setting, $now),
            default => self::underWay($state, $setting, $now),
        };
    }

    private static function beforeTheStart(TakeState $state, Setting $setting, float $now): Step
    {
        if ($setting->hasRig && !$state->standsAt(1)) {
            return Step::move(1);
        }
        if ($state->contradictions !== []) {
            return Step::wait(null);
        }
        // A camera on its own timer may have to begin before the rig.
        $lead = $setting->isOwnTimer ? max(0.0, -$state->schedule->plan->trigger->cameraStartsSeconds) : 0.0;
        $due = max($setting->startAt, $state->stillAt + $lead);

        return $now < $due - $lead ? Step::wait($due - $lead) : Step::start(max($due, $now + $lead));
    }

    private static function underWay(TakeState $state, Setting $setting, float $now): Step
    {
        $last = $setting->keepsToTheClock() ? self::lastPast($state, $now) : null;
        if ($last !== null) {
            return Step::skip($last);
        }
        $place = $state->placeOf($state->next);
        if ($setting->hasRig && !$state->standsAt($place)) {
            return $now < $state->freeAt ? Step::wait($state->freeAt) : Step::move($place);
        }
        if ($state->schedule->plan->timing->mode === Mode::StopMotion && $state->snaps === 0 && $setting->restSeconds === null) {
            return Step::wait(null);
        }
        // A full buffer hears no trigger: the card is waited for, where it is told of.
        $isFull = $setting->cameraTells && !$setting->isOwnTimer && count($state->unconfirmed) >= $state->schedule->plan->camera->bufferFrames;
        $ready = self::dueAt($state, $setting);
        if ($isFull && $now >= $ready) {
            return Step::wait(null);
        }

        return $now < $ready ? Step::wait($ready) : Step::trigger($state->next);
    }

    /** When the next photo is due, as things stand. */
    public static function dueAt(TakeState $state, Setting $setting): float
    {
        if ($state->schedule->plan->timing->mode === Mode::StopMotion) {
            return max($state->stillAt, $state->freeAt) + ($state->snaps === 0 ? $setting->restSeconds ?? 0.0 : 0.0);
        }
        $byClock = $setting->keepsToTheClock() ? $state->plannedAt($state->next) : null;

        return max($state->stillAt, $state->freeAt, $byClock ?? $state->dueAt);
    }

    private static function afterTheLast(TakeState $state, Setting $setting, float $now): Step
    {
        $whole = $state->isWhole() ? Ending::Complete : Ending::Incomplete;
        $ending = $state->finishedAfter === null ? $whole : Ending::FinishedEarly;
        $word = $state->freeAt + self::LAST_WORD_SECONDS;
        if ($now < $state->freeAt) {
            return Step::wait($state->freeAt);
        }

        return $setting->cameraTells && $state->unconfirmed !== [] && $now < $word ? Step::wait($word) : Step::end($ending);
    }

    /** The last photo, from the next on, that should have been taken more than its interval ago; null when it is not too late for the next. */
    private static function lastPast(TakeState $state, float $now): ?int
    {
        $last = null;
        for ($photo = $state->next; $photo < $state->photos(); $photo++) {
            $following = $state->plannedAt($photo + 1);
            if ($following === null || $following > $now) {
                break;
            }
            $last = $photo;
        }

        return $last;
    }
}
