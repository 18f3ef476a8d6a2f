<?php

declare(strict_types=1);

namespace Evrent\Devices\Processes;

use Evrent\Core\Messages\Message;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/**
 * A program of somebody else's at work on files of somebody else's: started without a shell, with nothing of this process's environment, in a
 * folder that is made for it, and within limits.
 */
final class Child
{
    private readonly Process $process;
    private int $bytes = 0;

    /**
     * @param list<string>         $command program and arguments
     * @param string               $folder  where it runs: its own
     * @param array<string, string> $environment what it is to know beside where programs are
     */
    private function __construct(array $command, private readonly ChildLimits $limits, string $folder, array $environment, ?string $input)
    {
        $inherited = array_fill_keys([...array_keys(getenv()), ...array_map(strval(...), array_keys($_ENV))], false);
        $own = ['PATH' => (string) getenv('PATH'), 'HOME' => $folder, 'TMPDIR' => $folder, 'LC_ALL' => 'C.UTF-8', 'TERM' => 'dumb', ...$environment];
        $this->process = new Process([...$limits->command(), ...$command], $folder, [...$inherited, ...$own], $input, $limits->seconds);
        $this->process->setIdleTimeout($limits->idleSeconds);
    }

    /**
     * @param list<string>          $command     program and arguments
     * @param string                $folder      where it runs: its own
     * @param array<string, string> $environment what it is to know beside where programs are
     *
     * @throws ChildFailed
     */
    public static function start(array $command, ChildLimits $limits, string $folder, array $environment = [], ?string $input = null): self
    {
        $child = new self($command, $limits, $folder, $environment, $input);
        try {
            $child->process->start(function (string $type, string $bytes) use ($child): void {
                $child->count($bytes);
            });
        } catch (ExceptionInterface $failure) {
            throw new ChildFailed(new Message('devices.process.not_started', ['command' => $command[0], 'why' => $failure->getMessage()]));
        }

        return $child;
    }

    /**
     * Until it has ended by itself.
     *
     * @throws ChildFailed when it was killed for what it used up
     */
    public function wait(): self
    {
        try {
            $this->process->wait();
        } catch (ExceptionInterface) {
            // A signal from outside is no failure of waiting: the exit code tells of it.
            if ($this->process->isRunning() || !$this->process->hasBeenSignaled()) {
                $this->process->stop(0.0);
                throw new ChildFailed(new Message('devices.process.too_long'));
            }
        }
        $this->unlessTooMuch();

        return $this;
    }

    /**
     * Whether it still works.
     *
     * @throws ChildFailed when it used up too much, and was killed
     */
    public function isRunning(): bool
    {
        try {
            $isRunning = $this->process->isRunning();
            $this->process->checkTimeout();
        } catch (ExceptionInterface) {
            $this->process->stop(0.0);
            throw new ChildFailed(new Message('devices.process.too_long'));
        }
        $this->unlessTooMuch();

        return $isRunning;
    }

    public function stop(): void
    {
        $this->process->stop(2.0);
    }

    /** What it said since this was last asked. */
    public function newOutput(): string
    {
        return $this->process->getIncrementalOutput();
    }

    public function output(): string
    {
        return $this->process->getOutput();
    }

    public function errors(): string
    {
        return $this->process->getErrorOutput();
    }

    /** @return int what it ended with; 128 and more for a signal */
    public function exitCode(): int
    {
        return $this->process->getExitCode() ?? 255;
    }

    public function wasKilled(): bool
    {
        return $this->process->hasBeenSignaled();
    }

    private function count(string $bytes): void
    {
        $this->bytes += strlen($bytes);
        if ($this->bytes > $this->limits->outputBytes) {
            try {
                $this->process->signal(SIGKILL);
            } catch (ExceptionInterface) {
                // It has ended by itself.
            }
        }
    }

    private function unlessTooMuch(): void
    {
        if ($this->bytes > $this->limits->outputBytes) {
            $this->process->stop(0.0);
            throw new ChildFailed(new Message('devices.process.too_much'));
        }
    }
}
