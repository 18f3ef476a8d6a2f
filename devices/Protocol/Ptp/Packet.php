<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Ptp;

/**
 * One packet of PTP over TCP/IP: its length and kind in four bytes each, least byte first, and what it carries.
 */
final readonly class Packet
{
    public const INIT_COMMAND_REQUEST = 1;
    public const INIT_COMMAND_ACK = 2;
    public const INIT_EVENT_REQUEST = 3;
    public const INIT_EVENT_ACK = 4;
    public const INIT_FAIL = 5;
    public const OPERATION_REQUEST = 6;
    public const OPERATION_RESPONSE = 7;
    public const EVENT = 8;
    public const START_DATA = 9;
    public const DATA = 10;
    public const CANCEL = 11;
    public const END_DATA = 12;
    public const PING = 13;
    public const PONG = 14;

    private const HEAD_BYTES = 8;

    /** Nothing that a host sends to a camera is larger. */
    private const MOST_BYTES = 1_000_000;

    public function __construct(public int $kind, public string $body = '')
    {
    }

    /**
     * Takes the first packet off what came.
     *
     * @return ?self null while it is not all there
     *
     * @throws BadPacket when no packet can begin like that
     */
    public static function take(string &$bytes): ?self
    {
        if (strlen($bytes) < self::HEAD_BYTES) {
            return null;
        }
        $in = new DatasetReader($bytes);
        [$length, $kind] = [$in->u32(), $in->u32()];
        if ($length < self::HEAD_BYTES || $length > self::MOST_BYTES || $kind < self::INIT_COMMAND_REQUEST || $kind > self::PONG) {
            throw new BadPacket();
        }
        if (strlen($bytes) < $length) {
            return null;
        }
        $packet = new self($kind, substr($bytes, self::HEAD_BYTES, $length - self::HEAD_BYTES));
        $bytes = substr($bytes, $length);

        return $packet;
    }

    public function bytes(): string
    {
        return pack('VV', self::HEAD_BYTES + strlen($this->body), $this->kind) . $this->body;
    }
}
