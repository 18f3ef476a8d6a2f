<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shoot;
use App\Models\Trial;
use App\Policies\OwnersPolicy;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Route;

/**
 * What has an address has it under what it belongs to, and every address asks whether whoever calls may.
 */
final class AddressesTest extends PageTestCase
{
    public function testNothingIsFoundUnderWhatItDoesNotBelongTo(): void
    {
        $shot = self::shot();
        $other = Shoot::query()->create(['name' => 'Salt works', 'place' => '', 'is_demo' => false]);
        $this->post("{$shot->path()}/runs");
        $run = $shot->runs()->firstOrFail();
        $trial = self::trialOf($shot->shoot);
        $neighbour = self::shot();
        $revision = $neighbour->current_revision_id;
        $elsewhere = [
            "/shoots/{$other->id}/shots/{$shot->id}",
            "/shoots/{$other->id}/shots/{$shot->id}/plan.json",
            "/shoots/{$other->id}/shots/{$shot->id}/runs/{$run->id}",
            "{$neighbour->path()}/runs/{$run->id}",
        ];
        foreach ($elsewhere as $address) {
            $this->get($address)->assertNotFound();
        }
        $this->post("{$shot->path()}/revisions/{$revision}", ['revision' => $shot->current_revision_id])->assertNotFound();
        $this->post("/shoots/{$other->id}/shots/{$shot->id}/undo", ['revision' => $shot->current_revision_id])->assertNotFound();
        $this->delete("/shoots/{$other->id}/trials/{$trial->id}")->assertNotFound();
        $this->delete("/shoots/{$other->id}/shots/{$shot->id}")->assertNotFound();
        $this->get($shot->path())->assertOk();
    }

    public function testWhereShotsAndRunsStoodBeforeStillLeadsToThem(): void
    {
        $shot = self::shot();
        $this->post("{$shot->path()}/runs");
        $this->get("/shots/{$shot->id}")->assertRedirect($shot->path());
        $run = $shot->runs()->firstOrFail();
        $this->get("/runs/{$run->id}")->assertRedirect(route('runs.show', $run->address()));
        $this->put("/shots/{$shot->id}/title", ['title' => 'Ebb'])->assertStatus(308)->assertRedirect("{$shot->path()}/title");
        $trial = self::trialOf($shot->shoot);
        $this->put("/trials/{$trial->id}")->assertStatus(308)->assertRedirect("/shoots/{$shot->shoot_id}/trials/{$trial->id}");
        $this->get('/shots/999999')->assertNotFound();
    }

    public function testEveryAddressAsksWhetherWhoeverCallsMay(): void
    {
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (!in_array($route->uri(), ['up', 'manifest.webmanifest', 'storage/{path}'], true)) {
                $asks = array_filter($route->gatherMiddleware(), static fn (mixed $one): bool => is_string($one) && str_starts_with($one, 'can:'));
                self::assertNotSame([], $asks, $route->uri());
            }
        }
    }

    public function testWhoeverMayNotIsToldSoAndNothingChanges(): void
    {
        $shot = self::shot();
        $this->get($shot->path())->assertOk();
        Gate::before(static fn (?Authenticatable $who): bool => false);
        $this->get($shot->path())->assertForbidden();
        $this->get('/')->assertForbidden();
        $this->post('/shoots', ['name' => 'Another'])->assertForbidden();
        $this->delete($shot->path())->assertForbidden();
        $this->type($shot, ['timing' => ['photos' => '300']])->assertForbidden();
        $this->post("/bin/shot/{$shot->id}")->assertForbidden();
        self::assertSame(240, self::planOf($shot)->photosTotal());
        self::assertSame(1, Shoot::query()->count());
    }

    public function testTodayTheOwnerOfTheMachineMayDoEverything(): void
    {
        foreach (get_class_methods(OwnersPolicy::class) as $method) {
            self::assertTrue(Gate::allows($method, in_array($method, ['viewAny', 'create'], true) ? Shoot::class : self::shoot()), $method);
        }
    }

    public function testWhatIsRefusedComesBackWhereItStandsWhateverWasLookedAtSince(): void
    {
        $shot = self::shot();
        $run = $this->post("{$shot->path()}/runs")->headers->get('Location');
        $this->get('/kit');
        $shoot = route('shoots.show', $shot->shoot_id);
        $this->post("/shoots/{$shot->shoot_id}/shots", ['title' => ''])->assertRedirect($shoot);
        $this->post("/shoots/{$shot->shoot_id}/plan-files")->assertRedirect($shoot);
        $this->put("{$shot->path()}/title", ['title' => ''])->assertRedirect($shot->path());
        $this->post("{$shot->path()}/runs", ['kind' => 'gremlins'])->assertRedirect($shot->path());
        $this->from($shoot)->put("{$shot->path()}/title", ['title' => ''])->assertRedirect($shoot);
        // Another shoot's number may begin as this one's does.
        $this->from("{$shoot}7")->put("{$shot->path()}/title", ['title' => ''])->assertRedirect($shot->path());
        $this->from((string) $run)->post("{$shot->path()}/runs", ['kind' => 'pause', 'frame' => 'x'])->assertRedirect($run);
    }

    private static function trialOf(Shoot $shoot): Trial
    {
        return $shoot->trials()->create(['subject' => 'Gulls', 'content' => '{"intervals_s":[1],"shutters_s":[0.5],"photos":48,"verdicts":{}}']);
    }
}
