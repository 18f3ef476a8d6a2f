<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\MakeClipFilm;
use App\Jobs\MakeFilm;
use App\Jobs\WorkInFolder;
use App\Models\CardReading;
use App\Models\ClipRevision;
use App\Models\Film;
use App\Models\FolderWork;
use App\Models\Setting;
use App\Models\Shot;
use App\Models\Take;
use App\Pages\ClipPage;
use App\Pages\Settings;
use App\Status\FilmStatus;
use App\Status\FolderWorkStatus;
use Evrent\Core\Clip\Clip;
use Evrent\Core\Clip\Frame;
use Evrent\Core\Format\ClipText;
use Evrent\Core\Light\Flicker;
use Evrent\Core\Photos\Stops;
use Evrent\Core\Run\Fault;
use Evrent\Core\Run\FaultKind;
use Evrent\Core\Run\Take\Ending;
use Evrent\Core\Run\Take\Status;
use Evrent\Devices\Files\ShotFile;
use Evrent\Devices\Running\Picture;
use Evrent\Words\Words;
use GdImage;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Group;
use Sabre\VObject\Reader;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
use Tests\Devices\DrawnNumbers;
use Tests\Devices\NumberedPhotos;
use ZipArchive;

/**
 * The clip of a shot, from its list to the film, of the simulated camera's own photos.
 */
final class ClipTest extends PageTestCase
{
    use ShootsInVirtualTime;
    use NumberedPhotos {
        setUp as private makeFolder;
        tearDown as private removeFolder;
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->makeFolder();
        Setting::query()->create(['name' => Settings::FOLDERS, 'value' => $this->folder]);
    }

    protected function tearDown(): void
    {
        foreach (Film::query()->where('file', '!=', '')->get() as $film) {
            @unlink($film->path());
        }
        $this->removeFolder();
        parent::tearDown();
    }

    /** The rest of a take has a clip of its own, and both in one file. */
    #[Group('turn-0')]
    public function testTheClipOfARestFollowsOnThatOfItsTake(): void
    {
        $shot = $this->aRun([]);
        $this->post($shot->at('films.store'))->assertSessionHasNoErrors();
        $first = Film::query()->sole();
        self::assertSame(FilmStatus::Done, $first->status, Words::say($first->trouble));
        $this->get($first->at('joined'))->assertNotFound();
        $rest = self::shot();
        $take = Take::query()->create([
            'shot_id' => $shot->id, 'plan_revision_id' => $shot->refresh()->current_revision_id, 'rig_address' => '127.0.0.1:7801', 'camera_address' => 'deaf',
            'setting' => [], 'status' => Status::Ended, 'ending' => Ending::Aborted,
        ]);
        $rest->update(['follows_take_id' => $take->id]);
        $second = $first->replicate()->fill(['shot_id' => $rest->id, 'file' => "rest-{$first->file}"]);
        copy($first->path(), $second->path());
        $second->save();
        $this->get($rest->at('clip.show'))->assertOk()->assertSee(Words::of('clip.show.follows'))->assertSee(Words::of('clip.film.joined'));
        $joined = $this->get($second->refresh()->at('joined'))->assertOk()->assertDownload("whole-rest-{$first->file}")->baseResponse;
        self::assertInstanceOf(BinaryFileResponse::class, $joined);
        self::assertStringEndsWith(',' . 2 * $first->frames, self::probed($joined->getFile()->getPathname()));
        // One of another size is another film.
        $second->update(['width' => 320]);
        $this->get($rest->at('clip.show'))->assertDontSee(Words::of('clip.film.joined'));
        $this->get($second->at('joined'))->assertNotFound();
    }

