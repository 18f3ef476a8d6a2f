<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\CreateShot;
use App\Models\KitItem;
use App\Models\Preset;
use App\Models\Shoot;
use App\Models\Shot;
use App\Pages\Presets;
use Database\Seeders\KitSeeder;
use Database\Seeders\RecipeSeeder;
use Evrent\Core\Light\ExposedFor;
use Evrent\Words\Words;
use Illuminate\Testing\TestResponse;
use Tests\Core\Plans;

/**
 * What the page says of a shot, and what it leaves unsaid and says that it does.
 */
final class TrueWordsTest extends PageTestCase
{
    /**
     * On a moonless night under a dark sky, half a minute from photo to photo.
     *
     * @param array<string, mixed> $changes
     */
    private static function night(array $changes): Shot
    {
        $shot = self::shot($changes + ['/start' => ['event' => 'clock', 'at' => '23:30'], '/timing/interval_s' => 30, '/timing/exposure_s' => 20]);
        $shot->shoot->update(['shoot_date' => '2027-04-07', 'sky_mag' => 21.6]);

        return app(CreateShot::class)($shot->shoot, self::planOf($shot), 'test');
    }

    public function testWhatWasNotJudgedIsSaidAndToldWithOnePress(): void
    {
        $shot = self::shot();
        $page = $this->get($shot->path())->assertOk()->assertSee(Words::of('checks.verdict.timing'));
        foreach (['light', 'lens', 'cards', 'camera_power', 'rig_power'] as $what) {
            $page->assertSee(ucfirst(Words::of("checks.not_checked.{$what}")), false);
        }
        foreach (['optics-in' => [], 'face' => ['bearing' => '90'], 'part-in' => ['part' => 'light']] as $edit => $with) {
            $this->edit($shot, $edit, $with)->assertOk();
        }
        foreach (['storage', 'power-camera', 'power-rig'] as $part) {
            $this->edit($shot, 'part-in', ['part' => $part])->assertOk();
        }
        // Added, they are only assumed: their fields are a press away.
        $this->get($shot->path())->assertSee('id="not-judged"', false)->assertSee('#f-storage-cards_gb', false)->assertSee('#f-power-rig-battery_wh', false);
        $known = '/light/aperture /optics/focal_mm /storage/cards_gb /power/camera/battery_wh /power/rig/battery_wh';
        $this->edit($shot, 'confirm', ['values' => $known])->assertOk();
        $this->get($shot->path())->assertDontSee('id="not-judged"', false)->assertDontSee(Words::of('checks.verdict.timing'));
        $nowhere = app(CreateShot::class)(Shoot::query()->create(['name' => 'Scouting', 'place' => '', 'is_demo' => false]), Plans::with([]), 'test');
        $this->get($nowhere->path())->assertSee('#place">Place and day', false);
    }

    /** f/2.8, 20 s and ISO 3200 under a dark sky are a starfield, and nobody calls it spoilt. */
    public function testAStarfieldIsCleanAndOneAtMiddayApertureIsTold(): void
    {
        $shot = self::night(['/light' => ['exposed_for' => 'sky', 'aperture' => 2.8, 'iso' => 3200]]);
        $this->get($shot->path())->assertSee(Words::of('checks.verdict.timing'))->assertDontSee('finding-T23', false)->assertDontSee('finding-T15', false)
            ->assertSee('Target: −2.5 stops from metered.', false)->assertSee('stops from target');
        $this->type($shot, ['light' => ['aperture' => '8', 'iso' => '100']])->assertOk()->assertSee('finding-T23', false)->assertSee(Words::of('checks.severity.stops'));
    }

