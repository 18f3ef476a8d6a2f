<?php

declare(strict_types=1);

namespace Tests\Cli;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Core\Plans;

/**
 * Files for other programs, read by those programs.
 */
final class ExportCommandTest extends TestCase
{
    use RunsEvrent;

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/evrent-export-' . bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->mustRun();
    }

    /** Each photo carries its number in its pixels: ffmpeg makes the clip of the list, and ffprobe and the pixels say what came of it. */
    public function testFfmpegMakesTheClipOfItsList(): void
    {
        $photos = [];
        foreach (range(1, 100) as $number) {
            $photos[$number] = in_array($number, [31, 32], true) ? null : "it's {$number}.jpg";
            if ($photos[$number] !== null) {
                $this->numbered($photos[$number], $number);
            }
        }
        file_put_contents("{$this->folder}/match.json", json_encode(['format' => 'evrent.match/1', 'photos' => $photos], JSON_THROW_ON_ERROR));
        file_put_contents("{$this->folder}/clip.json", json_encode([
            'format' => 'evrent.clip/1', 'in' => 21, 'out' => 90, 'rate' => '23.976', 'reversed' => true, 'speeds' => [['from' => 61, 'to' => 80, 'factor' => 2]],
        ], JSON_THROW_ON_ERROR));
        [$code, $list, $errors] = self::evrent(['export', '-', 'ffconcat', "--match={$this->folder}/match.json", "--clip={$this->folder}/clip.json"], self::plan());
        self::assertSame([0, ''], [$code, $errors]);
        file_put_contents("{$this->folder}/list.ffconcat", $list);
        $make = ['ffmpeg', '-v', 'error', '-safe', '0', '-f', 'concat', '-i', 'list.ffconcat', '-r', '24000/1001', '-fps_mode', 'cfr', '-pix_fmt', 'yuv420p', 'clip.mp4'];
        (new Process($make, $this->folder))->mustRun();
        $probe = ['ffprobe', '-v', 'error', '-count_frames', '-show_entries', 'stream=nb_read_frames,r_frame_rate,width,height', '-of', 'csv=p=0', 'clip.mp4'];
        self::assertSame('320,200,24000/1001,60', trim((new Process($probe, $this->folder))->mustRun()->getOutput()));
        (new Process(['ffmpeg', '-v', 'error', '-i', 'clip.mp4', 'frame-%d.png'], $this->folder))->mustRun();
        $shown = array_map(fn (int $frame): int => $this->read("frame-{$frame}.png"), range(1, 60));
        self::assertSame([...range(90, 81), ...range(79, 61, -2), ...range(60, 33), 30, 30, ...range(30, 21)], $shown);
    }

    public function testExiftoolReadsASidecar(): void
    {
        [$code, $xmp] = self::evrent(['export', '-', 'xmp', '--photo=3'], self::plan());
        self::assertSame(0, $code);
        file_put_contents("{$this->folder}/a.xmp", $xmp);
        $told = (new Process(['exiftool', '-json', '-Rating', '-Title', '-TransmissionReference', '-Warning', '-Error', 'a.xmp'], $this->folder))->mustRun()->getOutput();
        self::assertEquals([[
            'SourceFile' => 'a.xmp', 'Rating' => 0, 'Title' => 'Flood tide, photo 3', 'TransmissionReference' => '3 of 100',
        ]], json_decode($told, true, 8, JSON_THROW_ON_ERROR));
    }

    /** Beside photos that flicker, each file says by how much its photo has to be brighter; beside those that do not, none says so. */
    public function testAFileForEveryPhotoSaysHowFarItIsFromLevel(): void
    {
        foreach ([0.3, 0.0] as $amount) {
            $stops = array_combine(range(1, 100), array_map(static fn (int $n): float => $amount * ($n % 2 === 0 ? 1.0 : -1.0), range(1, 100)));
            $photos = array_map(static fn (int $n): string => "EVR_{$n}.DNG", array_combine(range(1, 100), range(1, 100)));
            $match = ['format' => 'evrent.match/1', 'photos' => $photos, 'brightness_stops' => $stops];
            file_put_contents("{$this->folder}/match.json", json_encode($match, JSON_THROW_ON_ERROR));
            $to = "{$this->folder}/xmp-" . ($amount > 0.0 ? 'flickers' : 'steady');
            self::assertSame([0, '', ''], self::evrent(['export', '-', 'xmp', "--match={$this->folder}/match.json", "--to={$to}"], self::plan()));
            self::assertCount(100, (array) glob("{$to}/*.xmp"));
            $told = (new Process(['exiftool', '-json', '-Exposure2012', '-Error', '-Warning', "{$to}/Flood-tide_000050.xmp"]))->mustRun()->getOutput();
            $exif = json_decode($told, true, 8, JSON_THROW_ON_ERROR);
            assert(is_array($exif) && is_array($exif[0]));
            self::assertSame([], array_intersect_key($exif[0], ['Error' => 0, 'Warning' => 0]));
            $is = $exif[0]['Exposure2012'] ?? 0.0;
            self::assertEqualsWithDelta(-$amount, is_numeric($is) ? (float) $is : NAN, 0.06);
        }
        // What is there is not written over.
        [$code, , $errors] = self::evrent(['export', '-', 'xmp', "--match={$this->folder}/match.json", "--to={$this->folder}"], self::plan());
        self::assertSame(2, $code);
        self::assertStringContainsString('--to: ', $errors);
    }

    public function testPhotosGoOutAsLinksAndCopiesUnderTheirNumbers(): void
    {
        mkdir("{$this->folder}/card");
        foreach ([3, 4, 7] as $n) {
            $this->numbered("card/EVR_{$n}.jpg", $n);
        }
        $photos = [3 => 'EVR_3.jpg', 4 => 'EVR_4.jpg', 5 => null, 7 => 'EVR_7.jpg'];
        file_put_contents("{$this->folder}/match.json", json_encode(['format' => 'evrent.match/1', 'photos' => $photos], JSON_THROW_ON_ERROR));
        foreach (['links', 'copies'] as $kind) {
            $to = "{$this->folder}/{$kind}";
            $arguments = ['export', '-', $kind, "--match={$this->folder}/match.json", "--card={$this->folder}/card", "--to={$to}"];
            self::assertSame([0, '', ''], self::evrent($arguments, self::plan()));
            self::assertSame(['Flood-tide_000003.jpg', 'Flood-tide_000004.jpg', 'Flood-tide_000007.jpg', 'SHA256SUMS'], self::namesIn($to));
            (new Process(['sha256sum', '--check', '--quiet', 'SHA256SUMS'], $to))->mustRun();
            self::assertSame($kind === 'links', is_link("{$to}/Flood-tide_000003.jpg"));
            self::assertSame(2, self::evrent($arguments, self::plan())[0]);
        }
        // One that went away: nothing is left half-made.
        unlink("{$this->folder}/card/EVR_7.jpg");
        $again = ['export', '-', 'copies', "--match={$this->folder}/match.json", "--card={$this->folder}/card", "--to={$this->folder}/again"];
        [$code, , $errors] = self::evrent($again, self::plan());
        self::assertSame(2, $code);
        self::assertStringContainsString('EVR_7.jpg', $errors);
        self::assertSame([], glob("{$this->folder}/again*"));
        self::assertSame([], glob("{$this->folder}/.evrent-part-*"));
        // A folder of somebody's own beside it stays as it is.
        mkdir("{$this->folder}/beside.part");
        file_put_contents("{$this->folder}/beside.part/mine.txt", 'mine');
        self::assertSame(0, self::evrent(['export', '-', 'xmp', "--to={$this->folder}/beside"], self::plan())[0]);
        self::assertSame('mine', file_get_contents("{$this->folder}/beside.part/mine.txt"));
        self::assertSame(2, self::evrent(['export', '-', 'links', "--to={$this->folder}/no"], self::plan())[0]);
        self::assertSame(2, self::evrent(['export', '-', 'links', "--match={$this->folder}/match.json"], self::plan())[0]);
    }

    #[Group('long')]
    public function testTheSameIsWrittenTwice(): void
    {
        foreach (['ffconcat', 'otio', 'cmx3600', 'xmp', 'gltf', 'csv', 'gcode', 'pass', 'ics', 'plan', 'schedule', 'clip'] as $format) {
            [$code, $once] = self::evrent(['export', '-', $format], self::plan());
            self::assertSame(0, $code);
            self::assertSame($once, self::evrent(['export', '-', $format], self::plan())[1]);
        }
    }

    public function testWrongInputIsRefusedInALine(): void
    {
        file_put_contents("{$this->folder}/none.json", '{"format": "evrent.match/1", "photos": {"1": null}}');
        file_put_contents("{$this->folder}/far.json", '{"format": "evrent.match/1", "photos": {"101": "a.jpg"}}');
        file_put_contents("{$this->folder}/clip.json", '{"format": "evrent.clip/1", "rate": "0"}');
        foreach (
            [
            [['export', '-', 'gif'], 'FORMAT: choose one of'], [['export', '-', 'xmp', '--photo=101'], '--photo: enter a photo number'],
            [['export', '-', 'otio', '--match=/nowhere'], '--match'], [['export', '-', 'otio', "--match={$this->folder}/none.json"], 'No usable photo'],
            [['export', '-', 'otio', "--match={$this->folder}/far.json"], '/photos/101'], [['export', '-', 'otio', "--match={$this->folder}/clip.json"], '/format'],
            [['export', '-', 'csv', "--clip={$this->folder}/clip.json"], '/rate: Choose one of: 23.976'],
            ] as [$arguments, $says]
        ) {
            [$code, $out, $errors] = self::evrent($arguments, self::plan());
            self::assertSame([2, ''], [$code, $out]);
            self::assertStringContainsString($says, $errors);
            self::assertSame(1, substr_count($errors, "\n"));
        }
    }

    /** @return list<string> */
    private static function namesIn(string $folder): array
    {
        $found = scandir($folder);

        return $found === false ? [] : array_values(array_diff($found, ['.', '..']));
    }

    private static function plan(): string
    {
        return Plans::json([
            '/title' => 'Flood tide', '/timing/photos' => 100, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/pass/duration_s' => 60,
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '17:50'],
        ]);
    }

    /** Eight bars, white for a 1 of the number. */
    private function numbered(string $name, int $number): void
    {
        $image = imagecreatetruecolor(320, 200);
        assert($image !== false);
        for ($bit = 0; $bit < 8; $bit++) {
            imagefilledrectangle($image, 40 * $bit, 0, 40 * $bit + 39, 199, ($number >> $bit & 1) === 1 ? 0xffffff : 0);
        }
        imagejpeg($image, "{$this->folder}/{$name}");
    }

    private function read(string $name): int
    {
        $image = imagecreatefrompng("{$this->folder}/{$name}");
        assert($image !== false);
        $number = 0;
        for ($bit = 0; $bit < 8; $bit++) {
            $number |= ((int) imagecolorat($image, 40 * $bit + 20, 100) & 0xff) > 127 ? 1 << $bit : 0;
        }

        return $number;
    }
}
