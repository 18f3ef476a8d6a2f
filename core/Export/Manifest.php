<?php

declare(strict_types=1);

namespace Evrent\Core\Export;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Checksums of files, a line each, in the form that `sha256sum --check` reads: a copy is known to be one.
 */
final readonly class Manifest
{
    /**
     * @param array<array-key, string> $sums SHA-256 in small hexadecimal digits, by path from the folder on
     */
    public function __construct(public array $sums)
    {
    }

    /** By path, so that the same files give the same bytes. */
    public function text(): string
    {
        $sums = $this->sums;
        ksort($sums, SORT_STRING);
        $lines = '';
        foreach ($sums as $path => $sum) {
            $path = (string) $path;
            // A name with a line's end in it is escaped, and its line begins with a backslash (GNU coreutils).
            $escaped = str_replace(['\\', "\n", "\r"], ['\\\\', '\\n', '\\r'], $path);
            $lines .= ($escaped === $path ? '' : '\\') . "{$sum}  {$escaped}\n";
        }

        return $lines;
    }

    /**
     * @throws InvalidInput by the line
     */
    public static function read(string $text): self
    {
        $sums = [];
        foreach (explode("\n", rtrim($text, "\n")) as $n => $line) {
            if (preg_match('/^(\\\\?)([0-9a-f]{64}) [ *](.+)$/D', $line, $part) !== 1) {
                throw new InvalidInput([new Problem('/' . ($n + 1), new Message('export.manifest.line', ['n' => $n + 1]))]);
            }
            $path = $part[1] === '' ? $part[3] : strtr($part[3], ['\\\\' => '\\', '\\n' => "\n", '\\r' => "\r"]);
            $sums[$path] = $part[2];
        }

        return new self($sums);
    }

    /**
     * What a copy lacks, wherever in it the files lie: photos are often copied into other folders than the card has.
     *
     * @param self $copy as it was found
     *
     * @return array{missing: list<string>, changed: list<string>} paths; changed are those whose name the copy has with other bytes
     */
    public function lackedBy(self $copy): array
    {
        $has = array_flip($copy->sums);
        $names = [];
        foreach (array_keys($copy->sums) as $path) {
            $names[basename((string) $path)] = true;
        }
        $lacked = ['missing' => [], 'changed' => []];
        foreach ($this->sums as $path => $sum) {
            if (!isset($has[$sum])) {
                $lacked[isset($names[basename((string) $path)]) ? 'changed' : 'missing'][] = (string) $path;
            }
        }

        return $lacked;
    }

    /**
     * What a copy has of it, path by path.
     *
     * @param self $copy as it was found
     *
     * @return array{missing: list<string>, changed: list<string>, more: list<string>} paths
     */
    public function against(self $copy): array
    {
        $missing = $changed = [];
        foreach ($this->sums as $path => $sum) {
            if (!isset($copy->sums[$path])) {
                $missing[] = (string) $path;
            } elseif ($copy->sums[$path] !== $sum) {
                $changed[] = (string) $path;
            }
        }

        return ['missing' => $missing, 'changed' => $changed, 'more' => array_map(strval(...), array_keys(array_diff_key($copy->sums, $this->sums)))];
    }
}
