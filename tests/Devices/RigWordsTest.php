<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Kit\RigWords;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Links\GcodeRig;
use Evrent\Devices\Protocol\Gcode\Dialect;
use Evrent\Devices\Protocol\Gcode\ReportLine;
use Evrent\Devices\Protocol\Gcode\StatusLine;
use Evrent\Devices\Simulators\Rig\SimulatedRig;
use Evrent\Devices\Simulators\SimulatedKit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * How rigs answer, whoever made their firmware.
 */
final class RigWordsTest extends TestCase
{
    /** How the kit describes the simulated rig's other firmware. */
    private const OTHER = [
        'axis_letters' => 'slide X, pan Y, tilt Z', 'status_axes' => 'Y,Z,X', 'home_line' => '$H', 'wait_line' => 'G4 P0.01', 'trigger_lines' => 'M8; G4 P{s}; M9',
    ];

    /**
     * @return iterable<string, array{string, ?array{string, list<float>, list<int>, ?int}}>
     */
    public static function statusLines(): iterable
    {
        yield 'Evrent’s own' => ['<Run|MPos:1.000,-2.500,0.000|St:80,-250,0|Bat:97>', ['Run', [1.0, -2.5, 0.0], [80, -250, 0], 97]];
        yield 'without step counts' => ['<Idle|MPos:5.000,6.000|FS:0,0>', ['Idle', [5.0, 6.0], [], null]];
        yield 'a held one with a number' => ['<Hold:0|MPos:5.000|Ov:100,100,100>', ['Hold', [5.0], [], null]];
        yield 'in the work’s coordinates' => ['<Idle|WPos:5.000,6.000|WCO:1.000,-1.000>', ['Idle', [6.0, 5.0], [], null]];
        yield 'jogging is running' => ['<Jog|MPos:1>', ['Run', [1.0], [], null]];
        yield 'a door is a hold' => ['<Door:1|MPos:1>', ['Hold', [1.0], [], null]];
        yield 'no place at all' => ['<Alarm|FS:0,0>', ['Alarm', [], [], null]];
        yield 'no status' => ['ok', null];
        yield 'half a one' => ['<Idle', null];
        yield 'a message' => ['[MSG:Caution: Unlocked]', null];
    }

    /**
     * @param ?array{string, list<float>, list<int>, ?int} $expected
     */
    #[DataProvider('statusLines')]
    public function testAStatusLineIsRead(string $line, ?array $expected): void
    {
        $status = StatusLine::read($line);
        self::assertSame($expected, $status === null ? null : [$status->state, $status->places, $status->steps, $status->battery]);
    }

    /** The offset of the work's coordinates comes with some lines alone, and holds for those after it. */
    public function testAnOffsetHoldsUntilTheNext(): void
    {
        $first = StatusLine::read('<Idle|WPos:0.000|WCO:12.500>');
        self::assertSame([12.5], $first?->places);
        self::assertSame([22.5], StatusLine::read('<Idle|WPos:10.000>', $first->offset)?->places);
    }

    public function testTheSimulatedRigReportsWhatItsFileSays(): void
    {
        $rig = new SimulatedRig(SimulatedKit::rig(), letters: SimulatedKit::letters(), worldSpeed: 60.0);
        $rig->receive("\$I\n", 0.0);
        $said = explode("\n", trim($rig->takeSaid()));
        self::assertSame('ok', array_pop($said));
        $report = ReportLine::read($said);
        self::assertSame([['X', 'C', 'A'], 60.0], [$report?->letters(), $report?->worldSpeed]);
        self::assertSame([null, 100.0, 12.0], [$report?->axis('C')?->max, $report?->axis('C')?->stepsPerUnit, $report?->axis('C')?->maxSpeed]);
        self::assertNull(ReportLine::read(['[VER:1.1.2026:]', '[OPT:VL,15,128]']));
        // Its world is changed between takes alone.
        $rig->receive("\$H\n\$W=200\n", 1.0);
        $rig->goOnTo(60.0);
        self::assertSame(["ok\nok\n", 200.0], [$rig->takeSaid(), $rig->worldSpeed()]);
        self::assertContains('w 200', $rig->takeTriggerSaid());
        $rig->receive("G0 X100\n\$W=1\n\$W=0\n\$W=fast\n", 61.0);
        self::assertSame(["ok\nerror:11\nerror:9\nerror:1\n", 200.0], [$rig->takeSaid(), $rig->worldSpeed()]);
    }

    /** A turn in 360 photos: each place is counted from zero, so nothing adds up, and there is no end at 180°. */
    public function testAnAxisWithoutEndTurnsOnAndOn(): void
    {
        $rig = new SimulatedRig(SimulatedKit::rig(), letters: SimulatedKit::letters());
        $rig->receive("\$H\n", 0.0);
        $rig->goOnTo(60.0);
        for ($photo = 1; $photo <= 1_080; $photo++) {
            $rig->receive(sprintf("G0 C%d\nM400\n", $photo - 1), 60.0 + 2.0 * $photo);
            $rig->goOnTo(61.9 + 2.0 * $photo);
            if ($photo === 360) {
                $rig->receive('?', $rig->nextAt() ?? 61.9 + 2.0 * $photo);
                self::assertStringContainsString('MPos:0.000,359.000,0.000', $rig->takeSaid());
            }
        }
        self::assertSame(1_079.0, $rig->positions()['pan']);
        self::assertStringNotContainsString('error', $rig->takeSaid());
    }

