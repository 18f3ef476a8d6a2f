<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\KitItem;
use App\Models\Preset;
use App\Models\Shot;
use App\Models\Trial;
use Database\Seeders\KitSeeder;
use Evrent\Core\Format\KitFormat;
use Evrent\Words\Words;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * The bag, what shots pick from it, and test shoots.
 */
final class KitAndTrialTest extends PageTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seed(KitSeeder::class);
    }

    private static function item(string $name): KitItem
    {
        return KitItem::query()->where('name', $name)->firstOrFail();
    }

    private function pick(Shot $shot, string $name, string $count = '1'): void
    {
        $this->post(
            "{$shot->path()}/kit",
            ['item' => self::item($name)->id, 'count' => $count, 'revision' => Shot::query()->findOrFail($shot->id)->current_revision_id],
            ['HX-Request' => 'true'],
        )
            ->assertOk()->assertSee('in this shot');
    }

    public function testAShotKeepsWhatItPickedAsItWas(): void
    {
        $shot = self::shot();
        foreach (['Normal 35 mm', 'Full-frame body, 24 MP', 'Heavy tripod', 'Power bank of 70 Wh', 'Trigger cable'] as $name) {
            $this->pick($shot, $name);
        }
        $this->pick($shot, 'Card of 128 GB', '3');
        $plan = self::planOf($shot);
        self::assertSame(
            [35.0, 18.0, 16.0, 70.0, [120.0, 120.0]],
            [
                $plan->optics?->focalMillimetres,
                $plan->load?->legsRatingKilograms,
                $plan->power?->camera?->battery->wattHours,
                $plan->power?->bank?->wattHours,
                $plan->storage?->cardsGigabytes,
            ],
        );
        self::assertSame(0.6, $plan->camera->writeSeconds);
        $this->put(
            '/kit/' . self::item('Heavy tripod')->id,
            ['kind' => 'legs', 'name' => 'Heavy tripod', 'rating_kg' => '9'],
        )->assertSessionHasNoErrors();
        $this->delete('/kit/' . self::item('Trigger cable')->id)->assertRedirect();
        self::assertEquals($plan, self::planOf($shot));
        // Another lens takes the first one's place.
        $this->pick($shot, 'Long 85 mm');
        $names = array_map(static fn ($picked): string => $picked->name, self::planOf($shot)->kit);
        self::assertContains('Long 85 mm', $names);
        self::assertNotContains('Normal 35 mm', $names);
    }

    public function testAnotherRigKeepsTheFramingOfTheAxesItShares(): void
    {
        $shot = self::shot();
        $before = self::planOf($shot);
        $this->pick($shot, 'Pan-and-tilt head');
        $plan = self::planOf($shot);
        self::assertSame(['pan', 'tilt'], $plan->rig->axisIds());
        self::assertSame($before->move->keyframes[1]->positions['pan'], $plan->move->keyframes[1]->positions['pan']);
        $this->pick($shot, 'Rail of 900 mm with pan and tilt');
        self::assertSame(0.0, self::planOf($shot)->move->keyframes[1]->positions['slide']);
        $this->get("{$shot->path()}")->assertOk()->assertSee('Rail of 900 mm');
    }

    public function testABodyBringsWhatItWasLastUsedWith(): void
    {
        $shot = self::shot();
        foreach (['Long 85 mm' => '1', 'Card of 128 GB' => '2', 'Battery of 16 Wh' => '3', 'Full-frame body, 24 MP' => '1', 'Heavy tripod' => '1'] as $name => $count) {
            $this->pick($shot, $name, $count);
        }
        $other = self::shot();
        $names = static fn (): array => array_column(self::planOf($other)->kit, 'count', 'name');
        $this->post(
            "{$other->path()}/kit",
            ['item' => self::item('Full-frame body, 24 MP')->id, 'revision' => $other->current_revision_id],
            ['HX-Request' => 'true'],
        )->assertOk()->assertSee('last used together, are now in this shot');
        $other->refresh();
        self::assertSame(['Full-frame body, 24 MP' => 1, 'Long 85 mm' => 1, 'Card of 128 GB' => 2, 'Battery of 16 Wh' => 3], $names());
        self::assertSame(85.0, self::planOf($other)->optics?->focalMillimetres);
        $this->step($other, 'undo');
        self::assertSame([], $names(), 'one press, one step back');
        // A lens that is chosen already stays.
        $this->pick($other->refresh(), 'Wide 20 mm');
        $this->pick($other->refresh(), 'Full-frame body, 24 MP');
        self::assertSame(20.0, self::planOf($other)->optics?->focalMillimetres);
        self::assertArrayNotHasKey('Long 85 mm', $names());
        // Another body brings none of it.
        $third = self::shot();
        $this->pick($third, 'Small-sensor body, 26 MP');
        self::assertCount(1, self::planOf($third)->kit);
    }

    public function testTheLensIsChosenByWhatTheMoveShowsThroughIt(): void
    {
        $shot = self::shot();
        $this->get("{$shot->path()}/lenses")->assertOk()->assertSee(Words::of('shots.lenses.none'));
        $this->post("{$shot->path()}/edits", ['edit' => 'optics-in', 'revision' => $shot->current_revision_id])->assertSessionHasNoErrors();
        $lens = KitItem::query()->where('kind', 'lens')->orderBy('id')->firstOrFail();
        $shown = $this->get("{$shot->path()}/lenses", ['HX-Request' => 'true'])->assertOk()->assertSee("Use {$lens->name}")->assertSee('in this shot');
        self::assertStringNotContainsString('<html', (string) $shown->getContent());
        $this->pick($shot, $lens->name);
        $this->get("{$shot->path()}/lenses")->assertDontSee("Use {$lens->name}");
        self::assertSame($lens->piece()->values['focal_mm'], self::planOf($shot)->optics?->focalMillimetres);
    }

    public function testAnEdgeCrossesInTheLapseAndInTheRealTimePass(): void
    {
        $shot = self::shot();
        $at = "{$shot->path()}/crossing";
        $this->get($at)->assertOk()->assertSee(Words::of('shots.crossing.tell'))->assertDontSee('never crosses');
        $this->get("{$at}?pan=0&metres=3&line=middle")->assertSee(Words::of('shot.crossings.picture'));
        $this->post("{$shot->path()}/edits", ['edit' => 'optics-in', 'revision' => $shot->current_revision_id])->assertSessionHasNoErrors();
        $this->get("{$at}?pan=there&metres=3&line=middle")->assertSee('Enter the pan position');
        $this->get("{$at}?pan=0&metres=-1&line=middle")->assertSee(Words::of('shot.crossings.distance'));
        $this->get("{$at}?pan=0&metres=3&line=middle&seconds=soon")->assertSee('such as 30 s');
        $this->get("{$at}?pan=0&metres=20&line=middle&seconds=60+s", ['HX-Request' => 'true'])->assertOk()->assertSee('real-time pass at')->assertDontSee('<html', false);
        $this->get("{$at}?pan=170&metres=20&line=middle")->assertSee(Words::of('shots.crossing.never'));
    }

    public function testAPieceThatIsGoneOrAPickFromAnotherWindowIsTold(): void
    {
        $shot = self::shot();
        $this->post(
            "{$shot->path()}/kit",
            ['item' => 999_999, 'revision' => $shot->current_revision_id],
            ['HX-Request' => 'true'],
        )->assertOk()->assertSee('no longer in the kit');
        $this->post("{$shot->path()}/kit", ['item' => self::item('Heavy tripod')->id, 'revision' => 1], ['HX-Request' => 'true'])->assertStatus(409);
        $this->post(
            "{$shot->path()}/kit",
            ['item' => self::item('Heavy tripod')->id, 'count' => '0', 'revision' => $shot->current_revision_id],
            ['HX-Request' => 'true'],
        )
            ->assertOk()->assertSee('does not fit here');
    }

    public function testKitIsTypedAndMistakesAreToldByTheField(): void
    {
        $this->post('/kit', ['kind' => 'card', 'name' => 'Small card', 'capacity_gb' => '15,2', 'count' => '2'])->assertSessionHasNoErrors();
        self::assertSame(15.2, self::item('Small card')->piece()->value('capacity_gb'));
        foreach (
            [
                ['capacity_gb', ['kind' => 'card', 'name' => 'Empty', 'capacity_gb' => '0']],
                ['capacity_gb', ['kind' => 'card', 'name' => 'Nothing', 'capacity_gb' => '']],
                ['capacity_gb', ['kind' => 'card', 'name' => 'Words', 'capacity_gb' => 'big']],
                ['name', ['kind' => 'legs', 'name' => 'Heavy tripod', 'rating_kg' => '5']],
                ['name', ['kind' => 'legs', 'name' => "a\0b", 'rating_kg' => '5']],
                ['count', ['kind' => 'legs', 'name' => 'None', 'rating_kg' => '5', 'count' => '0']],
                ['slide_max', ['kind' => 'rig', 'name' => 'Half', 'slide_min' => '0', 'slide_max_speed' => '3']],
                ['slide_min', ['kind' => 'rig', 'name' => 'No axis']],
            ] as [$field, $typed]
        ) {
            $this->post('/kit', $typed)->assertSessionHasErrors("kit.new.{$field}");
            $page = $this->followingRedirects()->post('/kit', $typed)->assertOk();
            self::assertMatchesRegularExpression("~id=\"p-{$field}-new-{$typed['kind']}\">[A-Z][^<]+~", (string) $page->getContent());
        }
        $this->post('/kit', ['kind' => 'drone', 'name' => 'x'])->assertSessionHasErrors('kit.new.kind');
    }

    public function testKitGoesOutAndComesBackTheSameInBothFormats(): void
    {
        $json = (string) $this->get('/kit.json')->assertOk()->getContent();
        $csv = $this->get('/kit.csv')->assertOk()->streamedContent();
        self::assertEquals(KitFormat::read($json), KitFormat::read($csv));
        KitItem::query()->delete();
        $this->import($csv)->assertSessionHasNoErrors();
        self::assertSame($json, $this->get('/kit.json')->getContent());
        $this->import($json)->assertSessionHasNoErrors();
        self::assertStringEqualsStringIgnoringLineEndings($json, $this->get('/kit.json')->getContent());
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function badFiles(): iterable
    {
        yield 'neither' => ['hello', 'first row must name the columns'];
        yield 'broken JSON' => ['{"format":', 'Not JSON'];
        yield 'other JSON' => ['{"format":"evrent.plan/1"}', 'evrent.kit/1'];
        yield 'a card of 0 GB' => ["kind,name,capacity_gb\ncard,Empty,0\n", 'row 2/capacity_gb'];
        yield 'a kind from nowhere' => ["kind,name\ndrone,x\n", 'row 2/kind'];
        yield 'a column from nowhere' => ["kind,name,wings\ncable,x,2\n", 'wings'];
        yield 'a number that is none' => ["kind;name;rating_kg\nlegs;x;strong\n", 'row 2/rating_kg'];
        yield 'a field of another kind' => [
            '{"format":"evrent.kit/1","items":[{"kind":"card","name":"x","capacity_gb":8,"rating_kg":3}]}',
            'items/0/rating_kg',
        ];
        yield 'not UTF-8' => ["kind,name\ncable,\xff\n", 'UTF-8'];
    }

    #[DataProvider('badFiles')]
    public function testABadKitFileChangesNothing(string $content, string $says): void
    {
        $before = KitItem::query()->count();
        $this->import($content)->assertSessionHasErrors('kit-file.file');
        $page = $this->followingRedirects()->import($content);
        self::assertStringContainsString($says, html_entity_decode((string) $page->getContent()));
        self::assertSame($before, KitItem::query()->count());
    }

    public function testATestShootIsLaidOutJudgedAndTurnedIntoARecipe(): void
    {
        $url = '/shoots/' . self::shoot()->id . '/trials';
        $this->followingRedirects()->post(
            $url,
            ['subject' => 'Reeds in the wind', 'intervals' => '1 2, 4 s', 'shutters' => '1/2 1.9', 'photos' => '24'],
        )
            ->assertOk()->assertSee('Reeds in the wind')->assertSee('does not fit the interval')->assertSee('24 photos each');
        $trial = Trial::query()->firstOrFail();
        $keep = fn (array $cells) => $this->put("/shoots/{$trial->shoot_id}/trials/{$trial->id}", ['cells' => $cells]);
        $keep(['1:0' => ['rating' => '4', 'note' => 'blends'], '2:1' => ['rating' => '2', 'note' => ''], '2:0' => ['rating' => '', 'note' => 'gust']])
            ->assertSessionHasNoErrors();
        $keep(['9:9' => ['rating' => '2']])->assertSessionHasErrors();
        $keep(['1:0' => ['rating' => '7']])->assertSessionHasErrors();
        $this->get($url)->assertSee('value="gust"', false)->assertSee('Save 2 s and 0.5 s as recipe');
        $this->followingRedirects()->post("/shoots/{$trial->shoot_id}/trials/{$trial->id}/recipe")->assertOk()->assertSee('saved as a recipe');
        $recipe = \App\Pages\Presets::recipe(Preset::query()->where('name', 'Reeds in the wind')->firstOrFail());
        self::assertSame([2.0, 0.25], [$recipe->intervalSeconds, $recipe->openShare]);
        self::assertStringContainsString('blends', $recipe->reason);
        // It is there for the next shot, in the press that makes it.
        $preset = Preset::query()->where('name', 'Reeds in the wind')->firstOrFail();
        $shoot = self::shoot();
        $this->get("/shoots/{$shoot->id}")->assertSee('Reeds in the wind');
        $this->post(
            "/shoots/{$shoot->id}/shots",
            ['title' => 'Reeds', 'starter' => 'pan-tilt', 'recipe' => (string) $preset->id],
        )->assertSessionHasNoErrors();
        $plan = self::planOf(Shot::query()->orderByDesc('id')->firstOrFail());
        self::assertSame([2.0, 0.5], [$plan->timing->interval->longest(), $plan->timing->exposure->longest()]);
        $this->post(
            "/shoots/{$shoot->id}/shots",
            ['title' => 'Kept', 'starter' => 'pan-tilt', 'recipe' => '999999'],
        )->assertSessionHasErrors(['shot.recipe'])->assertSessionHasInput('title', 'Kept');
        $this->delete("/shoots/{$trial->shoot_id}/trials/{$trial->id}")->assertRedirect();
        self::assertSame(0, Trial::query()->count());
    }

    public function testABadTestShootIsToldByItsFields(): void
    {
        $url = '/shoots/' . self::shoot()->id . '/trials';
        $this->post(
            $url,
            ['subject' => '', 'intervals' => 'fast', 'shutters' => '', 'photos' => 'many'],
        )->assertSessionHasErrors(['trial.subject', 'trial.intervals', 'trial.shutters', 'trial.photos']);
        $this->post(
            $url,
            ['subject' => 'x', 'intervals' => '1 1', 'shutters' => '1 2 3 4 5 6 7 8 9', 'photos' => '2'],
        )->assertSessionHasErrors(['trial.intervals', 'trial.shutters', 'trial.photos']);
        self::assertSame(0, Trial::query()->count());
    }

    /**
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function import(string $content): \Illuminate\Testing\TestResponse
    {
        return $this->post('/kit/files', ['file' => UploadedFile::fake()->createWithContent('kit.csv', $content)]);
    }
}
