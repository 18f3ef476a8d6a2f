<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Devices\Links\DeviceAddress;

/**
 * Whoever drives a rig or a camera holds its lock, one on this machine for every program of Evrent's: workers, checks, trials and the command line.
 * The kernel gives it back when the process ends, however that comes about; nothing else does.
 */
final class DeviceLocks
{
    /** Where every user of a machine may leave one; the second where the first is not there. */
    private const FOLDERS = ['/run/lock', '/tmp'];
    private const NAME = 'evrent-devices';

    /** @param list<resource> $files */
    private function __construct(private array $files)
    {
    }

    /**
     * @param ?string $rig    address; null for a camera on legs alone
     * @param string  $camera address
     *
     * @return ?self null when somebody else has one of them
     */
    public static function take(?string $rig, string $camera): ?self
    {
        $keys = array_filter([$rig === null ? null : DeviceAddress::ofRig($rig), DeviceAddress::ofCamera($camera)], is_string(...));
        $files = [];
        foreach (array_unique($keys) as $key) {
            $file = self::file($key);
            if ($file === null || !flock($file, LOCK_EX | LOCK_NB)) {
                array_map(fclose(...), $files);

                return null;
            }
            $files[] = $file;
        }

        return new self($files);
    }

    public function letGo(): void
    {
        array_map(fclose(...), $this->files);
        $this->files = [];
    }

    /** @return ?resource */
    private static function file(string $key)
    {
        foreach (self::FOLDERS as $above) {
            $folder = "{$above}/" . self::NAME;
            if (!is_dir($folder) && is_writable($above) && @mkdir($folder)) {
                chmod($folder, 0o1777);
            }
            $path = "{$folder}/" . hash('xxh128', $key);
            // Another user's file can be locked by reading it.
            $file = is_dir($folder) ? @fopen($path, 'r') : false;
            $file = $file === false && is_dir($folder) ? @fopen($path, 'x') : $file;
            $file = $file === false && is_dir($folder) ? @fopen($path, 'r') : $file;
            if ($file !== false) {
                return $file;
            }
        }

        return null;
    }
}
