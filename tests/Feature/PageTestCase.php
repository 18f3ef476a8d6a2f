<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\CreateShot;
use App\Models\Shoot;
use App\Models\Shot;
use Database\Seeders\DemoSeeder;
use Evrent\Core\Editing\Pins;
use Evrent\Core\Plan\Plan;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Core\Plans;
use Tests\Runner\TestTimes;

/**
 * Pages over a real database, laid out with the demo.
 */
abstract class PageTestCase extends TestCase
{
    use RefreshDatabase;

    /** Commands are run for real; what they print is not mocked. */
    public $mockConsoleOutput = false;

    protected bool $seed = true;

    protected string $seeder = DemoSeeder::class;

    /** bin/test has made the database from its template; alone, the first test migrates it. */
    protected function beforeRefreshingDatabase(): void
    {
        if (getenv('EVRENT_TEST_DATABASE') === 'made') {
            RefreshDatabaseState::$migrated = true;
        }
    }

    public function createApplication(): Application
    {
        $app = require __DIR__ . '/../../bootstrap/app.php';
        assert($app instanceof Application);
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        TestTimes::countQueries();
        // What a browser says of a request of the page's own.
        $this->withHeaders(['Sec-Fetch-Site' => 'same-origin']);
    }

    protected static function shoot(): Shoot
    {
        return Shoot::query()->firstOrFail();
    }

    /**
     * A shot of the plain example, with some fields changed by JSON pointer.
     *
     * @param array<string, mixed> $changes
     */
    protected static function shot(array $changes = []): Shot
    {
        return app(CreateShot::class)(self::shoot(), Plans::with($changes + ['/start' => ['event' => 'clock', 'at' => '16:20']]), 'test');
    }

    protected static function planOf(Shot $shot): Plan
    {
        return Shot::query()->findOrFail($shot->id)->currentRevision()->toPlan();
    }

    protected static function pinsOf(Shot $shot): Pins
    {
        return Shot::query()->findOrFail($shot->id)->currentRevision()->toPins();
    }

    protected static function revisionOf(Shot $shot): int
    {
        return (int) Shot::query()->findOrFail($shot->id)->current_revision_id;
    }

    /**
     * Undo, redo, or an earlier revision: each names the revision that it starts from.
     *
     * @param array<string, string> $headers
     *
     * @return TestResponse<Response>
     */
    protected function step(Shot $shot, string $towards, array $headers = []): TestResponse
    {
        return $this->post("{$shot->path()}/{$towards}", ['revision' => self::revisionOf($shot)], $headers);
    }

    /**
     * Sends what the page's form sends after a change.
     *
     * @param array<string, mixed> $plan   typed text by field name
     * @param array<string, mixed> $others
     *
     * @return TestResponse<Response>
     */
    protected function type(Shot $shot, array $plan, array $others = [], bool $byScript = true): TestResponse
    {
        $revision = Shot::query()->findOrFail($shot->id)->current_revision_id;

        return $this->put(
            "{$shot->path()}",
            ['plan' => $plan, 'revision' => $revision, ...$others, 'end' => '1'],
            $byScript ? ['HX-Request' => 'true'] : [],
        );
    }

    /**
     * Makes one named edit, as the bench's buttons, pegs and keys do.
     *
     * @param array<string, mixed> $with
     * @param array<string, mixed> $others
     *
     * @return TestResponse<Response>
     */
    protected function edit(Shot $shot, string $edit, array $with = [], array $others = []): TestResponse
    {
        $revision = Shot::query()->findOrFail($shot->id)->current_revision_id;

        return $this->post("{$shot->path()}/edits", ['edit' => $edit, 'with' => $with, 'revision' => $revision, ...$others], ['HX-Request' => 'true']);
    }

    /**
     * The numbers that an answer draws from.
     *
     * @param TestResponse<Response> $response
     *
     * @return array<string, mixed>
     */
    protected static function dataOf(TestResponse $response): array
    {
        self::assertSame(1, preg_match('~<script id="shot-data"[^>]*>(.*?)</script>~s', (string) $response->getContent(), $found));
        /** @var array<string, mixed> */
        return json_decode($found[1] ?? '', true, 16, JSON_THROW_ON_ERROR);
    }

    /**
     * One column of an answer's numbers.
     *
     * @param array<string, mixed> $data
     *
     * @return list<float>
     */
    protected static function column(array $data, string $name): array
    {
        assert(is_array($data['columns']));
        $column = $data['columns'][$name] ?? [];
        assert(is_array($column));
        if (isset($column['of'])) {
            assert(is_array($column['of']) && count($column['of']) === 1 && is_int($column['plus']));
            $plus = $column['plus'] / 10_000;

            return array_map(static fn (float $value): float => $value + $plus, self::column($data, (string) array_key_first($column['of'])));
        }
        $steps = $column['s'] ?? [];
        assert(is_array($steps));
        $values = [];
        $sum = 0;
        foreach ($steps as $run) {
            [$step, $times] = is_array($run) ? $run : [$run, 1];
            assert(is_int($times));
            for (; $step !== null && $times > 0; $times--) {
                assert(is_int($step));
                $sum += $step;
                $values[] = $sum / 10_000;
            }
        }

        return $values;
    }
}
