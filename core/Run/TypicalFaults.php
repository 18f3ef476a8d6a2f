<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;

/**
 * One fault of each kind as it usually happens, to rehearse what a run makes of it.
 */
final class TypicalFaults
{
    private const KINDS = ['missed_trigger', 'slow_card', 'stalled_axis', 'lost_steps', 'timer_stops', 'power_cut', 'pause'];

    private const OF_AXES = ['stalled_axis', 'lost_steps'];

    /**
     * @return array<string, Message> what happens, by kind
     */
    public static function named(Plan $plan): array
    {
        $kinds = $plan->rig->axes === [] ? array_values(array_diff(self::KINDS, self::OF_AXES)) : self::KINDS;

        return array_combine($kinds, array_map(static fn (string $kind): Message => new Message("run.fault.{$kind}"), $kinds));
    }

    /**
     * @param string $kind      one of the kinds
     * @param string $photoText the photo's number as typed
     *
     * @throws InvalidInput by the pointers /kind and /frame
     */
    public static function at(Plan $plan, string $kind, string $photoText): Fault
    {
        $kind = FaultKind::tryFrom($kind) ?? throw new InvalidInput([new Problem('/kind', new Message('run.fault.choose'))]);
        $photo = TypedText::number($photoText);
        if ($photo === null || floor($photo) !== $photo || $photo < 1 || $photo > $plan->photosProgrammed()) {
            throw new InvalidInput([new Problem('/frame', new Message('run.fault.photo', ['photosProgrammed' => $plan->photosProgrammed()]))]);
        }
        $axisId = $plan->rig->axes[0]->id ?? null;
        if ($axisId === null && in_array($kind->value, self::OF_AXES, true)) {
            throw new InvalidInput([new Problem('/kind', new Message('run.fault.no_axis'))]);
        }

        return match ($kind) {
            FaultKind::SlowCard => new Fault($kind, (int) $photo, photos: 20, factor: 10.0),
            FaultKind::StalledAxis => new Fault($kind, (int) $photo, $axisId, photos: 10),
            FaultKind::LostSteps => new Fault($kind, (int) $photo, $axisId, photos: 1, steps: 50),
            FaultKind::PowerCut => new Fault($kind, (int) $photo, photos: 1, seconds: 120.0),
            FaultKind::Pause => new Fault($kind, (int) $photo, photos: 1, seconds: 60.0),
            FaultKind::MissedTrigger => new Fault($kind, (int) $photo, photos: 1),
            FaultKind::TimerStops => new Fault($kind, (int) $photo),
            default => throw new InvalidInput([new Problem('/kind', new Message('run.fault.choose'))]),
        };
    }
}
