<?php

declare(strict_types=1);

namespace Evrent\Core\Words;

use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * A time of day on the shooter's own clock, to the second, with the days it has run past the first midnight.
 */
final readonly class ClockTime
{
    private const MINUTES_PER_DAY = 1_440;

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

    /** To the second: "19:40:30". */
    public function exactText(): string
    {
        return sprintf(
            '%02d:%02d:%02d',
            intdiv($this->secondsFromMidnight, 3600) % 24,
            intdiv($this->secondsFromMidnight, 60) % 60,
            $this->secondsFromMidnight % 60,
        );
    }

    /** To the minute, rounded up: "19:40", and "00:05 (next day)" or "07:00 (+3 days)" past midnight. */
    public function text(): string
    {
        // What is under way at 16:51:53 is over by 16:52.
        $minutes = intdiv($this->secondsFromMidnight + 59, 60);
        $days = intdiv($minutes, self::MINUTES_PER_DAY);
        $clock = sprintf('%02d:%02d', intdiv($minutes, 60) % 24, $minutes % 60);

        return $clock . match ($days) {
            0 => '',
            1 => ' (next day)',
            default => " (+{$days} days)",
        };
    }
}
