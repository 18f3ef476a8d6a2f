<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Messages\Message;
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
     * @param list<string> $axisIds     of the rig
     * @param bool         $forDevices  whether what only simulated devices know may be asked for
     *
     * @return list<Fault>
     *
     * @throws InvalidInput
     */
    public static function fromJson(string $json, array $axisIds, bool $forDevices = false): array
    {
        try {
            $document = json_decode($json, false, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw new InvalidInput([new Problem('', new Message('format.faults_reader.not_json', ['why' => $broken->getMessage()]))]);
        }
        $problems = new Problems();
        $fields = new Fields($document, '', $problems);
        if ($fields->text('format') !== self::FORMAT) {
            $problems->add('/format', new Message('format.faults_reader.format', ['format' => self::FORMAT]));
        }
        $faults = $fields->items('faults', self::MOST_FAULTS, static fn (mixed $item, string $pointer): ?Fault => self::fault(
            new Fields($item, $pointer, $problems),
            $pointer,
            $axisIds,
            $forDevices,
            $problems,
        ));
        $fields->refuseTheRest();
        $problems->throwIfAny();

        return array_values(array_filter($faults));
    }

    /**
     * @param list<string> $axisIds
     */
    private static function fault(Fields $fields, string $pointer, array $axisIds, bool $forDevices, Problems $problems): ?Fault
    {
        $kind = $fields->choice('kind', FaultKind::class, FaultKind::Pause);
        if (!$forDevices && !$kind->isRehearsed()) {
            $problems->add("{$pointer}/kind", new Message('format.faults_reader.not_virtual', ['kind' => $kind->value]));
        }
        $frame = $fields->whole('frame', 1);
        $asks = $kind->fields();
        $axisId = in_array('axis', $asks, true) ? $fields->text('axis') : null;
        if ($axisId !== null && !in_array($axisId, $axisIds, true)) {
            $problems->add("{$pointer}/axis", new Message('format.faults_reader.axis', ['x' => implode(', ', $axisIds)]));
        }
        $read = [
            $kind,
            $frame,
            $axisId,
            in_array('frames', $asks, true) ? $fields->whole('frames', 1, Timing::MOST_PHOTOS) : 1,
            in_array('factor', $asks, true) ? $fields->number('factor', 1) : 1.0,
            in_array('steps', $asks, true) ? $fields->whole('steps', 0) : 0,
            in_array('seconds', $asks, true) ? $fields->number('seconds', 0) : 0.0,
            in_array('percent', $asks, true) ? $fields->number('percent', 0) : 0.0,
        ];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Fault => new Fault(...$read));
    }
}
