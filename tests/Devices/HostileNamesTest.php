<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Clip\Clip;
use Evrent\Core\Clip\Frames;
use Evrent\Core\Clip\Holes;
use Evrent\Core\Clip\Size;
use Evrent\Core\Export\Cmx3600;
use Evrent\Core\Export\Ffconcat;
use Evrent\Core\Export\Film;
use Evrent\Core\Export\Manifest;
use Evrent\Core\Export\Material;
use Evrent\Core\Export\Otio;
use Evrent\Core\Export\Xmp;
use Evrent\Core\Format\MatchJson;
use Evrent\Core\Photos\CardPhotos;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\FileName;
use Evrent\Devices\Film\FilmWork;
use Evrent\Devices\Film\QuickFilm;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\GphotoCamera;
use Evrent\Devices\Photos\Apart;
use Evrent\Devices\Photos\ExifTool;
use Evrent\Devices\Photos\FolderSums;
use Evrent\Devices\Photos\Numbered;
use Evrent\Devices\Photos\PhotoFolder;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\Core\Plans;

/**
 * Files whose names are commands, options, patterns and protocols to some program or other: none of them is ever run, and no file is changed.
 */
final class HostileNamesTest extends TestCase
{
    use NumberedPhotos {
        setUp as private makeFolder;
        tearDown as private removeFolder;
    }

    private const NAMES = 500;

    /** What a name is made of; `evrent-canary` is a command that leaves a mark when it is run. */
    private const PIECES = [
        "\n", "\r\n", "\t", "\x1b[2J", "\x7f", "\u{2028}", "\xff", '-', '--', '-if', "\n-if\nsystem('evrent-canary')\n", "\n-Comment=changed\n", "\n-overwrite_original\n",
        '$(evrent-canary)', '`evrent-canary`', '|evrent-canary', 'evrent-canary|', ';evrent-canary;', '&& evrent-canary', '%d', '%06d', '%s', "'", '"', '\\', '@', '=',
        ' ', '*', '?', '[a]', '{b,c}', '#', '~', ':', 'file:', 'concat:a|b', 'pipe:0', 'subfile,,start,0,end,1,,:', 'http:', '<', '>', '^', '=cmd|x', '£ é 塩 田',
        "\u{202e}gpj", '..', 'a', 'EVR_0001', 'DSC',
    ];

    /** Known to have broken one program or another. */
    private const KNOWN = [
        "EVR\n-if\nsystem('evrent-canary')\n.JPG", "EVR\n-Comment=changed\ncanary.JPG", '-execute.JPG', '-config.JPG', '@.JPG', 'evrent-canary |.JPG', '%d.JPG', '%06d.JPG',
        "a'b.JPG", 'concat:canary.JPG|canary.JPG', 'pipe:.JPG', ' .JPG', '-.JPG', '--.JPG', "\\n.JPG", '-o x.JPG', '-i canary.JPG', '-y.JPG', "c\nfile 'canary.JPG'.JPG",
    ];

    private string $card;
    private string $path;

    protected function setUp(): void
    {
        $this->makeFolder();
        $this->card = "{$this->folder}/card";
        mkdir("{$this->folder}/bin");
        mkdir($this->card);
        file_put_contents("{$this->folder}/bin/evrent-canary", "#!/bin/sh\necho run >>'{$this->folder}/canary-was-run'\n");
        chmod("{$this->folder}/bin/evrent-canary", 0o755);
        $this->path = (string) getenv('PATH');
        putenv("PATH={$this->folder}/bin:{$this->path}");
    }

    protected function tearDown(): void
    {
        putenv("PATH={$this->path}");
        $this->removeFolder();
    }

    #[Group('turn-2')]
    public function testNoNameIsEverRunAndNoFileChanged(): void
    {
        $this->fill(self::names());
        $before = $this->card();
        $found = PhotoFolder::files($this->card);
        self::assertCount(self::NAMES + 1, [...$found['photos'], ...$found['unnamed']]);
        self::assertGreaterThan(50, count($found['unnamed']));
        self::assertSame([], array_filter([...$found['photos'], ...$found['unnamed']], static fn (string $name): bool => !FileName::isPlain($name)));
        // Whoever lists a folder otherwise has the others too: they are handed over like any.
        $all = array_keys($before);
        $read = ExifTool::begin($this->card, $all);
        $told = json_decode(trim(str_replace("]\n[", ',', $read->told($all))), true, 8, JSON_THROW_ON_ERROR);
        self::assertIsArray($told);
        self::assertEqualsCanonicalizing($found['photos'], array_column($told, 'SourceFile'));
        foreach ($told as $object) {
            self::assertIsArray($object);
            self::assertSame('image/jpeg', $object['MIMEType']);
        }
        self::assertCount(count($all) - count($found['photos']), $read->left($all));
        ExifTool::thumbnails($this->card, $all);
        $looked = Apart::look($this->card, $found['photos'], 0, count($found['photos']), true, 200, 60.0, static fn () => null);
        self::assertEqualsCanonicalizing($found['photos'], array_keys($looked->lumas));
        foreach (array_slice($all, 0, 4) as $name) {
            Apart::small("{$this->card}/{$name}", 200);
            ExifTool::thumbnail("{$this->card}/{$name}");
        }
        $this->assertNothingHappened($before);
    }

