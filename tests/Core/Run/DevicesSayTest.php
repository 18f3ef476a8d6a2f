<?php

declare(strict_types=1);

namespace Tests\Core\Run;

use Evrent\Core\Run\DevicesSay;
use Evrent\Core\Schedule\Schedule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What devices say before a shot, against its plan: 240 photos of 0.5 s, the camera's own shutter.
 */
final class DevicesSayTest extends TestCase
{
    private const SET = ['focus mode' => 'manual', 'white balance' => 'daylight', 'ISO' => '100', 'shutter time' => '0.5 s'];

    /**
     * @return iterable<string, array{DevicesSay, string, ?bool, string}>
     */
    public static function cases(): iterable
    {
        yield 'nothing automatic is for the shooter to confirm' => [new DevicesSay(settings: self::SET), 'autofocus', null, 'run.devices.manual(settings: [run.setting.focus_mode, run.setting.white_balance, run.setting.iso, run.setting.shutter_time])'];
        yield 'autofocus' => [new DevicesSay(settings: ['focus mode' => 'AF-S'] + self::SET), 'autofocus', false, 'run.devices.automatic(settings: [run.setting.focus_mode])'];
        yield 'automatic ISO' => [new DevicesSay(settings: ['ISO' => 'Auto'] + self::SET), 'autofocus', false, 'run.devices.automatic(settings: [run.setting.iso])'];
        yield 'another ISO' => [new DevicesSay(settings: ['ISO' => '400'] + self::SET), 'autofocus', false, 'run.devices.iso(is: 400, planned: 100)'];
        yield 'the planned mark' => [new DevicesSay(settings: ['shutter time' => '1/2'] + self::SET), 'dial', true, 'run.devices.shutter_as_planned(is: 0.5'];
        yield 'another mark' => [new DevicesSay(settings: ['shutter time' => '2.0000s'] + self::SET), 'dial', false, 'run.devices.shutter_off(is: 2, planned: 0.5)'];
        yield 'bulb where the camera times' => [new DevicesSay(settings: ['shutter time' => 'Bulb'] + self::SET), 'dial', false, 'run.devices.shutter_off(is: run.setting.bulb, planned: 0.5)'];
        yield 'too little room' => [new DevicesSay(photosLeft: 239), 'card', false, 'run.devices.card(count: 239, planned: 240)'];
        yield 'just room enough' => [new DevicesSay(photosLeft: 240), 'card', true, '240'];
        yield 'lost' => [new DevicesSay(isHomed: false), 'homed', false, 'run.devices.not_homed'];
        yield 'homed' => [new DevicesSay(isHomed: true), 'homed', true, 'run.devices.homed'];
        yield 'a full battery' => [new DevicesSay(cameraBattery: 100), 'batteries', true, 'run.devices.camera_battery_needed(percent: 100'];
        yield 'an empty battery' => [new DevicesSay(cameraBattery: 1, rigBattery: 100), 'batteries', false, 'run.devices.camera_battery_needed(percent: 1,'];
    }

    #[DataProvider('cases')]
    public function testWhatTheySayIsHeldAgainstThePlan(DevicesSay $said, string $item, ?bool $isWell, string $says): void
    {
        $told = $said->against(self::schedule());
        self::assertSame($isWell, $told[$item]['isWell']);
        self::assertStringContainsString($says, (string) $told[$item]['says']);
    }

    public function testWhatIsNotSaidIsNotJudged(): void
    {
        self::assertSame([], (new DevicesSay())->against(self::schedule()));
        self::assertArrayNotHasKey('dial', (new DevicesSay(settings: ['shutter time' => 'what']))->against(self::schedule()));
    }

    private static function schedule(): Schedule
    {
        return Schedule::of(Plans::with([
            '/timing/photos' => 240, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/exposure_s' => 0.5,
            '/light' => ['aperture' => 8, 'iso' => 100], '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '19:00'],
            '/power' => ['camera' => ['battery_wh' => 16]],
        ]));
    }
}
