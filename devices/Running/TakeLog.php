<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Closure;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Core\Schedule\Schedule;

/**
 * A take's log as it is written, and where the take stands by it: a line is kept for good before anything else is done.
 */
final readonly class TakeLog
{
    /** Real seconds. */
    private const RETRY_SECONDS = 0.2;

    public TakeState $state;

    /**
     * @param Closure(): void $whileAway called again and again while nothing can be kept
     */
    public function __construct(Schedule $schedule, private TakeStore $store, private RunClock $clock, private Closure $whileAway)
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
     * Returns when the line is kept, however long that takes.
     *
     * @param array<string, mixed> $more what else the line tells; what is null is left out
     *
     * @throws HoldLost
     */
    public function write(LogKind $kind, ?int $photo = null, array $more = []): void
    {
        $line = new LogLine($kind, $this->clock->now(), $photo, array_filter($more, static fn (mixed $value): bool => $value !== null));
        $became = $this->store->append($line, $this->state->lines + 1);
        while ($became === Appended::Away) {
            ($this->whileAway)();
            $this->clock->rest(self::RETRY_SECONDS);
            $became = $this->store->append($line, $this->state->lines + 1);
        }
        if ($became === Appended::Refused) {
            throw new HoldLost();
        }
        $this->state->take($line);
    }

    /** Something is not as it should be. The same words are not said twice. */
    public function alarm(string $about, ?int $photo, Text|string $says): void
    {
        if (Message::forLog($this->state->alarms[$about] ?? '') !== Message::forLog($says)) {
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
