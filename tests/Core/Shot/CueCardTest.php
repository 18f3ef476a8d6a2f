<?php

declare(strict_types=1);

namespace Tests\Core\Shot;

use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\CueCard;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * A ramp turned by hand: 100 photos, one each 10 s, from 1/8 s to 1 s, three stops in nine clicks.
 */
final class CueCardTest extends TestCase
{
    public function testEachClickIsOneMarkAndComesBetweenTwoExposures(): void
    {
        $card = CueCard::of($schedule = self::schedule());
        self::assertNotNull($card);
        self::assertCount(9, $card->clicks);
        self::assertEqualsWithDelta([1 / 8, 1 / 6, true], [$card->clicks[0]['from'], $card->clicks[0]['to'], $card->clicks[0]['isLonger']], 1e-9);
        self::assertSame(1.0, $card->clicks[8]['to']);
        foreach ($card->clicks as $click) {
            self::assertSame($schedule->timeline->closeSeconds[$click['photo'] - 1], $click['seconds']);
            self::assertLessThan($schedule->timeline->triggerSeconds[$click['photo']], $click['seconds']);
        }
        // A third of a stop apart, the dial is never off by more than half of that and what the marks are rounded by.
        self::assertLessThan(0.25, $card->worstStops);
    }

    /** Three stops in forty photos want a click each four and a half: one in five is what there is, and the dial falls behind. */
    public function testNoMoreThanOneClickInFivePhotos(): void
    {
        $card = CueCard::of(self::schedule(['/timing/photos' => 30]));
        $photos = array_column($card->clicks ?? [], 'photo');
        for ($n = 1; $n < count($photos); $n++) {
            self::assertGreaterThanOrEqual(5, $photos[$n] - $photos[$n - 1]);
        }
        self::assertGreaterThan(0.5, $card->worstStops ?? 0.0);
    }

    public function testTowardsTheDayTheyAreShorter(): void
    {
        $card = CueCard::of(self::schedule(['/timing/exposure_s' => [['at' => 0, 'exposure_s' => 1], ['at' => 1, 'exposure_s' => 0.125]]]));
        self::assertSame([false], array_values(array_unique(array_column($card->clicks ?? [], 'isLonger'))));
    }

    public function testWhereNobodyHasToTurnThereIsNone(): void
    {
        self::assertNull(CueCard::of(self::schedule(['/timing/exposure_s' => 0.5])));
        self::assertNull(CueCard::of(self::schedule(['/camera/exposure_timed_by' => 'controller', '/camera/dial' => 'bulb'])));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function schedule(array $changes = []): Schedule
    {
        return Schedule::of(Plans::with(array_replace([
            '/timing/photos' => 100, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/interval_s' => 10,
            '/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.125], ['at' => 1, 'exposure_s' => 1]],
        ], $changes)));
    }
}
