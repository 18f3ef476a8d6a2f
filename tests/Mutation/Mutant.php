<?php

declare(strict_types=1);

namespace Tests\Mutation;

/**
 * One small change of one file.
 */
final readonly class Mutant
{
    /**
     * @param int $from of the bytes that it puts others in place of
     * @param int $to   the first byte after them
     */
    public function __construct(public string $file, public int $line, public int $from, public int $to, public string $instead, public string $says)
    {
    }

    public function applied(string $source): string
    {
        return substr($source, 0, $this->from) . $this->instead . substr($source, $this->to);
    }

    /**
     * @return string its place and what it changes, on one line
     */
    public function named(string $root): string
    {
        return sprintf('%s:%d  %s', substr($this->file, strlen($root) + 1), $this->line, (string) preg_replace('/\s+/', ' ', $this->says));
    }
}
