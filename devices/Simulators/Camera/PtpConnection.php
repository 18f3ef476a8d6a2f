<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

use Evrent\Devices\Protocol\Ptp\Dataset;
use Evrent\Devices\Protocol\Ptp\EventCode;
use Evrent\Devices\Protocol\Ptp\Packet;

/**
 * One host: the line it commands on and the line it listens on.
 */
final class PtpConnection
{
    private ?PtpLine $events = null;

    public function __construct(private readonly PtpLine $commands)
    {
    }

    public function listensOn(PtpLine $events): void
    {
        $this->events = $events;
    }

    /** When this host said anything last, real seconds. */
    public function heardAt(): float
    {
        return max($this->commands->heardAt(), $this->events?->heardAt() ?? 0.0);
    }

    public function has(PtpLine $line): bool
    {
        return $line === $this->commands || $line === $this->events;
    }

    public function tell(EventCode $event, int $parameter): void
    {
        $this->events?->send(new Packet(Packet::EVENT, (new Dataset())->u16($event->value)->u32($this->commands->lastTransaction())->u32($parameter)->bytes()));
    }

    public function close(): void
    {
        $this->commands->close();
        $this->events?->close();
    }
}
