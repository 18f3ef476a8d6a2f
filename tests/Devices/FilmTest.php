<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Clip\Clip;
use Evrent\Core\Clip\Codec;
use Evrent\Core\Clip\Crop;
use Evrent\Core\Clip\Frame;
use Evrent\Core\Clip\FrameRate;
use Evrent\Core\Clip\Frames;
use Evrent\Core\Clip\Holes;
use Evrent\Core\Clip\Size;
use Evrent\Core\Clip\Speed;
use Evrent\Core\Export\Film;
use Evrent\Core\Values\InvalidInput;
use Evrent\Devices\Film\Ffmpeg;
use Evrent\Devices\Film\FilmWork;
use Evrent\Devices\Film\Interrupted;
use Evrent\Devices\Film\QuickFilm;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * Films of photos that carry their numbers, read back frame by frame.
 */
final class FilmTest extends TestCase
{
    use NumberedPhotos;

    #[TestWith([FrameRate::R23976, Codec::H264, 'h264,320,200,yuv420p,24000/1001,'])]
    #[TestWith([FrameRate::R5994, Codec::H265, 'hevc,320,200,yuv420p10le,60000/1001,'])]
    #[TestWith([FrameRate::R25, Codec::ProRes, 'prores,320,200,yuv422p10le,25/1,'])]
    #[Group('turn-1')]
    public function testFramesComeInTheirOrderAtTheirRate(FrameRate $rate, Codec $codec, string $probed): void
    {
        $clip = new Clip(Holes::Held, true, 5, 60, [new Speed(20, 35, 2.0), new Speed(40, 43, 0.5)], size: Size::Full, rate: $rate, codec: $codec, shape: 1.6);
        $frames = Frames::of($clip, 64, [10, 11, 50]);
        $film = $this->made($frames, array_diff_key($this->photos(64), [10 => 0, 11 => 0, 50 => 0]));
        self::assertSame($probed . count($frames->frames), self::probed($film));
        self::assertSame(
            array_map(static fn (Frame $frame): int => $frame->photo, $frames->frames),
            array_map(self::barsOf(...), $this->framesOf($film)),
        );
    }

    public function testHolesAreBlendedOfTheirNeighbours(): void
    {
        $frames = Frames::of(new Clip(Holes::Blended, size: Size::Full, shape: 1.6), 4, [2, 3]);
        $film = $this->made($frames, [1 => $this->numbered(0), 4 => $this->numbered(255)]);
        $greys = array_map(static fn ($image): int => (int) imagecolorat($image, 100, 100) & 0xff, $this->framesOf($film));
        foreach ([0, 85, 170, 255] as $n => $grey) {
            self::assertEqualsWithDelta($grey, $greys[$n], 6);
        }
    }

    public function testACropShowsItsPart(): void
    {
        // Bars 2 to 5 of 8, as wide as the clip is.
        $clip = new Clip(crop: new Crop(0.5, 0.5, 0.5), size: Size::P720, shape: 1.6);
        $frames = Frames::of($clip, 2);
        $film = $this->made($frames, [1 => $this->numbered(0b00111100), 2 => $this->numbered(0b11000011)]);
        self::assertSame('h264,1152,720,yuv420p,24/1,2', self::probed($film));
        self::assertSame([0xff, 0], array_map(self::barsOf(...), $this->framesOf($film)));
    }

    /** An edge in the photo, seen while the crop goes from one place and width to another: where the list says, in each frame. */
    #[Group('turn-2')]
    public function testACropOnItsWayIsWhereTheListSays(): void
    {
        $image = imagecreatetruecolor(960, 600);
        assert($image !== false);
        imagefilledrectangle($image, 480, 0, 959, 599, 0xffffff);
        imagejpeg($image, "{$this->folder}/edge.jpg", 95);
        $clip = new Clip(crop: new Crop(0.5, 0.5, 1.0), endCrop: new Crop(0.55, 0.45, 0.4), size: Size::Full, shape: 1.6);
        $frames = Frames::of($clip, 31);
        foreach ($this->framesOf($this->made($frames, array_fill(1, 31, "{$this->folder}/edge.jpg"))) as $n => $seen) {
            [$left, , $width] = $frames->frames[$n]->crop->box(1.6, 1.6);
            $dark = 0.0;
            for ($x = 0; $x < imagesx($seen); $x++) {
                $dark += 1.0 - ((int) imagecolorat($seen, $x, 200) & 0xff) / 255.0;
            }
            self::assertEqualsWithDelta((0.5 - $left) / $width, $dark / imagesx($seen), 1.5 / imagesx($seen), "frame {$n}");
        }
    }

