<?php

declare(strict_types=1);

namespace Tests\Core\Presets;

use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Light\Control;
use Evrent\Core\Light\Light;
use Evrent\Core\Presets\CellPlan;
use Evrent\Core\Presets\Trial;
use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\Body\Wanted;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * One cell of a test shoot over the middle of a shot's move.
 */
final class CellPlanTest extends TestCase
{
    public function testACellGoesOverTheMiddleOfTheMoveByTheSameSteps(): void
    {
        $plan = Plans::with(['/timing/photos' => 101, '/move/easing' => ['ramp_in' => 0.3, 'ramp_out' => 0.2, 'shape' => 'cosine']]);
        $trial = new Trial('reeds', [4.0, 8.0], [0.5, 1.0], 21);

        $cell = CellPlan::of($plan, $trial, '1:0');

        self::assertSame([21, 0, 0, 21], [$cell->timing->photos, $cell->timing->headPhotos, $cell->timing->tailPhotos, $cell->photosTotal()]);
        self::assertSame([8.0, 0.5], [$cell->timing->interval->longest(), $cell->timing->exposure->longest()]);
        $slide = $cell->path->positionColumns()['slide'];
        foreach ($slide as $n => $position) {
            self::assertEqualsWithDelta($plan->path->positionsAt(40.0 + $n)['slide'], $position, 0.51 / $plan->rig->axes[0]->stepsPerUnit, "photo {$n}");
        }
        self::assertNull(CellPlan::whyNot(Schedule::of($cell)));
    }

    public function testACellIsShotWithTheApertureAndIsoOfTheShot(): void
    {
        $plan = Plans::with([]);
        $light = new Light(5.6, 800.0, isoChanges: [['frame' => 5, 'iso' => 1600.0]], control: Control::AperturePriority);

        $cell = CellPlan::of($plan->with(['light' => $light]), new Trial('reeds', [4.0], [0.5], 21), '0:0');

        $wanted = Wanted::of(Schedule::of($cell))->for(12);
        self::assertSame([0.5, 5.6, 800.0], array_map(
            static fn (BodySetting $setting): ?float => $wanted[$setting->value] ?? null,
            [BodySetting::ShutterTime, BodySetting::Aperture, BodySetting::Iso],
        ));
    }

    public function testAShorterMoveIsTriedWhole(): void
    {
        $cell = CellPlan::of(Plans::with(['/timing/photos' => 12]), new Trial('reeds', [4.0], [0.5], 48), '0:0');

        self::assertSame(12, $cell->timing->photos);
    }

    public function testAnIntervalThatRigAndCameraDoNotKeepToIsSaid(): void
    {
        $cell = CellPlan::of(Plans::with([]), new Trial('reeds', [0.4], [0.05], 10), '0:0');

        self::assertSame('presets.cell.too_short(x: 1.674)', (string) CellPlan::whyNot(Schedule::of($cell)));
    }

    public function testACellGoesIntoThePlanAndSaysWhereFrom(): void
    {
        $trial = new Trial('reeds', [4.0, 8.0], [0.5, 1.0], 21);
        $plan = Plans::with([]);

        $edited = CellPlan::taken(new PinnedPlan($plan), $trial, '1:1');

        self::assertSame([8.0, 1.0], [$edited->plan->timing->interval->longest(), $edited->plan->timing->exposure->longest()]);
        self::assertSame('presets.cell.taken(interval: 8, shutter: 1, subject: reeds)', (string) $edited->told);
        self::assertEqualsWithDelta(log(1.0 / $plan->timing->exposure->longest(), 2), CellPlan::stopsBrighter($plan, $trial, '1:1'), 1e-9);
    }

    public function testACameraOnItsOwnTimerIsNotTriedSo(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('presets.cell.own_timer');
        CellPlan::of(Plans::with(['/trigger' => ['by' => 'camera_timer']]), new Trial('reeds', [4.0], [0.5]), '0:0');
    }
}
