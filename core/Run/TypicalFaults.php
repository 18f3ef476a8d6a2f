<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;

/**
 * One fault of each kind as it usually happens, to rehearse what a run makes of it.
 */
final class TypicalFaults
{
    private const NAMES = [
        'missed_trigger' => 'the camera takes no photo',
        'slow_card' => 'the card takes ten times as long, for twenty photos',
        'stalled_axis' => 'the first axis stalls for ten moves',
        'lost_steps' => 'the first axis loses fifty motor steps',
        'timer_stops' => 'the timer stops',
        'power_cut' => 'the power goes for two minutes',
        'pause' => 'a pause of a minute',
    ];

    private const OF_AXES = ['stalled_axis', 'lost_steps'];

    /**
     * @return array<string, string> what happens, by kind
     */
    public static function named(Plan $plan): array
    {
        return $plan->rig->axes === [] ? array_diff_key(self::NAMES, array_flip(self::OF_AXES)) : self::NAMES;
    }

    /**
     * @param string $kind      one of the kinds
     * @param string $photoText the photo's number as typed
     *
     * @throws InvalidInput by the pointers /kind and /frame
     */
    public static function at(Plan $plan, string $kind, string $photoText): Fault
    {
        $kind = FaultKind::tryFrom($kind) ?? throw new InvalidInput([new Problem('/kind', 'Choose what goes wrong.')]);
        $photo = TypedText::number($photoText);
        if ($photo === null || floor($photo) !== $photo || $photo < 1 || $photo > $plan->photosProgrammed()) {
            throw new InvalidInput([new Problem('/frame', sprintf('Enter the number of a photo, from 1 to %d.', $plan->photosProgrammed()))]);
        }
        $axisId = $plan->rig->axes[0]->id ?? null;
        if ($axisId === null && in_array($kind->value, self::OF_AXES, true)) {
            throw new InvalidInput([new Problem('/kind', 'There is no axis that could. Choose something else that goes wrong.')]);
        }

        return match ($kind) {
            FaultKind::SlowCard => new Fault($kind, (int) $photo, photos: 20, factor: 10.0),
            FaultKind::StalledAxis => new Fault($kind, (int) $photo, $axisId, photos: 10),
            FaultKind::LostSteps => new Fault($kind, (int) $photo, $axisId, photos: 1, steps: 50),
            FaultKind::PowerCut => new Fault($kind, (int) $photo, photos: 1, seconds: 120.0),
            FaultKind::Pause => new Fault($kind, (int) $photo, photos: 1, seconds: 60.0),
            FaultKind::MissedTrigger => new Fault($kind, (int) $photo, photos: 1),
            FaultKind::TimerStops => new Fault($kind, (int) $photo),
            default => throw new InvalidInput([new Problem('/kind', 'Choose what goes wrong.')]),
        };
    }
}
