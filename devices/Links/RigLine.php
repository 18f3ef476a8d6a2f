<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

use Evrent\Devices\Processes\Child;
use Evrent\Devices\Processes\ChildFailed;
use Evrent\Devices\Processes\ChildLimits;
use Evrent\Devices\Processes\OwnFolder;

/**
 * A line of text to a rig and back: TCP, or a serial port.
 */
final class RigLine
{
    private const CONNECT_SECONDS = 2.0;
    private const USUAL_BAUD = 115_200;
    private const BYTES = 8_192;

    private string $unread = '';

    /**
     * @param resource $line
     */
    private function __construct(private $line)
    {
        stream_set_blocking($line, false);
    }

    /**
     * @param string $address host:port, or a serial port such as "/dev/ttyUSB0" or "/dev/ttyUSB0@9600"
     */
    public static function open(string $address): ?self
    {
        $line = str_starts_with($address, '/')
            ? self::serial($address)
            : TcpLine::open($address);

        return $line === false ? null : new self($line);
    }

    /** @return bool whether it went out */
    public function send(string $bytes): bool
    {
        return @fwrite($this->line, $bytes) === strlen($bytes);
    }

    /**
     * @return ?list<string> lines that came within so long; null when the other end is gone
     */
    public function read(int $microseconds): ?array
    {
        $read = [$this->line];
        $none = null;
        // A signal that comes meanwhile is no answer.
        if (@stream_select($read, $none, $none, 0, $microseconds) === 0) {
            return [];
        }
        $bytes = @fread($this->line, self::BYTES);
        if ($bytes === false || $bytes === '' && feof($this->line)) {
            return null;
        }
        $this->unread .= $bytes;
        $lines = [];
        while (($end = strpos($this->unread, "\n")) !== false) {
            $lines[] = trim(substr($this->unread, 0, $end));
            $this->unread = substr($this->unread, $end + 1);
        }

        return $lines;
    }

    public function close(): void
    {
        fclose($this->line);
    }

    /** @return resource|false */
    private static function serial(string $address)
    {
        [$path, $baud] = explode('@', $address) + [1 => (string) self::USUAL_BAUD];
        $own = new OwnFolder();
        try {
            $stty = Child::start(['stty', '-F', $path, (string) (int) $baud, 'raw', '-echo'], new ChildLimits(self::CONNECT_SECONDS, 256), $own->path)->wait();
        } catch (ChildFailed) {
            return false;
        }

        return $stty->exitCode() === 0 ? @fopen($path, 'r+b') : false;
    }
}
