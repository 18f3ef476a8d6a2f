<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;

/**
 * Where a log says that the speed of the simulated world was changed.
 */
final readonly class WorldChange
{
    private function __construct(private float $seconds, private float $unix, private float $speed)
    {
    }

    /**
     * @param iterable<LogLine> $lines
     *
     * @return ?self the last; null where it never was
     */
    public static function last(iterable $lines): ?self
    {
        $last = null;
        foreach ($lines as $line) {
            [$speed, $unix] = [$line->number('world_speed'), $line->number('at_unix_s')];
            if ($line->kind === LogKind::Note && $speed !== null && $unix !== null) {
                $last = new self($line->seconds, $unix, $speed);
            }
        }

        return $last;
    }

    /** @param float $last seconds of the log's last line */
    public function clock(float $last): RunClock
    {
        return RunClock::sinceChange($this->seconds, $this->unix, $this->speed, $last);
    }
}