    /** A whole run: what is missing is held, what was marked is out, and the film has each photo in its place; brought level it flickers no more. */
    #[Group('turn-1')]
    public function testAWholeRunBecomesAFilm(): void
    {
        $shot = $this->aRun([new Fault(FaultKind::Flicker, 1, photos: 60, percent: 40.0), new Fault(FaultKind::MissedTrigger, 21, photos: 2)]);
        $reading = CardReading::query()->sole();
        $this->put($reading->at('mark'), ['from' => '30', 'to' => '31', 'mark' => 'spoilt', 'why' => 'a gull'])->assertSessionHasNoErrors();
        $this->get($shot->at('clip.show'))->assertOk()->assertSee('4 missing or bad')->assertSee('Not backed up')->assertSee('>L6<', false);
        $this->change($shot, ['size' => 'full', 'shape' => '3:2', 'rate' => '29.97', 'in' => '3', 'reversed' => 'yes'])->assertSessionHasNoErrors();
        $this->post($shot->at('clip.spans.store'), ['span_from' => '41', 'span_to' => '50', 'span_factor' => '2'])->assertSessionHasNoErrors();
        $frames = (new ClipPage($shot->refresh()))->frames();
        $this->post($shot->at('films.store'))->assertSessionHasNoErrors();
        $this->change($shot, ['deflicker' => 'yes'])->assertSessionHasNoErrors();
        $this->post($shot->at('films.store'))->assertSessionHasNoErrors();
        [$plain, $level] = Film::query()->with('shot')->orderBy('id')->get()->all();
        self::assertSame([FilmStatus::Done, 53, ''], [$plain->status, $plain->done, $plain->trouble]);
        self::assertSame([FilmStatus::Done, hash_file('sha256', $level->path()), filesize($level->path())], [$level->status, $level->sha256, $level->bytes]);
        self::assertMatchesRegularExpression('~^h264,640,\d+,yuv420p,30000/1001,53$~', self::probed($plain->path()));
        $seen = $this->framesOf($plain->path());
        self::assertSame(array_map(static fn (Frame $frame): int => $frame->photo, $frames->frames), array_map(
            static fn (GdImage $seen): ?int => DrawnNumbers::in($seen, imagesx($seen), imagesy($seen)),
            $seen,
        ));
        self::assertGreaterThan(0.1, self::flickers($seen));
        self::assertLessThan(self::flickers($seen) / 5.0, self::flickers($this->framesOf($level->path())));
        // They are listed with their list, sum and size, are there to be taken, and go when they are thrown away.
        $this->get($shot->at('clip.show'))->assertSee($level->sha256)->assertSee("640 × {$level->height}")->assertSee('53 frames at 29.97');
        $this->get($level->at('file'))->assertOk()->assertDownload($level->file);
        $this->get($level->at('list'))->assertOk()->assertSee('"deflicker": true', false);
        $path = $level->path();
        $this->delete($level->at('destroy'))->assertRedirect();
        self::assertFileDoesNotExist($path);
        self::assertSame([], glob(Film::folder() . '/.making-*'));
        // Of a shot that is gone for good, its film goes with the next that is made.
        $left = $plain->path();
        self::assertFileExists($left);
        Film::query()->whereKey($plain->id)->delete();
        $this->change($shot, ['in' => '50'])->assertSessionHasNoErrors();
        $this->post($shot->at('films.store'))->assertSessionHasNoErrors();
        self::assertFileDoesNotExist($left);
        self::assertSame(FilmStatus::Done, Film::query()->sole()->status);
    }

    /** Photos that were matched to another take make a clip of one photo held: that is said first. */
    #[Group('turn-2')]
    public function testAClipOfWhichMuchIsMissingIsNotMadeUnsaid(): void
    {
        $shot = $this->aRun([new Fault(FaultKind::CableOut, 11, photos: 20)]);
        $says = 'Only 40 of 60 photos are on the card: 20 frames held.';
        $this->get($shot->at('clip.show'))->assertOk()->assertSee($says)->assertSee(Words::of('clip.show.render_anyway'));
        $this->post($shot->at('films.store'))->assertSessionHasErrors('clip.photos');
        self::assertSame(0, Film::query()->count());
        $this->post($shot->at('films.store'), ['anyway' => 'yes'])->assertSessionHasNoErrors();
        self::assertSame(FilmStatus::Done, Film::query()->sole()->status);
    }

