<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Run\FaultKind;
use Evrent\Core\Run\TypicalFaults;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Devices\Virtual\DryRun;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Each kind of fault can be rehearsed with one press, and leaves its mark.
 */
final class TypicalFaultsTest extends TestCase
{
    /**
     * @return iterable<string, array{FaultKind, int}>
     */
    public static function marks(): iterable
    {
        yield 'no photo' => [FaultKind::MissedTrigger, 1];
        // A motor that stalls or loses steps does not know: every photo that follows is off.
        yield 'a stall' => [FaultKind::StalledAxis, 140];
        yield 'lost steps' => [FaultKind::LostSteps, 140];
        yield 'stopped' => [FaultKind::TimerStops, 140];
    }

    #[DataProvider('marks')]
    public function testItSpoilsAsManyPhotosAsItShould(FaultKind $kind, int $spoilt): void
    {
        $plan = Plans::with([]);
        $log = DryRun::of(Schedule::of($plan), 2, [TypicalFaults::at($plan, $kind->value, '100')]);
        self::assertSame($spoilt, 240 - $log->usablePhotos);
    }

    public function testWaitsMakeTheRestLateAndSpoilNothing(): void
    {
        $plan = Plans::with([]);
        foreach (['power_cut' => 120.0, 'pause' => 60.0] as $kind => $seconds) {
            $log = DryRun::of(Schedule::of($plan), 2, [TypicalFaults::at($plan, $kind, '100')]);
            self::assertSame([240, 140], [$log->usablePhotos, $log->latePhotos]);
            self::assertEqualsWithDelta($seconds, $log->latest->lateSeconds, 0.1);
        }
    }

    public function testEveryKindHasItsWords(): void
    {
        $rehearsed = array_filter(FaultKind::cases(), static fn (FaultKind $kind): bool => $kind->isRehearsed());
        self::assertEqualsCanonicalizing(array_column($rehearsed, 'value'), array_keys(TypicalFaults::named(Plans::with([]))));
        $legs = Plans::with(['/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]]]);
        self::assertSame(['stalled_axis', 'lost_steps'], array_keys(array_diff_key(TypicalFaults::named(Plans::with([])), TypicalFaults::named($legs))));
    }

    public function testAPhotoThatIsNotThereIsRefused(): void
    {
        foreach (['0', '241', '1.5', 'last', ''] as $photo) {
            try {
                TypicalFaults::at(Plans::with([]), 'pause', $photo);
                self::fail("accepted {$photo}");
            } catch (InvalidInput $invalid) {
                self::assertSame(['/frame', 'run.fault.photo(photosProgrammed: 240)'], [$invalid->problems[0]->pointer, (string) $invalid->problems[0]->message]);
            }
        }
    }
}
