<?php

declare(strict_types=1);

namespace Tests\Core\Drawings;

use Evrent\Core\Drawings\Drawable;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;

/**
 * The columns that are sent to be drawn, read back as the page reads them.
 */
final class DrawnColumns
{
    /**
     * @return array<string, int|list<int|null>> by quantity, × IntervalColumns::SCALE
     */
    public static function of(Schedule $schedule): array
    {
        $read = [];
        foreach (Drawable::columns(Shot::on($schedule)) as $name => $column) {
            $read[$name] = match (true) {
                is_int($column) => $column,
                isset($column['s']) => self::summed($column['s']),
                default => self::added($column['of'], $column['plus'], $read, $schedule->photosTotal()),
            };
        }

        return $read;
    }

    /**
     * @param list<int|null|array{int|null, int}> $steps
     *
     * @return list<int|null>
     */
    private static function summed(array $steps): array
    {
        $sum = 0;
        $column = [];
        foreach ($steps as $run) {
            [$step, $times] = is_array($run) ? $run : [$run, 1];
            for (; $times > 0; $times--) {
                $sum += $step ?? 0;
                $column[] = $step === null ? null : $sum;
            }
        }

        return $column;
    }

    /**
     * @param array<string, int>                $of
     * @param array<string, int|list<int|null>> $read
     *
     * @return list<int|null>
     */
    private static function added(array $of, int $plus, array $read, int $photos): array
    {
        $column = [];
        for ($n = 0; $n < $photos; $n++) {
            $sum = $plus;
            foreach ($of as $name => $times) {
                $value = is_array($read[$name]) ? $read[$name][$n] : $read[$name];
                $sum = $sum === null || $value === null ? null : $sum + $times * $value;
            }
            $column[] = $sum;
        }

        return $column;
    }
}
