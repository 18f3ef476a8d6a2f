<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Evrent\Core\Format\ScheduleCsv;
use Evrent\Core\Schedule\Schedule;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class ScheduleCsvTest extends TestCase
{
    public function testHasOneRowForEachPhotoAndAColumnForEachQuantityOfTheMode(): void
    {
        foreach (['1-two-keyframes' => 'move_s', '2-three-keyframes-flow' => 'travel_while_open:pan'] as $name => $own) {
            $schedule = Schedule::of(Plans::example($name));
            $rows = [...ScheduleCsv::rows($schedule->plan)];
            self::assertCount($schedule->photosTotal() + 1, $rows);
            self::assertContains($own, $rows[0]);
            foreach ($rows as $row) {
                self::assertCount(count($rows[0]), $row);
            }
            $last = array_combine($rows[0], $rows[count($rows) - 1]);
            self::assertSame('', $last['slack_s']);
            self::assertSame('tail', $last['phase']);
        }
    }
}
