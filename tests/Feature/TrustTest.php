<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\CreateShot;
use App\Actions\EditShot;
use App\Exceptions\ShotChangedElsewhere;
use App\Http\AskedEdit;
use App\Models\AnsweredRequest;
use App\Models\KitItem;
use App\Models\PlanRevision;
use App\Models\RevisionFigures;
use App\Models\Shoot;
use App\Models\Shot;
use App\Pages\EditedShot;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\Figure;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Values\InvalidInput;
use Evrent\Words\Words;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Exceptions;
use Illuminate\Support\Str;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CostliestPlan;
use Tests\Core\Plans;

/**
 * Nothing typed is lost, nothing that was kept breaks a page, nobody gets in from elsewhere.
 */
final class TrustTest extends PageTestCase
{
    private const LATER = '2026_11_26_000000_pins_figures_and_rows_of_their_own';

    /**
     * A shot that stands on a plan that an earlier version kept.
     *
     * @param array<string, mixed> $changes
     */
    private static function keptBefore(array $changes): Shot
    {
        $shot = self::shot();
        $revision = PlanRevision::query()->create([
            'shot_id' => $shot->id, 'parent_id' => $shot->current_revision_id, 'plan' => Plans::json($changes + ['/title' => 'Kept before']), 'reason' => 'before',
        ]);
        $shot->update(['current_revision_id' => $revision->id]);

        return $shot->refresh();
    }

    public function testAPlanBeyondTodaysLimitsOpensEverywhereAndIsKeptWithinThemFromThenOn(): void
    {
        $shot = self::keptBefore(['/timing/interval_s' => 1e-300]);
        $this->get("{$shot->path()}")->assertOk()->assertSee('timing/interval_s is')->assertSee('1.0e-6');
        foreach (["/shoots/{$shot->shoot_id}", "/shoots/{$shot->shoot_id}/packing", "/shoots/{$shot->shoot_id}/sheet", "/shoots/{$shot->shoot_id}/day.ics"] as $path) {
            $this->get($path)->assertOk();
        }
        $this->type($shot, ['timing' => ['interval_s' => '6']])->assertOk();
        self::assertSame(6.0, self::planOf($shot)->timing->interval->longest());
    }

    public function testAShotThatCannotBeReadTakesNothingElseDownAndUndoLeadsOut(): void
    {
        $shot = self::keptBefore(['/timing/mode' => 'hover']);
        $this->get("{$shot->path()}")->assertOk()->assertSee(Words::of('shots.broken.title'))->assertSee('Undo: before');
        foreach (["/shoots/{$shot->shoot_id}", "/shoots/{$shot->shoot_id}/packing", "/shoots/{$shot->shoot_id}/sheet"] as $path) {
            $this->get($path)->assertOk()->assertSee('Kept before')->assertSee(Words::of('shoots.packing.broken'));
        }
        $this->get("/shoots/{$shot->shoot_id}/day.ics")->assertOk();
        $this->get("{$shot->path()}/plan.json")->assertOk()->assertSee('hover');
        foreach (['schedule', 'schedule.csv', 'schools', 'lenses', 'crossing', 'history'] as $page) {
            $this->get("{$shot->path()}/{$page}")->assertStatus(422)->assertSee(Words::of('shots.broken.title'));
        }
        $this->type($shot, ['timing' => ['interval_s' => '6']])->assertStatus(422);
        $this->step($shot, 'undo')->assertRedirect("{$shot->path()}");
        $this->get("{$shot->path()}")->assertOk()->assertSee(Words::of('checks.verdict.timing'));
    }

    public function testFiguresAreKeptWithTheirRevisionAndReadByTheShoot(): void
    {
        $shot = self::shot();
        $kept = RevisionFigures::query()->findOrFail($shot->current_revision_id);
        $figures = $kept->read();
        self::assertNotNull($figures);
        self::assertSame([240, true], [$figures->photos, $figures->verdict->works()]);
        // What the shoot shows is what is kept: it does not work the plan out again.
        $kept->update(['figures' => json_encode(['title' => 'As it was kept'] + $figures->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)]);
        $this->get("/shoots/{$shot->shoot_id}")->assertOk()->assertSee('As it was kept');
        $kept->update(['version' => 0]);
        $this->get("/shoots/{$shot->shoot_id}")->assertOk()->assertDontSee('As it was kept');
        self::assertEquals($figures->toArray(), RevisionFigures::query()->findOrFail($shot->current_revision_id)->read()?->toArray());
    }

