<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Run;
use App\Models\Shoot;
use App\Models\Shot;
use Evrent\Words\Words;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Plans;

final class ShootPageTest extends PageTestCase
{
    public function testShowsEachShotWithItsFiguresAndVerdict(): void
    {
        $this->get('/')->assertOk()->assertSee('Spring tide at Saltreach mill')->assertSee('4 shots');
        $this->get('/shoots/' . self::shoot()->id)->assertOk()
            ->assertSeeInOrder([
                'Salt rising on the evaporation pans', 'Timing works', '1,575', '10 h 40 min', '04:45', '15:25',
                'Flood tide at the mill race', 'Timing works', '5.58 s of slack', '240', '31 min 53 s', '16:20', '16:52',
                'Dusk over the salt pans', 'Works', '17:50', '18:32', '20 min before sunset',
                'Moonrise over the pump house', Words::of('checks.verdict.fails_short'), '0.62 s too short',
            ])
            ->assertSee('Local rules');
    }

    public function testANewShotStartsFromAPlanThatWorks(): void
    {
        foreach (['slide-pan-tilt' => 3, 'pan-tilt' => 2] as $starter => $axes) {
            $this->followingRedirects()->post('/shoots/' . self::shoot()->id . '/shots', ['title' => ' Ebb at the sluice ', 'starter' => $starter])
                ->assertOk()->assertSee('Ebb at the sluice')->assertSee(Words::of('checks.verdict.timing'))->assertSee('No findings');
            self::assertCount($axes, self::planOf(Shot::query()->orderByDesc('id')->firstOrFail())->rig->axes);
        }
    }

    public function testANewShotWithoutATitleOrRigIsRefusedByTheField(): void
    {
        $url = '/shoots/' . self::shoot()->id;
        $this->post("{$url}/shots", ['title' => '  ', 'starter' => 'pan-tilt'])->assertSessionHasErrors(['shot.title' => 'Enter a title of up to 200 characters.']);
        $this->post("{$url}/shots", ['title' => str_repeat('a', 201), 'starter' => 'pan-tilt'])->assertSessionHasErrors('shot.title');
        $this->post("{$url}/shots", ['title' => 'Good', 'starter' => '../../.env'])->assertSessionHasErrors('shot.starter');
        $this->post("{$url}/shots", ['title' => ['a'], 'starter' => ['b']])->assertSessionHasErrors();
        $this->post("{$url}/shots")->assertSessionHasErrors();
        self::assertSame(4, Shot::query()->count());
    }

    public function testAShotIsRenamedAndTheRenamingCanBeUndone(): void
    {
        $shot = self::shot();
        $this->put("{$shot->path()}/title", ['revision' => self::revisionOf($shot), 'title' => 'Mill race, second try'])->assertSessionHasNoErrors();
        self::assertSame('Mill race, second try', self::planOf($shot)->title);
        $this->put("{$shot->path()}/title", ['revision' => self::revisionOf($shot), 'title' => "a\0b"])->assertSessionHasErrors("rename.{$shot->id}.title");
        $this->put("{$shot->path()}/title", ['revision' => self::revisionOf($shot), 'title' => ''])->assertSessionHasErrors("rename.{$shot->id}.title");
        $this->step($shot, 'undo');
        self::assertSame('Flood tide at the mill race', self::planOf($shot)->title);
    }

    public function testACopyIsAShotOfItsOwn(): void
    {
        $shot = self::shot();
        $this->followingRedirects()->post("{$shot->path()}/copies")->assertOk()->assertSee('Flood tide at the mill race (copy)');
        $copy = Shot::query()->orderByDesc('id')->firstOrFail();
        $this->type($copy, ['timing' => ['photos' => '100']]);
        self::assertSame(216, self::planOf($shot)->timing->photos);
        $long = self::shot(['/title' => str_repeat('é', 200)]);
        $this->post("{$long->path()}/copies")->assertRedirect();
    }

    public function testADeletedShotIsGoneUntilItIsBroughtBack(): void
    {
        $shot = self::shot();
        $this->post("{$shot->path()}/runs");
        $this->followingRedirects()->delete("{$shot->path()}")->assertOk()->assertSee('deleted')->assertSee('Undo')->assertSee(Words::of('shoots.index.restore'));
        $this->get("{$shot->path()}")->assertNotFound();
        $run = Run::query()->firstOrFail();
        $this->get(route('runs.show', $run->address()))->assertOk();
        $this->get("/runs/{$run->id}")->assertRedirect(route('runs.show', $run->address()));
        $this->get("/shots/{$shot->id}")->assertNotFound();
        $this->from("/shoots/{$shot->shoot_id}")->post("/bin/shot/{$shot->id}")->assertRedirect('/shoots/' . $shot->shoot_id);
        $this->get("{$shot->path()}")->assertOk();
    }

