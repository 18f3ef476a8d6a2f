<?php

declare(strict_types=1);

namespace Tests\Core\Run;

use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Run\Take\Director;
use Evrent\Core\Run\Take\Ending;
use Evrent\Core\Run\Take\GapSchool;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Run\Take\Setting;
use Evrent\Core\Run\Take\Status;
use Evrent\Core\Run\Take\Step;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Timing\TriggeredBy;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Runner\Cases;

final class TakeStateTest extends TestCase
{
    /** On devices that do what they should, a take is the schedule: every trigger of any plan. */
    public function testATakeIsTheScheduleThatItFollows(): void
    {
        $byRig = array_filter(
            [...Plans::random(120, mostPhotos: 60)],
            static fn (array $one): bool => $one[0]->timing->mode->hasClock() && $one[0]->timing->mode->stops() && $one[0]->trigger->by === TriggeredBy::Rig,
        );
        self::assertGreaterThan(20, count($byRig));
        foreach (Cases::named($byRig) as [$plan]) {
            $schedule = Schedule::of($plan);
            $take = (new TakeOnIdealDevices($schedule))->run();
            self::assertSame(Ending::Complete, $take->state->ending);
            self::assertEqualsWithDelta($schedule->timeline->triggerSeconds, array_values($take->triggers), 1e-6);
        }
    }

    /** Whoever reads the lines knows what they knew who wrote them, after each of them. */
    public function testTheLogAloneTellsWhereATakeStands(): void
    {
        $schedule = self::schedule();
        $take = (new TakeOnIdealDevices($schedule))->run(static function (TakeOnIdealDevices $take): void {
            if ($take->state->next === 3 && $take->state->status === Status::Running) {
                $take->order(Order::Pause);
            } elseif ($take->state->status === Status::Paused && $take->now > 60.0) {
                $take->order(Order::GoOn);
            }
        });
        $text = TakeLogLines::header('x', 'y', 0.0, new Setting(), 1.0, []) . implode('', array_map(TakeLogLines::line(...), $take->lines));
        $read = new TakeState($schedule);
        foreach (TakeLogLines::read($text . '{"t":1,"ki')['lines'] as $line) {
            $read->take($line);
        }
        self::assertEqualsWithDelta($take->state, $read, 1e-3);
    }

    public function testItDiesAnywhereAndEveryPhotoIsTakenOnce(): void
    {
        $schedule = self::schedule();
        $whole = count((new TakeOnIdealDevices($schedule))->run()->lines);
        for ($after = 1; $after < $whole; $after++) {
            $died = false;
            $take = (new TakeOnIdealDevices($schedule))->run(static function (TakeOnIdealDevices $take) use ($after, &$died): void {
                if (!$died && count($take->lines) >= $after) {
                    $died = true;
                    $take->die(100.0);
                }
            });
            self::assertSame(range(1, 12), array_keys($take->triggers), "after line {$after}");
        }
    }

    /** 12 photos every 8 s; away until 60 s: photos 4 to 7 were due at 24 … 48 s, and so was the next by then. The eighth is late, and taken. */
    public function testKeepingToTheClockWhatIsPastIsLeftOut(): void
    {
        $died = false;
        $take = (new TakeOnIdealDevices(self::schedule(), new Setting(school: GapSchool::Clock)))->run(static function (TakeOnIdealDevices $take) use (&$died): void {
            if (!$died && $take->state->next === 4) {
                $died = true;
                $take->die(60.0 - ($take->now - (float) $take->state->startedAt));
            }
        });
        self::assertSame([1, 2, 3, 8, 9, 10, 11, 12], array_keys($take->triggers));
        // The moves to the ninth and the tenth take longer than is left; from the eleventh on it keeps to the clock.
        self::assertEqualsWithDelta([80.0, 88.0], [$take->triggers[11], $take->triggers[12]], 1e-6);
    }

