<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\CreateShot;
use App\Models\Run;
use App\Models\RunPhoto;
use App\Models\Shot;
use App\Models\Take;
use Database\Seeders\KitSeeder;
use Database\Seeders\RecipeSeeder;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * What was planned before there were places and days is kept.
 */
final class MigrationTest extends PageTestCase
{
    private const MIGRATION = '2026_11_25_000000_place_day_and_kit';
    private const LATER = '2026_11_26_000000_pins_figures_and_rows_of_their_own';

    /** What came later and hangs on those tables. */
    private const GRIDS = '2026_12_04_000000_test_grids';

    private const LATENESS = '2026_11_27_000001_lateness_from_what_was_asked_for';

    private static function old(): Shot
    {
        return app(CreateShot::class)(self::shoot(), Plans::example('1-two-keyframes'), 'before');
    }

    public function testTheStartOfAnOldShotMovesIntoItsPlan(): void
    {
        [$started, $open] = [self::old(), self::old()];
        $before = $started->current_revision_id;
        foreach ([self::GRIDS, self::LATER, self::MIGRATION] as $migration) {
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

    /** @return iterable<string, array{int}> how many migrations are taken back */
    public static function states(): iterable
    {
        foreach (Cases::some(range(1, count((array) glob(dirname(__DIR__, 2) . '/database/migrations/*.php')) - 1)) as $back) {
            yield "{$back} back" => [$back];
        }
    }

    /** A database as each earlier Evrent left it, with a shoot, runs, a take, kit and presets in it, is brought up to date, and nothing in it is lost. */
    #[DataProvider('states')]
    public function testADatabaseOfEachEarlierStateIsBroughtUpToDate(int $back): void
    {
        (new KitSeeder())->run();
        (new RecipeSeeder())->run();
        $shot = self::shot(['/timing/photos' => 20]);
        $this->post("{$shot->path()}/runs");
        Take::query()->create(['shot_id' => $shot->id, 'plan_revision_id' => $shot->current_revision_id, 'rig_address' => '127.0.0.1:7801', 'camera_address' => 'deaf', 'setting' => [], 'status' => 'running']);
        Take::query()->create(['shot_id' => $shot->id, 'plan_revision_id' => $shot->current_revision_id, 'rig_address' => 'localhost:7802', 'camera_address' => '', 'setting' => [], 'status' => 'ended']);
        // All of it is one transaction here: what is checked at its end would hold up what alters tables.
        DB::statement('set constraints all immediate');
        self::assertSame(0, $this->artisan('migrate:rollback', ['--step' => $back, '--force' => true]));
        $then = self::counts();
        self::assertGreaterThan(0, $then['plan_revisions'] ?? $then['shots']);
        self::assertSame(0, $this->artisan('migrate', ['--force' => true]));
        $now = self::counts();
        foreach ($then as $table => $rows) {
            // What a table became the migration says; what stayed has all its rows.
            self::assertGreaterThanOrEqual($rows, $now[$table] ?? $rows, $table);
        }
        self::assertSame(0, $this->artisan('migrate', ['--force' => true]));
        foreach (['/', "/shoots/{$shot->shoot_id}", $shot->path(), "{$shot->path()}/run", '/kit', '/presets', '/settings'] as $page) {
            $this->get($page)->assertOk();
        }
        foreach (Take::query()->with('shot')->get() as $take) {
            $this->get($take->at('takes.show'))->assertOk();
        }
    }

    /** @return array<string, int> rows by table */
    private static function counts(): array
    {
        $counts = [];
        foreach (DB::select("select tablename from pg_tables where schemaname = 'public' and tablename <> 'migrations'") as $row) {
            assert(is_object($row) && isset($row->tablename) && is_string($row->tablename));
            $counts[$row->tablename] = DB::table($row->tablename)->count();
        }

        return $counts;
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