    public function testTheLightAsksWhatIsExposedForAndWhere(): void
    {
        $shot = self::night(['/light' => ['iso' => 100]]);
        $this->get($shot->path())->assertSee('lamp light')->assertSee('country, 21.3')->assertSee('as entered, 21.6');
        $this->type($shot, ['light' => ['exposed_for' => 'sky', 'bias_stops' => '-0.5'], 'site' => ['sky_mag' => '19.5']])->assertOk();
        self::assertSame([ExposedFor::Sky, -0.5, 19.5], [self::planOf($shot)->light?->exposedFor, self::planOf($shot)->light?->biasStops, self::planOf($shot)->site?->skyMag]);
        foreach (['lamps_lux' => ['-3', 'from 0 to 100'], 'bias_stops' => ['12', 'from -6 to 6'], 'lamps_on' => ['tea time', 'such as 19:40']] as $field => [$typed, $says]) {
            $this->type($shot, ['light' => [$field => $typed]])->assertStatus(422)->assertSee($says);
        }
        $this->type($shot, ['site' => ['sky_mag' => '40']])->assertStatus(422)->assertSee('a night sky brightness');
        $this->type($shot, ['light' => ['exposed_for' => 'lamps']])->assertStatus(422)->assertSee('Enter the brightness of the lamps');
        $this->type($shot, ['light' => ['exposed_for' => 'lamps', 'lamps_lux' => '40']])->assertOk();
    }

    /** The shoot's place may move: a night sky that a shot was given of its own stays with it. */
    public function testTheNightSkyOfAPlaceIsTypedInAWord(): void
    {
        $own = self::shot();
        $shoot = $own->shoot;
        $typed = ['name' => 'Saltreach', 'date' => '2027-04-07', 'latitude' => '52.2', 'longitude' => '0.9', 'zone' => 'Europe/London', 'sky_mag' => 'a village\'s edge'];
        $this->put("/shoots/{$shoot->id}/place", $typed)->assertSessionHasNoErrors();
        self::assertSame([20.5, 20.5], [$shoot->refresh()->sky_mag, self::planOf($own)->site?->skyMag]);
        $this->get("/shoots/{$shoot->id}")->assertSee('value="20.5"', false)->assertSee('Galactic centre up')->assertSee(Words::of('shoots.day.sky'), false);
        $this->type($own, ['site' => ['sky_mag' => '18.5']])->assertOk();
        $this->put("/shoots/{$shoot->id}/place", ['sky_mag' => 'remote', 'date' => '2027-04-08'] + $typed)->assertSessionHasNoErrors();
        self::assertSame([21.9, 18.5, '2027-04-08'], [$shoot->refresh()->sky_mag, self::planOf($own)->site?->skyMag, self::planOf($own)->site?->date]);
        $this->put("/shoots/{$shoot->id}/place", ['sky_mag' => 'murky'] + $typed)->assertSessionHasErrors('place.sky_mag');
    }

    public function testAKeyframeIsMarkedAsWhatMattersMostAndSaysHowMuchItsSubjectTakes(): void
    {
        $shot = self::shot(['/optics' => Plans::OPTICS + ['focal_mm' => 24]]);
        $this->edit($shot, 'matters-most', ['place' => '1'])->assertOk()->assertSee('finding-E5', false)->assertSee(Words::of('checks.best_framing_comes_late.turned'));
        self::assertSame(1, self::planOf($shot)->move->mattersMost());
        $this->edit($shot, 'matters-most', ['place' => '0'])->assertOk()->assertDontSee('finding-E5', false);
        self::assertSame(0, self::planOf($shot)->move->mattersMost());
        $this->edit($shot, 'matters-most', ['place' => '0'])->assertOk();
        self::assertNull(self::planOf($shot)->move->mattersMost());
        $this->type($shot, ['move' => ['keyframes' => [1 => ['subject_height' => '95']]]])->assertOk()->assertSee('finding-L5', false);
        $this->type($shot, ['move' => ['keyframes' => [1 => ['subject_height' => '120']]]])->assertStatus(422)->assertSee('the subject’s share of the photo');
        $this->type($shot, ['move' => ['keyframes' => [1 => ['subject_height' => '']]]])->assertOk()->assertDontSee('finding-L5', false);
        self::assertNull(self::planOf($shot)->move->keyframes[1]->subjectHeight);
    }

