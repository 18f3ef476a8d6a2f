<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\InvalidInput;
use Evrent\Core\Problem;

/**
 * A time of day on the shooter's own clock, to the second, with the days it has run past the first midnight.
 */
final readonly class ClockTime
{
    private const SECONDS_PER_DAY = 86_400;

    private function __construct(private int $secondsFromMidnight)
    {
    }

    /**
     * @param string $text such as "19:40", "19.40" or "19:40:30"
     *
     * @throws InvalidInput
     */
    public static function read(string $text): self
    {
        if (preg_match('/^\s*([01]?\d|2[0-3])[:.]([0-5]\d)(?:[:.]([0-5]\d))?\s*$/D', $text, $part) !== 1) {
            throw new InvalidInput([new Problem('', 'Enter a time of day such as 19:40.')]);
        }

        return new self((int) $part[1] * 3600 + (int) $part[2] * 60 + (int) ($part[3] ?? 0));
    }

    public function plusSeconds(float $seconds): self
    {
        return new self($this->secondsFromMidnight + (int) ceil($seconds));
    }

    /** "19:40", and "00:05 (next day)" or "07:00 (+3 days)" past midnight. */
    public function text(): string
    {
        $days = intdiv($this->secondsFromMidnight, self::SECONDS_PER_DAY);
        $clock = gmdate('H:i', $this->secondsFromMidnight % self::SECONDS_PER_DAY);

        return $clock . match ($days) {
            0 => '',
            1 => ' (next day)',
            default => " (+{$days} days)",
        };
    }
}