    public function testLevelsAreThoseOfEachPhoto(): void
    {
        $offsets = [1 => 0.0, 2 => 1.0, 3 => -1.0, 4 => 0.5, 5 => 0.0];
        $image = imagecreatetruecolor(64, 40);
        assert($image !== false);
        imagefilledrectangle($image, 0, 0, 63, 39, 0x606060);
        imagepng($image, "{$this->folder}/grey.png");
        $clip = new Clip(size: Size::Full, rate: FrameRate::R2997, shape: 1.6, speeds: [new Speed(2, 3, 0.5)]);
        $film = $this->made(Frames::of($clip, 5), array_fill(1, 5, "{$this->folder}/grey.png"), $offsets);
        foreach ($this->framesOf($film) as $n => $seen) {
            $stops = [0.0, 1.0, 1.0, -1.0, -1.0, 0.5, 0.0][$n];
            self::assertEqualsWithDelta($stops, 2.2 * log(((int) imagecolorat($seen, 30, 20) >> 8 & 0xff) / 0x60, 2), 0.08, "frame {$n}");
        }
    }

    public function testTheSamePhotosGiveTheSameBytes(): void
    {
        $frames = Frames::of(new Clip(size: Size::Full, shape: 1.6), 12);
        $once = hash_file('sha256', $this->made($frames, $this->photos(12)));
        FilmWork::clear("{$this->folder}/work");
        mkdir("{$this->folder}/work");
        self::assertSame($once, hash_file('sha256', $this->made($frames, $this->photos(12))));
    }

    public function testWhatCannotBeMadeIsSaidByItsPhoto(): void
    {
        $clip = new Clip(size: Size::Full, shape: 1.6);
        $photos = $this->photos(5);
        $messages = [
            'devices.film.unreadable(number: 3, path: gone.jpg)' => [3 => "{$this->folder}/gone.jpg"],
            'devices.film.odd_pixels(count: 1, most: 320 × 200, photo: 2, other: 300 × 200)' => [2 => $this->numbered(200, width: 300)],
            'devices.film.odd_files(count: 1, most: jpg, photo: 4, other: png)' => [4 => $this->numbered(201, 'png')],
        ];
        foreach ($messages as $says => $other) {
            try {
                (new FilmWork(Frames::of($clip, 5), array_replace($photos, $other)))->size();
                self::fail($says);
            } catch (InvalidInput $invalid) {
                self::assertSame('/photos', $invalid->problems[0]->pointer);
                self::assertStringContainsString($says, (string) $invalid->problems[0]->message);
            }
        }
        // One photo is a film of one frame.
        self::assertStringEndsWith(',1', self::probed($this->made(Frames::of($clip, 1), $photos)));
        // What is no picture inside is named while it is made.
        file_put_contents("{$this->folder}/bad.jpg", substr((string) file_get_contents($photos[3]), 0, 300) . str_repeat("\xff\xd8\xff\x00", 200));
        FilmWork::clear("{$this->folder}/work");
        mkdir("{$this->folder}/work");
        $this->expectExceptionMessageMatches('/devices\.film\.torn\(photo: 3, paths: bad\.jpg\)/');
        $this->made(Frames::of($clip, 5), array_replace($photos, [3 => "{$this->folder}/bad.jpg"]), isSized: true);
    }