    public function testWhatIsTypedOverAnotherWindowsChangeOfAnotherFieldGoesOnTopOfIt(): void
    {
        $shot = self::shot();
        $shown = $shot->current_revision_id;
        $this->type($shot, ['timing' => ['interval_s' => '9']])->assertOk();
        $this->type($shot, ['timing' => ['exposure_s' => '0.5']], ['revision' => $shown])->assertOk()->assertSee('Also changed in another window: interval 8 → 9 s');
        $plan = self::planOf($shot);
        self::assertSame([9.0, 0.5], [$plan->timing->interval->longest(), $plan->timing->exposure->longest()]);
        // A keyframe's place may stand for another keyframe by now.
        $this->edit($shot, 'keyframe-after', ['place' => 0]);
        $this->type($shot, ['move' => ['keyframes' => [1 => ['pan' => '5']]]], ['revision' => $shown])->assertStatus(409);
    }

    /**
     * Makes an edit while which another window does something: after it was worked out from what stands there, before it is kept.
     *
     * @param array<string, string> $asked
     * @param callable(): mixed     $meanwhile
     */
    private static function editedWhile(Shot $shot, array $asked, string $interval, callable $meanwhile): EditedShot
    {
        $request = Request::create('/', 'PUT', ['revision' => self::revisionOf($shot), ...$asked]);
        $isFirst = true;

        return app(EditShot::class)(
            Shot::query()->findOrFail($shot->id),
            AskedEdit::of($request, ['/timing/interval_s' => $interval]),
            static function (PinnedPlan $plan) use (&$isFirst, $interval, $meanwhile): Edited {
                if ($isFirst) {
                    $isFirst = false;
                    $meanwhile();
                }

                return $plan->typed(['timing' => ['interval_s' => $interval]], []);
            },
        );
    }

    public function testWhatIsSavedWhileAnEditIsWorkedOutStaysBelowIt(): void
    {
        $shot = self::shot();
        $key = (string) Str::uuid();
        $edited = self::editedWhile($shot, ['key' => $key], '9', fn () => $this->type($shot, ['timing' => ['exposure_s' => '0.5']])->assertOk());
        self::assertStringContainsString('exposure', Words::say($edited->elsewhere));
        self::assertSame(self::revisionOf($shot), $edited->revisionId);
        $plan = self::planOf($shot);
        self::assertSame([9.0, 0.5], [$plan->timing->interval->longest(), $plan->timing->exposure->longest()]);
        self::assertSame(3, $shot->revisions()->count());
        self::assertSame($edited->revisionId, AnsweredRequest::query()->findOrFail($key)->plan_revision_id);
        // The same field: the other was first, and is told.
        $this->expectException(ShotChangedElsewhere::class);
        self::editedWhile($shot, [], '7', fn () => $this->type($shot, ['timing' => ['interval_s' => '11']])->assertOk());
    }

    public function testTheSameEditSentTwiceAtOnceCountsOnce(): void
    {
        $shot = self::shot();
        $key = (string) Str::uuid();
        $twin = fn () => $this->type($shot, ['timing' => ['interval_s' => '9']], ['key' => $key])->assertOk();
        $edited = self::editedWhile($shot, ['key' => $key], '9', $twin);
        self::assertSame(self::revisionOf($shot), $edited->revisionId);
        self::assertSame([2, 9.0], [$shot->revisions()->count(), self::planOf($shot)->timing->interval->longest()]);
        // Taken back meanwhile, it is not made again either; nor is one that changed nothing.
        $this->step($shot, 'undo');
        $this->type($shot, ['timing' => ['interval_s' => '9']], ['key' => $key])->assertOk()->assertHeader('X-Evrent-Revision', (string) $edited->revisionId);
        self::assertSame([2, 8.0], [$shot->revisions()->count(), self::planOf($shot)->timing->interval->longest()]);
        $same = (string) Str::uuid();
        $this->type($shot, ['timing' => ['interval_s' => '8']], ['key' => $same])->assertOk();
        self::assertSame(self::revisionOf($shot), AnsweredRequest::query()->findOrFail($same)->plan_revision_id);
    }

    public function testADatabaseThatGoesAwayWhileAPageIsDrawnIsToldAsThat(): void
    {
        $shot = self::shot();
        DB::connection()->beforeExecuting(static function (string $query): void {
            // What the shot's page asks while it is drawn: whether there is anything to redo.
            if (str_contains($query, '"parent_id" =')) {
                throw new PDOException('server closed the connection unexpectedly');
            }
        });
        $this->get("{$shot->path()}")->assertStatus(503)->assertHeader('Retry-After', '2');
    }

