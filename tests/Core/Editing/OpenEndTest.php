<?php

declare(strict_types=1);

namespace Tests\Core\Editing;

use Evrent\Core\Checks\Report;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Editing\Pins;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Limits;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * A shot that goes on until something ends it: as many photos as there is room for, each axis by its step.
 */
final class OpenEndTest extends TestCase
{
    /** 64 GB at 40 MB are 1600 photos; 239 moves over 240 mm are 1.00418 mm each, 1599 of them 1605.7 mm: the belt has no end. */
    public function testUntilTheCardIsFull(): void
    {
        $edited = self::ended(['by' => 'card'], ['/storage' => ['raw_mb' => 40, 'cards_gb' => [64]]]);
        self::assertSame([1600, 1605.69], [$edited->plan->photosTotal(), round($edited->plan->move->keyframes[1]->positions['slide'], 2)]);
        self::assertNull(Report::on(Shot::of($edited->plan))->finding(FindingId::CardFull));
        $limit = Limits::of(Shot::of($edited->plan))[0];
        self::assertSame('shot.limit.card(photos: 1600, shooting: 12800, clip: 66.667)', (string) $limit->told());
        // 1600 photos at 8 s are 12,800 s; at 24 fps 66.7 s of clip.
        self::assertEqualsWithDelta([12800.0, 66.667], [$limit->shootingSeconds, $limit->clipSeconds], 0.001);
    }

    /** From 19:00 to 21:30 are 9000 s: 1125 photos, one every 8 s; with 1 every 10 s, 900. */
    public function testUntilATimeAndItFollowsTheInterval(): void
    {
        $edited = self::ended(['at' => '21:30'], ['/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '19:00']]);
        self::assertSame(1125, $edited->plan->photosTotal());
        $slower = (new PinnedPlan($edited->plan, $edited->pins))->typed(['timing' => ['interval_s' => '10']], []);
        self::assertSame(900, $slower->plan->photosTotal());
    }

    /** 20 Wh are 72,000 J; a photo takes 2 J, and 8 s at 1 W open or waiting 8 J: 7200 photos. */
    public function testUntilTheBatteryIsOut(): void
    {
        $power = ['camera' => ['battery_wh' => 20, 'idle_w' => 1, 'exposing_w' => 1, 'photo_j' => 2], 'temperature_c' => 20];
        $edited = self::ended(['by' => 'battery'], ['/power' => $power]);
        self::assertEqualsWithDelta(7200, $edited->plan->photosTotal(), 2);
        self::assertNull(Report::on(Shot::of($edited->plan))->finding(FindingId::CameraBatteryDies));
    }

    /** Stopped by hand, the first of what the plan knows ends it: 1000 mm of travel at 1.00418 mm are 995 moves. */
    public function testTheEndOfTheTravelEndsItToo(): void
    {
        $edited = self::ended(['by' => 'stopped'], ['/storage' => ['raw_mb' => 40, 'cards_gb' => [64]]], ['max' => 1000, 'endless' => false]);
        self::assertSame(996, $edited->plan->photosTotal());
        self::assertNull(Report::on(Shot::of($edited->plan))->finding(FindingId::BeyondTravel));
        self::assertSame(['travel', 'card'], array_column(Limits::of(Shot::of($edited->plan)), 'what'));
    }

    public function testTakenBackItEndsAfterItsPhotos(): void
    {
        $edited = self::ended(['by' => 'card'], ['/storage' => ['raw_mb' => 40, 'cards_gb' => [64]]]);
        $back = (new PinnedPlan($edited->plan, $edited->pins))->typed(['end' => ['by' => '']], ['photos' => '300']);
        self::assertSame([null, 300], [$back->plan->end, $back->plan->photosTotal()]);
    }

    /** Whatever ends it in between, the shot that its photos end is the one it was. */
    public function testSwitchedThereAndBackTheShotIsTheSame(): void
    {
        $before = new PinnedPlan(self::plan(['/storage' => ['raw_mb' => 40, 'cards_gb' => [64]]]));
        $before = self::edited($before, [], ['shooting' => '40 min']);
        foreach (['card', 'stopped', 'battery'] as $by) {
            $open = self::edited($before, ['end' => ['by' => $by]], []);
            self::assertNotNull($open->plan->end);
            $open = self::edited($open, ['end' => ['by' => 'card']], []);
            $back = self::edited(new PinnedPlan($open->plan, Pins::fromArray($open->pins->toArray())), ['end' => ['by' => '']], []);
            self::assertSame(PlanWriter::toJson($before->plan), PlanWriter::toJson($back->plan), $by);
            self::assertSame($before->pins->toArray(), $back->pins->toArray(), $by);
            // Another interval that was typed meanwhile stays; the photos are those of before.
            $slower = self::edited(self::edited($open, ['timing' => ['interval_s' => '20']], []), ['end' => ['by' => '']], []);
            self::assertSame($before->plan->move->keyframes[1]->positions, $slower->plan->move->keyframes[1]->positions, $by);
        }
    }

    /**
     * @param array<string, mixed>  $fields
     * @param array<string, string> $held
     */
    private static function edited(PinnedPlan $plan, array $fields, array $held): PinnedPlan
    {
        $edited = $plan->typed($fields, $held);

        return new PinnedPlan($edited->plan, $edited->pins);
    }

    public function testWrittenAndReadItIsTheSame(): void
    {
        $plan = self::plan(['/end' => ['by' => 'time', 'at' => ['event' => 'sunrise', 'offset_s' => -1200]]]);
        self::assertSame(PlanWriter::toJson($plan), PlanWriter::toJson(PlanReader::fromJson(PlanWriter::toJson($plan))));
    }

    public function testATimeThatIsNoneIsRefusedByItsField(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('/end/at');
        self::ended(['by' => 'time', 'at' => 'some day'], []);
    }

    public function testATimeHasToBeGiven(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('/end/at');
        self::ended(['by' => 'time'], []);
    }

    public function testWithoutAClockNothingButPhotosEndsIt(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('/end/by');
        self::ended(['by' => 'card'], ['/timing/mode' => 'stop_motion']);
    }

    /**
     * @param array<string, string> $end
     * @param array<string, mixed>  $changes
     * @param array<string, mixed>  $axis
     */
    private static function ended(array $end, array $changes, array $axis = []): Edited
    {
        return (new PinnedPlan(self::plan($changes, $axis)))->typed(['end' => $end], []);
    }

    /**
     * @param array<string, mixed> $changes
     * @param array<string, mixed> $axis
     */
    private static function plan(array $changes, array $axis = []): Plan
    {
        $axis += ['id' => 'slide', 'kind' => 'linear', 'max_speed' => 20, 'max_acceleration' => 50, 'steps_per_unit' => 100, 'endless' => true, 'min' => 0];

        return Plans::with(array_replace([
            '/rig/axes' => [$axis + ['max' => 5000]],
            '/move' => ['keyframes' => [['at' => 0, 'slide' => 0], ['at' => 1, 'slide' => 240]], 'easing' => ['ramp_in' => 0, 'ramp_out' => 0]],
            '/timing/photos' => 240, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/interval_s' => 8, '/timing/exposure_s' => 0.5,
        ], $changes));
    }
}
