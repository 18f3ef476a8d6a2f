<?php

declare(strict_types=1);

namespace Tests\Core\Editing;

use Evrent\Core\Checks\Report;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * An axis without end, and a clockwork that turns it at its own speed.
 */
final class EveryTurnTest extends TestCase
{
    private const PAN = ['id' => 'pan', 'kind' => 'rotary', 'max_speed' => 5, 'max_acceleration' => 10, 'steps_per_unit' => 100, 'endless' => true];

    /** A full turn in 80 min at 8 s: 4800 / 8 = 600 photos; 360° over 599 moves are 0.601° each. */
    public function testAFullTurnOfAClockworkTellsHowManyPhotos(): void
    {
        $pinned = new PinnedPlan(self::plan(['clockwork_per_h' => 270], 100));
        $edited = $pinned->named('turn', ['axis' => 'pan', 'way' => '1 turn']);
        self::assertSame([600, 8.0, 4800.0], [
            $edited->plan->photosTotal(), $edited->plan->timing->interval->longest(), Schedule::bookedSeconds($edited->plan),
        ]);
        self::assertEqualsWithDelta(0.601, Shot::of($edited->plan)->schedule->summary->largestStep['pan'], 0.0005);
        self::assertNull(Report::on(Shot::of($edited->plan))->finding(FindingId::ClockworkTurnsOtherwise));
    }

    /** With a clip asked for, the interval follows: 4800 s for 20 s at 24 are 480 photos, one every 10 s. */
    public function testAClipThatIsAskedForTellsTheInterval(): void
    {
        $asked = (new PinnedPlan(self::plan(['clockwork_per_h' => 270], 100)))->typed([], ['clip' => '20']);
        $edited = (new PinnedPlan($asked->plan, $asked->pins))->named('turn', ['axis' => 'pan', 'way' => '360']);
        self::assertSame([480, 10.0], [$edited->plan->photosTotal(), $edited->plan->timing->interval->longest()]);
    }

    /** 100 photos at 8 s are 792 s from the first to the last: at 270° an hour 59.4°, and not 90°. */
    public function testAPlanThatTurnsOtherwiseIsFoundAndMended(): void
    {
        $plan = self::plan(['clockwork_per_h' => 270], 90);
        $finding = Report::on(Shot::of($plan))->finding(FindingId::ClockworkTurnsOtherwise);
        self::assertNotNull($finding);
        self::assertSame('checks.clockwork_turns_otherwise.shortfall(axisText: 270 °)', (string) $finding->shortfall);
        $mended = $finding->remedies()[0]->mended;
        self::assertSame(59.4, $mended->move->keyframes[1]->positions['pan']);
        self::assertNull(Report::on(Shot::of($mended))->finding(FindingId::ClockworkTurnsOtherwise));
    }

    public function testAClockworkStopsForNoPhoto(): void
    {
        $plan = self::plan(['clockwork_per_h' => 270], 59.4, ['/timing/mode' => 'shoot_move_shoot']);
        $finding = Report::on(Shot::of($plan))->finding(FindingId::ClockworkTurnsOtherwise);
        self::assertSame('checks.clockwork_turns_otherwise.sentence(says: checks.clockwork_turns_otherwise.stops)', (string) ($finding->sentence ?? ''));
        self::assertSame('continuous', ($finding?->remedies()[0] ?? null)?->mended->timing->mode->value);
    }

    /** Three turns are 1080°: beyond any travel, and nothing is said of one. */
    public function testWithoutEndNothingIsBeyondTheTravel(): void
    {
        $plan = self::plan([], 1080);
        self::assertNull(Report::on(Shot::of($plan))->finding(FindingId::BeyondTravel));
        $axis = $plan->rig->axes[0];
        self::assertSame([3.0, 1080.0, true], [$axis->turns(1080.0), $axis->clamp(1080.0), $axis->holds(-5000.0)]);
        self::assertSame(PlanWriter::toJson($plan), PlanWriter::toJson(PlanReader::fromJson(PlanWriter::toJson($plan))));
        self::assertStringNotContainsString('"min"', PlanWriter::toJson($plan));
    }

    public function testAnAxisWithEndsHasToSayWhereTheyAre(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('/rig/axes/0/min');
        self::plan(['endless' => false], 90);
    }

    #[DataProvider('noWays')]
    public function testAWayThatIsNoneIsRefusedWhereItStands(string $way): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('/edit/way');
        (new PinnedPlan(self::plan([], 90)))->named('turn', ['axis' => 'pan', 'way' => $way]);
    }

    /**
     * @return iterable<array{string}>
     */
    public static function noWays(): iterable
    {
        return [[''], ['0'], ['far'], ['2000 turns']];
    }

    /**
     * @param array<string, mixed> $axis
     * @param array<string, mixed> $changes
     */
    private static function plan(array $axis, float $to, array $changes = []): Plan
    {
        return Plans::with(array_replace([
            '/rig/axes' => [$axis + self::PAN],
            '/move' => ['keyframes' => [['at' => 0, 'pan' => 0], ['at' => 1, 'pan' => $to]], 'easing' => ['ramp_in' => 0, 'ramp_out' => 0]],
            '/timing/mode' => 'continuous', '/timing/photos' => 100, '/timing/head_photos' => 0, '/timing/tail_photos' => 0,
            '/timing/interval_s' => 8, '/timing/exposure_s' => 0.5,
        ], $changes));
    }
}
