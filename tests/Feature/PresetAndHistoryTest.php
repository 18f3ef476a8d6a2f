<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Preset;
use App\Models\Shot;
use Database\Seeders\RecipeSeeder;
use Evrent\Core\Presets\PresetKind;
use Evrent\Words\Words;

final class PresetAndHistoryTest extends PageTestCase
{
    /**
     * @param array<string, mixed> $fields
     */
    private function keep(Shot $shot, array $fields): Preset
    {
        $this->post("{$shot->path()}/presets", $fields)->assertRedirect("{$shot->path()}");

        return Preset::query()->orderByDesc('id')->firstOrFail();
    }

    private function apply(Shot $shot, int $preset): void
    {
        $revision = Shot::query()->findOrFail($shot->id)->current_revision_id;
        $this->post("{$shot->path()}/applied-presets", ['preset' => $preset, 'revision' => $revision])->assertRedirect("{$shot->path()}")->assertSessionHas('notice');
    }

    public function testAMoveIsKeptAndScaledToAnotherRigsTravel(): void
    {
        $preset = $this->keep(self::shot(), ['name' => 'Past the wheel', 'kind' => 'move', 'note' => '']);
        self::assertSame(PresetKind::Move, $preset->kind);
        $other = self::shot(['/rig/axes/0/max' => 600, '/timing/interval_s' => 9]);
        $this->apply($other, $preset->id);
        $plan = self::planOf($other);
        // 40 and 860 of 1200 mm are 20 and 430 of 600 mm; pan has the same travel on both.
        self::assertSame([20.0, 430.0], array_map(static fn ($keyframe): float => $keyframe->positions['slide'], $plan->move->keyframes));
        self::assertSame([-14.0, 9.0], [$plan->move->keyframes[0]->positions['pan'], $plan->timing->interval->longest()]);
        $this->step($other, 'undo');
        self::assertSame(860.0, self::planOf($other)->move->keyframes[1]->positions['slide']);
    }

    public function testAWholeShotBringsItsTimingAndLeavesTheRig(): void
    {
        $preset = $this->keep(self::shot(['/timing/interval_s' => 11, '/timing/photos' => 300]), ['name' => 'Slow water', 'kind' => 'shot', 'note' => 'worked']);
        $other = self::shot(['/rig/axes/0/max' => 600, '/title' => 'Other']);
        $this->apply($other, $preset->id);
        $plan = self::planOf($other);
        self::assertSame([11.0, 300, 600.0, 'Other'], [$plan->timing->interval->longest(), $plan->timing->photos, $plan->rig->axes[0]->max, $plan->title]);
    }

    public function testRecipesStartAShotAndAreTheirsToChange(): void
    {
        (new RecipeSeeder())->run();
        $shot = self::shot();
        $tide = Preset::query()->where('name', 'Tide and shadows')->firstOrFail();
        $this->apply($shot, $tide->id);
        $plan = self::planOf($shot);
        self::assertSame([12.0, 1.0, 480], [$plan->timing->interval->longest(), $plan->timing->exposure->longest(), $plan->photosTotal()]);
        $typed = ['name' => 'Tide', 'interval_s' => '0:15', 'open_share' => '50 %', 'clip_s' => '10', 'note' => 'Ours is faster.'];
        $this->put("/presets/{$tide->id}", $typed)->assertRedirect('/presets');
        $this->apply($shot, $tide->id);
        self::assertSame([15.0, 6.35, 240], [self::planOf($shot)->timing->interval->longest(), self::planOf($shot)->timing->exposure->longest(), self::planOf($shot)->photosTotal()]);
        $this->post('/presets', ['name' => 'Gulls'] + $typed)->assertRedirect('/presets');
        $this->get('/presets')->assertOk()->assertSee('Gulls')->assertSee('Ours is faster.');
        $this->delete("/presets/{$tide->id}")->assertRedirect('/presets');
        $this->apply($shot, $tide->id);
    }

    public function testAnOlderDemoGetsItsRecipesAndThoseThrownAwayStayAway(): void
    {
        $this->artisan('evrent:demo');
        self::assertSame(8, Preset::query()->count());
        Preset::query()->where('name', 'Stars')->delete();
        $this->artisan('evrent:demo');
        self::assertSame(7, Preset::query()->count());
    }

    public function testABadRecipeIsRefusedByEveryFieldAndKeepsWhatWasTyped(): void
    {
        $this->followingRedirects()->from('/presets')
            ->post('/presets', ['name' => '', 'interval_s' => 'often', 'open_share' => '140', 'clip_s' => '-1', 'note' => ' '])
            ->assertSee('Enter a name')->assertSee('Enter an interval')->assertSee('below 100 %')->assertSee('Enter a clip length')->assertSee(Words::of('presets.recipe.why'))->assertSee('value="often"', false);
        self::assertSame(0, Preset::query()->count());
    }

    public function testTwoPresetsOfOneNameAreRefused(): void
    {
        $shot = self::shot();
        $this->keep($shot, ['name' => 'One', 'kind' => 'move']);
        $this->followingRedirects()->from("{$shot->path()}")->post("{$shot->path()}/presets", ['name' => 'One', 'kind' => 'move'])->assertSee('That name is taken');
        self::assertSame(1, Preset::query()->count());
    }

    public function testTwoRevisionsStandSideBySideAndAnEarlierOneComesBack(): void
    {
        $shot = self::shot();
        $first = $shot->current_revision_id;
        $this->type($shot, ['timing' => ['interval_s' => '2', 'mode' => 'continuous']]);
        $this->get("{$shot->path()}/history")->assertOk()
            ->assertSee(Words::of('app.compared.sms'))->assertSee(Words::of('app.compared.continuous'))->assertSee('8 s')->assertSee('2 s')->assertSee(Words::of('shots.history.changes'))
            ->assertSee(Words::of('app.compared.label_easing'))->assertSee('<td>20 % in, 20 % out</td>', false);
        $this->get("{$shot->path()}/history?left={$first}&right={$first}")->assertSee('Comparisons appear here');
        $this->get("{$shot->path()}/history?left=abc&right=999999999")->assertOk();
        $this->step($shot, "revisions/{$first}")->assertRedirect("{$shot->path()}");
        self::assertSame(8.0, self::planOf($shot)->timing->interval->longest());
        self::assertSame(3, $shot->revisions()->count());
        $other = self::shot();
        $this->step($other, "revisions/{$first}")->assertNotFound();
    }

    public function testAFaultIsRehearsedFromThePage(): void
    {
        $shot = self::shot();
        $this->followingRedirects()->post("{$shot->path()}/runs", ['kind' => 'missed_trigger', 'frame' => '50'])->assertOk()
            ->assertSeeInOrder(['Photos taken', '239', 'of 240'])
            ->assertSee('1 photo of 240 unusable')->assertSee('not taken');
        $this->from("{$shot->path()}")->post("{$shot->path()}/runs", ['kind' => 'pause', 'frame' => '999'])->assertSessionHasErrors('fault.frame');
        $this->post("{$shot->path()}/runs", ['kind' => 'gremlins', 'frame' => '1'])->assertSessionHasErrors('fault.kind');
    }
}
