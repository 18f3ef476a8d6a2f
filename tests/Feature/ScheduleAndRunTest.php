<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Run;
use App\Models\RunPhoto;
use App\Models\Shoot;
use App\Models\Shot;
use Evrent\Words\Words;
use Tests\Core\Plans;

final class ScheduleAndRunTest extends PageTestCase
{
    public function testTheCsvIsTheExampleScheduleToAMillionth(): void
    {
        $response = $this->get(self::shot()->path() . '/schedule.csv')->assertOk()->assertDownload('flood-tide-at-the-mill-race.schedule.csv');
        $lines = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), explode("\n", trim($response->streamedContent())));
        $header = array_map(strval(...), array_shift($lines));
        /** @var array{frames: list<array<string, mixed>>} $expected */
        $expected = json_decode(Plans::fixture('1-two-keyframes.schedule.json'), true, 16, JSON_THROW_ON_ERROR);
        self::assertCount(240, $lines);
        foreach ($expected['frames'] as $frame) {
            self::assertIsInt($frame['frame']);
            $row = array_combine($header, $lines[$frame['frame'] - 1]);
            self::assertSame($frame['phase'], $row['phase']);
            foreach ($frame as $name => $value) {
                if (is_array($value)) {
                    foreach ($value as $axis => $number) {
                        self::assertIsNumeric($number);
                        self::assertEqualsWithDelta($number, (float) $row["{$name}:{$axis}"], 1e-6);
                    }
                } elseif ($name !== 'phase') {
                    self::assertEqualsWithDelta($value ?? 0.0, (float) $row[$name], 1e-6, $name);
                    self::assertSame($value === null, $row[$name] === '');
                }
            }
        }
    }

    public function testADryRunKeepsOneRowForEachPhotoPlannedAgainstActual(): void
    {
        $shot = self::shot();
        $this->followingRedirects()->post("{$shot->path()}/runs")->assertOk()
            ->assertSee(Words::of('checks.verdict.works'))->assertSee('Variation added up to')->assertSee('1–50 of 240');
        $run = Run::query()->firstOrFail();
        self::assertSame($shot->current_revision_id, $run->plan_revision_id);
        self::assertSame(240, $run->photos()->count());
        $worst = RunPhoto::query()->where('run_id', $run->id)->orderByDesc('late_seconds')->firstOrFail();
        self::assertSame($worst->number, $run->latest_photo);
        self::assertEqualsWithDelta($worst->late_seconds, $run->latest_late_seconds, 1e-12);
        self::assertEqualsWithDelta($worst->trigger_seconds - $worst->planned_trigger_seconds, $worst->late_seconds, 1e-9);
    }

    public function testARunStaysWithTheRevisionItFollowed(): void
    {
        $shot = self::shot();
        $this->post("{$shot->path()}/runs");
        $this->type($shot, ['timing' => ['photos' => '100']]);
        $run = Run::query()->firstOrFail();
        self::assertSame(216, $run->revision->toPlan()->timing->photos);
        $this->get(route('runs.show', [...$run->address(), 'photo' => 240]))->assertOk()->assertSee('201–240 of 240');
        $this->post($shot->at('runs.store'))->assertRedirect();
        $this->get("{$shot->path()}/run")->assertOk()->assertSee(Words::of('shots.takes.title'))->assertSee($run->at('runs.show'), false);
    }

    public function testALongRunIsStoredWhole(): void
    {
        $shot = self::shot(['/timing/photos' => 5000, '/timing/interval_s' => 4]);
        $this->post("{$shot->path()}/runs")->assertRedirect();
        self::assertSame(5024, RunPhoto::query()->count());
    }

    public function testTheDemoCanBePutBackAndOtherShootsStay(): void
    {
        $own = Shoot::query()->create(['name' => 'My own']);
        $demo = Shoot::query()->where('is_demo', true)->firstOrFail();
        $shot = $demo->shots()->firstOrFail();
        $this->type($shot, ['timing' => ['photos' => '50']]);
        $this->post("{$shot->path()}/runs");
        self::assertSame(0, $this->artisan('evrent:demo'));
        self::assertSame(50, self::planOf($shot)->timing->photos);
        self::assertSame(0, $this->artisan('evrent:demo --reset'));
        self::assertNull(Shot::query()->find($shot->id));
        self::assertSame(4, Shot::query()->count());
        self::assertNotNull(Shoot::query()->find($own->id));
        self::assertSame(216, self::planOf(Shot::query()->orderBy('id')->firstOrFail())->timing->photos);
    }
}
