<?php

declare(strict_types=1);

namespace Evrent\Core\Words;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
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
            throw new InvalidInput([new Problem('', new Message('values.clock_time.enter'))]);
        }

        return new self((int) $part[1] * 3600 + (int) $part[2] * 60 + (int) ($part[3] ?? 0));
    }

    /** Every time of day in a text as a clock of twelve hours shows it: "17:50" is "5:50 pm". */
    public static function twelveHours(string $text): string
    {
        return (string) preg_replace_callback(
            '/(?<![\d:])([01]\d|2[0-3]):([0-5]\d(?::[0-5]\d)?)(?![\d:])/',
            static fn (array $part): string => (((int) $part[1] + 11) % 12 + 1) . ":{$part[2]} " . ((int) $part[1] < 12 ? 'am' : 'pm'),
            $text,
        );
    }

    /** Every time of day in a text that is typed by a clock of twelve hours, by one of twenty-four: "5:50 pm" is "17:50". */
    public static function twentyFourHours(string $text): string
    {
        return (string) preg_replace_callback(
            '/(?<![\d:.])(1[0-2]|0?[1-9])(?:[:.]([0-5]\d))?\s*([ap])\.?m\b\.?/i',
            static fn (array $part): string => sprintf('%02d:%02d', (int) $part[1] % 12 + (strtolower($part[3]) === 'p' ? 12 : 0), (int) $part[2]),
            $text,
        );
    }

    public function plusSeconds(float $seconds): self
    {
        return new self($this->secondsFromMidnight + (int) round($seconds));
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

    /** To the nearest minute: "19:40", and "00:05 (next day)" or "07:00 (+3 days)" past midnight. */
    public function text(): Message|string
    {
        // To the nearest, as all times of one card.
        $minutes = intdiv($this->secondsFromMidnight + 30, 60);
        $days = intdiv($minutes, self::MINUTES_PER_DAY);
        $clock = sprintf('%02d:%02d', intdiv($minutes, 60) % 24, $minutes % 60);

        return self::onDay($clock, $days);
    }

    /**
     * @param string $clock "00:05"
     * @param int    $days  after the day that is meant, or before it
     *
     * @return Message|string "00:05 (next day)"
     */
    public static function onDay(string $clock, int $days): Message|string
    {
        return match ($days) {
            0 => $clock,
            1 => new Message('values.clock_time.next_day', ['clock' => $clock]),
            -1 => new Message('values.clock_time.day_before', ['clock' => $clock]),
            default => new Message('values.clock_time.days_on', ['clock' => $clock, 'days' => Quantity::signed($days, 0)]),
        };
    }
}