    #[Group('turn-3')]
    public function testFilmsListsAndCopiesAreMadeOfThem(): void
    {
        $this->fill(self::names());
        $before = $this->card();
        $photos = PhotoFolder::files($this->card)['photos'];
        $files = array_combine(range(1, count($photos)), $photos);
        $paths = array_map(fn (string $file): string => "{$this->card}/{$file}", $files);
        // Every third is left out, so that its neighbours lie over each other.
        $left = range(2, count($photos) - 1, 3);
        $frames = Frames::of(new Clip(Holes::Blended, size: Size::Full, shape: 1.6), count($photos), $left);
        $making = new FilmWork($frames, array_diff_key($paths, array_flip($left)));
        [$width, $height] = $making->size();
        // Blends take a process each: of them, the first few are enough.
        $few = Frames::of(new Clip(Holes::Blended, in: 1, out: 20, size: Size::Full, shape: 1.6), count($photos), $left);
        $film = (new FilmWork($few, array_diff_key($paths, array_flip($left))))->make(new Film($few, $width, $height, []), "{$this->folder}/work");
        self::assertNotNull($film);
        self::assertCount(20, $this->framesOf($film));
        $whole = Frames::of(new Clip(size: Size::Full, shape: 1.6), count($photos));
        mkdir("{$this->folder}/quick");
        $quick = QuickFilm::of($whole, $paths)->make("{$this->folder}/quick", static fn (int $w, int $h, Frames $some): Film => new Film($some, $w, $h, [], true));
        self::assertFileExists($quick);

        $material = new Material(Schedule::of(Plans::with(['/timing/photos' => count($photos)])), $paths);
        $names = [];
        foreach ($paths as $number => $path) {
            $names[$material->linkName($number)] = $path;
        }
        foreach ([true, false] as $areCopies) {
            $sums = Numbered::make($names, "{$this->folder}/numbered-" . (int) $areCopies, $areCopies);
            self::assertCount(count($photos), $sums->sums ?? []);
        }
        $manifest = FolderSums::of($this->card);
        self::assertCount(self::NAMES + 1, $manifest->sums);
        file_put_contents("{$this->folder}/sums", $manifest->text());
        (new Process(['sha256sum', '--check', '--quiet', '--strict', '../sums'], $this->card))->mustRun();
        self::assertEquals($manifest, Manifest::read($manifest->text()));

        $lines = explode("\n", rtrim(Ffconcat::of($material, $whole)));
        self::assertCount(1 + 2 * count($photos), $lines);
        file_put_contents("{$this->folder}/list.ffconcat", implode("\n", $lines));
        (new Process(['ffmpeg', '-v', 'error', '-f', 'concat', '-safe', '0', '-protocol_whitelist', 'file', '-i', 'list.ffconcat', '-f', 'null', '-'], $this->folder))->run();
        self::assertSame([], preg_grep('/[\x00-\x08\x0b\x0c\x0e-\x1f]/', [Cmx3600::of($material, $whole), Otio::of($material, $whole, Words::say(...))]));
        foreach (array_keys($paths) as $number) {
            self::assertNotFalse(@simplexml_load_string(Xmp::of($material, $number, Words::say(...))));
        }
        $this->assertNothingHappened($before);
    }

