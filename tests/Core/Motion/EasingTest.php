<?php

declare(strict_types=1);

namespace Tests\Core\Motion;

use Evrent\Core\Motion\EaseShape;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EasingTest extends TestCase
{
    /**
     * Worked by hand: with ramps of 0.4 and 0.2, V = 1/(1 - 0.3) = 1/0.7; a ramp covers V·a·F(t).
     *
     * @return iterable<string, array{EaseShape, float, float}>
     */
    public static function halfwayUpTheFirstRamp(): iterable
    {
        yield 'constant: F(½) = 1/8' => [EaseShape::Constant, 0.2, 0.4 / 0.7 / 8];
        yield 'cosine: F(½) = 1/4 - 1/2π' => [EaseShape::Cosine, 0.2, 0.4 / 0.7 * (0.25 - 1 / (2 * M_PI))];
        yield 'cubic: F(½) = 1/8 - 1/32' => [EaseShape::Cubic, 0.2, 0.4 / 0.7 * 3 / 32];
        yield 'quintic: F(½) = 1/64 - 3/32 + 2.5/16' => [EaseShape::Quintic, 0.2, 0.4 / 0.7 * 5 / 64];
    }

    #[DataProvider('halfwayUpTheFirstRamp')]
    public function testEachShapeGivesTheWorkedAnswer(EaseShape $shape, float $u, float $covered): void
    {
        self::assertEqualsWithDelta($covered, (new Easing(0.4, 0.2, $shape))->covered($u), 1e-15);
    }

    #[DataProvider('shapes')]
    public function testRunsFromStandstillToStandstillWithoutTurningBack(EaseShape $shape): void
    {
        foreach ([[0.0, 0.0], [0.5, 0.5], [1.0, 0.0], [0.0, 1.0], [0.2, 0.35], [0.7, 0.3]] as [$in, $out]) {
            $easing = new Easing($in, $out, $shape);
            self::assertSame(0.0, $easing->covered(0.0));
            self::assertSame(1.0, $easing->covered(1.0));
            $before = 0.0;
            for ($i = 1; $i <= 1000; $i++) {
                $covered = $easing->covered($i / 1000);
                self::assertGreaterThanOrEqual($before - 1e-15, $covered);
                // No ease needs more than twice the even speed.
                self::assertLessThanOrEqual(2.0001 / 1000, $covered - $before);
                $before = $covered;
            }
        }
    }

    #[DataProvider('shapes')]
    public function testIsTheSameBackwardsWithItsRampsSwapped(EaseShape $shape): void
    {
        $there = new Easing(0.3, 0.45, $shape);
        $back = new Easing(0.45, 0.3, $shape);
        for ($i = 0; $i <= 100; $i++) {
            self::assertEqualsWithDelta(1.0 - $there->covered($i / 100), $back->covered(1 - $i / 100), 1e-14);
        }
    }

    /**
     * @return iterable<string, array{EaseShape}>
     */
    public static function shapes(): iterable
    {
        foreach (EaseShape::cases() as $shape) {
            yield $shape->value => [$shape];
        }
    }

    public function testRampsThatShareMoreThanTheWholeRunAreRefusedAtBothFields(): void
    {
        try {
            new Easing(0.6, 0.5);
            self::fail('accepted');
        } catch (InvalidInput $invalid) {
            self::assertSame(['/ramp_in', '/ramp_out'], array_column($invalid->problems, 'pointer'));
            self::assertSame('motion.easing.too_long', (string) $invalid->problems[0]->message);
        }
    }
}
