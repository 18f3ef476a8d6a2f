<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

use Closure;
use Evrent\Devices\Simulators\Clock;
use React\EventLoop\Loop;
use React\EventLoop\TimerInterface;
use React\Socket\ConnectionInterface;
use React\Socket\Connector;
use React\Socket\SocketServer;

/**
 * The simulated rig on the network: one host at a time on its port, and a trigger line to a camera.
 */
final class RigServer
{
    /** A host that said nothing for so long, in real seconds, has gone without saying so: another may have the rig. */
    private const SILENT_SECONDS = 10.0;
    private const RETRY_SECONDS = 0.2;

    private ?ConnectionInterface $host = null;
    private ?ConnectionInterface $trigger = null;
    private ?TimerInterface $timer = null;
    private float $heardAt = 0.0;
    private bool $isStopped = false;

    /**
     * @param Closure(): ?string $triggerAddress host:port of the camera's trigger input, as it is now; null where there is none yet
     */
    public function __construct(private readonly Controller $rig, private readonly Clock $clock, private readonly Closure $triggerAddress)
    {
    }

    /**
     * Listens until the loop is stopped.
     *
     * @return string the address it listens on, host:port
     *
     * @throws \RuntimeException when the port is taken
     */
    public function listen(string $address): string
    {
        $server = new SocketServer("tcp://{$address}", ['tcp' => ['tcp_nodelay' => true]]);
        $server->on('connection', $this->welcome(...));
        $this->reachTrigger();

        return substr((string) $server->getAddress(), strlen('tcp://'));
    }

    private function welcome(ConnectionInterface $host): void
    {
        if ($this->isStopped || $this->host !== null && microtime(true) - $this->heardAt < self::SILENT_SECONDS) {
            $host->end($this->isStopped ? '' : "busy: another host has this rig\n");

            return;
        }
        $this->host?->close();
        $this->host = $host;
        $this->heardAt = microtime(true);
        $this->rig->greet();
        $host->on('data', function (string $bytes) use ($host): void {
            if ($host === $this->host) {
                $this->heardAt = microtime(true);
                $this->rig->receive($bytes, $this->clock->now());
                $this->goOn();
            }
        });
        $host->on('close', function () use ($host): void {
            $this->host = $this->host === $host ? null : $this->host;
        });
        $this->goOn();
    }

    /** Sends what is to be sent, and comes back when something happens next. */
    private function goOn(): void
    {
        $this->rig->goOnTo($this->clock->now());
        $this->clock->runAt($this->rig->worldSpeed());
        $said = $this->rig->takeSaid();
        foreach ($this->rig->takeTriggerSaid() as $line) {
            $this->trigger?->write($this->withMachineTime($line) . "\n");
        }
        $cut = $this->rig->cutSeconds();
        if ($cut !== null) {
            $this->cut($cut);
        } elseif ($said !== '') {
            $this->host?->write($said);
        }
        if ($this->timer !== null) {
            Loop::cancelTimer($this->timer);
            $this->timer = null;
        }
        $next = $this->rig->nextAt();
        if ($next !== null) {
            $this->timer = Loop::addTimer($this->clock->realSecondsTo($next), function (): void {
                $this->timer = null;
                $this->goOn();
            });
        }
    }

    /** The camera may get to the line late, when the machine is busy: by the clock of this machine it knows when that was. */
    private function withMachineTime(string $line): string
    {
        $isTimed = preg_match('/ T([\d.]+)$/D', $line, $found) === 1;

        return $isTimed ? $line . sprintf(' N%.6F', $this->clock->machineSecondsAt((float) $found[1])) : $line;
    }

    /** The line is dead for a while; what was under way there is lost. */
    private function cut(float $seconds): void
    {
        $this->host?->close();
        $this->host = null;
        $this->isStopped = true;
        if (is_finite($seconds)) {
            Loop::addTimer($seconds / $this->clock->speed(), function (): void {
                $this->isStopped = false;
            });
        }
    }

    private function reachTrigger(): void
    {
        $again = fn (): TimerInterface => Loop::addTimer(self::RETRY_SECONDS, $this->reachTrigger(...));
        $address = ($this->triggerAddress)();
        if ($address === null) {
            $again();

            return;
        }
        $connector = new Connector(['timeout' => 2.0, 'tcp' => ['tcp_nodelay' => true]]);
        $connector->connect("tcp://{$address}")->then(function (ConnectionInterface $line) use ($again): void {
            $this->trigger = $line;
            $line->on('close', function () use ($again): void {
                $this->trigger = null;
                $again();
            });
        }, $again);
    }
}
