<?php

declare(strict_types=1);

namespace Evrent\Devices\Daemon;

use JsonException;

/**
 * Where a daemon is asked: a Unix socket on which each connection brings one line of JSON and takes one answer. Nobody is waited for: whoever is
 * slow, or never ends, holds nothing up.
 */
final class Endpoint
{
    private const MOST_BYTES = 4_000_000;
    private const PATIENCE_SECONDS = 2.0;
    private const CHUNK = 65_536;

    /** @var array<int, array{line: resource, heard: string, says: ?string, since: float}> */
    private array $open = [];

    /** @param resource $socket */
    private function __construct(private $socket, private readonly string $path)
    {
        stream_set_blocking($socket, false);
    }

    /** @return ?self null where somebody else answers there */
    public static function listen(string $path): ?self
    {
        $other = @stream_socket_client("unix://{$path}", $number, $message, 1.0);
        if ($other !== false) {
            fclose($other);

            return null;
        }
        // What a daemon that was killed left behind.
        @unlink($path);
        $socket = @stream_socket_server("unix://{$path}");

        return $socket === false ? null : new self($socket, $path);
    }

    /**
     * Waits so long for questions, and answers those that came.
     *
     * @param callable(array<array-key, mixed>, callable(Answer): void): ?Answer $answer null where it is answered later, by what it was given for that
     */
    public function serve(float $seconds, callable $answer): void
    {
        $read = [$this->socket, ...array_column(array_filter($this->open, static fn (array $one): bool => $one['says'] === null), 'line')];
        $write = array_column(array_filter($this->open, static fn (array $one): bool => $one['says'] !== null), 'line');
        $none = null;
        if (@stream_select($read, $write, $none, 0, (int) (1e6 * max(0.0, $seconds))) === false) {
            return;
        }
        while (($line = @stream_socket_accept($this->socket, 0.0)) !== false) {
            stream_set_blocking($line, false);
            $this->open[(int) $line] = ['line' => $line, 'heard' => '', 'says' => null, 'since' => microtime(true)];
        }
        foreach (array_keys($this->open) as $id) {
            $this->goOn($id, $answer);
        }
    }

    public function close(): void
    {
        array_map(fclose(...), array_column($this->open, 'line'));
        $this->open = [];
        fclose($this->socket);
        @unlink($this->path);
    }

    /** In a process that was forked: the socket is the parent's. */
    public function leave(): void
    {
        array_map(fclose(...), array_column($this->open, 'line'));
        $this->open = [];
        fclose($this->socket);
    }

    /**
     * @param callable(array<array-key, mixed>, callable(Answer): void): ?Answer $answer
     */
    private function goOn(int $id, callable $answer): void
    {
        $one = $this->open[$id] ?? null;
        if ($one === null) {
            return;
        }
        if ($one['says'] === null) {
            $bytes = @fread($one['line'], self::CHUNK);
            $heard = $one['heard'] . ($bytes === false ? '' : $bytes);
            $this->open[$id]['heard'] = $heard;
            if (str_contains($heard, "\n")) {
                // Asked before it is answered: what is asked may take long, and others are answered meanwhile.
                $this->open[$id]['says'] = '';
                $this->open[$id]['says'] = $answer(self::read($heard), function (Answer $later) use ($id): void {
                    if (isset($this->open[$id])) {
                        $this->open[$id]['says'] = $later->bytes();
                        $this->say($id);
                    }
                })?->bytes() ?? '';
            } elseif ($bytes === false || feof($one['line']) || strlen($heard) > self::MOST_BYTES) {
                $this->end($id);

                return;
            }
        }
        $this->say($id);
    }

    private function say(int $id): void
    {
        $one = $this->open[$id] ?? null;
        if ($one !== null && $one['says'] !== null && $one['says'] !== '') {
            $sent = @fwrite($one['line'], $one['says']);
            $rest = $sent === false ? '' : substr($one['says'], $sent);
            if ($rest === '') {
                $this->end($id);

                return;
            }
            $this->open[$id]['says'] = $rest;
        }
        if ($one !== null && microtime(true) - $one['since'] > self::PATIENCE_SECONDS && $one['says'] !== '') {
            $this->end($id);
        }
    }

    private function end(int $id): void
    {
        if (isset($this->open[$id])) {
            fclose($this->open[$id]['line']);
            unset($this->open[$id]);
        }
    }

    /**
     * @return array<array-key, mixed> nothing for what cannot be read
     */
    private static function read(string $heard): array
    {
        try {
            $question = json_decode(explode("\n", $heard, 2)[0], true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            return [];
        }

        return is_array($question) ? $question : [];
    }
}