    #[Group('long')]
    public function testWhereNothingFlickersNothingIsChanged(): void
    {
        $shot = $this->aRun();
        $this->change($shot, ['size' => 'full', 'shape' => '3:2', 'out' => '30']);
        $this->post($shot->at('films.store'))->assertSessionHasNoErrors();
        $this->change($shot, ['deflicker' => 'yes']);
        $this->post($shot->at('films.store'))->assertSessionHasNoErrors();
        $this->get($shot->at('clip.show'))->assertSee(trim(Words::of('clip.list.no_flicker'), ' :'));
        self::assertSame(1, Film::query()->distinct()->count('sha256'));
    }

    public function testTheListIsChangedUndoneAndDoneAgain(): void
    {
        $shot = self::shot();
        $this->get($shot->at('clip.show'))->assertOk()->assertSee(Words::of('clip.show.no_photos'))->assertSee('<b>240</b>', false);
        $this->change($shot, ['in' => '11'])->assertSessionHasNoErrors();
        $this->post($shot->at('clip.spans.store'), ['span_from' => '21', 'span_to' => '40', 'span_factor' => '2', 'span_ramp' => '']);
        $told = ClipRevision::query()->where('parent_id', '>', 0)->orderBy('id')->get()->map(static fn (ClipRevision $revision): string => $revision->told());
        self::assertSame(['in point 11', Words::of('clip.changed.span', photo: 21)], $told->all());
        $this->get($shot->at('clip.show'))->assertSee('<b>220</b>', false)->assertSee(Words::of('clip.changed.span', photo: 21));
        $this->post($shot->at('clip.undo'))->assertRedirect();
        self::assertSame([11, []], [self::clipOf($shot)->in, self::clipOf($shot)->speeds]);
        $this->post($shot->at('clip.undo'));
        $this->post($shot->at('clip.undo'));
        self::assertNull(self::clipOf($shot)->in);
        $this->post($shot->at('clip.redo'));
        $this->post($shot->at('clip.redo'));
        $this->post($shot->at('clip.redo'));
        self::assertSame([11, 21], [self::clipOf($shot)->in, self::clipOf($shot)->speeds[0]->from]);
        $this->delete(route('clip.spans.destroy', [...$shot->address(), 'from' => 21]))->assertRedirect();
        self::assertSame([], self::clipOf($shot)->speeds);
        $first = ClipRevision::query()->orderBy('id')->firstOrFail();
        $this->post(route('clip.restore', [...$shot->address(), 'clipRevision' => $first->id]))->assertSessionHasNoErrors();
        self::assertNull(self::clipOf($shot)->in);
        // The same once more is no change.
        $count = ClipRevision::query()->count();
        $this->change($shot, [])->assertSessionHasNoErrors();
        self::assertSame($count, ClipRevision::query()->count());
        // Another shot's list is no address of this one.
        $this->post(route('clip.restore', [...self::shot()->address(), 'clipRevision' => $first->id]))->assertNotFound();
    }

    public function testTwoWindowsKeepWhatEachChanged(): void
    {
        $shot = self::shot();
        $was = self::nested(ClipText::fields(self::clipOf($shot)));
        $this->change($shot, ['in' => '5']);
        // The other window still shows what was, and changes something else; then the same.
        $this->put($shot->at('clip.update'), ['was' => $was, ...$was, 'out' => '100'])->assertSessionHasNoErrors();
        self::assertSame([5, 100], [self::clipOf($shot)->in, self::clipOf($shot)->out]);
        $this->put($shot->at('clip.update'), ['was' => $was, ...$was, 'in' => '9'])->assertSessionHasErrors('clip.in');
        self::assertSame(5, self::clipOf($shot)->in);
        // A script gets the part back, with what was typed and why it was refused.
        $this->put($shot->at('clip.update'), ['was' => $was, ...$was, 'rate' => '0'], ['HX-Request' => 'true'])->assertStatus(422)
            ->assertSee('Choose one of: 23.976')->assertSee('id="clip-list"', false);
        $this->put($shot->at('clip.update'), ['was' => $was, ...$was, 'in' => '100', 'out' => '90'])->assertSessionHasErrors('clip.out');
    }

