<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Budget\Battery;
use Evrent\Core\Budget\RigPower;
use Evrent\Core\Run\Fault;
use Evrent\Core\Run\FaultKind;
use Evrent\Devices\Faults;
use Evrent\Devices\Simulators\Rig\SimulatedRig;
use Evrent\Devices\Simulators\SimulatedKit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The simulated rig in virtual time: what goes in at a time, and what comes out of it.
 */
final class SimulatedRigTest extends TestCase
{
    public function testItKnowsNoPlaceBeforeItIsHomed(): void
    {
        $rig = new SimulatedRig(SimulatedKit::rig());
        $rig->greet();
        $rig->receive("G0 X10\n?", 0.0);
        self::assertSame("Evrent rig, G-code\nerror:6\n<Alarm|MPos:0.000,0.000,0.000|St:0,0,0|Bat:100>\n", $rig->takeSaid());
        $rig->receive("\$H\nM114\n", 1.0);
        self::assertSame('', $rig->takeSaid(), 'homing is answered when it has ended');
        $rig->receive('?', 1.5);
        self::assertStringStartsWith('<Home|', $rig->takeSaid());
        $rig->goOnTo(60.0);
        self::assertSame("ok\nX:0.000 C:0.000 A:0.000 St:0,0,0\nok\n", $rig->takeSaid());
    }

    /** 500 mm at 40 mm/s and 90 mm/s²: 40/90 s to speed up and as much to slow down, so 500/40 + 40/90 = 12.9444 s. */
    public function testItSpeedsUpAndSlowsDown(): void
    {
        $rig = self::homed();
        $rig->receive("G0 X500\nM400\n", 100.0);
        self::assertSame("ok\n", $rig->takeSaid());
        self::assertEqualsWithDelta(112.9444, $rig->nextAt(), 1e-4);
        // Half a second in: 40/90 s to reach 40 mm/s, after 90·(40/90)²/2 = 8.8889 mm, then 0.05556 s at 40 mm/s: 11.1111 mm, in whole steps of 1/80.
        $rig->goOnTo(100.5);
        self::assertEqualsWithDelta(11.1111, $rig->positions()['slide'], 0.5 / 80);
        $rig->goOnTo(112.94);
        self::assertSame('', $rig->takeSaid());
        $rig->goOnTo(112.95);
        self::assertSame("ok\n", $rig->takeSaid());
        self::assertSame(500.0, $rig->positions()['slide']);
    }

    /** Ten seconds is a sixth of a minute: F6. Half-way in time is half-way in place, on every axis. */
    public function testInverseTimeTakesTheTimeGiven(): void
    {
        $rig = self::homed();
        $rig->receive("G93 G1 X20 C10 F6\nM400\n", 100.0);
        $rig->goOnTo(105.0);
        self::assertEqualsWithDelta(10.0, $rig->positions()['slide'], 0.5 / 80);
        self::assertEqualsWithDelta(5.0, $rig->positions()['pan'], 1 / 88.8);
        $rig->takeSaid();
        $rig->goOnTo(110.0);
        self::assertSame("ok\n", $rig->takeSaid());
    }

    public function testBlocksOfInverseTimeFollowEachOtherWithoutAGap(): void
    {
        $rig = self::homed();
        $rig->receive("G93\nG1 X10 F6\nG1 X30 F6\n", 100.0);
        // Looked at late: the second began when the first ended, not when somebody looked.
        $rig->goOnTo(115.0);
        self::assertEqualsWithDelta(20.0, $rig->positions()['slide'], 0.5 / 80);
    }

    /** Up to 20 mm/s at 90 mm/s²: 0.2222 s and 2.222 mm up, as much down, and 95.556 mm between in 4.7778 s; in two blocks as in one. */
    public function testFeedsThatLeadOnAreOneWayAndTheLastBrakes(): void
    {
        foreach (["G1 X100 F1200\n", "G1 X40 F1200\nG1 X100 F1200\n", "G1 X7 F1200\nG1 X99 F1200\nG1 X100 F1200\n"] as $lines) {
            $rig = self::homed();
            $rig->receive("G94\n{$lines}M400\n", 100.0);
            $rig->takeSaid();
            $rig->goOnTo(103.0);
            self::assertEqualsWithDelta(57.7778, $rig->positions()['slide'], 1.0 / 80, $lines);
            $rig->goOnTo(105.22);
            self::assertSame('', $rig->takeSaid(), $lines);
            $rig->goOnTo(105.23);
            self::assertSame("ok\n", $rig->takeSaid(), $lines);
        }
        // Back the other way it stands first.
        $rig = self::homed();
        $rig->receive("G94\nG1 X100 F1200\nG1 X50 F1200\nM400\n", 100.0);
        $rig->takeSaid();
        $rig->goOnTo(105.2222 + 2.72);
        self::assertSame('', $rig->takeSaid());
        $rig->goOnTo(105.2222 + 2.73);
        self::assertSame("ok\n", $rig->takeSaid());
    }

