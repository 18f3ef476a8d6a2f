<?php

declare(strict_types=1);

namespace Tests\Core\Editing;

use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\HeldStep;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Editing\Pins;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;

/**
 * A step from photo to photo that holds: photos follow from the way, and the way from photos.
 */
final class HeldStepTest extends TestCase
{
    /** 450 mm by 1.5 mm are 300 moves, between 301 photos. */
    public function testPhotosFollowFromTheWay(): void
    {
        $edited = (new PinnedPlan(self::plan(450)))->typed([], ['step_slide' => '1.5']);
        self::assertSame([301, 450.0], [$edited->plan->photosTotal(), self::end($edited->plan)]);
        self::assertEquals($edited->pins, Pins::fromArray($edited->pins->toArray()));
    }

    public function testTheWayFollowsFromPhotosAndPhotosFromAnotherWay(): void
    {
        $edited = self::next((new PinnedPlan(self::plan(450)))->typed([], ['step_slide' => '1.5']))->typed([], ['photos' => '201']);
        self::assertSame([201, 300.0], [$edited->plan->photosTotal(), self::end($edited->plan)]);
        $edited = self::next($edited)->typed(['move' => ['keyframes' => [1 => ['slide' => '600']]]], []);
        self::assertSame([401, 600.0], [$edited->plan->photosTotal(), self::end($edited->plan)]);
    }

    /** 10 min at 4 s are 150 photos: 149 moves of 1.5 mm. */
    public function testShootingTimeMakesPhotosAndThoseTheWay(): void
    {
        $edited = self::next((new PinnedPlan(self::plan(450)))->typed([], ['step_slide' => '1.5']))->typed(['timing' => ['interval_s' => '4']], ['shooting' => '10 min']);
        self::assertSame([150, 223.5], [$edited->plan->photosTotal(), self::end($edited->plan)]);
    }

    public function testEmptiedItDoesNotHold(): void
    {
        $edited = self::next((new PinnedPlan(self::plan(450)))->typed([], ['step_slide' => '1.5']))->typed([], ['step_slide' => '']);
        self::assertNull($edited->pins->step);
        self::assertSame([100, 450.0], [self::next($edited)->typed([], ['photos' => '100'])->plan->photosTotal(), self::end($edited->plan)]);
    }

    /** Whatever is edited, way and photos agree with the step to half a step. */
    public function testItHoldsThroughEverything(): void
    {
        $random = new Randomizer(new Mt19937(28));
        $edited = (new PinnedPlan(self::plan(450)))->typed([], ['step_slide' => '1.5']);
        for ($turn = 0; $turn < 200; $turn++) {
            $edited = match ($random->getInt(0, 3)) {
                0 => self::next($edited)->typed([], ['photos' => (string) $random->getInt(5, 600)]),
                1 => self::next($edited)->typed([], ['clip' => (string) $random->getInt(2, 30)]),
                2 => self::next($edited)->typed(['move' => ['keyframes' => [1 => ['slide' => (string) $random->getInt(10, 900)]]]], []),
                default => self::next($edited)->typed(['timing' => ['interval_s' => (string) $random->getInt(2, 9)]], []),
            };
            self::assertEqualsWithDelta(1.5 * ($edited->plan->timing->photos - 1), HeldStep::way($edited->plan, 'slide'), 0.751);
        }
    }

    #[DataProvider('noSteps')]
    public function testAStepThatIsNoneIsRefusedByItsField(string $step, float $to): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('/held/step_slide');
        (new PinnedPlan(self::plan($to)))->typed([], ['step_slide' => $step]);
    }

    /**
     * @return iterable<array{string, float}>
     */
    public static function noSteps(): iterable
    {
        return [['0', 450], ['-1', 450], ['wide', 450], ['0.00001', 450], ['1.5', 0]];
    }

    /**
     * Needs: lag 0.1 + open 1 + delay 0.2 + move 1.5 mm (2·√(1.5/60) = 0.316) + settling 0.8 = 2.416 s, and what devices vary by. 2.5 s is the
     * timer's next setting; whatever comes later, the interval follows.
     */
    public function testAsFastAsRigAndCameraCan(): void
    {
        $edited = (new PinnedPlan(self::plan(450)))->typed(['timing' => ['interval_s' => 'as fast as it can']], ['step_slide' => '1.5']);
        $fastest = $edited->plan->timing->interval->longest();
        $needs = max([0.0, ...array_map(static fn (?float $needed): float => $needed ?? 0.0, Schedule::of($edited->plan)->timeline->requiredSeconds)]);
        self::assertTrue($edited->pins->isFastest);
        self::assertGreaterThan($needs, $fastest);
        self::assertLessThan($needs + 0.3, $fastest);
        $longer = self::next($edited)->typed(['timing' => ['exposure_s' => '3']], []);
        self::assertEqualsWithDelta($fastest + 2.0, $longer->plan->timing->interval->longest(), 0.15);
        $typed = self::next($longer)->typed(['timing' => ['interval_s' => '9']], []);
        self::assertSame([9.0, false], [$typed->plan->timing->interval->longest(), $typed->pins->isFastest]);
        self::assertSame($fastest, (new PinnedPlan(self::plan(450)))->named('interval-fastest', [])->plan->timing->interval->longest());
    }

    private static function next(Edited $edited): PinnedPlan
    {
        return new PinnedPlan($edited->plan, $edited->pins);
    }

    private static function end(Plan $plan): float
    {
        return $plan->move->keyframes[1]->positions['slide'];
    }

    private static function plan(float $to): Plan
    {
        $axis = ['id' => 'slide', 'kind' => 'linear', 'min' => 0, 'max' => 1000, 'max_speed' => 25, 'max_acceleration' => 60, 'steps_per_unit' => 160];

        return Plans::with([
            '/rig' => ['axes' => [$axis], 'post_exposure_delay_s' => 0.2, 'settle_s' => 0.8],
            '/camera' => ['shutter_lag_s' => 0.1, 'write_s' => 0.5, 'buffer_frames' => 8],
            '/move' => ['keyframes' => [['at' => 0, 'slide' => 0], ['at' => 1, 'slide' => $to]], 'easing' => ['ramp_in' => 0, 'ramp_out' => 0]],
            '/timing/photos' => 240, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/exposure_s' => 1,
        ]);
    }
}
