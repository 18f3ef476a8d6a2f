<?php

declare(strict_types=1);

namespace Tests\Core\Run;

use Evrent\Core\Run\Take\Brightness;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Trace;
use Evrent\Core\Schedule\Schedule;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What is seen of photos and places while a take runs.
 */
final class BrightnessTest extends TestCase
{
    /** Twice the light is one stop. */
    public function testALampIsAJumpAndItsEndIsNone(): void
    {
        $brightness = new Brightness(Schedule::of(Plans::with([])));
        foreach ([0.20, 0.21, 0.20, 0.19, 0.20] as $n => $luma) {
            self::assertNull($brightness->jump($n + 1, $luma));
        }
        self::assertSame('takes.alarm.brighter(photo: 6, stops: 1)', (string) $brightness->jump(6, 0.4));
        self::assertNull($brightness->jump(7, 0.2));
        self::assertSame('takes.alarm.darker(photo: 8, stops: 2)', (string) $brightness->jump(8, 0.05));
    }

    public function testLightThatGoesSlowlyIsNoJump(): void
    {
        $brightness = new Brightness(Schedule::of(Plans::with([])));
        for ($n = 1; $n <= 40; $n++) {
            self::assertNull($brightness->jump($n, 0.3 * 2.0 ** (-0.05 * $n)));
        }
    }

    public function testWhatStaysIsTheNewUsual(): void
    {
        $brightness = new Brightness(Schedule::of(Plans::with([])));
        $said = 0;
        for ($n = 1; $n <= 20; $n++) {
            $said += $brightness->jump($n, $n < 8 ? 0.1 : 0.4) === null ? 0 : 1;
        }
        self::assertSame(3, $said);
    }

    public function testATraceIsWhereTheRigStoodAndIsThinned(): void
    {
        $lines = [new LogLine(LogKind::Arrived, 8.0, 1, ['at' => ['slide' => 0]]), new LogLine(LogKind::Started, 10.0, null, ['due' => 10.0])];
        for ($n = 2; $n <= 100; $n++) {
            $lines[] = new LogLine(LogKind::Arrived, 10.0 + $n, $n, ['at' => ['slide' => 2 * $n]]);
        }
        $lines[] = new LogLine(LogKind::Note, 120.0, 100, ['at' => ['slide' => 201.5], 'place' => 100.5]);
        $trace = Trace::of($lines)['slide'];
        self::assertCount(101, $trace);
        self::assertSame(['seconds' => 0.0, 'place' => 1.0, 'position' => 0.0], $trace[0]);
        self::assertSame(['seconds' => 110.0, 'place' => 100.5, 'position' => 201.5], $trace[100]);
        $thin = Trace::of($lines, 20)['slide'];
        self::assertLessThanOrEqual(21, count($thin));
        self::assertSame($trace[100], $thin[count($thin) - 1]);
    }
}