    public function testGoingOnFromThePlaceNothingIsLeftOut(): void
    {
        $died = false;
        $take = (new TakeOnIdealDevices(self::schedule()))->run(static function (TakeOnIdealDevices $take) use (&$died): void {
            if (!$died && $take->state->next === 4) {
                $died = true;
                $take->die(60.0);
            }
        });
        self::assertSame(range(1, 12), array_keys($take->triggers));
        self::assertEqualsWithDelta(8.0, $take->triggers[6] - $take->triggers[5], 1e-6);
    }

    /** Ended after photo 5, with a tail of 3: photos 6 to 8 are taken where photo 5 was. */
    public function testFinishedEarlyTheTailIsTakenWhereItStands(): void
    {
        $schedule = Schedule::of(Plans::with(['/timing/photos' => 9, '/timing/head_photos' => 0, '/timing/tail_photos' => 3]));
        $take = (new TakeOnIdealDevices($schedule))->run(static function (TakeOnIdealDevices $take): void {
            if ($take->state->next === 6 && $take->state->finishedAfter === null) {
                $take->order(Order::Finish);
            }
        });
        self::assertSame([range(1, 8), Ending::FinishedEarly], [array_keys($take->triggers), $take->state->ending]);
        $moves = array_filter($take->lines, static fn ($line): bool => $line->kind === LogKind::Move);
        self::assertSame(5, max([0, ...array_map(static fn ($line): int => (int) $line->photo, array_values($moves))]));
    }

    /** Creeping, the rig is on its way to the next place when it is told: it does not go back for the tail. */
    public function testCreepingTheTailIsTakenWhereItArrives(): void
    {
        $schedule = Schedule::of(Plans::with(['/timing/mode' => 'continuous', '/timing/photos' => 9, '/timing/head_photos' => 0, '/timing/tail_photos' => 3]));
        $take = (new TakeOnIdealDevices($schedule))->run(static function (TakeOnIdealDevices $take): void {
            if ($take->state->next === 6 && $take->state->finishedAfter === null) {
                $take->order(Order::Finish);
            }
        });
        self::assertSame(range(1, 8), array_keys($take->triggers));
        $after = array_slice($take->lines, (int) array_search(LogKind::Command, array_map(static fn ($line) => $line->kind, $take->lines), true));
        $moves = array_filter($after, static fn ($line): bool => $line->kind === LogKind::Move && $line->number('seconds') === null);
        self::assertSame([], $moves);
    }

    /** A camera whose timer begins 3 s before the rig: the rig's first photo is due that much after the start. */
    public function testACameraOnItsOwnTimerMayBeginBeforeTheRig(): void
    {
        $schedule = Schedule::of(Plans::with(['/timing/photos' => 5, '/trigger' => ['by' => 'camera_timer', 'camera_starts_s' => -3]]));
        $take = (new TakeOnIdealDevices($schedule, new Setting(startAt: 60.0, isOwnTimer: true)))->run();
        $started = array_values(array_filter($take->lines, static fn ($line): bool => $line->kind === LogKind::Started))[0];
        self::assertEqualsWithDelta([57.0, 60.0], [$started->seconds, $take->state->startedAt], 1e-9);
        self::assertTrue((new Setting(isOwnTimer: true))->keepsToTheClock());
    }

    /** It was asked to trigger and answered 700 s later: the shutter may just have opened, so nothing moves and nothing is triggered before it has closed. */
    public function testARigThatAnswersLateMayHaveTriggeredLate(): void
    {
        $camera = self::schedule()->plan->camera;
        [$inTime, $late] = array_map(static function (float $late) use ($camera): TakeState {
            $state = new TakeState(self::schedule());
            $closed = 10.0 + $camera->shutterLagSeconds + $state->exposureOf(1) + $late;
            $state->take(new LogLine(LogKind::Outcome, 10.0 + $late, 1, ['state' => 'triggered', 'due_s' => 10.0, 'triggered_s' => 10.0, 'closed_s' => $closed]));

            return $state;
        }, [0.0, 700.0]);
        self::assertEqualsWithDelta(700.0, $late->freeAt - $inTime->freeAt, 1e-9);
        $needs = $camera->shutterLagSeconds + $camera->shutterBusySeconds($late->exposureOf(1));
        self::assertEqualsWithDelta([10.0 + $late->intervalAfter(1), 710.0 + $needs], [$inTime->dueAt, $late->dueAt], 1e-9);
    }