    /** Names that somebody else wrote into a list come no farther than to whoever reads it. */
    public function testNamesInOtherPeoplesListsAreRefusedOrLeftOut(): void
    {
        foreach (self::names() as $name) {
            $card = CardPhotos::fromExifTool(json_encode([['SourceFile' => $name, 'MIMEType' => 'image/jpeg']], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
            $isPlain = FileName::isPlain(mb_scrub($name));
            self::assertSame($isPlain ? 0 : 1, count($card->skipped), $name);
            self::assertTrue(FileName::isPlain($card->skipped[0]['file'] ?? ''));
            $match = json_encode(['format' => MatchJson::FORMAT, 'photos' => ['1' => mb_scrub($name)]], JSON_THROW_ON_ERROR);
            try {
                self::assertSame([1 => mb_scrub($name)], MatchJson::files($match, 1));
                self::assertTrue($isPlain);
            } catch (InvalidInput $invalid) {
                self::assertFalse($isPlain);
                self::assertTrue(FileName::isPlain((string) $invalid->problems[0]->message));
            }
        }
    }

    /** gphoto2's shell takes a line for a command, and has no quoting: names that a camera tells are said there only where they are plain. */
    public function testNamesFromACameraAreNoCommands(): void
    {
        $said = "{$this->folder}/said";
        $shell = "#!/bin/sh\nprintf 'gphoto2: {/} /> '\nwhile read -r line; do printf '%s\\n' \"\$line\" >>'{$said}'; printf 'gphoto2: {/} /> '; done\n";
        file_put_contents("{$this->folder}/bin/gphoto2", $shell);
        chmod("{$this->folder}/bin/gphoto2", 0o755);
        $camera = new GphotoCamera('usb:');
        $camera->connect();
        foreach (self::names() as $name) {
            self::assertNull($camera->thumbnail("/store/DCIM/{$name}"));
        }
        self::assertNull($camera->thumbnail('/store/DCIM/EVR_0001.JPG'));
        $camera->disconnect();
        $lines = array_unique(explode("\n", (string) file_get_contents($said)));
        self::assertContains('get-thumbnail /store/DCIM/EVR_0001.JPG', $lines);
        self::assertSame([], preg_grep('~^(get-config batterylevel|get-thumbnail [\w./-]+|)$~D', $lines, PREG_GREP_INVERT));
    }

    /** What gphoto2 says on its error output is what the camera says. */
    public function testWhatWentWrongWithACameraIsToldInItsOwnWords(): void
    {
        $shell = "#!/bin/sh\nprintf 'gphoto2: {/} /> '\nwhile read -r line; do case \$line in"
            . " trigger-capture) printf '*** Error: No space left on the storage ***\\n' >&2; sleep 0.05 ;; get-config\\ iso) exit 1 ;; esac; printf 'gphoto2: {/} /> '; done\n";
        file_put_contents("{$this->folder}/bin/gphoto2", $shell);
        chmod("{$this->folder}/bin/gphoto2", 0o755);
        $camera = new GphotoCamera('usb:');
        $camera->connect();
        try {
            $camera->fire();
            self::fail('it fired');
        } catch (DeviceRefused $refused) {
            self::assertSame('devices.camera.refused(why: No space left on the storage.)', $refused->getMessage());
        }
        self::assertNull($camera->batteryPercent());
        $camera->disconnect();
        file_put_contents("{$this->folder}/bin/gphoto2", "#!/bin/sh\necho '*** Error: Could not find the requested device on the USB port ***' >&2\nsleep 0.1\nexit 1\n");
        $this->expectExceptionObject(new DeviceGone('devices.camera.not_responding_why(why: Could not find the requested device on the USB port.)'));
        (new GphotoCamera('usb:'))->connect();
    }

    /** @param array<array-key, mixed> $before */
    private function assertNothingHappened(array $before): void
    {
        self::assertFileDoesNotExist("{$this->folder}/canary-was-run");
        self::assertSame($before, $this->card());
        self::assertSame([], (array) glob(dirname(__DIR__, 2) . '/*canary*'));
    }

    /** @return array<string, array{string, int}> checksum and time of each file, by its name */
    private function card(): array
    {
        clearstatcache();
        $files = [];
        foreach ((array) scandir($this->card) as $name) {
            if (is_file("{$this->card}/{$name}")) {
                $files[(string) $name] = [(string) hash_file('xxh64', "{$this->card}/{$name}"), (int) filemtime("{$this->card}/{$name}")];
            }
        }

        return $files;
    }

    /** @param list<string> $names */
    private function fill(array $names): void
    {
        $photo = $this->numbered(0b10101010);
        foreach ([...$names, 'canary.JPG'] as $name) {
            copy($photo, "{$this->card}/{$name}");
        }
    }

    /** @return list<string> of this run's seed, the known ones among them */
    private static function names(): array
    {
        $chance = new Randomizer(new Xoshiro256StarStar((int) getenv('EVRENT_TEST_SEED')));
        $names = array_fill_keys(self::KNOWN, true);
        while (count($names) < self::NAMES) {
            $name = '';
            foreach (range(0, $chance->getInt(0, 4)) as $_) {
                $name .= self::PIECES[$chance->getInt(0, count(self::PIECES) - 1)];
            }
            // Now and then as long as a name may be.
            $name = $chance->getInt(0, 19) === 0 ? str_pad($name, 251, '塩') : $name;
            $name = str_replace(['/', "\0"], '', mb_strcut($name, 0, 251, '8bit')) . '.JPG';
            if ($name[0] !== '.' && $name !== 'canary.JPG') {
                $names[$name] = true;
            }
        }

        return array_map(strval(...), array_keys($names));
    }
}
