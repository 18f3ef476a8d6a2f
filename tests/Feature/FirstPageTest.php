<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\CreateShoot;
use App\Models\Shoot;
use App\Models\Shot;
use Database\Seeders\KitSeeder;
use Evrent\Words\Words;

final class FirstPageTest extends PageTestCase
{
    public function testItSaysWhatComesNextAndWhichShotSpoils(): void
    {
        $this->travelTo('2027-03-20 09:00');
        $this->get('/')->assertOk()->assertSee('Next, in 3 days')->assertSee('The interval is too short for exposure, move and settling')
            ->assertSee(Words::of('shoots.index.example'))->assertDontSee('Plan a motion time-lapse that works');
    }

    public function testWhereNothingIsItSaysWhatThisIs(): void
    {
        Shoot::query()->each(static fn (Shoot $shoot) => $shoot->delete());
        $this->get('/')->assertOk()->assertSee(Words::of('shoots.index.headline'))->assertSee(Words::of('shoots.index.deleted'));
    }

    public function testSearchFindsShootsShotsKitAndNotes(): void
    {
        app(CreateShoot::class)('Ebb at the sluice', 'Saltreach', '2027-05-01');
        $this->get('/?q=ebb')->assertSee('Ebb at the sluice')->assertDontSee('Spring tide at');
        $this->get('/?q=pump')->assertSee('Also found')->assertSee('Moonrise over the pump house')->assertSee(Words::of('shoots.index.none_fits'));
        $this->seed(KitSeeder::class);
        $this->get('/?q=Heavy tripod')->assertSee('#item-', false);
        $this->get('/?q=100%')->assertOk()->assertSee(Words::of('shoots.index.none_fits'));
        $this->get('/?when=over&sort=name')->assertOk();
        $this->get('/?q[]=x&sort=nothing&when=never')->assertOk();
    }

    public function testShootsAreNamedTaggedCopiedAndFoundByTag(): void
    {
        $shoot = self::shoot();
        $details = ['name' => 'Neap tide at Saltreach', 'tags' => 'tide, mill, tide', 'was' => $shoot->detailTexts()];
        $this->put("/shoots/{$shoot->id}", $details)->assertRedirect("/shoots/{$shoot->id}");
        self::assertSame(['tide', 'mill'], $shoot->refresh()->tags);
        $this->get('/?tag=mill')->assertSee('Neap tide at Saltreach');
        // Another window's name stays where this one changed the tags alone.
        $this->put("/shoots/{$shoot->id}", ['name' => 'Spring tide at Saltreach mill', 'tags' => 'sluice', 'was' => ['name' => 'Spring tide at Saltreach mill',
            'tags' => 'tide, mill']]);
        self::assertSame(['Neap tide at Saltreach', ['sluice']], [$shoot->refresh()->name, $shoot->tags]);
        $this->put("/shoots/{$shoot->id}", ['name' => '', 'tags' => ''])->assertSessionHasErrors('details.name');

        $this->post("/shoots/{$shoot->id}/copies")->assertRedirect();
        $copy = Shoot::query()->latest('id')->firstOrFail();
        self::assertSame(['Neap tide at Saltreach (copy)', 4, false], [$copy->name, $copy->shots()->count(), $copy->is_demo]);
        self::assertSame($shoot->dayEvents()->count(), $copy->dayEvents()->count());
    }

    public function testAShotGoesToAnotherShootAndToItsDay(): void
    {
        $shot = self::shot();
        $from = $shot->shoot;
        $to = app(CreateShoot::class)('Ebb at the sluice', 'Saltreach', '2027-05-01');
        $to->update(['latitude' => 51.9, 'longitude' => 1.8, 'zone' => 'Europe/London']);
        $this->post($shot->path() . '/copies', ['shoot_id' => $to->id])->assertRedirect();
        $this->put($shot->path() . '/shoot', ['shoot_id' => $to->id])->assertRedirect("/shoots/{$to->id}");
        $moved = Shot::query()->findOrFail($shot->id);
        self::assertSame([$to->id, '2027-05-01'], [$moved->shoot_id, self::planOf($moved)->site?->date]);
        self::assertSame(2, $to->shots()->count());
        $this->get("/shoots/{$from->id}/shots/{$shot->id}")->assertNotFound();
        $this->put($moved->path() . '/shoot', ['shoot_id' => 999_999])->assertSessionHasErrors("to-shoot.{$moved->id}.shoot_id");
        $this->post($moved->path() . '/copies', ['shoot_id' => 999_999])->assertSessionHasErrors("to-shoot.{$moved->id}.shoot_id");
    }

    public function testAShotHasSixViewsWithAnAddressEach(): void
    {
        $shot = self::shot();
        foreach (['frame', 'time', 'light', 'pack', 'run', 'review'] as $view) {
            $this->get("{$shot->path()}/{$view}")->assertOk()->assertSee("data-view=\"{$view}\"", false)->assertSee('<title>' . Words::of("app.view.{$view}"), false);
        }
        $this->get("{$shot->path()}/else")->assertNotFound();
        // Its mark says what is not told yet, and that it spoils where it does.
        $this->get($shot->path())->assertSee('Light: not fully checked')->assertSee('Run: not simulated')->assertSee('Time: ok');
        $this->type($shot, ['timing' => ['interval_s' => '1']])->assertSee('Time: will fail')->assertSee('Run: will fail')
            ->assertSee('data-of-view="time"', false);
        $this->edit($shot, 'step', ['figure' => '/timing/interval_s', 'by' => '2'])->assertOk();
        self::assertSame(2.0, self::planOf($shot)->timing->interval->keys[0]['seconds']);
        $this->edit($shot, 'step', ['figure' => '/timing/interval_s', 'by' => '9'])->assertStatus(422);
    }

    public function testTheTimeOnSiteIsPinned(): void
    {
        $shot = self::shot();
        $this->put("{$shot->path()}/stay", ['on_site' => '2 h', 'was' => ['on_site' => '1 h 17 min']])->assertSessionHasNoErrors();
        // 30 min to set up and 15 to pack leave 75 min.
        self::assertSame(4500.0, self::pinsOf($shot)->shootingSeconds);
        $this->put("{$shot->path()}/stay", ['on_site' => '20 min', 'was' => ['on_site' => '2 h']])->assertSessionHasErrors("stay.{$shot->id}.on_site");
    }
}
