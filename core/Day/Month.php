<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use DateTimeImmutable;
use Evrent\Core\Messages\Message;

/**
 * A month as a wall calendar shows it: weeks of seven days, with empty places before the first and after the last.
 */
final readonly class Month
{
    public const MONDAY = 1;
    public const SATURDAY = 6;
    public const SUNDAY = 7;

    private const DAYS = ['day.month.mon', 'day.month.tue', 'day.month.wed', 'day.month.thu', 'day.month.fri', 'day.month.sat', 'day.month.sun'];

    private DateTimeImmutable $first;

    /**
     * @param string $day      any day of it, such as 2027-03-23
     * @param int    $firstDay of the week, 1 for Monday to 7 for Sunday
     */
    public function __construct(string $day, private int $firstDay = self::MONDAY)
    {
        $this->first = new DateTimeImmutable(substr($day, 0, 7) . '-01');
    }

    public function name(): Message
    {
        return new Message('day.month.name', ['month' => new Message('day.month.name_' . $this->first->format('n')), 'year' => $this->first->format('Y')]);
    }

    /**
     * @return list<Message> names of the days, in the order of the week
     */
    public function days(): array
    {
        return array_map(
            static fn (string $key): Message => new Message($key),
            [...array_slice(self::DAYS, $this->firstDay - 1), ...array_slice(self::DAYS, 0, $this->firstDay - 1)],
        );
    }

    /**
     * @return list<list<?string>> dates such as 2027-03-23 by week; null where the day is of another month
     */
    public function weeks(): array
    {
        $before = ((int) $this->first->format('N') - $this->firstDay + 7) % 7;
        $length = (int) $this->first->format('t');
        $places = array_fill(0, $before, null);
        for ($day = 1; $day <= $length; $day++) {
            $places[] = $this->first->format('Y-m-') . sprintf('%02d', $day);
        }

        return array_map(static fn (array $week): array => array_pad($week, 7, null), array_chunk($places, 7));
    }
}
