<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\PhotoState;
use Evrent\Core\Run\Take\TakeReport;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * One take, two workers, in virtual time: whatever one of them is about to ask for when it is killed, stands still or loses its database, and
 * whoever comes first afterwards, each photo is taken once and nobody moves what another drives.
 */
final class TwoHandsTest extends TestCase
{
    private const WHAT = [
        ['killed', 0.0], ['killed', 3.0], ['stalled', 1.0], ['stalled', 5.0], ['stalled', 14.9], ['stalled', 15.3], ['stalled', 40.0],
        ['away', 0.5], ['away', 3.0], ['away', 14.0], ['away', 15.3], ['away', 40.0], ['all away', 0.1], ['all away', 3.0], ['all away', 30.0],
    ];

    #[TestWith(['shoot_move_shoot'])]
    #[TestWith(['continuous'])]
    public function testNothingHappensToATakeThatNothingHappensTo(string $mode): void
    {
        self::assertSame([], (new TwoHands(self::plan($mode), []))->run()->wrong());
    }

    #[TestWith(['shoot_move_shoot'])]
    #[TestWith(['continuous'])]
    public function testWhateverHappensWheneverEachPhotoIsTakenOnceByOneHand(string $mode): void
    {
        $steps = (new TwoHands(self::plan($mode), []))->run()->asked[0];
        self::assertGreaterThan(100, $steps);
        $cases = [];
        foreach (self::WHAT as [$what, $seconds]) {
            foreach (self::steps($steps) as $at) {
                $cases[] = [['who' => 0, 'at' => $at, 'what' => $what, 'seconds' => $seconds]];
            }
        }
        self::assertAllWell($mode, Cases::some($cases));
    }

    /** And again, to whoever took over, at each thing that it asks for first. */
    #[TestWith(['shoot_move_shoot'])]
    #[TestWith(['continuous'])]
    public function testWhatHappensToWhoTookOverDoesNoHarmEither(string $mode): void
    {
        $steps = (new TwoHands(self::plan($mode), []))->run()->asked[0];
        $cases = [];
        foreach ([['killed', 1.0], ['stalled', 16.0], ['away', 16.0]] as [$first, $lasts]) {
            foreach (array_filter(self::steps($steps), static fn (int $at): bool => intdiv($at, 8) % 2 === 0) as $at) {
                foreach ([['killed', 1.0], ['stalled', 16.0], ['all away', 4.0]] as [$second, $seconds]) {
                    foreach ([70, 75, 80, 90, 110, 150] as $later) {
                        $cases[] = [
                            ['who' => 0, 'at' => $at, 'what' => $first, 'seconds' => $lasts],
                            ['who' => 1, 'at' => $later, 'what' => $second, 'seconds' => $seconds],
                        ];
                    }
                }
            }
        }
        self::assertAllWell($mode, Cases::some($cases, share: 30));
    }

    /** Creeping, a rig that is held while the shutter is open spoils that photo, and the log says which. */
    public function testAPhotoDuringWhichACreepingRigIsHeldIsMoved(): void
    {
        $steps = (new TwoHands(self::plan('continuous'), []))->run()->asked[0];
        $moved = [];
        foreach (range(1, $steps, Cases::isLong() ? 3 : 8) as $at) {
            $hands = (new TwoHands(self::plan('continuous'), [['who' => 0, 'at' => $at, 'what' => 'all away', 'seconds' => 4.0]]))->run();
            $report = TakeReport::of($hands->schedule, array_column($hands->lines, 1));
            foreach ($report->photos as $photo => ['state' => $state]) {
                if ($state === PhotoState::Moved) {
                    $moved[$photo] = true;
                    self::assertContains("devices.run.held_exposing(moved: {$photo})", array_map(static fn (LogLine $line): string => (string) $line->words('says'), $report->events));
                }
            }
        }
        // The last one stands: there is nowhere to creep to.
        self::assertSame([1, 2], array_keys($moved));
    }

    /** A camera that is still at something else when it is fired: the log has it when it exposed, and the photo is as late as it was. */
    public function testAPhotoIsLoggedWhenTheCameraTookIt(): void
    {
        $hands = (new TwoHands(self::plan('shoot_move_shoot'), [], hasRig: false, busySeconds: 0.7))->run();
        self::assertSame([], $hands->wrong());
        $outcomes = array_values(array_filter(array_column($hands->lines, 1), static fn (LogLine $line): bool => $line->kind === LogKind::Outcome));
        self::assertCount(3, $outcomes);
        foreach ($outcomes as $n => $line) {
            self::assertEqualsWithDelta($hands->takenAt[$n], $line->number('triggered_s'), 0.05);
            self::assertGreaterThan(0.65, $line->number('late_s'));
            self::assertEqualsWithDelta($hands->takenAt[$n] + 2.5, $line->number('closed_s'), 0.2);
        }
    }

    /** @return list<int> all that a worker asks for, by its place; some of them in a short run */
    private static function steps(int $last): array
    {
        return Cases::isLong() ? range(1, $last) : range(1 + abs(Cases::seed()) % 8, $last, 8);
    }

    /** @param list<list<array{who: int, at: int, what: string, seconds: float}>> $cases */
    private static function assertAllWell(string $mode, array $cases): void
    {
        $bad = [];
        foreach ($cases as $events) {
            $wrong = (new TwoHands(self::plan($mode), $events))->run()->wrong();
            if ($wrong !== []) {
                $bad[json_encode($events, JSON_THROW_ON_ERROR)] = $wrong;
            }
        }
        self::assertSame([], array_slice($bad, 0, 5), sprintf('%d of %d', count($bad), count($cases)));
    }

    private static function plan(string $mode): Plan
    {
        return Plans::with([
            '/timing/photos' => 3, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/mode' => $mode, '/timing/interval_s' => 5,
            '/timing/exposure_s' => 2.5,
        ]);
    }
}
