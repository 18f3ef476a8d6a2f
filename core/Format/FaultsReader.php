<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Fault;
use Evrent\Core\Run\FaultKind;
use Evrent\Core\Timing\Timing;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Values\Problems;
use JsonException;

/**
 * Reads fault lists of the open format evrent.faults/1: {"format", "faults": [{"kind", "frame", …}]}.
 */
final class FaultsReader
{
    public const FORMAT = 'evrent.faults/1';
    private const MOST_FAULTS = 1_000;

    /**
     * @return list<Fault>
     *
     * @throws InvalidInput
     */
    public static function fromJson(string $json, Plan $plan): array
    {
        try {
            $document = json_decode($json, false, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw new InvalidInput([new Problem('', "This is not JSON: {$broken->getMessage()}. Choose a fault list.")]);
        }
        $problems = new Problems();
        $fields = new Fields($document, '', $problems);
        if ($fields->text('format') !== self::FORMAT) {
            $problems->add('/format', 'The format must be ' . self::FORMAT . '.');
        }
        $faults = $fields->items('faults', self::MOST_FAULTS, static fn (mixed $item, string $pointer): ?Fault => self::fault(
            new Fields($item, $pointer, $problems),
            $pointer,
            $plan,
            $problems,
        ));
        $fields->refuseTheRest();
        $problems->throwIfAny();

        return array_values(array_filter($faults));
    }

    private static function fault(Fields $fields, string $pointer, Plan $plan, Problems $problems): ?Fault
    {
        $kind = $fields->choice('kind', FaultKind::class, FaultKind::Pause);
        $frame = $fields->whole('frame', 1);
        $axisId = null;
        if (in_array($kind, [FaultKind::StalledAxis, FaultKind::LostSteps], true)) {
            $axisId = $fields->text('axis');
            if (!in_array($axisId, $plan->rig->axisIds(), true)) {
                $problems->add("{$pointer}/axis", 'Name an axis of the rig: ' . implode(', ', $plan->rig->axisIds()) . '.');
            }
        }
        $lasts = in_array($kind, [FaultKind::StalledAxis, FaultKind::SlowCard], true);
        $waits = in_array($kind, [FaultKind::PowerCut, FaultKind::Pause], true);
        $read = [
            $kind,
            $frame,
            $axisId,
            $lasts ? $fields->whole('frames', 1, Timing::MOST_PHOTOS) : 1,
            $kind === FaultKind::SlowCard ? $fields->number('factor', 1) : 1.0,
            $kind === FaultKind::LostSteps ? $fields->whole('steps', 0) : 0,
            $waits ? $fields->number('seconds', 0) : 0.0,
        ];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Fault => new Fault(...$read));
    }
}
