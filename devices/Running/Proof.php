<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Closure;

/**
 * How long ago it was known for certain that nobody else drives a take. What is known is as old as the question: the answer may have been long on
 * its way. And it is worth something only where nobody could have thought the driver gone since.
 */
final class Proof
{
    /** A driver that was heard of so lately, in real seconds, is not taken for gone before its proof is old: others wait for longer. */
    private const FRESH_SECONDS = 10.0;

    private const NANOSECONDS = 1e9;

    private float $provenAt;
    private float $heardAt;

    /** @var Closure(): float */
    private readonly Closure $realSeconds;

    /**
     * @param float             $askedAt     when the take was asked for, as `now()` had it
     * @param ?callable(): float $realSeconds on a clock that nobody sets; null for this machine's
     */
    public function __construct(float $askedAt, ?callable $realSeconds = null)
    {
        $this->provenAt = $this->heardAt = $askedAt;
        $this->realSeconds = $realSeconds === null ? self::machineSeconds(...) : $realSeconds(...);
    }

    /** What is given back when the answer has come. */
    public function now(): float
    {
        return ($this->realSeconds)();
    }

    public static function machineSeconds(): float
    {
        return hrtime(true) / self::NANOSECONDS;
    }

    /** Its token was the current one. */
    public function proven(float $askedAt): void
    {
        if ($askedAt - $this->heardAt < self::FRESH_SECONDS) {
            $this->provenAt = $askedAt;
        }
    }

    /** It was noted as heard of. */
    public function heard(float $askedAt): void
    {
        $this->heardAt = $askedAt;
    }

    /** @return float real seconds since it was proven */
    public function seconds(): float
    {
        return $this->now() - $this->provenAt;
    }
}
