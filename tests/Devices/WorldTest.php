<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Run\Before\RigReport;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Links\DeafCamera;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\RigLink;
use Evrent\Devices\Running\Appended;
use Evrent\Devices\Running\RunClock;
use Evrent\Devices\Running\TakeLog;
use Evrent\Devices\Running\TakeStore;
use Evrent\Devices\Running\World;
use Evrent\Devices\Running\WorldChange;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * How fast simulated devices run, and what happens where the machine does not keep up.
 */
final class WorldTest extends TestCase
{
    /** @var list<LogLine> */
    private array $lines = [];

    public function testARealRigIsAlwaysInOurWorld(): void
    {
        [$world, $clock] = $this->world(null, 60.0);
        $world->settle();
        self::assertSame([1.0, 1], [$clock->speed, count($this->lines)]);
        for ($photo = 0; $photo < 40; $photo++) {
            $world->triggered(0.0, 5.0, 0.0);
            $world->adjust();
        }
        self::assertSame([1.0, 1], [$clock->speed, count($this->lines)], 'it stays there, however well it keeps up');
    }

    public function testASimulatedRigIsSetToTheSpeedOfTheTake(): void
    {
        [$world, $clock] = $this->world(1.0, 60.0);
        $world->settle();
        self::assertSame([60.0, []], [$clock->speed, $this->lines]);
    }

    public function testOneThatStaysAtAnotherSpeedRefusesTheStart(): void
    {
        [$world] = $this->world(10.0, 60.0, isObedient: false);
        $this->expectException(DeviceRefused::class);
        $this->expectExceptionMessage('devices.run.other_speed(what: rig, has: 10, speed: 60)');
        $world->settle();
    }

    /** Late twice by the machine's doing, it falls back to the next speed; what the devices need themselves never counts. */
    public function testAMachineThatDoesNotKeepUpFallsBack(): void
    {
        [$world, $clock] = $this->world(200.0, 200.0);
        foreach ([0.0, 2.0, 4.0, 6.0] as $late) {
            // The rig took as long as it needs, and the photo came as soon as it stood: the plan is too tight, at any speed.
            $world->moved(3.0, 3.0);
            $world->triggered($late, 5.0, 0.01);
            $world->adjust();
        }
        self::assertSame([200.0, []], [$clock->speed, $this->lines]);
        foreach ([7.5, 9.0] as $late) {
            $world->moved(4.4, 3.0);
            $world->triggered($late, 5.0, 0.1);
            $world->adjust();
        }
        self::assertSame(60.0, $clock->speed);
        self::assertSame([LogKind::Note, LogKind::Alarm], array_column($this->lines, 'kind'));
        self::assertStringContainsString('devices.run.slow_machine(was: 200, speed: 60', (string) $this->lines[1]->words('says'));
        // Whoever goes on later has the clock that the log had.
        $last = WorldChange::last($this->lines);
        self::assertNotNull($last);
        self::assertSame(60.0, $last->clock(0.0)->speed);
        self::assertEqualsWithDelta($clock->now(), $last->clock(0.0)->now(), 1.0);
        // Once by more than an interval is enough.
        $world->triggered(20.0, 5.0, 11.0);
        $world->adjust();
        self::assertSame(10.0, $clock->speed);
    }

    /** A machine that was busy for a moment does not run a whole night at our speed: what is in time for a while is tried faster, later each time. */
    public function testAMachineThatKeepsUpAgainRunsFasterAgain(): void
    {
        [$world, $clock] = $this->world(200.0, 200.0);
        $late = 0.0;
        $photos = function (int $count, float $grows) use ($world, $clock, &$late): array {
            $speeds = [];
            for ($photo = 0; $photo < $count; $photo++) {
                $late += $grows;
                $world->triggered($late, 5.0, 0.01 + $grows);
                $world->adjust();
                $speeds[] = $clock->speed;
            }

            return array_count_values(array_map(strval(...), $speeds));
        };
        self::assertSame(['200' => 1, '60' => 1], $photos(2, 20.0) + $photos(0, 0.0));
        self::assertSame(['60' => 11, '200' => 4], $photos(15, 0.0));
        self::assertSame([LogKind::Note, LogKind::Alarm, LogKind::Note, LogKind::AlarmOver], array_column($this->lines, 'kind'));
        self::assertSame(['60' => 1], $photos(1, 20.0));
        self::assertSame(['60' => 23, '200' => 1], $photos(24, 0.0));
    }

    /** A rig that answers 20 s late by its own clock is as late at any speed: the machine is not to blame, and nobody waits for it at our speed. */
    public function testADeviceThatIsSlowByItselfIsNoReasonToRunSlower(): void
    {
        [$world, $clock] = $this->world(200.0, 200.0);
        $speeds = [];
        foreach ([0.0, 20.0, 45.0, 65.0, 85.0] as $late) {
            $world->triggered($late, 8.0, 24.0);
            $world->adjust();
            $speeds[] = $clock->speed;
        }
        self::assertSame([200.0, 60.0, 200.0, 200.0, 200.0], $speeds);
        self::assertStringContainsString('devices.run.slow_devices(speed: 200', (string) $this->lines[3]->words('says'));
    }

    /** While somebody thinks what to do about a contradiction, a fast world would empty its batteries: it runs at ours, and then at the take's again. */
    public function testOnHoldTheWorldRunsAtOurSpeed(): void
    {
        [$world, $clock] = $this->world(200.0, 200.0);
        $world->settle();
        self::assertFalse($world->hold(false));
        self::assertFalse($world->hold(true));
        self::assertSame([1.0, []], [$clock->speed, $this->lines]);
        self::assertFalse($world->hold(true));
        self::assertTrue($world->hold(false));
        self::assertSame(200.0, $clock->speed);
        // Whoever goes on later counts from here.
        self::assertSame(200.0, WorldChange::last($this->lines)?->clock(0.0)->speed);
        self::assertFalse($world->hold(false));
        // One that was lost on hold, and is reached again, has the speed that was asked for.
        $world->hold(true);
        $world->settle();
        self::assertSame(200.0, $clock->speed);
    }

    /** At our own speed there is nothing to fall back to. */
    public function testAtOurSpeedNothingFallsBack(): void
    {
        [$world, $clock] = $this->world(1.0, 1.0);
        foreach ([0.0, 10.0, 20.0] as $late) {
            $world->triggered($late, 5.0, 10.0);
            $world->adjust();
        }
        self::assertSame([1.0, []], [$clock->speed, $this->lines]);
    }

    /** @return array{World, RunClock} */
    private function world(?float $rigSpeed, float $speed, bool $isObedient = true): array
    {
        $rig = self::createStub(RigLink::class);
        $rig->method('report')->willReturnCallback(static function () use (&$rigSpeed): RigReport {
            return new RigReport([], $rigSpeed);
        });
        $rig->method('runAt')->willReturnCallback(static function (float $asked) use (&$rigSpeed, $isObedient): void {
            $rigSpeed = $isObedient ? $asked : $rigSpeed;
        });
        $store = self::createStub(TakeStore::class);
        $store->method('append')->willReturnCallback(function (LogLine $line): Appended {
            $this->lines[] = $line;

            return Appended::Stored;
        });
        $clock = new RunClock(0.0, $speed);
        $log = new TakeLog(Schedule::of(Plans::with([])), $store, $clock, static fn () => null);

        return [new World($rig, new DeafCamera(), $clock, $log), $clock];
    }
}
