<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ReadOn;
use App\Models\CardReading;
use App\Models\KitItem;
use App\Models\Preset;
use App\Models\Setting;
use App\Models\Shot;
use App\Models\Take;
use App\Pages\Settings;
use App\Status\ReadingStatus;
use Evrent\Core\Kit\KitItem as Piece;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Run\Fault;
use Evrent\Core\Run\FaultKind;
use Evrent\Words\Words;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Core\Plans;
use Tests\Devices\DeviceProcess;
use Tests\Runner\Cases;

/**
 * Photos are read where they lie, and which of them is which stands on a page.
 */
final class PhotosTest extends PageTestCase
{
    use DevicesInTheKit;
    use ShootsInVirtualTime;

    private const FIRST_DUE = '2027:03:23 17:50:00';

    /** @var array<string, string> by what was tagged */
    private static array $tagged = [];

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir() . '/evrent-photos-' . bin2hex(random_bytes(6));
        mkdir("{$this->folder}/DCIM/100EVRNT", 0o700, true);
        Setting::query()->create(['name' => Settings::FOLDERS, 'value' => $this->folder]);
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->mustRun();
        parent::tearDown();
    }

    /** Ten photos, one every 5 s; the fourth is not there, and the camera's clock is an hour ahead. */
    public function testPhotosInAFolderAreFoundInThePlan(): void
    {
        $shot = self::made();
        foreach ([1, 2, 3, 5, 6, 7, 8, 9, 10] as $n) {
            $this->photo("EVR_000{$n}.JPG", 5 * ($n - 1) + 3_600);
        }
        file_put_contents("{$this->folder}/notes.txt", 'no photo');
        file_put_contents("{$this->folder}/DCIM/100EVRNT/EVR_0099.JPG", '');
        $whole = (string) file_get_contents("{$this->folder}/DCIM/100EVRNT/EVR_0007.JPG");
        file_put_contents("{$this->folder}/DCIM/100EVRNT/EVR_0007.JPG", substr($whole, 0, -20));
        $before = $this->listed();
        $this->post("{$shot->path()}/photos", ['folder' => "{$this->folder}/DCIM/.."])->assertSessionHasNoErrors()->assertRedirect();
        $reading = CardReading::query()->sole();
        self::assertSame([ReadingStatus::Done, 10, 10], [$reading->status, $reading->files, $reading->done]);
        $this->get("{$shot->path()}/photos")->assertOk()
            ->assertSee('<b>9</b> of 10', false)->assertSee('1 photo missing from the card: photo 4.')->assertSee('EVR_0003.JPG')->assertSee('missing')
            ->assertSee('<b>1 h</b>', false)->assertSee('notes.txt')->assertSee('EVR_0099.JPG')->assertSee('Photo 7 incomplete: the end of the file is missing.');
        $match = self::matched($reading);
        self::assertSame(['DCIM/100EVRNT/EVR_0003.JPG', null, 'DCIM/100EVRNT/EVR_0005.JPG'], [$match['photos'][3], $match['photos'][4], $match['photos'][5]]);
        self::assertEqualsWithDelta(3_600.0, $match['clock_offset_s'], 0.6);
        $this->get($reading->at('picture', place: 0))->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->get($reading->at('photo', number: 3))->assertOk()->assertSee('DCIM/100EVRNT/EVR_0003.JPG')->assertSee('18:50:10')->assertSee('17:50:10');
        $this->get($reading->at('photo', number: 4))->assertOk()->assertSee(Words::of('photos.photo.not_on_card'));
        $this->get($reading->at('photo', number: 11))->assertNotFound();
        $this->get($reading->at('whole', number: 3))->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->get($reading->at('more', number: 6))->assertOk()->assertSee('data-from="1"', false)->assertSee('EVR_0006.JPG');
        $this->get($reading->at('more', number: 11))->assertNotFound();
        self::assertSame($before, $this->listed());
        Setting::query()->where('name', Settings::FOLDERS)->update(['value' => '/usr/share']);
        $this->get($reading->at('picture', place: 0))->assertNotFound();
    }

    public function testOnlyWhatTheSettingsNameIsRead(): void
    {
        $shot = self::made();
        $messages = [
            '/etc' => 'below an allowed one', "{$this->folder}/../../etc" => 'below an allowed one', '' => 'full path', 'photos' => 'full path',
            "{$this->folder}/card.zip" => 'archive',
        ];
        foreach ($messages as $folder => $message) {
            $this->post("{$shot->path()}/photos", ['folder' => $folder])->assertSessionHasErrors('card.folder');
            $errors = session('errors');
            self::assertInstanceOf(ViewErrorBag::class, $errors);
            self::assertStringContainsString($message, $errors->first('card.folder'));
        }
        self::assertSame(0, CardReading::query()->count());
    }

    /** Nine of ten are there, one every 5 s: whether the first is missing or the last is asked, and whoever knows it says so. */
    public function testWhatIsKnownIsPlacedAndTheRestFollows(): void
    {
        $shot = self::made();
        foreach (range(1, 9) as $n) {
            $this->photo("EVR_000{$n}.JPG", 5 * $n);
        }
        $this->post("{$shot->path()}/photos", ['folder' => $this->folder])->assertSessionHasNoErrors();
        $reading = CardReading::query()->sole();
        $this->get("{$shot->path()}/photos")->assertSee(Words::of('photos.matching.either_end'))->assertSee('1 photo missing from the card: photo 10.');
        $this->put($reading->at('place'), ['file' => 'EVR_0001.JPG', 'number' => '2'])->assertSessionHasNoErrors();
        $this->get("{$shot->path()}/photos")->assertDontSee(Words::of('photos.matching.either_end'))->assertSee('1 photo missing from the card: photo 1.')
            ->assertSeeInOrder(['L2', Words::of('photos.found.missing_advice')]);
        $piece = new Piece(KitKind::Body, 'A body', ['sensor_width_mm' => 36.0, 'sensor_height_mm' => 24.0, 'image_width_px' => 6000.0, 'image_height_px' => 4000.0]);
        $body = KitItem::query()->create(KitItem::keeping($piece));
        $both = ['fields' => ['clock_ahead_s', 'clock_drift_ppm', 'mass_kg']];
        $this->put($reading->at('body'), ['body' => (string) $body->id])->assertSessionHasErrors('card.fields');
        $this->put($reading->at('body'), ['body' => (string) $body->id] + $both)->assertSessionHasNoErrors();
        self::assertNull($body->refresh()->piece()->value('mass_kg'));
        // Placed as the second, a photo that was due at 5 s says 5 s: the clock is right.
        self::assertEqualsWithDelta(0.0, $body->refresh()->piece()->value('clock_ahead_s'), 0.6);
        $this->put($reading->at('body'), ['body' => '99999'] + $both)->assertSessionHasErrors('card.body');
        $this->get("{$shot->path()}/photos")->assertSee('EVR_0001.JPG was matched to photo 2')->assertSee(Words::of('photos.again.title'));
        $this->put($reading->at('place'), ['file' => 'EVR_0777.JPG', 'number' => '2'])->assertSessionHasErrors('card.file');
        $this->put($reading->at('place'), ['file' => 'EVR_0001.JPG', 'number' => '11'])->assertSessionHasErrors('card.number');
        $this->delete($reading->at('place'))->assertRedirect();
        $this->get("{$shot->path()}/photos")->assertSee('1 photo missing from the card: photo 10.')->assertDontSee('by hand');
    }

    /** Sent in two goes, the second after the first was lost: what is there is not asked for again, and then all is read as from a card. */
    public function testPhotosThatABrowserSendsAreReadAsFromACard(): void
    {
        $shot = self::made();
        foreach (range(0, 9) as $n) {
            $this->photo("EVR_000{$n}.JPG", 5 * $n);
        }
        $head = fn (int $n): UploadedFile => new UploadedFile("{$this->folder}/DCIM/100EVRNT/EVR_000{$n}.JPG", 'x.jpg', 'image/jpeg', null, true);
        $begun = $this->begun($shot);
        $this->post($begun['heads'], ['names' => ['card/EVR_0000.JPG', 'card/EVR_0001.JPG'], 'heads' => [$head(0), $head(1)]])->assertOk();
        $again = $this->begun($shot);
        self::assertSame([$begun['heads'], ['card/EVR_0000.JPG', 'card/EVR_0001.JPG']], [$again['heads'], $again['kept']]);
        foreach (['../../evil.JPG', '/etc/evil.JPG', 'card/.hidden.JPG', 'a//b.JPG', str_repeat('n', 301)] as $name) {
            $this->post($begun['heads'], ['names' => [$name], 'heads' => [$head(9)]])->assertStatus(422);
        }
        foreach (range(2, 8) as $n) {
            $this->post($begun['heads'], ['names' => ["card/EVR_000{$n}.JPG"], 'heads' => [$head($n)]])->assertOk();
        }
        $this->post($begun['sent'])->assertOk();
        $reading = CardReading::query()->sole();
        self::assertSame([ReadingStatus::Done, 9], [$reading->status, $reading->done]);
        $this->get("{$shot->path()}/photos")->assertOk()->assertSee('<b>9</b> of 10', false);
        $this->get($reading->at('picture', place: 0))->assertOk();
        $this->post($begun['heads'], ['names' => ['card/EVR_0009.JPG'], 'heads' => [$head(9)]])->assertStatus(422);
        // Sent once more, and cancelled: the heads go that nobody can come to any more.
        $again = $this->begun($shot);
        $this->post($again['heads'], ['names' => ['card/EVR_0009.JPG'], 'heads' => [$head(9)]])->assertOk();
        $open = CardReading::query()->latest('id')->firstOrFail();
        self::assertTrue(is_dir($open->folder) && is_dir($reading->folder));
        $this->post($open->at('stop'))->assertRedirect();
        self::assertSame([false, true], [is_dir($open->folder), is_dir($reading->folder)]);
        $reading->delete();
        $this->post($this->begun($shot)['sent'])->assertOk();
        self::assertFalse(is_dir($reading->folder));
    }

    /** A raw file with no JPEG beside it is looked at by the small picture that it keeps. */
    public function testRawPhotosAreMeasuredByTheSmallPictureThatTheyKeep(): void
    {
        $shot = self::made();
        foreach (range(0, 9) as $n) {
            $raw = $this->tagged(self::raw(self::shore($n === 5 ? 6 : 0)), 'dng', []);
            file_put_contents("{$this->folder}/DCIM/100EVRNT/EVR_000{$n}.DNG", self::takenAt($raw, 5 * $n));
        }
        $this->post("{$shot->path()}/photos", ['folder' => $this->folder])->assertSessionHasNoErrors();
        $reading = CardReading::query()->sole();
        self::assertCount(10, $reading->lumas);
        // Six of the 120 columns of a small picture are 96 of the clip's pixels.
        $this->get("{$shot->path()}/photos")->assertOk()->assertSee('Photo 6 shifted against its neighbours, by 9');
        $this->get($reading->at('picture', place: 0))->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    }

    public function testPhotosAreMarkedAloneAndInSpans(): void
    {
        $shot = self::made();
        foreach (range(0, 9) as $n) {
            $this->photo("EVR_000{$n}.JPG", 5 * $n);
        }
        $this->post("{$shot->path()}/photos", ['folder' => $this->folder])->assertSessionHasNoErrors();
        $reading = CardReading::query()->sole();
        $this->put($reading->at('mark'), ['from' => '3', 'to' => '5', 'mark' => 'spoilt', 'why' => 'a gull'])->assertSessionHasNoErrors();
        $this->put($reading->at('mark'), ['from' => '7', 'to' => '', 'mark' => 'pick', 'why' => ''])->assertSessionHasNoErrors();
        $this->put($reading->at('mark'), ['from' => '4', 'to' => '', 'mark' => '', 'why' => ''])->assertSessionHasNoErrors();
        self::assertSame([3, 5, 7], array_keys($reading->refresh()->marks));
        $this->get("{$shot->path()}/photos")->assertOk()->assertSee('a gull')->assertSee('data-mark="pick"', false);
        foreach ([['from' => '0'], ['from' => 'x'], ['from' => '5', 'to' => '3'], ['from' => '5', 'to' => '99'], ['from' => '1', 'why' => str_repeat('w', 121)]] as $bad) {
            $this->put($reading->at('mark'), $bad + ['to' => '', 'mark' => 'spoilt', 'why' => ''])->assertSessionHasErrors();
        }
        self::assertSame([3, 5, 7], array_keys(CardReading::query()->sole()->marks));
        // The same photos brought in once more are the same; one that is another now has no mark.
        unlink("{$this->folder}/DCIM/100EVRNT/EVR_0002.JPG");
        $this->post("{$shot->path()}/photos", ['folder' => $this->folder])->assertSessionHasNoErrors();
        self::assertSame([5 => 'a gull', 7 => ''], array_map(static fn (array $mark): string => $mark['why'], CardReading::query()->latest('id')->firstOrFail()->marks));
    }

    public function testItIsReadOnFromWhereItWasAndStops(): void
    {
        $shot = self::made();
        $this->photo('EVR_0001.JPG', 0);
        $this->photo('EVR_0002.JPG', 5);
        $reading = CardReading::query()->create([
            'shot_id' => $shot->id, 'plan_revision_id' => $shot->current_revision_id, 'folder' => $this->folder, 'status' => ReadingStatus::Waiting,
        ])->refresh();
        self::assertTrue(app(ReadOn::class)($reading));
        self::assertSame(0.0, $reading->refresh()->secondsLeft());
        $told = $reading->told;
        // Another went on with it meanwhile: what it read is not read into it twice.
        $late = CardReading::query()->findOrFail($reading->id);
        $late->done = 0;
        app(ReadOn::class)($late);
        self::assertSame($told, $reading->refresh()->told);
        $this->post($reading->at('stop'))->assertRedirect();
        self::assertSame(ReadingStatus::Stopped, $reading->refresh()->status);
        self::assertFalse(app(ReadOn::class)($reading));
        $this->get("{$shot->path()}/photos")->assertOk()->assertSee('Stopped after 2 of 2 photos');
    }

    /** What the simulated camera took of a take, read from its card: each photo is the one that the take says. */
    public function testTheSimulatedCamerasOwnPhotosAreKnown(): void
    {
        config(['evrent.world_speed' => 50.0]);
        $camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$this->folder}", '--speed=50']);
        $shot = self::made();
        $this->addDevices('127.0.0.1:1', "ptp:{$camera->address}");
        $this->post("{$shot->path()}/takes", ['rig' => 'none'] + $this->chosen())->assertSessionHasNoErrors();
        $this->carryOut();
        $take = Take::query()->sole();
        // The only take is chosen beforehand, and the page of a take leads here with that one.
        $this->get("{$shot->path()}/photos")->assertSee("value=\"{$take->id}\" selected", false);
        $this->get($take->at('takes.show'))->assertSee("photos?take={$take->id}", false);
        $this->get("{$shot->path()}/photos?take=999999")->assertSee("value=\"{$take->id}\" selected", false);
        $this->post("{$shot->path()}/photos", ['folder' => $this->folder, 'take' => (string) $take->id])->assertSessionHasNoErrors();
        $match = self::matched(CardReading::query()->sole());
        // Ten photos in a second: a machine that is busy for a moment misses one, which the log says.
        $taken = self::filesOf($take);
        self::assertGreaterThan(6, count($taken));
        self::assertSame($taken, array_map(basename(...), array_filter($match['photos'], is_string(...))));
        self::assertSame([], $match['extras']);
        self::assertSame(array_keys($taken), array_keys($match['brightness_stops'] ?? []));
        $count = count($taken);
        $this->get("{$shot->path()}/photos")->assertOk()->assertSee('brightness')->assertSee("<b>{$count}</b></a> triggered", false);
        // Take and card meet: by photo in the take's table, and beside each other for one.
        $this->get($take->at('takes.show'))->assertOk()->assertSee('On the card')->assertSee('EVR_0003.JPG</a>', false);
        $this->get(CardReading::query()->sole()->at('photo', number: 3))->assertOk()->assertSeeInOrder(['plan', 'run', 'card'])->assertSee('EVR_0003.JPG');
    }

    /**
     * What went wrong in a run is found on its card, by the simulated camera's own photos: in virtual time, so that nothing is late by chance.
     *
     * @param list<Fault>                        $faults
     * @param list<int>                          $missing
     * @param array<string, array{string, int}> $found  failure and first photo, by what was found
     * @param float                              $ahead  of the camera's clock, seconds
     */
    #[DataProvider('faults')]
    public function testFaultsOfARunAreFoundOnItsCard(array $faults, array $missing, array $found, float $ahead = 0.0): void
    {
        $shot = self::made(['/timing/photos' => 60]);
        self::shootTo($this->folder, $shot->currentRevision()->toPlan(), $faults);
        $this->post("{$shot->path()}/photos", ['folder' => "{$this->folder}/DCIM"])->assertSessionHasNoErrors();
        $match = self::matched(CardReading::query()->latest('id')->firstOrFail());
        self::assertSame($missing, array_keys(array_filter($match['photos'], static fn (?string $file): bool => $file === null)));
        self::assertSame([], $match['extras']);
        self::assertEqualsWithDelta($ahead, $match['clock_offset_s'], 0.1);
        $told = [];
        foreach ($match['findings'] as $finding) {
            $told[$finding['what']] = [$finding['failure'] ?? '', $finding['first'] ?? 0];
        }
        self::assertSame($found, array_intersect_key($told, $found + ['jump' => 0, 'flicker' => 0, 'knock' => 0, 'bump' => 0, 'missing' => 0, 'extra' => 0]));
    }

    /**
     * @return array<string, array{0: list<Fault>, 1: list<int>, 2: array<string, array{string, int}>, 3?: float}>
     */
    public static function faults(): array
    {
        return Cases::named(self::allFaults(), 3);
    }

    /**
     * @return iterable<string, array{0: list<Fault>, 1: list<int>, 2: array<string, array{string, int}>, 3?: float}>
     */
    private static function allFaults(): iterable
    {
        yield 'not heard, cable out, a broken file' => [
            [
                new Fault(FaultKind::MissedTrigger, 10, photos: 1), new Fault(FaultKind::CableOut, 20, photos: 3),
                new Fault(FaultKind::Unreadable, 40, photos: 1),
            ],
            [10, 20, 21, 22, 40], ['missing' => ['L2', 10]],
        ];
        yield 'a lamp, a knock and a wrong clock' => [
            [
                new Fault(FaultKind::PassingLamp, 20, photos: 2, percent: 60.0), new Fault(FaultKind::Bump, 40, photos: 1, percent: 2.0),
                new Fault(FaultKind::ClockOffset, 1, photos: 1, seconds: 3_600.0),
            ],
            [], ['flicker' => ['L3', 20], 'jump' => ['E1', 20], 'knock' => ['E1', 40]], 3_600.0,
        ];
        yield 'an aperture that never closes alike' => [[new Fault(FaultKind::Flicker, 1, photos: 60, percent: 40.0)], [], ['flicker' => ['C2', 4]]];
        yield 'a slow card' => [[new Fault(FaultKind::SlowCard, 10, photos: 20, factor: 3.0)], [], []];
        yield 'a card that is full' => [[new Fault(FaultKind::CardFull, 45, photos: 1)], range(46, 60), ['missing' => ['L2', 46]]];
        yield 'an empty battery' => [[new Fault(FaultKind::CameraBattery, 30, photos: 1)], range(31, 60), ['missing' => ['L2', 31]]];
    }

    /** A verdict is said of the take as well; a sentence makes a recipe, amends it, and what came out poor warns in it and changes no number. */
    public function testAVerdictAndASentenceBecomeARecipe(): void
    {
        $shot = self::made();
        foreach (range(0, 9) as $n) {
            $this->photo("EVR_000{$n}.JPG", 5 * $n);
        }
        $this->post("{$shot->path()}/photos", ['folder' => $this->folder])->assertSessionHasNoErrors();
        $reading = CardReading::query()->sole();
        $judge = fn (string $rating, string $name, string $why): TestResponse => $this->put($reading->at('verdict'), compact('rating', 'name', 'why'));
        $judge('9', '', '')->assertSessionHasErrors('verdict.rating');
        $judge('4', 'Ebb', '')->assertSessionHasErrors('verdict.why');
        $judge('2', 'Ebb', 'Too fast.')->assertSessionHasErrors('verdict.name');
        self::assertNull($reading->refresh()->rating);
        $judge('4', '', '')->assertSessionHasNoErrors();
        self::assertSame(0, Preset::query()->count());
        $judge('5', 'Ebb', 'The mud shines.')->assertSessionHasNoErrors();
        $judge('4', 'Ebb', 'The mud shines longest at 5 s.')->assertSessionHasNoErrors();
        $recipe = Preset::query()->sole();
        self::assertSame([PresetKind::Recipe, 'The mud shines longest at 5 s.'], [$recipe->kind, $recipe->note]);
        $numbers = static fn (Preset $kept): array => array_diff_key((array) json_decode($kept->content, true), ['reason' => '']);
        $before = $numbers($recipe);
        $judge('1', 'Ebb', 'The gulls ran.')->assertSessionHasNoErrors();
        self::assertSame('The mud shines longest at 5 s. Not an interval of 5 s: The gulls ran.', $recipe->refresh()->note);
        self::assertSame($before, $numbers($recipe));
        // Sent twice it is said once; and for more than there is room for one is asked for fewer words.
        $judge('1', 'Ebb', 'The gulls ran.')->assertSessionHasNoErrors();
        self::assertSame('The mud shines longest at 5 s. Not an interval of 5 s: The gulls ran.', $recipe->refresh()->note);
        $judge('2', 'Ebb', str_repeat('w', 480))->assertSessionHasErrors('verdict.why');
        self::assertSame('The mud shines longest at 5 s. Not an interval of 5 s: The gulls ran.', $recipe->refresh()->note);
        self::assertSame(1, $reading->refresh()->rating);
        $this->get("{$shot->path()}/photos")->assertOk()->assertSee(Words::of('photos.learnt.rating'))->assertDontSee(Words::of('photos.index.old'));
        // Read before there were stairs: the verdict is kept all the same, and what is to be done is said.
        CardReading::query()->whereKey($reading->id)->update(['sheet' => null]);
        $judge('5', 'Ebb', 'Read long ago.')->assertSessionHasNoErrors();
        self::assertSame([5, 'Read long ago.'], [$reading->refresh()->rating, $recipe->refresh()->note]);
        $this->get("{$shot->path()}/photos")->assertOk()->assertSee(Words::of('photos.index.old'));
    }

    /**
     * @return array{heads: string, sent: string, kept: list<string>}
     */
    private function begun(Shot $shot): array
    {
        /** @var array{heads: string, sent: string, kept: list<string>} */
        return json_decode((string) $this->post("{$shot->path()}/uploads")->assertOk()->getContent(), true, 8, JSON_THROW_ON_ERROR);
    }

    /**
     * @return array{photos: array<int, ?string>, extras: list<mixed>, clock_offset_s: ?float, brightness_stops?: array<int, float>,
     *     findings: list<array{what: string, failure?: string, first?: int}>}
     */
    private static function matched(CardReading $reading): array
    {
        /**
         * @var array{photos: array<int, ?string>, extras: list<mixed>, clock_offset_s: ?float, brightness_stops?: array<int, float>,
         *     findings: list<array{what: string, failure?: string, first?: int}>}
         */
        return json_decode((string) $reading->matched, true, 16, JSON_THROW_ON_ERROR);
    }

    /** A small picture of posts on a shore, moved to the right. */
    private static function shore(int $right): string
    {
        $image = imagecreatetruecolor(120, 80);
        assert($image !== false);
        foreach ([[10, 8, 90], [31, 3, 200], [52, 11, 140], [77, 5, 250], [96, 9, 70]] as [$x, $wide, $grey]) {
            imagefilledrectangle($image, $x + $right, 20 + $wide, $x + $right + $wide, 70, (int) imagecolorallocate($image, $grey, $grey, $grey));
        }
        ob_start();
        imagejpeg($image);

        return (string) ob_get_clean();
    }

    /** A file in the form of raw ones (TIFF) with a small picture in its second directory. */
    private static function raw(string $small): string
    {
        $entry = static fn (int $tag, int $type, int $value): string => pack('vvVV', $tag, $type, 1, $value);
        $pixels = str_repeat("\x40", 64);
        $first = [$entry(256, 4, 8), $entry(257, 4, 8), $entry(258, 3, 8), $entry(259, 3, 1), $entry(262, 3, 1), $entry(273, 4, 8), $entry(278, 4, 8), $entry(279, 4, 64)];
        $second = 8 + 64 + 2 + 12 * count($first) + 4;
        $at = $second + 2 + 12 * 3 + 4;

        return "II*\0" . pack('V', 72) . $pixels . pack('v', count($first)) . implode('', $first) . pack('V', $second)
            . pack('v', 3) . $entry(259, 3, 6) . $entry(513, 4, $at) . $entry(514, 4, strlen($small)) . pack('V', 0) . $small;
    }

    private function photo(string $name, int $seconds): void
    {
        $image = imagecreatetruecolor(60, 40);
        assert($image !== false);
        ob_start();
        imagejpeg($image);
        $jpeg = $this->tagged((string) ob_get_clean(), 'jpg', ['-ExposureTime=0.5']);
        file_put_contents("{$this->folder}/DCIM/100EVRNT/{$name}", self::takenAt($jpeg, $seconds));
    }

    /**
     * The file as exiftool tags it, with FIRST_DUE as its time: one process for all files of the same bytes.
     *
     * @param list<string> $tags
     */
    private function tagged(string $bytes, string $ending, array $tags): string
    {
        $key = md5($bytes . implode('', $tags));
        if (!isset(self::$tagged[$key])) {
            $path = "{$this->folder}/tagged.{$ending}";
            file_put_contents($path, $bytes);
            (new Process(['exiftool', '-q', '-overwrite_original', '-DateTimeOriginal=' . self::FIRST_DUE, '-OffsetTimeOriginal=+00:00', ...$tags, $path]))->mustRun();
            self::$tagged[$key] = (string) file_get_contents($path);
            unlink($path);
        }

        return self::$tagged[$key];
    }

    private static function takenAt(string $tagged, int $seconds): string
    {
        $at = (new \DateTimeImmutable(str_replace('2027:03:23', '2027-03-23', self::FIRST_DUE) . ' UTC'))->modify("+{$seconds} seconds");

        return str_replace(self::FIRST_DUE, $at->format('Y:m:d H:i:s'), $tagged);
    }

    /**
     * @return array<string, array{int, int}> when each file was changed, and how large it is
     */
    private function listed(): array
    {
        clearstatcache();
        $listed = [];
        foreach ((array) glob("{$this->folder}/DCIM/100EVRNT/*") as $file) {
            $listed[(string) $file] = [(int) filemtime((string) $file), (int) filesize((string) $file)];
        }

        return $listed;
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function made(array $changes = []): Shot
    {
        return self::shot($changes + [
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '17:50'], '/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]],
            '/timing/photos' => 10, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/interval_s' => 5, '/timing/exposure_s' => 0.5,
        ]);
    }
}