    /** The rig died before its trigger line closed, and nobody knew: what was triggered last is shot again, in its place. */
    public function testWhatWasNeverHeardIsShotAgain(): void
    {
        $take = (new TakeOnIdealDevices(self::schedule()))->run(static function (TakeOnIdealDevices $take): void {
            if ($take->state->next === 6 && $take->state->open === null && !isset($take->triggers[-1])) {
                $take->triggers[-1] = 0.0;
                $take->state->take(new LogLine(LogKind::NotTaken, $take->now, 5, ['again' => true]));
            }
        });
        unset($take->triggers[-1]);
        self::assertSame(range(1, 12), array_keys($take->triggers));
        self::assertSame([5, 5], array_values(array_filter(array_map(
            static fn (LogLine $line): ?int => $line->kind === LogKind::Intent && $line->photo === 5 ? 5 : null,
            $take->lines,
        ))));
    }

    public function testAbortedItEndsAtOnce(): void
    {
        $take = (new TakeOnIdealDevices(self::schedule()))->run(static function (TakeOnIdealDevices $take): void {
            if ($take->state->next === 4) {
                $take->order(Order::Abort);
            }
        });
        self::assertSame([[1, 2, 3], Ending::Aborted], [array_keys($take->triggers), $take->state->ending]);
    }

    /** Aborted while a photo is being taken, nobody waits for word of it: the camera may never answer again. */
    public function testAbortedInAPhotoItEndsAtOnce(): void
    {
        $state = new TakeState(self::schedule());
        $state->take(new LogLine(LogKind::Homed, 1.0));
        $state->take(new LogLine(LogKind::Started, 2.0, null, ['due' => 2.0]));
        $state->take(new LogLine(LogKind::Intent, 2.0, 1));
        $state->take(new LogLine(LogKind::Command, 3.0, null, ['order' => 'abort']));
        self::assertEquals(Step::end(Ending::Aborted), Director::next($state, new Setting(cameraTells: true), 3.0));
    }

    public function testInStopMotionEachPhotoWaitsToBeAskedForAndOneMayGoBack(): void
    {
        $schedule = Schedule::of(Plans::with(['/timing/mode' => 'stop_motion', '/timing/photos' => 4, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]));
        $said = 0;
        $order = [];
        $take = (new TakeOnIdealDevices($schedule))->run(static function (TakeOnIdealDevices $take) use (&$said, &$order): void {
            if ($take->state->startedAt === null || $take->state->snaps > 0 || $take->state->status === Status::Ended || $take->state->next > 4) {
                return;
            }
            $order[] = $take->state->next;
            $said++;
            $said === 4 ? $take->order(Order::StepBack, 2) : $take->order(Order::Snap);
        });
        self::assertSame([1, 2, 3, 4, 2, 3, 4], $order);
        self::assertSame(Ending::Complete, $take->state->ending);
    }

    public function testWithoutARigNothingMoves(): void
    {
        $take = (new TakeOnIdealDevices(self::schedule(), new Setting(hasRig: false, startAt: 30.0)))->run();
        self::assertSame(range(1, 12), array_keys($take->triggers));
        self::assertSame(30.0, $take->state->startedAt);
        self::assertSame([], array_filter($take->lines, static fn ($line): bool => in_array($line->kind, [LogKind::Move, LogKind::Homed], true)));
    }

    public function testWhatIsNoLogIsRefused(): void
    {
        $header = '{"format":"evrent.run-log/2","setting":{}}';
        foreach (['', "{}\n", "[1]\n", "{$header}\nhello\n", "{$header}\n{\"t\":1,\"kind\":\"what\"}\n"] as $text) {
            try {
                TakeLogLines::read($text);
                self::fail("took {$text}");
            } catch (InvalidInput $refused) {
                self::assertNotSame('', $refused->problems[0]->message);
            }
        }
    }

    private static function schedule(): Schedule
    {
        return Schedule::of(Plans::with(['/timing/photos' => 12, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]));
    }
}