    public function testWhatCannotBeMadeIsSaidByTheField(): void
    {
        $shot = self::shot(['/timing/photos' => 30, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]);
        $this->post($shot->at('films.store'))->assertSessionHasErrors('clip.photos');
        $this->get($shot->at('clip.proxy'))->assertStatus(422)->assertSee(Words::of('app.proxy.none'));
        $this->take($shot);
        $this->change($shot, ['crop_x' => '80', 'crop_width' => '60'])->assertSessionHasNoErrors();
        $this->get($shot->at('clip.show'))->assertSee('This exceeds the photo');
        $this->post($shot->at('films.store'))->assertSessionHasErrors('clip.crop_width');
        $this->get($shot->at('clip.proxy'))->assertStatus(422);
        $this->post($shot->at('clip.undo'));
        // A photo of another size among them, and one that went away.
        $reading = CardReading::query()->latest('id')->firstOrFail();
        $path = "{$reading->folder}/" . $reading->names[4];
        $whole = (string) file_get_contents($path);
        $image = imagecreatetruecolor(100, 50);
        assert($image !== false);
        imagejpeg($image, $path);
        $this->post($shot->at('films.store'))->assertSessionHasErrors('clip.photos');
        self::assertStringContainsString('photo 5 is 100 × 50', self::said('clip.photos'));
        unlink($path);
        $this->post($shot->at('films.store'))->assertSessionHasErrors('clip.photos');
        file_put_contents($path, $whole);
        // Where the settings name its folder no more, nothing is read of it.
        Setting::query()->where('name', Settings::FOLDERS)->update(['value' => '/usr/share']);
        $this->post($shot->at('films.store'))->assertSessionHasErrors('clip.photos');
        $this->get($shot->at('clip.proxy'))->assertStatus(422)->assertSee('can no longer be read');
        $this->post(route('folders.store', [...$shot->address(), 'reading' => $reading->id]), ['for' => 'copy', 'folder' => '/usr/share/doc'])
            ->assertSessionHasErrors('copy.folder');
        Setting::query()->where('name', Settings::FOLDERS)->update(['value' => $this->folder]);
        // Marked all over there is nothing to show.
        $this->put($reading->at('mark'), ['from' => '1', 'to' => '30', 'mark' => 'spoilt', 'why' => ''])->assertSessionHasNoErrors();
        $this->get($shot->at('clip.show'))->assertOk()->assertSee(Words::of('clip.list.no_photo'));
        $this->post($shot->at('films.store'))->assertSessionHasErrors('clip.in');
        self::assertSame(0, Film::query()->count());
    }

