<?php

declare(strict_types=1);

namespace Evrent\Devices\Processes;

use FilesystemIterator;

/**
 * A folder for one child process, gone when it is no longer used. Files are handed over by links in it, under names of our own: what theirs would
 * mean to a program does not matter then.
 */
final class OwnFolder
{
    public readonly string $path;

    /** @var array<string, string> what each link stands for, by the link's name */
    private array $linked = [];

    /** @throws NoRoom */
    public function __construct()
    {
        $this->path = sys_get_temp_dir() . '/evrent-' . bin2hex(random_bytes(8));
        if (!@mkdir($this->path, 0o700)) {
            throw new NoRoom();
        }
    }

    /**
     * @param string $file  path from the folder `$in` on
     * @param string $in    whole path of a folder
     *
     * @return string the link's name
     *
     * @throws NoRoom
     */
    public function link(string $file, string $in): string
    {
        $ending = strtolower(pathinfo($file, PATHINFO_EXTENSION));
        // What a file is, programs also tell by its ending.
        $name = sprintf('%06d%s', count($this->linked) + 1, preg_match('/^[a-z0-9]{1,5}$/D', $ending) === 1 ? ".{$ending}" : '');
        if (!@symlink("{$in}/{$file}", "{$this->path}/{$name}")) {
            throw new NoRoom();
        }
        $this->linked[$name] = $file;

        return $name;
    }

    /** @return ?string the file that a link of this name stands for */
    public function file(string $name): ?string
    {
        return $this->linked[$name] ?? null;
    }

    public function __destruct()
    {
        foreach (is_dir($this->path) ? new FilesystemIterator($this->path) : [] as $path) {
            @unlink((string) $path);
        }
        @rmdir($this->path);
    }
}
