<?php

declare(strict_types=1);

namespace Tests\Core\Budget;

use Evrent\Core\Budget\Load;
use Evrent\Core\Checks\Report;
use Evrent\Core\Day\Cautions;
use Evrent\Core\Day\Hazard;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * A counterweight on a steep rail: what the motor has left to push, and what happens when its line breaks.
 */
final class CounterweightTest extends TestCase
{
    public function testItTakesItsWeightOffTheMotorAndIsMovedWithIt(): void
    {
        // 3 kg up 60°: 29.42 · 0.866 = 25.48 N, and 0.05 · 29.42 · 0.5 = 0.74 N of friction, and 3 · 0.1 = 0.3 N to get going.
        $load = new Load(1.0, 0.5, 1.5, inclineDegrees: 60.0);
        self::assertEqualsWithDelta(26.51, $load->thrustNeededNewtons(100.0), 0.01);
        // 2 kg hang on the line: 19.61 N less, and 5 kg instead of 3 to get going.
        $balanced = $load->with(['counterweightKilograms' => 2.0]);
        self::assertEqualsWithDelta(25.48 - 19.61 + 0.74 + 0.5, $balanced->thrustNeededNewtons(100.0), 0.01);
    }

    public function testOneThatIsTooHeavyHasToBePushedDown(): void
    {
        $load = new Load(1.0, 0.5, 1.5, inclineDegrees: 60.0, counterweightKilograms: 5.0);
        self::assertEqualsWithDelta(49.03 - 25.48 + 0.74, $load->thrustNeededNewtons(0.0), 0.01);
    }

    public function testTheMotorNeedsLeastWhereItBalances(): void
    {
        $needed = [];
        foreach (range(0, 60) as $tenths) {
            $needed[$tenths] = (new Load(1.0, 0.5, 1.5, inclineDegrees: 60.0, counterweightKilograms: $tenths / 10.0))->thrustNeededNewtons(0.0);
        }
        // 3 kg · sin 60° = 2.6 kg.
        self::assertSame(26, array_search(min($needed), $needed, true));
    }

    public function testItStandsOnTheLegsTooAndIsOfferedWhereTheRailIsTooSteep(): void
    {
        self::assertSame(5.0, (new Load(1.0, 0.5, 1.5, counterweightKilograms: 2.0))->onLegsKilograms());
        $found = Report::on(Shot::of(Plans::with(['/load' => ['incline_deg' => 60, 'thrust_n' => 20]])))->finding(FindingId::InclineBeyondThrust);
        $remedy = array_column($found?->remedies() ?? [], null, 'key')['counterweight'] ?? null;
        self::assertNotNull($remedy);
        self::assertSame('checks.incline_beyond_thrust.balance(kilograms: 2)', (string) $remedy->label);
        self::assertNull(Report::on(Shot::of($remedy->mended))->finding(FindingId::InclineBeyondThrust));
        self::assertContains(Hazard::Counterweight, Cautions::ofShot(Shot::of($remedy->mended), []));
        self::assertNotContains(Hazard::Counterweight, Cautions::ofShot(Shot::of(Plans::with(['/load' => ['incline_deg' => 60]])), []));
        self::assertStringContainsString('counterweight_caution', (string) Hazard::Counterweight->caution());
    }
}