    /** Killed half-way it is begun again from nothing; cancelled, or broken off three times, it says so, and nothing of it is left. */
    #[Group('long')]
    public function testAFilmSurvivesAKillAndIsCancelled(): void
    {
        $shot = $this->aRun();
        Queue::fake();
        $this->post($shot->at('films.store'))->assertSessionHasNoErrors();
        $this->post($shot->at('films.store'))->assertSessionHasNoErrors();
        $film = Film::query()->sole();
        Queue::assertPushedOn('long', MakeFilm::class);
        $this->get($shot->at('clip.show'))->assertSee(Words::of('common.waiting'));
        // As a kill leaves it.
        $left = Film::folder() . "/.making-{$film->id}";
        mkdir($left, 0o700, true);
        file_put_contents("{$left}/film.mp4", 'half a film');
        $film->update(['status' => FilmStatus::Making, 'done' => 7, 'begun' => 1, 'begun_at' => now()->subSeconds(5)]);
        $this->get($film->at('show'))->assertOk()->assertSee('7 of 60 frames rendered, about');
        (new MakeFilm($film->id))->handle(app(MakeClipFilm::class));
        self::assertSame([FilmStatus::Done, 2, 60], [$film->refresh()->status, $film->begun, $film->done]);
        self::assertDirectoryDoesNotExist($left);
        // Over, it is not made once more.
        (new MakeFilm($film->id))->handle(app(MakeClipFilm::class));
        self::assertSame(2, $film->refresh()->begun);
        $this->change($shot, ['out' => '20']);
        $this->post($shot->at('films.store'));
        $second = Film::query()->latest('id')->firstOrFail();
        $this->delete($second->at('destroy'))->assertStatus(409);
        $this->post($second->at('stop'))->assertRedirect();
        (new MakeFilm($second->id))->handle(app(MakeClipFilm::class));
        self::assertSame([FilmStatus::Stopped, 0], [$second->refresh()->status, $second->begun]);
        $this->get($second->at('show'))->assertSee('Cancelled');
        $this->get($second->at('file'))->assertNotFound();
        $this->post($shot->at('films.store'));
        $third = Film::query()->latest('id')->firstOrFail();
        (new MakeFilm($third->id))->failed(null);
        $this->get($third->at('show'))->assertSee(Words::of('clip.work.given_up'));
        // What went wrong meanwhile is told where it stands.
        $this->post($shot->at('films.store'));
        $fourth = Film::query()->latest('id')->firstOrFail();
        $reading = CardReading::query()->sole();
        unlink("{$reading->folder}/{$reading->names[3]}");
        (new MakeFilm($fourth->id))->handle(app(MakeClipFilm::class));
        self::assertStringContainsString('Photo 4 cannot be read', Words::say($fourth->refresh()->trouble));
        self::assertSame([], glob(Film::folder() . '/.making-*'));
    }

    /** The disk is full while it is made: nothing of it is left, the page says why, and it is made when there is room. */
    #[Group('turn-2')]
    public function testAFilmForWhichThereIsNoRoomIsMadeWhenThereIs(): void
    {
        $shot = $this->aRun();
        $this->change($shot, ['size' => 'full', 'shape' => '3:2', 'in' => '50']);
        mkdir("{$this->folder}/full");
        file_put_contents("{$this->folder}/full/ffmpeg", "#!/bin/sh\necho 'av_interleaved_write_frame(): No space left on device' >&2\nexit 1\n");
        chmod("{$this->folder}/full/ffmpeg", 0o755);
        $path = (string) getenv('PATH');
        putenv("PATH={$this->folder}/full:{$path}");
        try {
            $this->post($shot->at('films.store'))->assertSessionHasNoErrors();
            $film = Film::query()->with('shot')->sole();
            foreach (range(1, 4) as $_) {
                MakeFilm::dispatchSync($film->id);
                self::assertSame([FilmStatus::Waiting, ''], [$film->refresh()->status, $film->file]);
            }
            $this->get($film->at('show'))->assertOk()->assertSee(Words::of('clip.work.disk_full'));
            self::assertSame([], glob(Film::folder() . '/.making-*'));
        } finally {
            putenv("PATH={$path}");
        }
        MakeFilm::dispatchSync($film->id);
        self::assertSame([FilmStatus::Done, ''], [$film->refresh()->status, $film->trouble]);
        self::assertFileExists($film->path());
    }

    #[Group('long')]
    public function testAQuickLookIsThere(): void
    {
        $shot = $this->aRun([new Fault(FaultKind::Flicker, 1, photos: 60, percent: 40.0)]);
        $films = array_map(fn (string $level): string => $this->file($this->get($shot->at('clip.proxy') . "?level={$level}")->assertOk()), ['0', '1']);
        self::assertLessThan(self::flickers($this->framesOf($films[0])) / 5.0, self::flickers($this->framesOf($films[1])));
        self::assertSame($films[0], $this->file($this->get($shot->at('clip.proxy') . '?level=0')));
        $this->get($shot->at('clip.proxy'), ['Range' => 'bytes=0-9'])->assertStatus(206);
    }

