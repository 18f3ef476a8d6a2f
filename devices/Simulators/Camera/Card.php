<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

use RuntimeException;

/**
 * The simulated camera's card: a folder on this machine, laid out as cameras do (DCF): DCIM/100EVRNT/EVR_0001.JPG, and after 9999 the next
 * folder's 0001. What is on it is still there when the camera is switched on again.
 */
final class Card
{
    public const DCIM = 'DCIM';
    private const FIRST_FOLDER = 100;
    private const HIGHEST_FILE = 9_999;

    /** @var array<int, string> paths below the card, by handle: 100 · 10,000 + 1 for the first file of the first folder */
    private array $files = [];

    private int $last;

    /**
     * @param ?int $nextFileNumber what the counter gives the first photo of an empty card
     *
     * @throws RuntimeException when the folder cannot be written
     */
    public function __construct(public readonly string $folder, ?int $nextFileNumber = null)
    {
        if (!is_dir("{$folder}/" . self::DCIM) && !@mkdir("{$folder}/" . self::DCIM, 0o755, true)) {
            throw new RuntimeException("cannot make a card at {$folder}");
        }
        $found = glob("{$folder}/" . self::DCIM . '/[1-9][0-9][0-9]EVRNT/EVR_[0-9][0-9][0-9][0-9].JPG');
        foreach ($found === false ? [] : $found as $path) {
            $this->files[self::handleOf($path)] = substr($path, strlen($folder) + 1);
        }
        ksort($this->files);
        $this->last = array_key_last($this->files) ?? self::FIRST_FOLDER * 10_000 + max(1, $nextFileNumber ?? 1) - 1;
    }

    /**
     * Puts a file on the card, whole or not at all.
     *
     * @param ?float $takenAt seconds from 1970 in the camera's own wall time; null for now
     *
     * @return int its handle
     *
     * @throws RuntimeException when that fails
     */
    public function put(string $bytes, ?float $takenAt = null): int
    {
        $handle = $this->last % 10_000 >= self::HIGHEST_FILE ? (intdiv($this->last, 10_000) + 1) * 10_000 + 1 : $this->last + 1;
        $path = sprintf('%s/%dEVRNT/EVR_%04d.JPG', self::DCIM, intdiv($handle, 10_000), $handle % 10_000);
        $whole = "{$this->folder}/{$path}";
        $hasFolder = is_dir(dirname($whole)) || mkdir(dirname($whole), 0o755, true);
        $isWritten = $hasFolder && file_put_contents("{$whole}.part", $bytes) === strlen($bytes);
        if (!$isWritten || !touch("{$whole}.part", (int) floor($takenAt ?? microtime(true))) || !rename("{$whole}.part", $whole)) {
            throw new RuntimeException("cannot write {$whole}");
        }
        $this->files[$handle] = $path;
        $this->last = $handle;

        return $handle;
    }

    /**
     * Counts on from where another card stands, unless it is farther itself.
     *
     * @param bool $with whether the next file here has the number of the latest there: a copy of it
     */
    public function continueAfter(self $other, bool $with = false): void
    {
        $this->last = $with ? $other->last - 1 : max($this->last, $other->last);
    }

    /** Whether files are gone that were there: somebody took the card out, and put it back empty or put in another. */
    public function lookAgain(): bool
    {
        clearstatcache();
        $there = array_filter($this->files, fn (string $path): bool => is_file("{$this->folder}/{$path}"));
        $isAnother = count($there) < count($this->files);
        $this->files = $there;
        if (!is_dir("{$this->folder}/" . self::DCIM)) {
            @mkdir("{$this->folder}/" . self::DCIM, 0o755, true);
        }

        return $isAnother;
    }

    /** @return list<int> */
    public function handles(): array
    {
        return array_keys($this->files);
    }

    /** @return list<int> numbers of the folders that hold files */
    public function folders(): array
    {
        return array_values(array_unique(array_map(static fn (int $handle): int => intdiv($handle, 10_000), array_keys($this->files))));
    }

    public function has(int $handle): bool
    {
        return isset($this->files[$handle]);
    }

    public function name(int $handle): string
    {
        return basename($this->files[$handle]);
    }

    public function bytes(int $handle): string
    {
        return (string) file_get_contents("{$this->folder}/{$this->files[$handle]}");
    }

    public function size(int $handle): int
    {
        return (int) filesize("{$this->folder}/{$this->files[$handle]}");
    }

    /** By the camera's clock, whole seconds: files have no other time. */
    public function takenAt(int $handle): int
    {
        return (int) filemtime("{$this->folder}/{$this->files[$handle]}");
    }

    /** When the latest was taken, by the camera's clock; null where there is none. */
    public function latestTakenAt(): ?float
    {
        return $this->files === [] ? null : (float) max(array_map($this->takenAt(...), array_keys($this->files)));
    }

    public function delete(int $handle): void
    {
        unlink("{$this->folder}/{$this->files[$handle]}");
        unset($this->files[$handle]);
    }

    public function count(): int
    {
        return count($this->files);
    }

    private static function handleOf(string $path): int
    {
        return (int) substr(basename(dirname($path)), 0, 3) * 10_000 + (int) substr(basename($path), 4, 4);
    }
}