    public function testAShootIsMadeAndBadOnesAreRefusedByTheField(): void
    {
        $this->followingRedirects()->post('/shoots', ['name' => 'Neap tide', 'place' => '', 'shoot_date' => '2027-04-01'])->assertOk()->assertSee('Shots appear here');
        $this->post('/shoots', ['name' => '', 'shoot_date' => '2027-02-30'])->assertSessionHasErrors(['shoot.name', 'shoot.shoot_date']);
        $this->post('/shoots', ['name' => ['x'], 'place' => str_repeat('a', 300)])->assertSessionHasErrors(['shoot.name', 'shoot.place']);
        $this->post('/shoots', ['name' => "nul\0l"])->assertSessionHasErrors(['shoot.name']);
        self::assertSame(2, Shoot::query()->count());
    }

    public function testAPlanFileGoesOutAndComesBackTheSame(): void
    {
        $shot = self::shot();
        $json = (string) $this->get("{$shot->path()}/plan.json")->assertOk()->assertDownload('flood-tide-at-the-mill-race.plan.json')->getContent();
        $this->open($json)->assertSessionHasNoErrors();
        $opened = Shot::query()->orderByDesc('id')->firstOrFail();
        self::assertNotSame($shot->id, $opened->id);
        self::assertEquals(self::planOf($shot), self::planOf($opened));
        self::assertSame($json, $this->get("{$opened->path()}/plan.json")->getContent());
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function brokenFiles(): iterable
    {
        yield 'not JSON' => ["frame,phase\n1,head\n", 'Not JSON'];
        yield 'cut short' => [substr(Plans::json([]), 0, 400), 'Not JSON'];
        yield 'another format' => ['{"format":"other/2"}', 'evrent.plan/1'];
        yield 'an impossible value' => [Plans::json(['/timing/photos' => -5]), '/timing/photos'];
        yield 'too many photos for a page' => [Plans::json(['/timing/photos' => 500_000]), '20,000'];
        yield 'a null byte' => [Plans::json(['/title' => "a\0"]), '/title'];
        yield 'half a surrogate' => [str_replace('Flood', '\ud800', Plans::json([])), 'Not JSON'];
        yield 'a deep nest' => [str_repeat('[', 5000), 'Not JSON'];
        yield 'empty' => ['', 'Choose a plan file'];
    }

    #[DataProvider('brokenFiles')]
    public function testABrokenFileNeverReachesTheDatabase(string $content, string $says): void
    {
        $this->open($content)->assertSessionHasErrors('plan-file.file');
        $page = $this->followingRedirects()->open($content);
        self::assertStringContainsString($says, html_entity_decode((string) $page->getContent()));
        self::assertSame(4, Shot::query()->count());
    }

    public function testWhatIsNotThereIsAFriendlyPage(): void
    {
        foreach (['/shots/999999', '/shots/99999999999999999999999', '/shots/abc', '/shoots/0', '/runs/5', '/shots/1.5', '/nowhere', '/shoots/1/shots/1/schedule.xml'] as $url) {
            $this->get($url)->assertNotFound()->assertSee(Words::of('errors.404.title'))->assertSee(Words::of('errors.minimal.shoots'));
        }
        $this->post(self::shot()->path())->assertStatus(405)->assertSee('Request not supported');
    }

    public function testTheLookIsKept(): void
    {
        $this->from('/')->put('/look', ['look' => 'night'])->assertRedirect('/')->assertPlainCookie('evrent_look', 'night');
        $this->withUnencryptedCookie('evrent_look', 'night')->get('/')->assertSee('data-look="night"', false)->assertSee('content="dark"', false);
        $this->withUnencryptedCookie('evrent_look', '"><script>')->get('/')->assertSee('data-look="day"', false);
    }

    /**
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function open(string $content): \Illuminate\Testing\TestResponse
    {
        return $this->from('/shoots/' . self::shoot()->id)->post('/shoots/' . self::shoot()->id . '/plan-files', ['file' => UploadedFile::fake()->createWithContent('shot.plan.json', $content)]);
    }
}