    /** Raw photos go out as numbered links and lists; what is developed of them comes back by the same numbers. */
    #[Group('turn-3')]
    public function testRawPhotosAreDevelopedElsewhere(): void
    {
        $shot = self::shot(['/timing/photos' => 30, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]);
        $this->take($shot);
        $reading = CardReading::query()->sole();
        foreach ($reading->names as $name) {
            rename("{$reading->folder}/{$name}", "{$reading->folder}/" . preg_replace('/JPG$/', 'DNG', $name));
        }
        $this->post("{$shot->path()}/photos", ['folder' => $reading->folder])->assertSessionHasNoErrors();
        $this->get($shot->at('clip.show'))->assertOk()->assertSee('These photos are raw');
        $this->post($shot->at('films.store'))->assertSessionHasErrors('clip.photos');
        $raw = CardReading::query()->latest('id')->firstOrFail();
        $order = fn (string $folder, string $kind = 'links') => $this->post(
            route('folders.store', [...$shot->address(), 'reading' => $raw->id]),
            ['for' => 'numbered', 'folder' => $folder, 'kind' => $kind],
        );
        foreach (['' => 'full path', '/nowhere/at/all' => 'below an allowed one', $this->folder => 'exists already', '/etc/new' => 'below an allowed one'] as $folder => $says) {
            $order($folder)->assertSessionHasErrors('numbered.folder');
            self::assertStringContainsString($says, self::said('numbered.folder'));
        }
        $order("{$this->folder}/out", 'moves')->assertSessionHasErrors('numbered.kind');
        $order("{$this->folder}/out")->assertSessionHasNoErrors();
        $name = (new ClipPage($shot))->material()->linkName(7);
        self::assertStringEndsWith('_000007.dng', $name);
        self::assertSame(realpath("{$raw->folder}/{$raw->names[6]}"), readlink("{$this->folder}/out/{$name}"));
        (new Process(['sha256sum', '--check', '--quiet', 'SHA256SUMS'], "{$this->folder}/out"))->mustRun();
        $work = FolderWork::query()->latest('id')->firstOrFail();
        self::assertSame([FolderWorkStatus::Done, 30, 30], [$work->status, $work->done, $work->files]);
        $this->get($work->at('manifest'))->assertOk()->assertSee($name);
        $order("{$this->folder}/copies", 'copies')->assertSessionHasNoErrors();
        self::assertFileEquals("{$raw->folder}/{$raw->names[6]}", "{$this->folder}/copies/{$name}");

        // Developed: under the links' names, under the raw files' names, and one that is none of them.
        mkdir("{$this->folder}/developed");
        foreach (range(1, 30) as $number) {
            $stem = $number % 2 === 0 ? pathinfo((new ClipPage($shot))->material()->linkName($number), PATHINFO_FILENAME) : pathinfo($raw->names[$number - 1], PATHINFO_FILENAME);
            rename($this->numbered($number), "{$this->folder}/developed/{$stem}.jpg");
        }
        $this->numbered(99);
        rename("{$this->folder}/EVR_99.jpg", "{$this->folder}/developed/other.jpg");
        $take = fn (string $folder): TestResponse => $this->put($shot->at('clip.developed'), ['for' => 'developed', 'folder' => $folder]);
        $take('/etc')->assertSessionHasErrors('developed.folder');
        $take("{$this->folder}/work")->assertSessionHasErrors('developed.folder');
        $take("{$this->folder}/developed")->assertSessionHasNoErrors()->assertSessionHas(
            'notice',
            '30 processed photos in use. Skipped: 1, such as other.jpg, whose names match no photo.',
        );
        $this->change($shot, ['size' => 'full', 'shape' => '1.6', 'deflicker' => 'yes'])->assertSessionHasNoErrors();
        $this->post($shot->at('films.store'))->assertSessionHasNoErrors();
        $film = Film::query()->sole();
        self::assertSame([FilmStatus::Done, ''], [$film->status, $film->trouble]);
        self::assertSame('h264,320,200,yuv420p,24/1,30', self::probed($film->path()));
        // These are of many brightnesses, which the raw files were not: it is they that were brought level.
        $this->change($shot, ['size' => 'full', 'shape' => '1.6', 'deflicker' => 'no'])->assertSessionHasNoErrors();
        $this->post($shot->at('films.store'))->assertSessionHasNoErrors();
        self::assertNotSame($film->sha256, Film::query()->latest('id')->firstOrFail()->sha256);
        $take('')->assertSessionHasNoErrors();
        $this->post($shot->at('films.store'))->assertSessionHasErrors('clip.photos');
    }

