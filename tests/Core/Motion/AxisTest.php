<?php

declare(strict_types=1);

namespace Tests\Core\Motion;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AxisTest extends TestCase
{
    private static function axis(float $stepsPerUnit = 160.0): Axis
    {
        return new Axis('slide', AxisKind::Linear, 0, 1200, 25.0, 60.0, $stepsPerUnit, 0.05);
    }

    #[DataProvider('halves')]
    public function testStepsRoundHalfAwayFromZero(float $position, int $steps): void
    {
        self::assertSame($steps, self::axis(1.0)->motorPositionSteps($position));
    }

    /**
     * @return iterable<array{float, int}>
     */
    public static function halves(): iterable
    {
        yield [0.0, 0];
        yield [0.49, 0];
        yield [0.5, 1];
        yield [-0.5, -1];
        yield [2.5, 3];
        yield [-2.5, -3];
        // The largest float below a half must not be carried up by the sum 0.49999999999999994 + 0.5 = 1.
        yield [0.49999999999999994, 0];
        yield [900_000.5, 900_001];
    }

    public function testALongMoveReachesFullSpeedAndAShortOneDoesNot(): void
    {
        $axis = self::axis();
        // 25²/60 = 10.4167 mm is where the two profiles meet.
        self::assertEqualsWithDelta(100 / 25 + 25 / 60, $axis->moveSeconds(100), 1e-15);
        self::assertEqualsWithDelta(2 * sqrt(5 / 60), $axis->moveSeconds(5), 1e-15);
        self::assertEqualsWithDelta(2 * 25 / 60, $axis->moveSeconds(25 ** 2 / 60), 1e-12);
        self::assertSame(0.0, $axis->moveSeconds(0));
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function impossible(): iterable
    {
        yield 'no travel' => [['min' => 10.0, 'max' => 10.0], '/max'];
        yield 'NaN travel' => [['min' => NAN], '/min'];
        yield 'endless travel' => [['max' => INF], '/max'];
        yield 'no speed' => [['maxSpeed' => 0.0], '/max_speed'];
        yield 'negative acceleration' => [['maxAcceleration' => -1.0], '/max_acceleration'];
        yield 'no steps' => [['stepsPerUnit' => 0.0], '/steps_per_unit'];
        yield 'negative backlash' => [['backlash' => -0.1], '/backlash'];
        yield 'a name that a keyframe uses' => [['id' => 'at'], '/id'];
        yield 'a name with a line break' => [['id' => "pan\n"], '/id'];
    }

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('impossible')]
    public function testAnImpossibleAxisCannotBeMade(array $changes, string $pointer): void
    {
        $values = ['id' => 'pan', 'kind' => AxisKind::Rotary, 'min' => -90.0, 'max' => 90.0, 'maxSpeed' => 12.0, 'maxAcceleration' => 30.0, 'stepsPerUnit' => 88.0];
        try {
            // @phpstan-ignore argument.type
            new Axis(...array_merge($values, $changes));
            self::fail('accepted');
        } catch (InvalidInput $invalid) {
            self::assertSame($pointer, $invalid->problems[0]->pointer);
        }
    }
}
