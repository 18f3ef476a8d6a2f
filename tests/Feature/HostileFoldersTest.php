<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\ReadPhotos;
use App\Models\CardReading;
use App\Models\Setting;
use App\Models\Shot;
use App\Pages\Settings;
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
        self::assertSame('done', $reading->status, $reading->trouble);
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
            ->assertSee('<b>EVR_0004.JPG</b>: it is 20,000 × 20,000 pixels, over the limit of 200 megapixels', false)
            ->assertSee("EVR_0005\u{fffd}-if.JPG</b>: its name holds characters", false)
            ->assertSee('EVR_0006.JPG</b>: exiftool says', false);
        Setting::query()->create(['name' => Settings::MEGAPIXELS, 'value' => '400']);
        self::assertStringContainsString('EVR_0004', $this->read()->told);
    }

    public function testACardThatIsPulledHalfWayIsWaitedForAndGoesOn(): void
    {
        $shot = self::made();
        $reading = CardReading::query()->create([
            'shot_id' => $shot->id, 'plan_revision_id' => $shot->current_revision_id, 'folder' => $this->folder, 'status' => 'reading', 'begun_at' => now(),
            'names' => ['EVR_0001.JPG', 'EVR_0002.JPG', 'EVR_0003.JPG'], 'files' => 3, 'done' => 1, 'told' => "[{\"SourceFile\":\"EVR_0001.JPG\",\"MIMEType\":\"image/jpeg\"}]\n",
        ]);
        rename($this->folder, "{$this->folder}-pulled");
        $again = fn () => $this->post($reading->at('again'))->assertSessionHasNoErrors()->assertRedirect();
        $again();
        CardReading::query()->whereKey($reading->id)->update(['status' => 'reading']);
        ReadPhotos::dispatchSync($reading->id);
        self::assertSame(['away', 1], [$reading->refresh()->status, $reading->done]);
        $this->get("{$shot->path()}/photos")->assertSee('is not there. 1 of 3 photos are read. Put the card back')->assertSee('Try again');
        $this->get($reading->at('show'))->assertOk()->assertSee('Put the card back');
        // Still away.
        $again();
        self::assertSame('away', $reading->refresh()->status);
        rename("{$this->folder}-pulled", $this->folder);
        $again();
        self::assertSame(['done', 3], [$reading->refresh()->status, $reading->done]);
        self::assertSame(1, substr_count($reading->told, 'EVR_0001.JPG'));
        self::assertStringContainsString('EVR_0003.JPG', $reading->told);
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
