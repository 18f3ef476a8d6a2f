<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Devices\Daemon\Answer;
use Evrent\Devices\Daemon\Daemons;
use RuntimeException;

/**
 * The daemons as bin/start runs them, in a process group of their own and with sockets of their own.
 */
final class DaemonProcess
{
    private const PATIENCE_SECONDS = 20.0;

    /** @var resource */
    private $process;

    /** @var resource kept open: PHP ends without a word when it writes to a pipe that nobody reads */
    private $output;
    public readonly Daemons $daemons;
    private readonly string $folder;

    public function __construct(?string $folder = null)
    {
        $this->folder = $folder ?? sys_get_temp_dir() . '/evrent-dm-' . bin2hex(random_bytes(4));
        $command = ['setsid', PHP_BINARY, dirname(__DIR__, 2) . '/bin/evrent', 'daemons', "--folder={$this->folder}"];
        $process = proc_open($command, [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', "{$this->folder}.log", 'w']], $pipes);
        if ($process === false || fgets($pipes[1]) === false) {
            throw new RuntimeException('cannot start the daemons');
        }
        $this->process = $process;
        $this->output = $pipes[1];
        $this->daemons = new Daemons($this->folder);
    }

    /**
     * @param array<string, mixed> $question
     */
    public function ask(string $key, array $question): Answer
    {
        return $this->daemons->ask($key, $question) ?? throw new RuntimeException("nobody answers for {$key}");
    }

    /**
     * @param callable(Answer): bool $isSo     of its answer
     * @param array<string, mixed>   $question
     */
    public function until(string $key, callable $isSo, array $question = ['do' => 'status']): Answer
    {
        for ($until = microtime(true) + self::PATIENCE_SECONDS; microtime(true) < $until; usleep(20_000)) {
            $answer = $this->ask($key, $question);
            if ($isSo($answer)) {
                return $answer;
            }
        }
        throw new RuntimeException('it never was so: ' . json_encode($answer->fields ?? []));
    }

    public function stands(string $key): Answer
    {
        return $this->until($key, static fn (Answer $answer): bool => $answer->fields['moves'] === false);
    }

    /** All of them, at once. */
    public function kill(): void
    {
        $pid = proc_get_status($this->process)['pid'];
        posix_kill(-$pid, SIGKILL);
        $errors = trim(stream_get_contents($this->output) . "\n" . @file_get_contents("{$this->folder}.log"));
        proc_close($this->process);
        if ($errors !== '') {
            fwrite(STDERR, "\nThe daemons ended with: {$errors}\n");
        }
        exec('rm -rf ' . escapeshellarg($this->daemons->folder) . ' ' . escapeshellarg("{$this->folder}.log"));
    }

    public function __destruct()
    {
        if (is_resource($this->process)) {
            $this->kill();
        }
    }
}
