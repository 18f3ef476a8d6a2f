<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;

/**
 * One line of a take's log.
 */
final readonly class LogLine
{
    /**
     * @param float                $seconds when, from the log's beginning, on a clock that never goes back
     * @param ?int                 $photo   number of the photo it is about, from 1
     * @param array<string, mixed> $more    what else it tells, by name
     */
    public function __construct(public LogKind $kind, public float $seconds, public ?int $photo = null, public array $more = [])
    {
    }

    public function number(string $name): ?float
    {
        $value = $this->more[$name] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    /**
     * The same with its messages in words, for a file that somebody reads.
     *
     * @param callable(array<string, mixed>): array<string, mixed> $words
     */
    public function in(callable $words): self
    {
        $revived = array_map(
            static fn (mixed $value): mixed => is_array($value) && is_string($value['key'] ?? null) ? Message::of($value) : $value,
            $this->more,
        );

        return new self($this->kind, $this->seconds, $this->photo, $words($revived));
    }

    /** A sentence in the log: a message, or the text of an earlier version. */
    public function words(string $name): Text|string|null
    {
        $value = $this->more[$name] ?? null;

        return match (true) {
            is_string($value), $value instanceof Text => $value,
            is_array($value) && is_string($value['key'] ?? null) => Message::of($value),
            default => null,
        };
    }

    public function text(string $name): ?string
    {
        $value = $this->more[$name] ?? null;

        return is_string($value) ? $value : null;
    }
}
