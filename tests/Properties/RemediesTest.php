<?php

declare(strict_types=1);

namespace Tests\Properties;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Remedy;
use Evrent\Core\Checks\Report;
use Evrent\Core\Light\Light;
use Evrent\Core\Light\Marks;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\TimedBy;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * Every remedy of random shots, applied: what it mends is gone, nothing worse has come, it can be set, and it costs what it
 * said.
 */
final class RemediesTest extends TestCase
{
    private const SHOTS = 2_000;
    private const AT_A_TIME = 100;
    private const MOST_PHOTOS = 45;

    /**
     * @return iterable<string, array{list<int>}>
     */
    public static function seeds(): iterable
    {
        foreach (array_chunk(Cases::numbers(self::SHOTS, share: 25), self::AT_A_TIME) as $seeds) {
            yield "from seed {$seeds[0]}" => [$seeds];
        }
    }

    /**
     * @param list<int> $seeds
     */
    #[DataProvider('seeds')]
    public function testEveryRemedyDoesWhatItSays(array $seeds): void
    {
        $applied = 0;
        foreach ($seeds as $number) {
            $seed = "seed {$number}";
            $plan = Plans::ofSeed($number, self::MOST_PHOTOS);
            $shot = Shot::of($plan);
            $report = Report::on($shot);
            self::assertSame([], $report->failures, $seed);
            foreach ($report->all() as $finding) {
                foreach ($finding->remedies() as $remedy) {
                    $says = "{$seed}, {$finding->id->value}: {$remedy->label} ({$remedy->costs})";
                    self::mends($report, $finding, Report::on($shot->after($remedy->mended)), $says);
                    self::canBeSet($plan, $remedy->mended, $says);
                    self::costsWhatItSays($plan, $remedy, $says);
                    $applied++;
                }
                self::assertNull($finding->failure(), $seed);
            }
        }
        self::assertGreaterThan(count($seeds), $applied);
    }

    private static function mends(Report $before, Finding $finding, Report $after, string $says): void
    {
        self::assertNull($after->finding($finding->id), $says);
        foreach ($after->all() as $other) {
            $was = $before->finding($other->id);
            self::assertTrue(
                $other->severity->rank() >= $finding->severity->rank() || $was !== null && $was->severity->rank() <= $other->severity->rank(),
                "{$says} brings {$other->id->value}",
            );
        }
    }

    /** On the dial's marks unless a controller times it, within lens, body, filters at hand and travel. */
    private static function canBeSet(Plan $plan, Plan $mended, string $says): void
    {
        $exposures = array_column($mended->timing->exposure->keys, 'seconds');
        // A ramp that somebody asked to follow without steps has none, and what was there before was not set by a remedy.
        $isRamp = count($exposures) > 2 || $mended->light?->stepless === true && count($exposures) > 1;
        foreach ($exposures as $seconds) {
            self::assertTrue(
                $isRamp || $mended->camera->exposureTimedBy === TimedBy::Controller || Marks::hasShutter($seconds) || in_array($seconds, array_column($plan->timing->exposure->keys, 'seconds'), true),
                "{$says}: {$seconds} s",
            );
        }
        $light = $mended->light;
        if ($light !== null && $plan->light !== null) {
            self::assertTrue($light->aperture >= min($plan->light->aperture, $plan->light->widestAperture ?? Light::USUAL_WIDEST_APERTURE) - 1e-9, "{$says}: f/{$light->aperture}");
            $most = max([$plan->light->iso, ...array_column($plan->light->isoChanges, 'iso'), $plan->light->highestIso ?? max([0.0, ...$plan->light->isos])]);
            self::assertLessThanOrEqual(max($most, max([0.0, ...$plan->light->isos])), max([$light->iso, ...array_column($light->isoChanges, 'iso')]), $says);
            $stacked = [$plan->light->ndStops, 0.0];
            foreach ($plan->light->filters as $one) {
                $stacked = [...$stacked, $one, ...array_map(static fn (float $other): float => $one + $other, $plan->light->filters)];
            }
            self::assertContains($light->ndStops, $stacked, $says);
        }
        foreach ($mended->move->keyframes as $k => $keyframe) {
            foreach ($mended->rig->axes as $axis) {
                $was = $plan->move->keyframes[$k]->positions[$axis->id] ?? null;
                self::assertTrue($axis->holds($keyframe->positions[$axis->id]) || $was === $keyframe->positions[$axis->id], $says);
            }
        }
    }

    private static function costsWhatItSays(Plan $plan, Remedy $remedy, string $says): void
    {
        $mended = $remedy->mended;
        preg_match('/checks\.cost\.(all|keeps\(kept: \[([^]]+)\])/', (string) $remedy->costs, $kept);
        $keeps = static fn (string $what): bool => isset($kept[1]) && ($kept[1] === 'all' || str_contains($kept[1], "kept_{$what}"));
        self::assertSame($keeps('interval'), $plan->timing->interval->keys === $mended->timing->interval->keys && $plan->timing->intervalMeans === $mended->timing->intervalMeans, $says);
        self::assertSame($keeps('exposure'), $plan->timing->exposure->keys === $mended->timing->exposure->keys, $says);
        self::assertSame($keeps('framing'), array_column($plan->move->keyframes, 'positions') === array_column($mended->move->keyframes, 'positions')
            && $plan->load?->inclineDegrees === $mended->load?->inclineDegrees, $says);
        $clip = static fn (Plan $one): float => $one->photosTotal() / $one->timing->framesPerSecond;
        self::assertSame($keeps('clip'), abs($clip($plan) - $clip($mended)) < 0.005, $says);
        if (!$keeps('clip')) {
            self::assertStringContainsString('checks.cost.clip(after: ' . Quantity::seconds($clip($mended)), (string) $remedy->costs);
        }
        // By adding up what was asked for, photo by photo.
        $asked = static fn (Plan $one): float => array_sum(Schedule::of($one)->intervalSeconds);
        $extra = $asked($mended) - $asked($plan);
        self::assertSame($keeps('shooting'), abs($extra) <= 0.5, $says);
        if (abs($extra) > 0.5) {
            self::assertStringContainsString(($extra > 0.0 ? 'checks.cost.more' : 'checks.cost.less') . '(extra: ' . Quantity::duration(abs($extra)), (string) $remedy->costs);
        }
    }
}
