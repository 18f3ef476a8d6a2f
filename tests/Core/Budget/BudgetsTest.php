<?php

declare(strict_types=1);

namespace Tests\Core\Budget;

use Evrent\Core\Budget\Load;
use Evrent\Core\Budget\Power;
use Evrent\Core\Budget\SlotUse;
use Evrent\Core\Budget\Storage;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Drain;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class BudgetsTest extends TestCase
{
    public function testCardsHoldWholePhotos(): void
    {
        self::assertSame(2_133, (new Storage(30.0, 0.0, [64.0]))->photos());
        self::assertSame(1_600 + 800, (new Storage(30.0, 10.0, [64.0, 32.0]))->photos());
        self::assertSame(800, (new Storage(30.0, 10.0, [64.0, 32.0], SlotUse::Copy))->photos());
        self::assertSame([2_133, 3_200], (new Storage(30.0, 10.0, [64.0, 32.0], SlotUse::Split))->photosByCard());
        self::assertSame(2_133, (new Storage(30.0, 10.0, [64.0, 32.0], SlotUse::Split))->photos());
    }

    public function testColdTakesItsShare(): void
    {
        foreach ([[20.0, 1.0], [30.0, 1.0], [0.0, 0.9], [10.0, 0.95], [-10.0, 0.75], [-15.0, 0.675], [-40.0, 0.6]] as [$celsius, $share]) {
            self::assertEqualsWithDelta($share, (new Power(celsius: $celsius))->coldShare(), 1e-12);
        }
    }

    /** Three photos at one in 100 s, 2 s open, a second of writing: counted by hand. */
    public function testACameraDrawsForWhatItDoes(): void
    {
        $drain = Drain::of(Schedule::of(Plans::with([
            '/timing/photos' => 3, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/interval_s' => 100, '/timing/exposure_s' => 2, '/timing/start_delay_s' => 60,
            '/camera' => ['write_s' => 1], '/power' => ['camera' => ['battery_wh' => 1, 'idle_w' => 1, 'exposing_w' => 3, 'photo_j' => 4]],
        ])));
        // 60 s idle; twice 2 s at 3 W, 98 s at 1 W and 4 J; then 2 s, 1 s of writing and 4 J.
        self::assertEqualsWithDelta(60 + 2 * (6 + 98 + 4) + 6 + 1 + 4, $drain?->camera?->neededJoules, 1e-9);
        self::assertEqualsWithDelta(1 - 287 / 3600, $drain?->camera?->left(), 1e-12);
    }

    public function testARigDrawsForMovingHoldingAndStanding(): void
    {
        $schedule = Schedule::of(Plans::with([
            '/timing/photos' => 3, '/timing/head_photos' => 2, '/timing/tail_photos' => 1, '/timing/interval_s' => 100, '/camera' => ['write_s' => 1], '/timing/exposure_s' => 2,
            '/power' => ['rig' => ['battery_wh' => 1, 'moving_w' => 10, 'holding_w' => 2, 'idle_w' => 0.5]],
        ]));
        $moving = array_sum($schedule->moves->moveSeconds);
        // Two standing before, three on the way (of which the last holds), one after it that ends with its card.
        self::assertEqualsWithDelta(200 * 0.5 + $moving * 10 + (300 - $moving) * 2 + 3 * 0.5, Drain::of($schedule)?->rig?->neededJoules, 0.2);
    }

    public function testBudgetsAreMonotone(): void
    {
        $left = static fn (array $power, int $photos = 200): float => Drain::of(Schedule::of(Plans::with([
            '/timing/photos' => $photos, '/power' => ['camera' => $power + ['battery_wh' => 16], 'temperature_c' => $power['temperature'] ?? 20],
        ])))->camera?->left() ?? NAN;
        self::assertGreaterThan($left([], 400), $left([], 200));
        self::assertGreaterThan($left(['idle_w' => 2]), $left(['idle_w' => 1]));
        self::assertGreaterThan($left(['battery_wh' => 14]), $left(['battery_wh' => 16]));
        self::assertGreaterThan($left(['charge' => 0.8]), $left(['charge' => 1]));
        $cold = static fn (float $celsius): float => Drain::of(Schedule::of(Plans::with(['/power' => ['camera' => ['battery_wh' => 16], 'temperature_c' => $celsius]])))->camera?->left() ?? NAN;
        self::assertGreaterThan($cold(-10), $cold(10));
        foreach (Plans::drawn(60) as [$plan]) {
            $drain = Drain::of(Schedule::of($plan));
            foreach (array_filter([$drain?->camera, $drain?->rig]) as $device) {
                $before = 1.0;
                foreach ($device->charges as $charge) {
                    self::assertLessThanOrEqual($before + 1e-12, $charge);
                    $before = $charge;
                }
                self::assertSame($device->diesAtPhoto !== null, $device->spares() > 0);
            }
        }
    }

    public function testThrustUpAnIncline(): void
    {
        $load = new Load(cameraKilograms: 1, lensKilograms: 1, headKilograms: 2, inclineDegrees: 30, friction: 0.1);
        // 4 kg · (9.80665 · (sin 30° + 0.1 · cos 30°) + 0.2)
        self::assertEqualsWithDelta(4 * (9.80665 * (0.5 + 0.0866025403784) + 0.2), $load->thrustNeededNewtons(200), 1e-9);
        self::assertGreaterThan($load->thrustNeededNewtons(200), $load->with(['inclineDegrees' => 40.0])->thrustNeededNewtons(200));
    }
}
