<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Gcode;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Run\Before\AxisReport;
use Evrent\Core\Run\Before\RigReport;

/**
 * What a rig answers to "$I": a line "[axis LETTER|min|max|speed|acceleration|steps]" for each axis, in the order of its status line, with "endless"
 * for both ends of one that has none; and "[world SPEED]" where it is simulated. Rigs that do not know the word answer with an error, or with lines of
 * their own.
 */
final class ReportLine
{
    private const NUMBER = '-?\d+(?:\.\d+)?';

    /**
     * @param list<string> $lines what came
     *
     * @return ?RigReport null where nothing of it is a report
     */
    public static function read(array $lines): ?RigReport
    {
        $axes = [];
        $world = null;
        $number = self::NUMBER;
        foreach ($lines as $line) {
            if (preg_match("/^\[axis ([A-Z])\|(?:endless|({$number})\|({$number}))\|({$number})\|({$number})\|({$number})\]$/D", $line, $found) === 1) {
                [$min, $max] = $found[2] === '' ? [null, null] : [(float) $found[2], (float) $found[3]];
                $axes[] = new AxisReport($found[1], $min, $max, (float) $found[4], (float) $found[5], (float) $found[6]);
            } elseif (preg_match("/^\[world ({$number})\]$/D", $line, $found) === 1) {
                $world = (float) $found[1];
            }
        }

        return $axes === [] && $world === null ? null : new RigReport($axes, $world);
    }

    /**
     * @param array<string, string> $letters by axis id, in the order of the status line
     *
     * @return list<string>
     */
    public static function write(Rig $rig, array $letters, float $worldSpeed): array
    {
        $lines = [];
        foreach ($letters as $id => $letter) {
            $axis = $rig->axis($id);
            assert($axis instanceof Axis);
            $number = static fn (float $value): string => rtrim(rtrim(sprintf('%.6F', $value), '0'), '.');
            $ends = $axis->isEndless ? 'endless' : "{$number($axis->min)}|{$number($axis->max)}";
            $lines[] = "[axis {$letter}|{$ends}|{$number($axis->maxSpeed)}|{$number($axis->maxAcceleration)}|{$number($axis->stepsPerUnit)}]";
        }

        return [...$lines, sprintf('[world %s]', rtrim(rtrim(sprintf('%.3F', $worldSpeed), '0'), '.'))];
    }
}
