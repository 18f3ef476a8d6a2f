<?php

declare(strict_types=1);

namespace Tests\Core;

use Evrent\Core\Format\TypedPlan;
use Evrent\Core\Motion\Path;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;

/**
 * Changes of a whole plan.
 */
final class PlanEditTest extends TestCase
{
    public function testANewKeyframeStandsOnThePathHalfWayInPhotosAndIsPassed(): void
    {
        $plan = Plans::example('1-two-keyframes');
        $three = $plan->withKeyframeAfter(0);
        self::assertSame([0.0, 0.5, 1.0], array_column($three->move->keyframes, 'at'));
        self::assertTrue($three->move->keyframes[1]->pass);
        $index = Path::travelIndices($three->move, 216)[1];
        foreach ($plan->path->positionsAt($index) as $axisId => $position) {
            self::assertEqualsWithDelta($position, $three->move->keyframes[1]->positions[$axisId], 0.005);
        }
        self::assertEquals($plan->move, $three->withoutKeyframe(1)->move);
        self::assertCount(5, $three->withKeyframeAfter(1)->withKeyframeAfter(0)->move->keyframes);
    }

    public function testWhereThereIsNoRoomAKeyframeIsRefused(): void
    {
        $short = Plans::with(['/timing/photos' => 3])->withKeyframeAfter(0);
        foreach ([static fn () => $short->withKeyframeAfter(0), static fn () => $short->withKeyframeAfter(2), static fn () => $short->withKeyframeAfter(-1)] as $add) {
            try {
                $add();
                self::fail('accepted');
            } catch (InvalidInput $invalid) {
                self::assertStringStartsWith('/move/keyframes', $invalid->problems[0]->pointer);
            }
        }
    }

    public function testTheFirstAndTheLastKeyframeStay(): void
    {
        $plan = Plans::example('3-overrun-with-hold');
        foreach ([0, 2, 7] as $place) {
            try {
                $plan->withoutKeyframe($place);
                self::fail('accepted');
            } catch (InvalidInput $invalid) {
                self::assertSame('/move/keyframes', $invalid->problems[0]->pointer);
            }
        }
    }

    public function testARampTotalIsHalvedAtEachEndAndOnlyWhenItWasTypedAnew(): void
    {
        $plan = Plans::with(['/move/easing/ramp_in' => 0.1, '/move/easing/ramp_out' => 0.3]);
        $type = static fn (array $easing): array => (static fn ($changed): array => [$changed->move->easing->rampIn, $changed->move->easing->rampOut])(
            TypedPlan::change($plan, ['move' => ['easing' => $easing]]),
        );
        self::assertSame([0.25, 0.25], $type(['ramp_in' => '10', 'ramp_out' => '30', 'ramp_total' => '50']));
        self::assertSame([0.1, 0.3], $type(['ramp_in' => '10', 'ramp_out' => '30', 'ramp_total' => '40']));
        self::assertSame([0.2, 0.3], $type(['ramp_in' => '20', 'ramp_out' => '30', 'ramp_total' => '40']));
        foreach (['101', '-1', 'some', ''] as $total) {
            try {
                $type(['ramp_in' => 'x', 'ramp_total' => $total]);
                self::fail('accepted');
            } catch (InvalidInput $invalid) {
                self::assertEqualsCanonicalizing(['/move/easing/ramp_total', '/move/easing/ramp_in'], array_column($invalid->problems, 'pointer'));
            }
        }
    }

    public function testARampIsCountedInThePhotosOfItsOwnRun(): void
    {
        $runs = Plans::example('3-overrun-with-hold')->path->legs;
        // Runs of 48 and 47 photos: 25 % and 25 %, then 10 % and 40 %.
        self::assertSame([[12, 12], [5, 19]], [$runs[0]->rampPhotos(), $runs[1]->rampPhotos()]);
        self::assertSame([0, 1, 1, 2], [$runs[0]->fromKeyframe, $runs[0]->toKeyframe, $runs[1]->fromKeyframe, $runs[1]->toKeyframe]);
    }
}
