<?php

declare(strict_types=1);

namespace Tests\Core\Drawings;

use Evrent\Core\Drawings\Drawable;
use Evrent\Core\Drawings\IntervalColumns;
use Evrent\Core\Drawings\SceneryColumns;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\CostliestPlan;
use Tests\Core\Plans;

/**
 * What is sent to be drawn reads back as what it was, and what is more than can be drawn is refused with the reason.
 */
final class DrawableTest extends TestCase
{
    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        return Plans::drawn(30);
    }

    #[DataProvider('plans')]
    public function testColumnsReadBackAsTheyWere(Plan $plan): void
    {
        $schedule = Schedule::of($plan);
        $wanted = [...IntervalColumns::of($schedule), ...SceneryColumns::of(Shot::on($schedule))];
        $read = DrawnColumns::of($schedule);
        self::assertSame([...array_keys($wanted), 'slack', 'settle_start'], array_keys($read));
        foreach ($wanted as $name => $column) {
            self::assertSame($column, $read[$name], $name);
        }
    }

    public function testTheCostliestPlansOfAllAreRefusedWithTheReason(): void
    {
        $axes = Plans::with([])->rig->axes;
        self::assertCount(3, $axes);
        Drawable::check(Plans::with(['/timing/photos' => 19_976]));
        foreach (
            [
                [Plans::with(['/timing/photos' => 19_977]), '/timing/photos', 'drawings.drawable.photos(most_photos: 20000)'],
                [PlanReader::fromJson(CostliestPlan::json(20_000, 5, 10, 10)), '/timing/photos', 'drawings.drawable.positions(axes: 5, most_positions: 16000)'],
            ] as [$plan, $pointer, $says]
        ) {
            try {
                Drawable::check($plan);
                self::fail($says);
            } catch (InvalidInput $invalid) {
                self::assertSame($pointer, $invalid->problems[0]->pointer);
                self::assertStringContainsString($says, (string) $invalid->problems[0]->message);
            }
        }
    }

    public function testARunOfYearsIsTakenForASlipOfThePen(): void
    {
        // One a day: 370 on the way and 24 that stand are 394 days, 400 and 24 are 424.
        Drawable::checkRun(Schedule::of(Plans::with(['/timing/interval_s' => 86_400, '/timing/photos' => 370])));
        foreach ([[['/timing/interval_s' => 86_400, '/timing/photos' => 400], '/timing/interval_s'], [['/rig/axes/1/max_speed' => 1e-6], '/rig/axes']] as [$changes, $pointer]) {
            try {
                Drawable::checkRun(Schedule::of(Plans::with($changes)));
                self::fail($pointer);
            } catch (InvalidInput $invalid) {
                self::assertSame($pointer, $invalid->problems[0]->pointer);
                self::assertStringContainsString('most: 400)', (string) $invalid->problems[0]->message);
            }
        }
    }
}
