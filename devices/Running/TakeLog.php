<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Core\Schedule\Schedule;

/**
 * A take's log as it is written, and where the take stands by it: a line is kept for good before anything else is done.
 */
final readonly class TakeLog
{
    public TakeState $state;

    public function __construct(Schedule $schedule, private TakeStore $store, private RunClock $clock)
    {
        $this->state = new TakeState($schedule);
    }

    /** Reads what was kept. @return bool whether there was anything */
    public function readAgain(): bool
    {
        foreach ($this->store->lines() as $line) {
            $this->state->take($line);
        }

        return $this->state->lines > 0;
    }

    /**
     * @param array<string, mixed> $more what else the line tells; what is null is left out
     */
    public function write(LogKind $kind, ?int $photo = null, array $more = []): void
    {
        $line = new LogLine($kind, $this->clock->now(), $photo, array_filter($more, static fn (mixed $value): bool => $value !== null));
        $this->store->append($line, $this->state->lines + 1);
        $this->state->take($line);
    }

    /** Something is not as it should be. The same words are not said twice. */
    public function alarm(string $about, ?int $photo, string $says): void
    {
        if (($this->state->alarms[$about] ?? null) !== $says) {
            $this->write(LogKind::Alarm, $photo, ['about' => $about, 'says' => $says]);
        }
    }

    /** It is well again. */
    public function over(string $about, ?int $photo = null): void
    {
        if (isset($this->state->alarms[$about])) {
            $this->write(LogKind::AlarmOver, $photo, ['about' => $about]);
        }
    }
}
