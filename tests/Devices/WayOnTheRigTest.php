<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\TimedPass;
use Evrent\Core\Motion\Way;
use Evrent\Core\Motion\WayStream;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Runner\Cases;

/**
 * Driving the simulated rig along its move, in virtual time.
 */
final class WayOnTheRigTest extends TestCase
{
    use DrivesInVirtualTime;

    public function testAPassIsThereOnTimeAndNeverAheadOfItself(): void
    {
        $way = $this->atTheStart();
        $pass = new TimedPass($way, $this->axes, 0.0, (float) $way->end, 20.0);
        $stream = new WayStream($this->axes, $way, 0.0);
        $began = $this->now;
        while ($this->now < $began + $pass->seconds) {
            $elapsed = $this->now - $began;
            $ahead = $pass->ahead($elapsed);
            foreach ($stream->beThere($pass->place($elapsed + $ahead), $ahead, $this->now) as $word) {
                $this->say($word, 0.0);
            }
            $this->passTo($this->now + self::TICK);
            $late = $way->at($pass->place($elapsed + self::TICK))['slide'] - $this->rig->positions()['slide'];
            self::assertLessThan(0.04 * $way->length(0.0, (float) $way->end), abs($late), sprintf('after %.2f s', $elapsed));
        }
        $this->passTo($this->now + 0.5);
        self::assertEqualsWithDelta($way->at((float) $way->end)['slide'], $this->rig->positions()['slide'], 0.01);
        self::assertEqualsWithDelta($way->at((float) $way->end)['pan'], $this->rig->positions()['pan'], 0.01);
        $this->assertWithinTravelAndReach(0);
    }

    public function testWhoeverDragsIsFollowedThereAndBackAndSilenceStopsTheRig(): void
    {
        foreach (Cases::numbers(40) as $seed) {
            $random = new Randomizer(new Mt19937($seed));
            $way = $this->atTheStart();
            $stream = new WayStream($this->axes, $way, 0.0);
            $to = 0.0;
            for ($drag = 0; $drag < 4; $drag++) {
                $to = (float) $random->getInt(0, $way->end);
                for ($until = $this->now + $random->getInt(1, 40) / 10.0; $this->now < $until;) {
                    foreach ($stream->next($to, INF, $this->now) as $word) {
                        $this->say($word, 0.0);
                    }
                    $this->passTo($this->now + self::TICK);
                }
            }
            $said = $this->now;
            $sentTo = $stream->sentTo();
            $this->passTo($this->now + 4.0);
            $this->assertWithinTravelAndReach($seed);
            // What it was sent ends at rest, not where it was dragged to; and that is soon.
            self::assertEqualsWithDelta($way->at($sentTo)['slide'], $this->rig->positions()['slide'], 0.02, "seed {$seed}");
            $this->assertStandsInTime($said + WayStream::LEAD_SECONDS, $seed);
        }
    }

    public function testPhotosThatStandStillAreNotSentAndCornersBrake(): void
    {
        $axes = ['slide' => new Axis('slide', AxisKind::Linear, 0.0, 100.0, 40.0, 90.0, 80.0), 'pan' => new Axis('pan', AxisKind::Rotary, -90.0, 90.0, 20.0, 60.0, 80.0)];
        $stream = new WayStream($axes, new Way(['slide' => [5.0, 5.0, 5.0, 10.0, 10.0], 'pan' => [0.0, 0.0, 0.0, 0.0, 5.0]]), 0.0);
        $words = $stream->next(4.0, 10.0, 0.0);
        self::assertNotSame([], $words);
        self::assertSame(['slide', 'pan'], array_keys($words[0]['positions']));
        self::assertGreaterThan(5.0, $words[0]['positions']['slide']);
        for ($now = 0.0; $now < 3.0; $now += 0.05) {
            [$before, $stoodAt] = [$stream->sentTo(), $stream->restsAt()];
            $stream->next(4.0, 10.0, $now);
            self::assertTrue($stream->sentTo() <= 3.0 || $before > 3.0 || $stoodAt <= $now, 'the corner is turned from rest');
        }
        self::assertSame(4.0, $stream->sentTo());
    }

    /** A move of 120 photos over both axes, eased in and out, from its first photo. */
    private function atTheStart(): Way
    {
        $this->begin(static fn (float $from, float $to): float => ($from + $to) / 2.0);
        $photos = 120;
        $shares = array_map(static fn (int $n): float => 0.5 - cos(M_PI * $n / ($photos - 1)) / 2.0, range(0, $photos - 1));
        $slide = array_map(static fn (float $share): float => round(10.0 + 150.0 * $share, 4), $shares);
        $pan = array_map(static fn (float $share): float => round(-5.0 + 20.0 * $share, 4), $shares);
        $this->say(['positions' => ['slide' => 10.0, 'pan' => -5.0], 'feed' => 1_200.0], 0.0);
        $this->passTo($this->now + 6.0);

        return new Way(['slide' => $slide, 'pan' => $pan]);
    }
}
