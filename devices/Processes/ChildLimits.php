<?php

declare(strict_types=1);

namespace Evrent\Devices\Processes;

/**
 * What a child process may use up. The kernel keeps it to memory, processor time and file sizes; the parent to the rest.
 */
final readonly class ChildLimits
{
    /**
     * @param ?float $seconds     on the clock, until it is killed; null for as long as it takes
     * @param ?float $idleSeconds without any output, until it is killed; null for no limit
     * @param int    $megabytes   of address space
     * @param ?int   $cpuSeconds  of one processor; null for no limit
     * @param bool   $writes      whether it may write files; one that only reads cannot put a byte into any
     * @param int    $outputBytes on its standard output, until it is killed
     */
    public function __construct(
        public ?float $seconds,
        public int $megabytes,
        public ?int $cpuSeconds = null,
        public bool $writes = false,
        public int $outputBytes = 64_000_000,
        public ?float $idleSeconds = null,
    ) {
    }

    /** @return list<string> the command that sets them, to stand before the child's own */
    public function command(): array
    {
        return [
            'prlimit', "--as={$this->bytes()}", '--core=0', '--nofile=256',
            ...($this->cpuSeconds === null ? [] : ["--cpu={$this->cpuSeconds}"]),
            // Pipes are no files: it still answers.
            ...($this->writes ? [] : ['--fsize=0']),
        ];
    }

    private function bytes(): int
    {
        return $this->megabytes * 1_048_576;
    }
}