    public function testTheTriggerLineClosesAndOpensAndIsAnsweredThen(): void
    {
        $rig = self::homed();
        $rig->receive("M240\nM240 P2000\n", 100.0);
        self::assertSame('', $rig->takeSaid());
        self::assertSame(['1 X0.0000 C0.0000 A0.0000 T100.0000'], $rig->takeTriggerSaid());
        $rig->goOnTo(100.1);
        self::assertSame("ok\n", $rig->takeSaid());
        $rig->goOnTo(102.2);
        self::assertSame("ok\n", $rig->takeSaid());
        self::assertSame(
            ['0 X0.0000 C0.0000 A0.0000 P0.1000 T100.1000', '1 X0.0000 C0.0000 A0.0000 T100.1000', '0 X0.0000 C0.0000 A0.0000 P2.0000 T102.1000'],
            $rig->takeTriggerSaid(),
        );
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function lines(): iterable
    {
        yield 'an unknown word' => ['G17', 'error:1'];
        yield 'words' => ['hello', 'error:2'];
        yield 'a letter without a number' => ['G0 X', 'error:2'];
        yield 'a long line' => ['G0 X1 ;' . str_repeat('x', 80), 'error:3'];
        yield 'no feed' => ['G1 X1', 'error:4'];
        yield 'a feed of nothing' => ['G1 X1 F0', 'error:9'];
        yield 'beyond the travel' => ['G0 X1200.1', 'error:5'];
        yield 'at its end' => ['G0 X1200', 'ok'];
        yield 'an axis it lacks' => ['G0 Y1', 'error:8'];
        yield 'two at once' => ['G0 G4 P1', 'error:10'];
        yield 'a letter twice' => ['G0 X1 X2', 'error:10'];
        yield 'a comment' => ['(home) ; nothing', 'ok'];
        yield 'nothing' => ['', 'ok'];
        yield 'small letters and spaces' => ['g0x 1.5 c-2', 'ok'];
        yield 'a dwell of days' => ['G4 P100000', 'error:9'];
        yield 'a trigger of no time' => ['M240 P0', 'error:9'];
    }

    #[DataProvider('lines')]
    public function testEachLineIsAnsweredOnce(string $line, string $answer): void
    {
        $rig = self::homed();
        $rig->receive("{$line}\n", 100.0);
        self::assertSame("{$answer}\n", $rig->takeSaid());
    }

    public function testWhatIsRefusedMovesNothing(): void
    {
        $rig = self::homed();
        $rig->receive("G0 X50 A400\n", 100.0);
        $rig->goOnTo(110.0);
        self::assertSame(['slide' => 0.0, 'pan' => 0.0, 'tilt' => 0.0], $rig->positions());
    }

    public function testItIsHeldAndGoesOnWhereItStood(): void
    {
        $rig = self::homed();
        $rig->receive("G93 G1 X20 F6\n", 100.0);
        $rig->receive('!?', 102.0);
        self::assertStringContainsString('<Hold|MPos:4.000,', $rig->takeSaid());
        $rig->receive('?', 160.0);
        self::assertStringContainsString('<Hold|MPos:4.000,', $rig->takeSaid());
        $rig->receive('~', 160.0);
        $rig->goOnTo(164.0);
        self::assertEqualsWithDelta(12.0, $rig->positions()['slide'], 0.5 / 80);
    }

    public function testAResetInMidMotionLosesThePlaceAndOneAtRestDoesNot(): void
    {
        $rig = self::homed();
        $rig->receive("\x18?", 100.0);
        self::assertStringContainsString("Evrent rig, G-code\n<Idle|", $rig->takeSaid());
        $rig->receive("G0 X100\n", 101.0);
        $rig->receive("\x18?", 102.0);
        self::assertStringContainsString('<Alarm|', $rig->takeSaid());
    }

    /** Turned round, 0.05 mm of play is taken up first: the way takes longer and ends at the same place. */
    public function testPlayIsTakenUp(): void
    {
        $rig = self::homed();
        $rig->receive("G0 X10\nM400\n", 100.0);
        $rig->goOnTo(110.0);
        $rig->receive("G0 X0\n", 110.0);
        self::assertEqualsWithDelta(SimulatedKit::rig()->axes[0]->moveSeconds(10.05), (float) $rig->nextAt() - 110.0, 1e-9);
        $rig->goOnTo(120.0);
        self::assertSame(0.0, $rig->positions()['slide']);
    }

    public function testLostStepsShowInThePlaceAndNotInTheCount(): void
    {
        $rig = self::homed([new Fault(FaultKind::LostSteps, 1, 'slide', steps: 40)]);
        $rig->receive("M240\nG0 X10\nM400\n?", 100.0);
        $rig->goOnTo(110.0);
        $rig->takeSaid();
        $rig->receive('?', 110.0);
        self::assertStringContainsString('<Idle|MPos:9.500,0.000,0.000|St:800,0,0|', $rig->takeSaid());
    }

    public function testASwitchThatIsHitStopsItUntilItIsHomed(): void
    {
        $rig = self::homed([new Fault(FaultKind::LimitHit, 1)]);
        $rig->receive("M240\nG0 X100\nM400\nG0 X1\n", 100.0);
        $rig->goOnTo(130.0);
        self::assertSame("ok\nok\nerror:7\nerror:7\n", $rig->takeSaid());
        $rig->receive("\$H\n", 131.0);
        $rig->goOnTo(190.0);
        $rig->receive("G0 X1\n", 190.0);
        self::assertSame("ok\nok\n", $rig->takeSaid());
    }

    public function testPowerThatGoesTakesThePlaceWithIt(): void
    {
        $rig = self::homed([new Fault(FaultKind::PowerCut, 1, seconds: 30.0)]);
        $rig->receive("M240\nG0 X10\n", 100.0);
        $rig->goOnTo(101.0);
        self::assertEqualsWithDelta(29.1, $rig->cutSeconds(), 1e-9);
        $rig->receive('?', 131.0);
        self::assertStringContainsString('<Alarm|', $rig->takeSaid());
    }

    public function testATriggerLineThatIsOutSaysNothingAndTheRigDoesNotKnow(): void
    {
        $rig = self::homed([new Fault(FaultKind::TriggerOut, 2, photos: 1)]);
        $rig->receive("M240\nM240\nM240\n", 100.0);
        $rig->goOnTo(101.0);
        self::assertSame("ok\nok\nok\n", $rig->takeSaid());
        self::assertCount(4, array_filter($rig->takeTriggerSaid(), static fn (string $line): bool => $line[0] !== 'm'));
    }

    /** 1 Wh are 3,600 J: at 4 W to hold, half is left after 450 s. */
    public function testTheBatteryRunsDownAndThenItIsGone(): void
    {
        $rig = self::homed([], new RigPower(new Battery(1.0)));
        $before = self::battery($rig, 100.0);
        self::assertEqualsWithDelta(50.0, $before - self::battery($rig, 550.0), 1.0);
        self::assertNull($rig->cutSeconds());
        $rig->receive('?', 1_200.0);
        self::assertSame(INF, $rig->cutSeconds());
        // Left alone for half an hour and more, it was charged meanwhile.
        $rig->goOnTo(4_000.0);
        self::assertSame(100, self::battery($rig, 4_001.0));
    }

    public function testALateAnswerIsLate(): void
    {
        $rig = self::homed([new Fault(FaultKind::SlowReply, 1, photos: 1, seconds: 3.0)]);
        $rig->receive("M240\n", 100.0);
        $rig->goOnTo(103.0);
        self::assertSame('', $rig->takeSaid());
        $rig->goOnTo(103.2);
        self::assertSame("ok\n", $rig->takeSaid());
    }

    private static function battery(SimulatedRig $rig, float $at): int
    {
        $rig->takeSaid();
        $rig->receive('?', $at);

        return (int) preg_replace('/.*Bat:(\d+).*/s', '$1', $rig->takeSaid());
    }

    /**
     * @param list<Fault> $faults
     */
    private static function homed(array $faults = [], ?RigPower $power = null): SimulatedRig
    {
        $rig = new SimulatedRig(SimulatedKit::rig(), new Faults($faults), $power);
        $rig->receive("\$H\n", 0.0);
        $rig->goOnTo(99.0);
        $rig->takeSaid();
        $rig->takeTriggerSaid();

        return $rig;
    }
}
