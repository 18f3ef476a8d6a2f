<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

use Evrent\Devices\Simulators\Clock;
use React\EventLoop\Loop;
use React\EventLoop\TimerInterface;
use React\Socket\ConnectionInterface;
use React\Socket\SocketServer;
use RuntimeException;

/**
 * The simulated camera on the network: one host at a time on one port (PTP over TCP/IP), the trigger line on another.
 */
final class CameraServer
{
    /** A host that said nothing for so long, in real seconds, has gone without saying so: another may have the camera. */
    private const SILENT_SECONDS = 10.0;

    /** Answers are short, and waited for. */
    private const AT_ONCE = ['tcp' => ['tcp_nodelay' => true]];

    /** @var array<int, PtpConnection> the one host, by its number */
    private array $hosts = [];
    private int $lastNumber = 0;
    private ?TimerInterface $timer = null;

    /** @param string $name that it says of itself */
    public function __construct(private readonly SimulatedCamera $camera, private readonly Clock $clock, private readonly string $name = '')
    {
    }

    /**
     * Listens until the loop is stopped.
     *
     * @return array{string, string} the addresses of the hosts' port and of the trigger input, host:port
     *
     * @throws RuntimeException when a port is taken
     */
    public function listen(string $address, string $triggerAddress): array
    {
        $hosts = new SocketServer("tcp://{$address}", self::AT_ONCE);
        try {
            $trigger = new SocketServer("tcp://{$triggerAddress}", self::AT_ONCE);
        } catch (RuntimeException $taken) {
            $hosts->close();
            throw $taken;
        }
        $hosts->on('connection', $this->welcome(...));
        $trigger->on('connection', $this->follow(...));

        return array_map(static fn (SocketServer $server): string => substr((string) $server->getAddress(), strlen('tcp://')), [$hosts, $trigger]);
    }

    private function welcome(ConnectionInterface $line): void
    {
        $this->camera->goOnTo($this->clock->now());
        if ($this->camera->isDead()) {
            $line->close();

            return;
        }
        $incoming = new PtpLine(
            $line,
            $this->camera,
            $this->clock,
            $this->enrol(...),
            fn (int $number): ?PtpConnection => $this->hosts[$number] ?? null,
            $this->goOn(...),
            $this->name,
        );
        $line->on('data', $incoming->receive(...));
        $line->on('close', function () use ($incoming): void {
            foreach ($this->hosts as $number => $host) {
                if ($host->has($incoming)) {
                    $host->close();
                    unset($this->hosts[$number]);
                }
            }
        });
    }

    /** @return ?int the number of a host that begins; null while another has the camera, and was heard of lately */
    private function enrol(PtpLine $line): ?int
    {
        foreach ($this->hosts as $host) {
            if (microtime(true) - $host->heardAt() < self::SILENT_SECONDS) {
                return null;
            }
        }
        array_map(static fn (PtpConnection $host) => $host->close(), $this->hosts);
        $this->lastNumber++;
        $this->hosts = [$this->lastNumber => new PtpConnection($line)];

        return $this->lastNumber;
    }

    /** The trigger line: one line of text for each change. */
    private function follow(ConnectionInterface $line): void
    {
        $unread = '';
        $trigger = new TriggerLine($this->camera, $this->clock);
        $line->on('data', function (string $bytes) use (&$unread, $trigger): void {
            $unread .= $bytes;
            while (($end = strpos($unread, "\n")) !== false) {
                $trigger->obey(substr($unread, 0, $end), $this->clock->now());
                $unread = substr($unread, $end + 1);
            }
            $unread = substr($unread, -1_000);
            $this->goOn();
        });
        // A cable that is pulled out opens.
        $line->on('close', function (): void {
            $this->camera->release($this->clock->now());
            $this->goOn();
        });
    }

    /** Tells hosts what happened, and comes back when something happens next. */
    private function goOn(): void
    {
        $this->camera->goOnTo($this->clock->now());
        $this->clock->runAt($this->camera->worldSpeed());
        foreach ($this->camera->takeEvents() as [$event, $parameter]) {
            foreach ($this->hosts as $host) {
                $host->tell($event, $parameter);
            }
        }
        if ($this->camera->isDead()) {
            array_map(static fn (PtpConnection $host) => $host->close(), $this->hosts);
        }
        if ($this->timer !== null) {
            Loop::cancelTimer($this->timer);
            $this->timer = null;
        }
        $next = $this->camera->nextAt();
        if ($next !== null) {
            $this->timer = Loop::addTimer($this->clock->realSecondsTo($next), function (): void {
                $this->timer = null;
                $this->goOn();
            });
        }
    }
}
