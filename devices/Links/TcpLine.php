<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

/**
 * TCP lines to devices: short messages, each of which is waited for. Held back for more to come, as TCP does of itself, each would take a twentieth of
 * a second longer.
 */
final class TcpLine
{
    private const CONNECT_SECONDS = 2.0;

    /** @return resource|false */
    public static function open(string $address)
    {
        $context = stream_context_create(['socket' => ['tcp_nodelay' => true]]);

        return @stream_socket_client("tcp://{$address}", $number, $message, self::CONNECT_SECONDS, STREAM_CLIENT_CONNECT, $context);
    }
}