    public function testAnAbsentDatabaseDoesNotFillTheLogAndAFaultOfItsDriverStaysInIt(): void
    {
        $odd = new class ('something odd') extends PDOException {
            /** @var mixed text, as the driver has it */
            protected $code = 'HY000';
        };
        foreach ([[new PDOException('server closed the connection unexpectedly'), 0], [$odd, 1]] as [$failure, $times]) {
            Exceptions::fake();
            DB::connection()->beforeExecuting(static function (string $query) use ($failure): void {
                if (str_contains($query, 'from "shots"')) {
                    throw $failure;
                }
            });
            $this->get('/shots/1')->assertStatus(503);
            Exceptions::assertReportedCount($times);
            $this->refreshApplication();
        }
    }

    public function testAnEditOfAShotThatWasDeletedMeanwhileIsNotKept(): void
    {
        $shot = self::shot();
        $this->expectException(ModelNotFoundException::class);
        self::editedWhile($shot, [], '9', static fn () => $shot->delete());
    }

    public function testAnEditSentAgainCountsOnceAndATruncatedFormNotAtAll(): void
    {
        $shot = self::shot();
        $revision = self::revisionOf($shot);
        $key = (string) Str::uuid();
        foreach ([1, 2, 3] as $time) {
            $this->type($shot, ['timing' => ['interval_s' => '9']], ['key' => $key, 'revision' => $revision])->assertOk()->assertHeader('X-Evrent-Revision', (string) self::revisionOf($shot));
        }
        self::assertSame(2, $shot->revisions()->count());
        $cut = ['plan' => ['timing' => ['interval_s' => '3']], 'revision' => self::revisionOf($shot)];
        $this->put("{$shot->path()}", $cut, ['HX-Request' => 'true'])->assertStatus(422)->assertSee('Only part of the form arrived');
        self::assertSame(9.0, self::planOf($shot)->timing->interval->longest());
    }

    public function testARemedySaysWhichPinItWouldLeaveBehindBeforeItIsPressed(): void
    {
        $shot = self::shot();
        $this->type($shot, [], ['held' => ['photos' => '241']])->assertOk();
        $this->type($shot, [], ['held' => ['shooting' => '8.8 min']])->assertOk();
        // 241 photos in 528 s are 2.1 s each, too short for the move; a longer interval in that time takes fewer photos.
        $this->get("{$shot->path()}")->assertSee(Words::of('checks.verdict.fails'))->assertSee('Photos change: ');
        self::assertSame([Figure::Interval, 528.0], [self::pinsOf($shot)->follows, self::pinsOf($shot)->shootingSeconds]);
    }

    public function testTwoWindowsOnOneCardOneIsTold(): void
    {
        $this->post('/kit', ['kind' => 'card', 'name' => 'Card', 'count' => '1', 'capacity_gb' => '64', 'note' => ''])->assertSessionHasNoErrors();
        $card = KitItem::query()->firstOrFail();
        $was = ['name' => 'Card', 'count' => '1', 'capacity_gb' => '64', 'note' => ''];
        $send = fn (array $typed) => $this->put("/kit/{$card->id}", [...$was, ...$typed, 'kind' => 'card', 'was' => $was]);
        $send(['note' => 'scratched'])->assertSessionHasNoErrors();
        $send(['capacity_gb' => '60'])->assertSessionHasNoErrors();
        $piece = $card->refresh()->piece();
        self::assertSame(['scratched', 60.0], [$piece->note, $piece->values['capacity_gb']]);
        $send(['capacity_gb' => '50'])->assertSessionHasErrors("kit.{$card->id}.capacity_gb");
        self::assertSame(60.0, $card->refresh()->piece()->values['capacity_gb']);
    }

