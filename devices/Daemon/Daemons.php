<?php

declare(strict_types=1);

namespace Evrent\Devices\Daemon;

use Evrent\Core\Messages\Message;
use Evrent\Devices\Links\DeviceAddress;

/**
 * The daemons of this copy as others ask them: each rig and each camera that somebody uses by hand is owned by a process of its own, and everything
 * that is wanted of it goes there. Questions are short, and are answered at once.
 */
final readonly class Daemons
{
    public const KEEPER = 'keeper';
    private const CONNECT_SECONDS = 1.0;
    private const ANSWER_SECONDS = 2.0;

    /** One that is opened reaches its device first. */
    private const OPEN_SECONDS = 12.0;
    private const CHUNK = 1_000_000;

    /** The address of a Unix socket has 108 bytes, its end included. */
    private const MOST_FOLDER_BYTES = 107 - 24;

    /** Where their sockets are; empty where none run. */
    public string $folder;

    /**
     * @param string $folder where their sockets are to be; one that is too long for a socket's address has another stand for it. Empty where none run
     */
    public function __construct(string $folder)
    {
        $this->folder = strlen($folder) > self::MOST_FOLDER_BYTES ? '/tmp/evrent-' . substr(hash('sha256', $folder), 0, 16) : $folder;
    }

    public function isThere(): bool
    {
        return $this->folder !== '' && is_dir($this->folder);
    }

    public static function keyOfRig(string $address): string
    {
        return self::key('rig', DeviceAddress::ofRig($address));
    }

    /** @return ?string null for a camera on the trigger line alone */
    public static function keyOfCamera(string $address): ?string
    {
        $leadsTo = DeviceAddress::ofCamera($address);

        return $leadsTo === null ? null : self::key('camera', $leadsTo);
    }

    /** Where it is asked. Unix sockets have short names. */
    public function path(string $key): string
    {
        return "{$this->folder}/{$key}.sock";
    }

    /**
     * @param array<string, mixed> $question
     *
     * @return ?Answer null where nobody has this device in hand
     */
    public function ask(string $key, array $question, float $seconds = self::ANSWER_SECONDS): ?Answer
    {
        $line = $this->folder === '' ? false : @stream_socket_client('unix://' . $this->path($key), $number, $message, self::CONNECT_SECONDS);
        if ($line === false) {
            return null;
        }
        stream_set_timeout($line, (int) $seconds, (int) (1e6 * fmod($seconds, 1.0)));
        $bytes = '';
        $until = microtime(true) + $seconds;
        if (@fwrite($line, json_encode($question, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE) . "\n") !== false) {
            while (!feof($line) && microtime(true) < $until) {
                $bytes .= (string) @fread($line, self::CHUNK);
            }
        }
        fclose($line);

        return Answer::read($bytes);
    }

    /**
     * Has a device taken in hand, where it is not already.
     *
     * @param array<string, mixed> $opening `kind` ("rig" or "camera"), `address` and what else its daemon takes
     *
     * @return Answer with a problem where it cannot be had
     */
    public function open(string $key, array $opening): Answer
    {
        return $this->ask($key, ['do' => 'status'])
            ?? $this->ask(self::KEEPER, ['do' => 'open', 'key' => $key] + $opening, self::OPEN_SECONDS)
            ?? new Answer(['problem' => new Message('devices.daemon.not_running')]);
    }

    /**
     * Whoever has it in hand is to let go, unless it moves.
     *
     * @return bool whether nobody has it in hand afterwards
     */
    public function release(?string $key): bool
    {
        $answer = $key === null ? null : $this->ask($key, ['do' => 'release']);

        return $answer === null || ($answer->fields['released'] ?? false) === true;
    }

    /** @return list<string> keys of the rigs that are in hand, or were until a moment ago */
    public function rigs(): array
    {
        $found = $this->folder === '' ? [] : glob("{$this->folder}/rig-*.sock");

        return array_map(static fn (string $path): string => basename($path, '.sock'), $found === false ? [] : $found);
    }

    private static function key(string $kind, string $leadsTo): string
    {
        return "{$kind}-" . substr(hash('xxh128', $leadsTo), 0, 12);
    }
}
