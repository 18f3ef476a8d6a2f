<?php

declare(strict_types=1);

namespace Tests\Core\Run;

use Evrent\Core\Run\Take\Supplies;
use PHPUnit\Framework\TestCase;

final class SuppliesTest extends TestCase
{
    /** 100 % at photo 1 and 90 % at photo 21: half a per cent a photo, so the other 90 % last 180 photos more, to photo 201. */
    public function testAtTheRateSeenSoFarABatteryLastsToAPhoto(): void
    {
        $supplies = new Supplies();
        $supplies->see(1, [Supplies::RIG_BATTERY => 100]);
        self::assertNull($supplies->lastPhoto(Supplies::RIG_BATTERY));
        $supplies->see(21, [Supplies::RIG_BATTERY => 90]);
        self::assertSame(201, $supplies->lastPhoto(Supplies::RIG_BATTERY));
        self::assertSame([], $supplies->short(201));
        self::assertSame(
            [Supplies::RIG_BATTERY => 'takes.alarm.rig_battery_short(last: 201, photos: 240)'],
            array_map(strval(...), $supplies->short(240)),
        );
    }

    /** Changed in a pause, it begins anew; what fills by one photo a photo is full when the count says. */
    public function testAFreshBatteryBeginsAnewAndACardFillsPhotoByPhoto(): void
    {
        $supplies = new Supplies();
        foreach ([[1, 50, 120], [41, 10, 80], [42, 100, 79], [52, 95, 69]] as [$photo, $battery, $card]) {
            $supplies->see($photo, [Supplies::CAMERA_BATTERY => $battery, Supplies::CARD => $card]);
        }
        self::assertSame(52 + 190, $supplies->lastPhoto(Supplies::CAMERA_BATTERY));
        self::assertSame(121, $supplies->lastPhoto(Supplies::CARD));
        self::assertSame([Supplies::CARD], array_keys($supplies->short(200)));
    }

    public function testWhatIsGoneIsGoneAndWhatDoesNotRunDownLasts(): void
    {
        $supplies = new Supplies();
        $supplies->see(1, [Supplies::RIG_BATTERY => 80, Supplies::CAMERA_BATTERY => 0]);
        $supplies->see(100, [Supplies::RIG_BATTERY => 80]);
        self::assertNull($supplies->lastPhoto(Supplies::RIG_BATTERY));
        self::assertSame(1, $supplies->lastPhoto(Supplies::CAMERA_BATTERY));
        self::assertNull($supplies->lastPhoto(Supplies::CARD));
    }
}
