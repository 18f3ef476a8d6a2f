<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * F4: a slide of 100 mm in 101 photos, one each 5 s, without ease: 1 mm in 5 s is 0.2 mm/s.
 */
final class SlowerThanAxisTest extends TestCase
{
    public function testSlowerThanItCanIsFoundAndStoppingMendsIt(): void
    {
        $finding = self::finding(0.5);
        self::assertNotNull($finding);
        self::assertSame([FindingId::SlowerThanAxis, 'checks.slower_than_axis.shortfall(least: 2.5)', 100], [$finding->id, (string) $finding->shortfall, $finding->photoCount]);
        self::assertSame('checks.slower_than_axis.sentence(worst: 57, axis: axes.slide, speedText: 0.2 mm/s, speedText2: 0.5 mm/s)', (string) $finding->sentence);
        self::assertNull(Report::on(Shot::of($finding->remedies()[0]->mended))->finding(FindingId::SlowerThanAxis));
    }

    /** 1 mm at 0.5 mm/s are 2 s: 101 photos creep through in 202 s. */
    public function testItCanCreepAtItsSlowest(): void
    {
        $remedies = array_column(self::finding(0.5)?->remedies() ?? [], null, 'key');
        self::assertSame('checks.slower_than_axis.slowest(seconds: 2)', (string) ($remedies['slowest'] ?? null)?->label);
        self::assertSame(2.0, $remedies['slowest']->mended->timing->interval->longest());
        self::assertNull(Report::on(Shot::of($remedies['slowest']->mended))->finding(FindingId::SlowerThanAxis));
    }

    public function testAsSlowAsItCanIsFine(): void
    {
        self::assertNull(self::finding(0.2));
        self::assertNull(self::finding(null));
        self::assertNull(self::finding(0.5, ['/timing/mode' => 'shoot_move_shoot']));
    }

    /** Easing, the first steps are the slowest; standing still before the move is not slow. */
    public function testEasingGoesSlowAtTheEnds(): void
    {
        $finding = self::finding(0.15, ['/timing/head_photos' => 10, '/move/easing' => ['ramp_in' => 0.4, 'ramp_out' => 0.4, 'shape' => 'constant']]);
        self::assertNotNull($finding);
        self::assertGreaterThan(10, $finding->firstPhoto);
        self::assertLessThan(80, $finding->photoCount);
    }

    public function testASlowestSpeedAboveTheTopSpeedIsRefusedByItsField(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('/rig/axes/0/min_speed');
        self::plan(50.0);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function finding(?float $minSpeed, array $changes = []): ?Finding
    {
        return Report::on(Shot::of(self::plan($minSpeed, $changes)))->finding(FindingId::SlowerThanAxis);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function plan(?float $minSpeed, array $changes = []): Plan
    {
        $axis = ['id' => 'slide', 'kind' => 'linear', 'min' => 0, 'max' => 200, 'max_speed' => 20, 'max_acceleration' => 50, 'steps_per_unit' => 100];

        return Plans::with(array_replace([
            '/rig/axes' => [$axis + ($minSpeed === null ? [] : ['min_speed' => $minSpeed])],
            '/move' => ['keyframes' => [['at' => 0, 'slide' => 0], ['at' => 1, 'slide' => 100]], 'easing' => ['ramp_in' => 0, 'ramp_out' => 0]],
            '/timing/mode' => 'continuous', '/timing/photos' => 101, '/timing/head_photos' => 0, '/timing/tail_photos' => 0,
            '/timing/interval_s' => 5, '/timing/exposure_s' => 0.5,
        ], $changes));
    }
}
