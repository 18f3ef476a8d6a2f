<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Evrent\Core\Format\FieldTexts;
use Evrent\Core\Format\ShownUnits;
use Evrent\Core\Format\StartText;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Words\ClockTime;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class ShownUnitsTest extends TestCase
{
    public function testAPlanIsReadInTheUnitsChosen(): void
    {
        $plan = Plans::with(['/optics' => Plans::OPTICS + ['focal_mm' => 24], '/move/keyframes/1/slide' => 508]);
        $texts = (new ShownUnits('in', 'ft', '°F'))->shown($plan, FieldTexts::of($plan));
        self::assertSame('20', $texts['/move/keyframes/1/slide']);
        self::assertSame('65.62', $texts['/optics/subject_m'], '20 m');
        self::assertSame(FieldTexts::of($plan)['/move/keyframes/1/pan'], $texts['/move/keyframes/1/pan'], 'degrees stay');
        self::assertSame(FieldTexts::of($plan), (new ShownUnits())->shown($plan, FieldTexts::of($plan)));
    }

    #[DataProvider('typed')]
    public function testWhatIsTypedIsKeptInThePlansUnits(ShownUnits $units, string $pointer, string $text, string $kept): void
    {
        self::assertSame($kept, $units->typed(Plans::with([]), $pointer, $text));
    }

    /**
     * @return iterable<string, array{ShownUnits, string, string, string}>
     */
    public static function typed(): iterable
    {
        yield 'inches' => [new ShownUnits('in'), '/move/keyframes/1/slide', '20', '508'];
        yield 'a unit of its own wins' => [new ShownUnits('in'), '/move/keyframes/1/slide', '50 cm', '500'];
        yield 'a unit where millimetres are read' => [new ShownUnits(), '/move/keyframes/1/slide', '2in', '50.8'];
        yield 'a comma' => [new ShownUnits('cm'), '/move/keyframes/0/slide', '12,5', '125'];
        yield 'feet' => [new ShownUnits(distance: 'ft'), '/optics/subject_m', '10', '3.048'];
        yield 'Fahrenheit' => [new ShownUnits(temperature: '°F'), '/power/temperature_c', '14', '-10'];
        yield 'degrees of pan have no other unit' => [new ShownUnits('in'), '/move/keyframes/1/pan', '20', '20'];
        yield 'no number is told by the field as it was typed' => [new ShownUnits('in'), '/move/keyframes/1/slide', 'far', 'far'];
        yield 'a speed' => [new ShownUnits('cm'), '/rig/axes/0/max_speed', '4', '40'];
    }

    /** What is shown and sent back is what it was, to a tenth of a micrometre. */
    public function testThereAndBack(): void
    {
        $plan = Plans::with([]);
        foreach (['mm', 'cm', 'in'] as $unit) {
            $units = new ShownUnits($unit);
            foreach ([0.0, 0.1, 12.34, 555.5, 1200.0] as $millimetres) {
                $shown = $units->shown(Plans::with(['/move/keyframes/1/slide' => $millimetres]), ['/move/keyframes/1/slide' => (string) $millimetres]);
                $back = (float) $units->typed($plan, '/move/keyframes/1/slide', $shown['/move/keyframes/1/slide']);
                self::assertEqualsWithDelta($millimetres, $back, 0.0015, "{$millimetres} mm in {$unit}");
            }
        }
        self::assertSame('8.5 in', (string) (new ShownUnits('in'))->axisText(AxisKind::Linear, 215.9));
        self::assertSame('12 °', (string) (new ShownUnits('in'))->axisText(AxisKind::Rotary, 12.0));
    }

    public function testAClockOfTwelveHoursIsReadAndTyped(): void
    {
        self::assertSame('from 5:50 pm to 12:05 am, 12:00 pm', ClockTime::twelveHours('from 17:50 to 00:05, 12:00'));
        self::assertSame('0:07:20.5 is no time of day', ClockTime::twelveHours('0:07:20.5 is no time of day'));
        self::assertSame('19:40', StartText::write(StartText::read('7:40 pm')));
        self::assertSame('00:15', StartText::write(StartText::read('12:15 AM')));
        self::assertSame('17:00 next day', StartText::write(StartText::read('5pm next day')));
    }
}
