<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Checks\SunInFrame;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Sky;
use Evrent\Core\Sky\Target;

/**
 * The cautions that fit a day's shots: those that follow from the plans, and those that the shooter says of the place.
 */
final class Cautions
{
    private const DARK_DEGREES = -6.0;

    /** To the place and back: nobody sets up where the car stands. */
    private const WALK_SECONDS = 1_800.0;
    public const COLD_CELSIUS = 5.0;
    private const HEAVY_KILOGRAMS = 8.0;
    private const STEEP_DEGREES = 5.0;

    /**
     * @param list<ShotFigures> $shots
     * @param list<Hazard>      $told  by who knows the place
     * @param ?Site             $site  where the shots are
     * @param list<Stay>        $stays of the same shots
     *
     * @return list<Hazard> in the order in which they are shown
     */
    public static function of(array $shots, array $told, ?Site $site = null, array $stays = []): array
    {
        $found = [...$told, Hazard::Rules, ...array_merge([], ...array_map(static fn (ShotFigures $shot): array => $shot->hazards, $shots))];
        if ($site !== null && self::isWalkedInTheDark($site, $stays)) {
            $found[] = Hazard::Night;
        }

        return array_values(array_filter(Hazard::cases(), static fn (Hazard $hazard): bool => in_array($hazard, $found, true)));
    }

    /**
     * @param list<Hazard> $told by who knows the place
     *
     * @return list<Hazard> for one shot alone, in the order in which they are shown
     */
    public static function ofShot(Shot $shot, array $told): array
    {
        $found = [...$told, Hazard::Rules, ...self::ofPlan($shot)];

        return array_values(array_filter(Hazard::cases(), static fn (Hazard $hazard): bool => in_array($hazard, $found, true)));
    }

    /**
     * @return list<Hazard> that a plan itself brings
     */
    public static function ofPlan(Shot $shot): array
    {
        $plan = $shot->plan;
        $sun = $shot->sky()?->altitudes(Target::Sun) ?? [];

        return array_values(array_filter([
            SunInFrame::photos($shot) !== [] ? Hazard::Sun : null,
            $sun !== [] && min($sun) < self::DARK_DEGREES ? Hazard::Night : null,
            $plan->power !== null && $plan->power->celsius <= self::COLD_CELSIUS ? Hazard::Cold : null,
            $plan->load !== null && $plan->load->inclineDegrees >= self::STEEP_DEGREES ? Hazard::Incline : null,
            $plan->load !== null && $plan->load->counterweightKilograms > 0.0 ? Hazard::Counterweight : null,
            $plan->load !== null && $plan->load->onLegsKilograms() >= self::HEAVY_KILOGRAMS ? Hazard::Heavy : null,
        ]));
    }

    /**
     * @param list<Stay> $stays
     */
    private static function isWalkedInTheDark(Site $site, array $stays): bool
    {
        $sky = new Sky($site->observer);
        foreach ($stays as $stay) {
            foreach ([$stay->arrives?->plusSeconds(-self::WALK_SECONDS), $stay->leaves?->plusSeconds(self::WALK_SECONDS)] as $instant) {
                if ($instant !== null && $sky->of(Target::Sun, $instant)->altitude < self::DARK_DEGREES) {
                    return true;
                }
            }
        }

        return false;
    }
}