    /** Homed, moved, triggered and asked where it is: the same take, in other words. */
    #[Group('turn-1')]
    public function testARigWithOtherFirmwareIsDrivenByWhatTheKitSays(): void
    {
        $process = new DeviceProcess(['rig', '--port=0', '--firmware=other', '--speed=200']);
        $rig = new GcodeRig(SimulatedKit::rig(), $process->address, Dialect::of(RigWords::of(self::OTHER)));
        $nothing = static fn () => null;
        $rig->connect();
        self::assertNull($rig->report());
        self::assertFalse($rig->status()->knowsItsPlace());
        $rig->home($nothing);
        $rig->moveTo(['slide' => 120.0, 'pan' => 400.0, 'tilt' => -3.0], $nothing);
        $rig->trigger(0.4, $nothing);
        $rig->trigger(null, $nothing);
        // Often enough that an offset it told once still holds.
        for ($asked = 0; $asked < 4; $asked++) {
            $status = $rig->status();
            self::assertSame(['Idle', []], [$status->state, $status->steps]);
            self::assertEqualsWithDelta(['slide' => 120.0, 'pan' => 400.0, 'tilt' => -3.0], $status->positions, 0.002);
        }
        $rig->disconnect();
        // Without its order of axes nobody knows where they stand: nothing is made up from the plan's.
        $another = new DeviceProcess(['rig', '--port=0', '--firmware=other', '--speed=200']);
        $rig = new GcodeRig(SimulatedKit::rig(), $another->address, Dialect::of(RigWords::of(['status_axes' => ''] + self::OTHER)));
        $rig->connect();
        self::assertSame([], $rig->status()->positions);
    }

    /** A plan of two axes on a rig of three: places are by letter, and not by the plan's order. */
    public function testAPlanOfTwoAxesReadsThemFromARigOfThree(): void
    {
        $process = new DeviceProcess(['rig', '--port=0', '--speed=200']);
        $three = Plans::with([]);
        $plan = new Rig(array_slice($three->rig->axes, 1));
        $rig = new GcodeRig($plan, $process->address, Dialect::usual());
        $rig->connect();
        $rig->home(static fn () => null);
        $rig->moveTo(['pan' => 71.0, 'tilt' => -2.0], static fn () => null);
        self::assertEqualsWithDelta(['pan' => 71.0, 'tilt' => -2.0], $rig->status()->positions, 0.01);
    }

    public function testBesideASoundRecordingTheRigIsFedNoFasterThanItMayBeHeard(): void
    {
        $took = [];
        foreach ([false, true] as $isQuiet) {
            $process = new DeviceProcess(['rig', '--port=0', '--speed=200']);
            $plan = Plans::with(['/rig/quiet' => $isQuiet, '/rig/axes/0/quiet_speed' => 2]);
            $rig = new GcodeRig($plan->rig, $process->address, Dialect::usual());
            $rig->connect();
            $rig->home(static fn () => null);
            $began = microtime(true);
            $rig->moveTo(['slide' => 400.0, 'pan' => 1.0], static fn () => null);
            $took[] = 200.0 * (microtime(true) - $began);
            self::assertEqualsWithDelta(400.0, $rig->status()->positions['slide'], 0.01);
            $rig->disconnect();
        }
        // 400 mm at 2 mm/s; a slow machine makes it longer.
        self::assertGreaterThan(195.0, $took[1]);
        self::assertLessThan(150.0, $took[0]);
    }

    /**
     * @return iterable<string, array{array<string, string>, string}>
     */
    public static function wrong(): iterable
    {
        yield 'letters without axes' => [['axis_letters' => 'X, Y'], '/axis_letters'];
        yield 'a letter of the protocol' => [['axis_letters' => 'slide G'], '/axis_letters'];
        yield 'a letter twice' => [['axis_letters' => 'slide X, pan X'], '/axis_letters'];
        yield 'small letters' => [['status_axes' => 'x,y'], '/status_axes'];
        yield 'two of one' => [['status_axes' => 'X,X'], '/status_axes'];
        yield 'two lines' => [['home_line' => "\$H\nM3"], '/home_line'];
        yield 'no line at all' => [['trigger_lines' => str_repeat('M8;', 99)], '/trigger_lines'];
    }

    /**
     * @param array<string, string> $texts
     */
    #[DataProvider('wrong')]
    public function testWhatCannotBeSaidIsRefusedByItsField(array $texts, string $pointer): void
    {
        try {
            RigWords::of($texts);
            self::fail('it was taken');
        } catch (InvalidInput $invalid) {
            self::assertSame([$pointer], array_map(static fn (Problem $problem): string => $problem->pointer, $invalid->problems));
        }
    }
}