    #[Group('turn-3')]
    public function testACopyIsToldUntilItWasChecked(): void
    {
        $shot = $this->aRun();
        $reading = CardReading::query()->sole();
        $check = fn (string $folder): TestResponse => $this->post(route('folders.store', [...$shot->address(), 'reading' => $reading->id]), ['for' => 'copy', 'folder' => $folder]);
        $this->get($shot->at('photos.index'))->assertSee(Words::of('photos.backed_up.no'))->assertSee('>L6<', false);
        foreach (['copy', '/etc', $reading->folder, "{$reading->folder}/DCIM"] as $folder) {
            $check($folder)->assertSessionHasErrors('copy.folder');
        }
        // Into other folders than the card has; one is missing, and one came over broken.
        mkdir("{$this->folder}/copy/tuesday", 0o700, true);
        foreach ($reading->names as $n => $name) {
            if ($n !== 8) {
                copy("{$reading->folder}/{$name}", "{$this->folder}/copy/tuesday/" . basename($name));
            }
        }
        $broken = "{$this->folder}/copy/tuesday/" . basename($reading->names[4]);
        file_put_contents($broken, 'x', FILE_APPEND);
        $check("{$this->folder}/copy")->assertSessionHasNoErrors();
        $this->get($shot->at('photos.index'))->assertSee('is not a complete copy')->assertSee($reading->names[8])->assertSee($reading->names[4])->assertSee('>L6<', false);
        copy("{$reading->folder}/{$reading->names[8]}", "{$this->folder}/copy/" . basename($reading->names[8]));
        copy("{$reading->folder}/{$reading->names[4]}", $broken);
        $check("{$this->folder}/copy")->assertSessionHasNoErrors();
        $this->get($shot->at('photos.index'))->assertSee('Backed up')->assertDontSee('>L6<', false);
        $this->get($shot->at('clip.show'))->assertSee('Backed up')->assertDontSee('>L6<', false);
        // What cannot be read where it was is no reason to believe in the copy.
        rename("{$reading->folder}/{$reading->names[0]}", "{$this->folder}/away.jpg");
        $check("{$this->folder}/copy");
        self::assertStringContainsString('is no longer readable', Words::say(FolderWork::query()->latest('id')->firstOrFail()->trouble));
        // Waiting it can be cancelled, and then it is not done.
        Queue::fake();
        $check("{$this->folder}/copy");
        $work = FolderWork::query()->latest('id')->firstOrFail();
        Queue::assertPushedOn('long', WorkInFolder::class);
        $this->get($work->at('show'))->assertOk()->assertSee(Words::of('common.waiting'));
        $this->post($work->at('stop'))->assertRedirect();
        app()->call([new WorkInFolder($work->id), 'handle']);
        self::assertSame(FolderWorkStatus::Stopped, $work->refresh()->status);
    }

