<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Gcode;

/**
 * A rig's answer to "?": <State|MPos:…|…>, its positions in the rig's own order of axes. Of firmware that gives places in the work's coordinates
 * (WPos) the offset (WCO) comes with some lines alone.
 */
final readonly class StatusLine
{
    /** States that other firmware has, by what they come to. */
    private const STATES = ['Jog' => 'Run', 'Door' => 'Hold', 'Sleep' => 'Alarm', 'Check' => 'Idle', 'Homing' => 'Home'];

    /**
     * @param string           $state   Idle, Run, Hold, Home or Alarm
     * @param list<float>      $places  in the rig's order; empty where it gives none
     * @param list<int>        $steps   in the rig's order; empty where it counts none
     * @param ?int             $battery per cent; null where it does not say
     * @param list<float>      $offset  of the work's coordinates, as far as is known
     */
    private function __construct(public string $state, public array $places, public array $steps, public ?int $battery, public array $offset)
    {
    }

    /**
     * @param list<float> $offset that an earlier line gave
     */
    public static function read(string $text, array $offset = []): ?self
    {
        if (preg_match('/^<([A-Za-z]+)(?::\d+)?((?:\|[^|>]*)*)>$/D', $text, $found) !== 1) {
            return null;
        }
        $fields = [];
        foreach (array_slice(explode('|', $found[2]), 1) as $field) {
            [$name, $value] = explode(':', $field, 2) + [1 => ''];
            $fields[$name] = explode(',', $value);
        }
        $numbers = static fn (string $name): array => array_map(floatval(...), $fields[$name] ?? []);
        $offset = isset($fields['WCO']) ? $numbers('WCO') : $offset;
        $places = $numbers('MPos');
        if ($places === []) {
            foreach ($numbers('WPos') as $n => $place) {
                $places[] = $place + ($offset[$n] ?? 0.0);
            }
        }

        return new self(
            self::STATES[$found[1]] ?? $found[1],
            $places,
            array_map(intval(...), $fields['St'] ?? []),
            isset($fields['Bat']) ? (int) $fields['Bat'][0] : null,
            $offset,
        );
    }
}
