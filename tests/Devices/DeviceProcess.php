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

    /** @var resource kept open: PHP ends without a word when it writes to a pipe that nobody reads */
    private $output;

    /** What went wrong in it goes here, and is shown at its end: a device that died is no riddle. */
    private readonly string $errors;

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
        $this->errors = sys_get_temp_dir() . '/evrent-device-' . bin2hex(random_bytes(6)) . '.err';
        $process = proc_open([PHP_BINARY, dirname(__DIR__, 2) . '/bin/evrent', ...$arguments], [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', $this->errors, 'w']], $pipes);
        if ($process === false) {
            throw new RuntimeException('cannot start the device');
        }
        $this->process = $process;
        $this->output = $pipes[1];
        $this->says = trim((string) fgets($this->output));
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
        $errors = trim((string) @file_get_contents($this->errors));
        @unlink($this->errors);
        if ($errors !== '') {
            fwrite(STDERR, "\nA device ended with: {$errors}\n");
        }
    }

    public function __destruct()
    {
        if (is_resource($this->process)) {
            $this->kill();
        }
    }
}