    public function testOneCardForOneCauseWithTheRestInside(): void
    {
        $shot = self::shot(['/timing/interval_s' => 2]);
        $this->get($shot->path())->assertSee('id="finding-T1"', false)->assertDontSee('id="finding-T6"', false)
            ->assertSee(Words::of('checks.controller_stretches_interval.title'))->assertSee('longer');
    }

    public function testARecipeSaysWhatItChoseAndKnowsTheLens(): void
    {
        (new KitSeeder())->run();
        (new RecipeSeeder())->run();
        $shot = self::shot(['/timing/interval_s' => 6]);
        foreach (['Full-frame body, 24 MP', 'Wide 20 mm'] as $name) {
            $item = KitItem::query()->where('name', $name)->firstOrFail();
            $this->post("{$shot->path()}/kit", ['item' => $item->id, 'count' => '1', 'revision' => self::revisionOf($shot)])->assertRedirect();
        }
        $this->apply($shot, 'Traffic')->assertSee('Interval 2.9 s instead of 1.5 s.');
        $this->apply($shot, 'Stars')->assertOk();
        $light = self::planOf($shot)->light;
        self::assertSame([ExposedFor::Sky, 1.8, 6400.0], [$light?->exposedFor, $light?->aperture, $light?->highestIso]);
    }

    /**
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function apply(Shot $shot, string $recipe): TestResponse
    {
        $preset = Preset::query()->where('name', $recipe)->firstOrFail();

        return $this->post("{$shot->path()}/applied-presets", ['preset' => $preset->id, 'revision' => self::revisionOf($shot)], ['HX-Request' => 'true']);
    }

    public function testARecipeOfOnesOwnSaysWhatItIsExposedFor(): void
    {
        $typed = ['name' => 'Rime under stars', 'interval_s' => '20 s', 'open_share' => '50 %', 'clip_s' => '12', 'note' => 'A first try.'];
        $this->post('/presets', $typed + ['exposed_for' => 'moonbeams'])->assertSessionHasErrors('recipe.new.exposed_for');
        $this->post('/presets', $typed + ['exposed_for' => 'sky', 'follows_light' => '1', 'on_mains' => '1'])->assertRedirect('/presets');
        $preset = Preset::query()->where('name', 'Rime under stars')->firstOrFail();
        $recipe = Presets::recipe($preset);
        self::assertSame([ExposedFor::Sky, true, true], [$recipe->exposedFor, $recipe->followsLight, $recipe->onMains]);
        $this->get('/presets')->assertOk()->assertSee('Rime under stars')->assertSee(Words::of('presets.index.power'));
        $this->put("/presets/{$preset->id}", ['exposed_for' => '', 'on_mains' => '1'] + $typed)->assertRedirect('/presets');
        self::assertSame([null, false, true], [Presets::recipe($preset->refresh())->exposedFor, Presets::recipe($preset)->followsLight, Presets::recipe($preset)->onMains]);
    }

    /** The table has every column of the file, and the light beside. */
    public function testTheTableOfPhotosHasAllThatTheFileHas(): void
    {
        $shot = self::night(['/light' => ['exposed_for' => 'sky', 'aperture' => 2.8, 'iso' => 3200]]);
        $this->get("{$shot->path()}/schedule")->assertOk()->assertSeeInOrder([
            'Photo', Words::of('runs.show.part'), 'Trigger', Words::of('shots.schedule.open'), Words::of('shots.schedule.for'), Words::of('shots.schedule.close'), 'Interval', 'Slide, mm', 'at step', 'steps after', 'Move', 'Needs', 'Slack', Words::of('runs.show.late'), Words::of('shots.schedule.written'), 'ISO', 'EV', 'Brightness',
        ])->assertSeeInOrder(['3200', '−9.0']);
    }
}