    public function testWhatIsDeletedComesBack(): void
    {
        $shoot = self::shoot();
        $this->delete("/shoots/{$shoot->id}")->assertRedirect('/');
        $this->get('/')->assertSee('deleted')->assertSee(Words::of('shoots.index.restore'));
        $this->get("/shoots/{$shoot->id}")->assertNotFound();
        $this->post("/bin/shoot/{$shoot->id}")->assertRedirect();
        $this->get("/shoots/{$shoot->id}")->assertOk();
        $this->post('/kit', ['kind' => 'cable', 'name' => 'Lead', 'count' => '1', 'note' => '']);
        $lead = KitItem::query()->where('name', 'Lead')->firstOrFail();
        $this->delete("/kit/{$lead->id}");
        $this->post('/kit', ['kind' => 'cable', 'name' => 'Lead', 'count' => '2', 'note' => ''])->assertSessionHasNoErrors();
        $this->post("/bin/kit/{$lead->id}")->assertSessionHas('notice', Words::of('app.bin.name'));
        $this->post('/bin/tide/1')->assertNotFound();
    }

    /**
     * @return iterable<string, array{array<string, string>, int}>
     */
    public static function senders(): iterable
    {
        yield 'its own page' => [['Sec-Fetch-Site' => 'same-origin', 'Origin' => 'http://localhost'], 302];
        yield 'a browser that says only its origin' => [['Origin' => 'http://localhost'], 302];
        yield 'another site by a browser that says only its origin' => [['Origin' => 'http://evil.example'], 403];
        yield 'who says neither and brings no token' => [[], 419];
        yield 'another site' => [['Sec-Fetch-Site' => 'cross-site', 'Origin' => 'http://evil.example'], 403];
        yield 'another site that says it is this' => [['Sec-Fetch-Site' => 'same-origin', 'Origin' => 'http://evil.example'], 403];
        yield 'another port' => [['Sec-Fetch-Site' => 'same-site', 'Origin' => 'http://localhost:9'], 403];
        yield 'a page without an origin' => [['Origin' => 'null'], 403];
    }

    /**
     * @param array<string, string> $headers
     */
    #[DataProvider('senders')]
    public function testOnlyItsOwnPagesChangeAnything(array $headers, int $status): void
    {
        $this->flushHeaders()->post('/shoots', ['name' => 'From somewhere'], $headers)->assertStatus($status);
        self::assertSame($status === 302 ? 1 : 0, Shoot::query()->where('name', 'From somewhere')->count());
    }

    public function testThereIsNoOtherNameToReadItUnder(): void
    {
        $this->get('http://evil.example/')->assertStatus(421)->assertDontSee('Spring tide');
        $this->post('http://evil.example/shoots', ['name' => 'From somewhere'])->assertStatus(421);
        $this->get('http://127.0.0.1:8710/')->assertOk();
        $this->get('/%00')->assertNotFound();
        $this->get('/%ff')->assertNotFound();
        $policy = (string) $this->get('/')->headers->get('Content-Security-Policy');
        self::assertStringContainsString("script-src 'self';", $policy);
        self::assertStringNotContainsString('unsafe-eval', $policy);
    }

    public function testMoreThanIsAnsweredInTimeIsRefusedWithTheReason(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('drawings.drawable.positions(axes: 12, most_positions: 6666)');
        app(CreateShot::class)(self::shoot(), PlanReader::fromJson(CostliestPlan::json(20_000, 12, 20, 20)), 'too much');
    }

    public function testTheStepsOfTheMigrationCanBeTakenBackAndNothingIsDropped(): void
    {
        $shot = self::shot();
        $this->type($shot, [], ['held' => ['shooting' => '40 min']])->assertOk();
        $shoot = self::shoot();
        $this->put("/shoots/{$shoot->id}/packing", ['item' => 'legs Tall', 'packed' => ['legs Tall']]);
        $deleted = $shoot->dayEvents()->firstOrFail();
        $this->delete("/shoots/{$shoot->id}/events/{$deleted->id}");
        self::assertSame(0, $this->artisan('migrate:rollback', ['--path' => 'database/migrations/' . self::LATER . '.php', '--force' => true]));
        self::assertSame('interval', DB::table('shots')->where('id', $shot->id)->value('follows'));
        $before = DB::table('shoots')->where('id', $shoot->id)->first(['packed', 'day_events']);
        self::assertSame('["legs Tall"]', $before?->packed);
        self::assertIsString($before->day_events);
        self::assertStringContainsString('sluice gate is locked', $before->day_events);
        self::assertSame(0, $this->artisan('migrate', ['--force' => true]));
        self::assertSame(3, $shoot->dayEvents()->count());
        self::assertSame(['legs Tall'], $shoot->packed());
        self::assertSame(Figure::Interval, self::pinsOf($shot)->follows);
        $this->get("{$shot->path()}")->assertOk()->assertSee('40 min');
    }
}
