<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

/**
 * Where the values of a plan come from, by JSON pointer. What holds for a part holds for all in it that has no entry of its own; what has none
 * at all was typed.
 */
final readonly class Provenance
{
    /**
     * @param array<string, Source> $sources
     */
    public function __construct(public array $sources = [])
    {
    }

    public function of(string $pointer): Source
    {
        for ($at = $pointer; $at !== ''; $at = substr($at, 0, (int) strrpos($at, '/'))) {
            if (isset($this->sources[$at])) {
                return $this->sources[$at];
            }
        }

        return Source::Typed;
    }

    public function isAssumed(string $pointer): bool
    {
        return $this->of($pointer) === Source::Default;
    }
}
