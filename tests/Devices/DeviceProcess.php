<?php

declare(strict_types=1);

namespace Tests\Devices;

use RuntimeException;

/**
 * A simulated device as others start it: a process of its own, that says where it listens.
 */
final class DeviceProcess
{
    /** @var resource */
    private $process;

    /** What it said first, such as "rig at 127.0.0.1:7801". */
    public readonly string $says;

    /** The first address it named, host:port, and the second where there is one. */
    public readonly string $address;
    public readonly string $second;

    /**
     * @param list<string> $arguments
     */
    public function __construct(array $arguments)
    {
        $process = proc_open([PHP_BINARY, dirname(__DIR__, 2) . '/bin/evrent', ...$arguments], [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes);
        if ($process === false) {
            throw new RuntimeException('cannot start the device');
        }
        $this->process = $process;
        $this->says = trim((string) fgets($pipes[1]));
        preg_match_all('/[\d.]+:\d+/', $this->says, $found);
        $this->address = $found[0][0] ?? throw new RuntimeException("said: {$this->says}");
        $this->second = $found[0][1] ?? '';
    }

    public function port(): int
    {
        return (int) substr($this->address, (int) strrpos($this->address, ':') + 1);
    }

    public function kill(): void
    {
        if (is_resource($this->process)) {
            proc_terminate($this->process, SIGKILL);
            proc_close($this->process);
        }
    }

    public function __destruct()
    {
        if (is_resource($this->process)) {
            $this->kill();
        }
    }
}
