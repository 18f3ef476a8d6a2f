<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

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

    public function text(string $name): ?string
    {
        $value = $this->more[$name] ?? null;

        return is_string($value) ? $value : null;
    }
}
