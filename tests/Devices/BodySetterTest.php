<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\Body\Choice;
use Evrent\Core\Run\Body\Choices;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\SetsBody;
use Evrent\Devices\Running\Appended;
use Evrent\Devices\Running\BodySetter;
use Evrent\Devices\Running\RunClock;
use Evrent\Devices\Running\TakeLog;
use Evrent\Devices\Running\TakeStore;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Bodies that list little, refuse, or set something else: what is said of it, and how far off the photos are.
 */
final class BodySetterTest extends TestCase
{
    /** @var list<LogLine> */
    private array $lines = [];

    /** @var array<string, string> what the body is set to */
    private array $is = ['shutter_time' => '1/125', 'aperture' => 'f/5.6', 'iso' => '400', 'white_balance' => 'auto'];

    /** @var array<string, list<string>> what it lists */
    private array $lists = [
        'shutter_time' => ['1/125', '0.5', '1', '30"', 'bulb'], 'aperture' => ['f/5.6', 'f/8'], 'iso' => ['100', '200', '400'],
        'white_balance' => ['auto', 'daylight'],
    ];

    private string $refuses = '';

    public function testWhatIsSoAlreadyIsNotSetAgain(): void
    {
        $setter = $this->setter(0.5);
        $setter->prepare(1);
        self::assertSame(['shutter_time' => '0.5', 'aperture' => 'f/8', 'iso' => '200', 'white_balance' => 'daylight'], $this->is);
        self::assertSame(0.0, $setter->offStops(2));
        $setter->prepare(2);
        self::assertCount(4, array_filter($this->lines, static fn (LogLine $line): bool => $line->kind === LogKind::Set));
        self::assertSame([], $this->alarms());
        // Somebody turns a dial: it is set back before the next.
        $setter->found(BodySetting::Iso, $this->is['iso'] = '400');
        self::assertEqualsWithDelta(1.0, $setter->offStops(3), 1e-9);
        $setter->prepare(3);
        self::assertSame(['200', 0.0], [$this->is['iso'], $setter->offStops(3)]);
    }

    public function testLongerThanItsDialIsRefusedInWords(): void
    {
        $setter = $this->setter(45.0);
        $setter->prepare(1);
        self::assertSame(['devices.run.dial_ends(at: 30", wants: 45)'], $this->alarms());
        self::assertEqualsWithDelta(-0.585, $setter->offStops(1), 0.001);
    }

    public function testABodyThatListsNothingIsHeldAgainstThePlan(): void
    {
        $this->lists['shutter_time'] = ['auto', '??'];
        unset($this->lists['iso']);
        $this->is['iso'] = '200';
        $setter = $this->setter(0.5);
        $setter->prepare(1);
        $setter->prepare(2);
        self::assertSame(['devices.run.not_settable_is(setting: run.setting.shutter_time, is: 1/125, wants: 0.5)'], $this->alarms());
        self::assertEqualsWithDelta(-5.966, $setter->offStops(1), 0.001);
    }

    public function testWhatIsRefusedIsTriedOnceMoreAndToldWithWhatToDo(): void
    {
        $this->refuses = 'aperture';
        $setter = $this->setter(0.5);
        for ($photo = 1; $photo <= 4; $photo++) {
            $setter->prepare($photo);
        }
        $tries = array_filter($this->lines, static fn (LogLine $line): bool => $line->text('setting') === 'aperture');
        self::assertSame([2, 'DeviceBusy'], [count($tries), array_values($tries)[0]->text('why')]);
        self::assertSame('devices.run.not_taken(setting: run.setting.aperture, is: f/5.6, photo: 1, wants: f/8, why: devices.run.because(why: DeviceBusy))', $this->alarms()[0]);
        self::assertEqualsWithDelta(1.029, $setter->offStops(3), 0.001);
    }

    /** @return list<string> */
    private function alarms(): array
    {
        $alarms = array_filter($this->lines, static fn (LogLine $line): bool => $line->kind === LogKind::Alarm);

        return array_values(array_map(static fn (LogLine $line): string => (string) $line->words('says'), $alarms));
    }

    private function setter(float $exposureSeconds): BodySetter
    {
        $body = self::createStub(SetsBody::class);
        $body->method('choices')->willReturnCallback(fn (BodySetting $setting): ?Choices => isset($this->lists[$setting->value])
            ? Choices::of($setting, $this->lists[$setting->value]) : null);
        $body->method('isSetTo')->willReturnCallback(fn (BodySetting $setting): Choice => Choice::of($setting, $this->is[$setting->value]));
        $body->method('set')->willReturnCallback(function (BodySetting $setting, Choice $choice): Choice {
            if ($setting->value === $this->refuses) {
                throw new DeviceRefused('DeviceBusy');
            }
            $this->is[$setting->value] = $choice->entry;

            return $choice;
        });
        $store = self::createStub(TakeStore::class);
        $store->method('append')->willReturnCallback(function (LogLine $line): Appended {
            $this->lines[] = $line;

            return Appended::Stored;
        });
        $schedule = Schedule::of(Plans::with([
            '/timing/photos' => 10, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/interval_s' => 60,
            '/timing/exposure_s' => $exposureSeconds, '/light' => ['aperture' => 8, 'iso' => 200],
        ]));

        return new BodySetter(new TakeLog($schedule, $store, new RunClock(0.0, 1.0), static fn () => null), $body, new RunClock(0.0, 1.0));
    }
}