    /** From a plan alone, and from photos: each file is there, the same twice, and says so in words where there is none. */
    public function testEveryFileIsThere(): void
    {
        $shot = self::shot(['/timing/photos' => 30, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]);
        foreach ([false, true] as $isShot) {
            if ($isShot) {
                $this->take($shot);
            }
            foreach (ShotFile::cases() as $file) {
                $answer = $this->get(route('clip.file', [...$shot->address(), 'format' => $file->value]));
                if ($file === ShotFile::Pass) {
                    $answer->assertStatus(422)->assertSee(Words::of('devices.program.no_pass'));
                    continue;
                }
                $answer->assertOk();
                self::assertSame($answer->getContent(), $this->get(route('clip.file', [...$shot->address(), 'format' => $file->value]))->getContent());
            }
            $zip = new ZipArchive();
            $zip->open($this->file($this->get(route('clip.file', [...$shot->address(), 'format' => 'xmp']))->assertOk()));
            self::assertSame(30, $zip->numFiles);
            self::assertStringContainsString('7 of 30', (string) $zip->getFromName((string) $zip->getNameIndex(6)));
            $zip->close();
        }
        $this->get(route('clip.file', [...$shot->address(), 'format' => 'gif']))->assertNotFound();
        $calendar = Reader::read((string) $this->get(route('clip.file', [...$shot->address(), 'format' => 'ics']))->getContent());
        self::assertSame([], $calendar->validate());
        self::assertStringContainsString("DTSTART:20270323T155000Z\r\n", $calendar->serialize());
        self::assertStringContainsString('DESCRIPTION:30 photos in', $calendar->serialize());
        $list = (string) $this->get(route('clip.file', [...$shot->address(), 'format' => 'ffconcat']))->getContent();
        self::assertStringContainsString(CardReading::query()->sole()->folder, $list);
    }

    /**
     * @param list<Fault> $faults
     */
    private function aRun(array $faults = []): Shot
    {
        $shot = self::shot(['/timing/photos' => 60, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]);
        $this->take($shot, $faults);

        return $shot;
    }

    /**
     * The simulated camera takes the shot in virtual time, and its card is read.
     *
     * @param list<Fault> $faults
     */
    private function take(Shot $shot, array $faults = []): void
    {
        mkdir("{$this->folder}/card");
        self::shootTo("{$this->folder}/card", $shot->currentRevision()->toPlan(), $faults);
        $this->post("{$shot->path()}/photos", ['folder' => "{$this->folder}/card"])->assertSessionHasNoErrors();
    }

    /**
     * @param array<string, string> $typed
     *
     * @return TestResponse<Response>
     */
    private function change(Shot $shot, array $typed): TestResponse
    {
        return $this->put($shot->at('clip.update'), self::nested([...ClipText::fields(self::clipOf($shot)), ...$typed]));
    }

    private static function clipOf(Shot $shot): Clip
    {
        return (new ClipPage(Shot::query()->findOrFail($shot->id)))->clip;
    }

    /**
     * @param array<string, string> $fields
     *
     * @return array<string, mixed> as a form sends them
     */
    private static function nested(array $fields): array
    {
        $nested = [];
        foreach ($fields as $field => $text) {
            Arr::set($nested, $field, $text);
        }

        /** @var array<string, mixed> */
        return $nested;
    }

    private static function said(string $field): string
    {
        $errors = session('errors');
        self::assertInstanceOf(ViewErrorBag::class, $errors);

        return $errors->first($field);
    }

    /**
     * @param TestResponse<Response> $answer
     */
    private function file(TestResponse $answer): string
    {
        self::assertInstanceOf(BinaryFileResponse::class, $answer->baseResponse);

        return $answer->baseResponse->getFile()->getPathname();
    }

    /**
     * @param list<GdImage> $pictures
     *
     * @return float stops
     */
    private static function flickers(array $pictures): float
    {
        $lumas = [];
        foreach ($pictures as $n => $picture) {
            $lumas[$n] = Picture::lumaOf($picture);
        }

        return Flicker::of(Stops::overMiddle($lumas))->stops ?? NAN;
    }
}
