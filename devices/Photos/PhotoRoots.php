<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

use Evrent\Core\Messages\Message;

/**
 * Where on this machine a folder of photos may lie at all: below somebody's home, on what is plugged in, or below a folder that was named when Evrent
 * was started. Never the machine's own folders, nor Evrent's.
 */
final readonly class PhotoRoots
{
    /** Each user's home, and each thing that is plugged in, is a folder in one of these. */
    private const ABOVE = ['/home', '/media', '/mnt', '/run/media'];

    /**
     * @param list<string> $named folders that were named at the start: they themselves may be read too
     * @param list<string> $own   folders of Evrent's own
     */
    public function __construct(private array $named, private array $own)
    {
    }

    /** @return ?Message why a folder may not be one that photos are read from; null where it may */
    public function whyNot(string $folder): ?Message
    {
        $real = realpath($folder);
        if ($folder === '' || $folder[0] !== '/' || $real === false || !is_dir($real) || !is_readable($real)) {
            return new Message('devices.photos.no_folder', ['folder' => $folder]);
        }
        if (PhotoFolder::isWithin($real, $this->own)) {
            return new Message('devices.photos.own_folder', ['folder' => $folder]);
        }
        foreach (self::ABOVE as $above) {
            if (str_starts_with($real, "{$above}/")) {
                return null;
            }
        }

        return PhotoFolder::isWithin($real, $this->named) ? null
            : new Message('devices.photos.wrong_place', ['folder' => $folder]);
    }

    /**
     * Whether a folder may be read, links followed.
     *
     * @param list<string> $allowed folders that may
     */
    public function mayRead(string $folder, array $allowed): bool
    {
        return PhotoFolder::isWithin($folder, $allowed) && !PhotoFolder::isWithin($folder, $this->own);
    }
}
