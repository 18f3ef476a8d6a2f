<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\CreateShot;
use App\Models\Run;
use App\Models\RunPhoto;
use App\Models\Shot;
use Illuminate\Support\Facades\DB;
use Tests\Core\Plans;

/**
 * What was planned before there were places and days is kept.
 */
final class MigrationTest extends PageTestCase
{
    private const MIGRATION = '2026_11_25_000000_place_day_and_kit';
    private const LATER = '2026_11_26_000000_pins_figures_and_rows_of_their_own';

    private const LATENESS = '2026_11_27_000001_lateness_from_what_was_asked_for';

    private static function old(): Shot
    {
        return app(CreateShot::class)(self::shoot(), Plans::example('1-two-keyframes'), 'before');
    }

    public function testTheStartOfAnOldShotMovesIntoItsPlan(): void
    {
        [$started, $open] = [self::old(), self::old()];
        $before = $started->current_revision_id;
        foreach ([self::LATER, self::MIGRATION] as $migration) {
            self::assertSame(0, $this->artisan('migrate:rollback', ['--path' => "database/migrations/{$migration}.php", '--force' => true]));
        }
        DB::table('shots')->where('id', $started->id)->update(['start_time' => '16:20']);

        self::assertSame(0, $this->artisan('migrate', ['--force' => true]));
        $moved = Shot::query()->findOrFail($started->id);
        self::assertSame('16:20', self::planOf($moved)->start?->at);
        self::assertSame($before, $moved->currentRevision()->parent_id, 'one step back is the plan as it was');
        self::assertNull(self::planOf($open)->start);
        $this->get("/shoots/{$started->shoot_id}")->assertOk()->assertSee('16:20');
    }

    /** 240 photos that need 2.42 s and get 2 are 100 s late at the end; by the stretched schedule they were on time. */
    public function testLatenessOfOldRunsIsCountedFromWhatWasAskedFor(): void
    {
        $shot = app(CreateShot::class)(self::shoot(), Plans::with(['/timing/interval_s' => 2]), 'short');
        $this->post("{$shot->path()}/runs");
        $now = self::lateness();
        self::assertGreaterThan(70.0, $now[2]);
        self::assertSame(0, $this->artisan('migrate:rollback', ['--path' => 'database/migrations/' . self::LATENESS . '.php', '--force' => true]));
        self::assertLessThan(3.0, self::lateness()[2], 'what chance added');
        self::assertSame(0, $this->artisan('migrate', ['--force' => true]));
        self::assertEqualsWithDelta($now, self::lateness(), 1e-6);
    }

    /**
     * @return list<float> of the run that there is: late photos, the latest, how late it was, and all lateness added up
     */
    private static function lateness(): array
    {
        $run = Run::query()->firstOrFail();

        return [(float) $run->late_photos, (float) $run->latest_photo, $run->latest_late_seconds, $run->photos()->get()->reduce(static fn (float $sum, RunPhoto $photo): float => $sum + $photo->late_seconds, 0.0)];
    }
}