    public function testAFullDiskIsSaidInWords(): void
    {
        $this->expectException(RuntimeException::class);
        $this->expectExceptionMessage('devices.film.disk_full');
        Ffmpeg::run(['-f', 'lavfi', '-i', 'testsrc=duration=1', '-f', 'rawvideo', '-y', '/dev/full'], $this->folder);
    }

    public function testItStopsWhenItIsNotWanted(): void
    {
        $frames = Frames::of(new Clip(size: Size::P2160, shape: 1.6), 60);
        $making = new FilmWork($frames, $this->photos(60));
        self::assertNull($making->make(new Film($frames, 320, 200, []), "{$this->folder}/work", static fn (): bool => false));
        FilmWork::clear("{$this->folder}/work");
        mkdir("{$this->folder}/work");
        $asked = 0;
        // It begins, and then nobody wants it any more.
        self::assertNull($making->make(new Film($frames, 320, 200, []), "{$this->folder}/work", static function () use (&$asked): bool {
            return $asked++ < 2;
        }));
        FilmWork::clear("{$this->folder}/work");
        self::assertDirectoryDoesNotExist("{$this->folder}/work");
        self::assertFileExists("{$this->folder}/EVR_1.jpg");
    }

    public function testWhatIsEndedFromOutsideMayBeBegunAgain(): void
    {
        $frames = Frames::of(new Clip(size: Size::P2160, shape: 1.6), 60);
        $this->expectException(Interrupted::class);
        $asked = 0;
        (new FilmWork($frames, $this->photos(60)))->make(new Film($frames, 320, 200, []), "{$this->folder}/work", static function () use (&$asked): bool {
            if ($asked++ > 1) {
                (new Process(['pkill', '-KILL', '-P', (string) getmypid(), 'ffmpeg']))->run();
            }

            return true;
        });
    }

    /** Large photos are shown by the small pictures that they keep, without the black bars of these, and in the same time. */
    #[Group('long')]
    public function testAQuickLookIsMadeOfWhatPhotosKeep(): void
    {
        $large = $this->numbered(90, width: 3_000, height: 1_875);
        $small = $this->numbered(91, width: 160, height: 120);
        $image = imagecreatetruecolor(160, 120);
        assert($image !== false);
        imagefilledrectangle($image, 0, 10, 159, 109, 0xc0c0c0);
        imagejpeg($image, $small);
        file_put_contents($large, str_repeat("\0", 500_000), FILE_APPEND);
        (new Process(['exiftool', '-q', '-overwrite_original', "-ThumbnailImage<={$small}", $large]))->mustRun();
        $frames = Frames::of(new Clip(shape: 1.6), 4_000);
        $quick = QuickFilm::of($frames, array_fill(1, 4_000, $large));
        self::assertLessThanOrEqual(1_500, count($quick->frames->frames));
        $film = $quick->make("{$this->folder}/work", static fn (int $width, int $height, Frames $few): Film => new Film($few, $width, $height, [], true));
        // Twice as high as the 100 pixels between the bars.
        self::assertSame('h264,320,200,yuv420p,8/1,' . count($quick->frames->frames), self::probed($film));
        self::assertEqualsWithDelta($frames->seconds(), count($quick->frames->frames) / 8.0, 0.13);
        $first = $this->framesOf("{$this->folder}/work/quick.mp4", 1)[0];
        self::assertEqualsWithDelta(0xc0, (int) imagecolorat($first, 160, 3) & 0xff, 12);
    }

    /** @return array<int, string> */
    private function photos(int $count): array
    {
        return array_combine(range(1, $count), array_map($this->numbered(...), range(1, $count)));
    }

    /**
     * @param array<int, string> $paths
     * @param array<int, float>  $offsets
     */
    private function made(Frames $frames, array $paths, array $offsets = [], bool $isSized = false): string
    {
        $making = new FilmWork($frames, $paths);
        [$width, $height] = $isSized ? [320, 200] : $making->size();
        $film = $making->make(new Film($frames, $width, $height, $offsets), "{$this->folder}/work");
        self::assertNotNull($film);

        return $film;
    }
}
