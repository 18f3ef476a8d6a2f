<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\ReadPhotos;
use App\Models\CardReading;
use App\Models\Setting;
use App\Models\Shot;
use App\Pages\Settings;
use App\Status\ReadingStatus;
use Evrent\Devices\Photos\FolderSums;
use Evrent\Devices\Photos\PhotoRoots;
use Evrent\Words\Words;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\ViewErrorBag;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Devices\HostileFolders;
use Tests\Runner\Cases;

/**
 * One bad file is one line in a list; all others are read. docs/running.md says what is promised.
 */
final class HostileFoldersTest extends PageTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir() . '/evrent-hostile-' . bin2hex(random_bytes(6));
        mkdir($this->folder);
        Setting::query()->create(['name' => Settings::FOLDERS, 'value' => $this->folder]);
        foreach (range(1, 3) as $n) {
            file_put_contents("{$this->folder}/EVR_000{$n}.JPG", HostileFolders::jpeg(60, 40));
        }
    }

    protected function tearDown(): void
    {
        (new Process(['chmod', '-R', 'u+rwX', $this->folder]))->run();
        (new Process(['rm', '-rf', $this->folder]))->mustRun();
        parent::tearDown();
    }

    /** @return iterable<string, array{string}> */
    public static function folders(): iterable
    {
        foreach (Cases::some(array_keys(HostileFolders::all())) as $what) {
            yield $what => [$what];
        }
    }

    #[DataProvider('folders')]
    public function testItIsReadToItsEnd(string $what): void
    {
        (HostileFolders::all()[$what])($this->folder);
        $reading = $this->read();
        self::assertSame(ReadingStatus::Done, $reading->status, Words::say($reading->trouble));
        self::assertSame($reading->files, $reading->done);
        foreach (['EVR_0001.JPG', 'EVR_0002.JPG', 'EVR_0003.JPG'] as $name) {
            self::assertStringContainsString($name, $reading->told);
            self::assertArrayHasKey($name, $reading->lumas);
        }
        $this->get("{$reading->shot->path()}/photos")->assertOk();
        foreach (array_keys($reading->names) as $place) {
            $this->get($reading->at('picture', place: $place));
        }
    }

    public function testWhatCannotBeReadIsOneLineInTheList(): void
    {
        file_put_contents("{$this->folder}/EVR_0004.JPG", HostileFolders::claiming(20_000, 20_000));
        file_put_contents("{$this->folder}/EVR_0005\n-if.JPG", HostileFolders::jpeg(60, 40));
        file_put_contents("{$this->folder}/EVR_0006.JPG", '');
        $began = microtime(true);
        $reading = $this->read();
        self::assertLessThan(60.0, microtime(true) - $began);
        self::assertStringNotContainsString('EVR_0004', $reading->told);
        $this->get("{$reading->shot->path()}/photos")->assertOk()
            ->assertSee('<b>EVR_0004.JPG:</b> 20,000 × 20,000 pixels, over the limit of 200 megapixels', false)
            ->assertSee("EVR_0005\u{fffd}-if.JPG:</b> name contains characters", false)
            ->assertSee('EVR_0006.JPG:</b> exiftool: ', false);
        Setting::query()->create(['name' => Settings::MEGAPIXELS, 'value' => '400']);
        self::assertStringContainsString('EVR_0004', $this->read()->told);
    }

    public function testACardThatIsPulledHalfWayIsWaitedForAndGoesOn(): void
    {
        $shot = self::made();
        $reading = CardReading::query()->create([
            'shot_id' => $shot->id, 'plan_revision_id' => $shot->current_revision_id, 'folder' => $this->folder, 'status' => ReadingStatus::Reading, 'begun_at' => now(),
            'names' => ['EVR_0001.JPG', 'EVR_0002.JPG', 'EVR_0003.JPG'], 'files' => 3, 'done' => 1, 'told' => "[{\"SourceFile\":\"EVR_0001.JPG\",\"MIMEType\":\"image/jpeg\"}]\n",
        ]);
        rename($this->folder, "{$this->folder}-pulled");
        $again = fn () => $this->post($reading->at('again'))->assertSessionHasNoErrors()->assertRedirect();
        $again();
        CardReading::query()->whereKey($reading->id)->update(['status' => ReadingStatus::Reading]);
        ReadPhotos::dispatchSync($reading->id);
        self::assertSame([ReadingStatus::Away, 1], [$reading->refresh()->status, $reading->done]);
        $this->get("{$shot->path()}/photos")->assertSee('is not available. 1 of 3 photos read. ')->assertSee('Try again');
        $this->get($reading->at('show'))->assertOk()->assertSee('Insert the card again');
        // Still away.
        $again();
        self::assertSame(ReadingStatus::Away, $reading->refresh()->status);
        rename("{$this->folder}-pulled", $this->folder);
        $again();
        self::assertSame([ReadingStatus::Done, 3], [$reading->refresh()->status, $reading->done]);
        self::assertSame(1, substr_count($reading->told, 'EVR_0001.JPG'));
        self::assertStringContainsString('EVR_0003.JPG', $reading->told);
        // Pulled before it was listed; and one that waits stands in the way of no other.
        $unlisted = CardReading::query()->create(['shot_id' => $shot->id, 'plan_revision_id' => $shot->current_revision_id, 'folder' => "{$this->folder}-pulled", 'status' => ReadingStatus::Waiting]);
        ReadPhotos::dispatchSync($unlisted->id);
        self::assertSame(ReadingStatus::Away, $unlisted->refresh()->status);
        rename($this->folder, "{$this->folder}-pulled");
        $this->post($unlisted->at('again'))->assertRedirect();
        self::assertSame([ReadingStatus::Done, 3], [$unlisted->refresh()->status, $unlisted->done]);
        rename("{$this->folder}-pulled", $this->folder);
        CardReading::query()->whereKey($unlisted->id)->update(['status' => ReadingStatus::Away]);
        $this->post("{$shot->path()}/photos", ['folder' => $this->folder])->assertSessionHasNoErrors();
        self::assertSame(ReadingStatus::Done, CardReading::query()->latest('id')->firstOrFail()->status);
        self::assertSame(ReadingStatus::Stopped, $unlisted->refresh()->status);
    }

    /** Heads of photos whose names are a folder's, or as long as a name may be, or longer. */
    public function testNamesThatCannotBeKeptAreRefusedAndTheRestIs(): void
    {
        $shot = self::made();
        /** @var array{heads: string, sent: string} $begun */
        $begun = json_decode((string) $this->post("{$shot->path()}/uploads")->assertOk()->getContent(), true, 8, JSON_THROW_ON_ERROR);
        $send = fn (string $name) => $this->post($begun['heads'], ['names' => [$name], 'heads' => [UploadedFile::fake()->createWithContent('x', HostileFolders::jpeg(60, 40))]]);
        $longest = str_repeat('x', 251) . '.jpg';
        foreach (['ok.jpg' => 200, 'ok.jpg/x.jpg' => 422, 'folder/y.jpg' => 200, 'folder' => 422, $longest => 200, "x{$longest}" => 422, "a/{$longest}" => 200, '../up.jpg' => 422] as $name => $status) {
            $send($name)->assertStatus($status);
        }
        $this->post($begun['sent'])->assertOk();
        $reading = CardReading::query()->sole();
        self::assertSame(ReadingStatus::Done, $reading->status);
        self::assertEqualsCanonicalizing(['ok.jpg', 'folder/y.jpg', $longest, "a/{$longest}"], $reading->names);
    }

    public function testOnlyHomesCardsAndNamedFoldersMayBeNamed(): void
    {
        $card = "{$this->folder}/card";
        mkdir($card);
        symlink('/etc', "{$card}/link");
        $own = base_path('storage');
        $roots = new PhotoRoots([$this->folder], [$own]);
        foreach (['/', '/etc', '/home', '/media', "{$card}/link", "{$card}/../../../etc", '/proc', '/var', $own, 'card', '', "{$this->folder}/none"] as $folder) {
            self::assertNotNull($roots->whyNot($folder), $folder);
        }
        self::assertNull($roots->whyNot($card));
        self::assertNull($roots->whyNot($this->folder));
        config(['evrent.photo_roots' => $card]);
        $settings = (new Settings([]))->texts();
        foreach (['/etc' => 'is not allowed for photos', $own => 'belongs to Evrent', $this->folder => 'is not allowed for photos'] as $folder => $says) {
            $this->put('/settings', [...$settings, 'photo_folders' => $folder])->assertSessionHasErrors('settings.photo_folders');
            $errors = session('errors');
            self::assertInstanceOf(ViewErrorBag::class, $errors);
            self::assertStringContainsString($says, $errors->first('settings.photo_folders'));
        }
        $this->put('/settings', [...$settings, 'photo_folders' => $card])->assertSessionHasNoErrors();
        // One that was named by an earlier Evrent is not read any more.
        Setting::query()->where('name', Settings::FOLDERS)->update(['value' => "/etc\n{$card}"]);
        self::assertSame([$card], Settings::kept()->photoFolders());
        $this->post(self::made()->path() . '/photos', ['folder' => '/etc'])->assertSessionHasErrors('card.folder');
    }

    public function testChecksumsFollowNoLinkOutOfTheFolder(): void
    {
        $copy = "{$this->folder}/copy";
        mkdir($copy);
        file_put_contents("{$this->folder}/secret", 'outside');
        file_put_contents("{$copy}/photo", 'inside');
        symlink('../secret', "{$copy}/out");
        symlink('..', "{$copy}/up");
        symlink('photo', "{$copy}/in");
        self::assertSame(['in', 'photo'], array_keys(FolderSums::of($copy)->sums));
    }

    private function read(): CardReading
    {
        $shot = Shot::query()->first() ?? self::made();
        $this->post("{$shot->path()}/photos", ['folder' => $this->folder])->assertSessionHasNoErrors()->assertRedirect();

        return CardReading::query()->latest('id')->firstOrFail();
    }

    private static function made(): Shot
    {
        return self::shot(['/timing/photos' => 10, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]);
    }
}
