<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

use Evrent\Devices\Protocol\Gcode\Line;
use Evrent\Devices\Protocol\Gcode\Refusal;

/**
 * What a line asks the rig to do, looked over before anything is done.
 */
final readonly class Command
{
    private const MODES = ['G21', 'G90', 'G91', 'G93', 'G94'];
    private const ACTS = ['G0', 'G1', 'G4', 'G28', 'M114', 'M240', 'M400'];

    /**
     * @param string $act what is done; empty where only modes are set
     */
    private function __construct(public Line $line, public string $act)
    {
    }

    /**
     * @param array<string, string> $letters of the axes, by id
     */
    public static function read(string $text, array $letters): self|Refusal
    {
        $line = Line::read($text);
        if ($line instanceof Refusal) {
            return $line;
        }
        if (array_diff($line->codes, self::MODES, self::ACTS) !== []) {
            return Refusal::UnknownWord;
        }
        $acts = array_values(array_intersect($line->codes, self::ACTS));
        if (count($acts) > 1 || $line->has('G90') && $line->has('G91') || $line->has('G93') && $line->has('G94')) {
            return Refusal::Contradicts;
        }
        if (array_diff(array_keys($line->values), $letters, ['F', 'P']) !== []) {
            return Refusal::NoSuchAxis;
        }
        $moves = array_intersect_key($line->values, array_flip($letters)) !== [];

        return new self($line, $acts[0] ?? ($moves ? 'G1' : ''));
    }
}
