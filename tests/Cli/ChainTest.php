<?php

declare(strict_types=1);

namespace Tests\Cli;

use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Schedule\Schedule;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Core\Plans;
use Tests\Devices\DeviceProcess;

/**
 * The chain on the command line alone: two different takes onto one card, on devices that know nothing of either plan, and read back.
 */
final class ChainTest extends TestCase
{
    private const MOST_STOPS = 0.2;

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/evrent-chain-' . bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        exec('rm -rf ' . escapeshellarg($this->folder));
    }

    public function testTwoTakesOnOneCardAreEachShotAsPlannedAndReadBackAsShot(): void
    {
        $short = ['/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/photos' => 24];
        $plans = [
            'even' => Plans::with(['/timing/exposure_s' => 0.5, '/timing/interval_s' => 7, '/light' => ['aperture' => 8, 'iso' => 200]] + $short),
            'ramp' => Plans::with([
                '/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.35], ['at' => 1, 'exposure_s' => 3.6]], '/timing/interval_s' => 9,
                '/light' => ['aperture' => 5.6, 'iso' => 100, 'iso_changes' => [['frame' => 13, 'iso' => 200]]],
            ] + $short),
        ];
        $camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$this->folder}/card", '--speed=60']);
        $rig = new DeviceProcess(['rig', '--port=0', "--trigger={$camera->second}", '--speed=60']);
        $objects = ['even' => [], 'ramp' => []];
        $isLate = [];
        foreach ($plans as $name => $plan) {
            file_put_contents("{$this->folder}/{$name}.json", PlanWriter::toJson($plan));
            $said = $this->evrent('run', "{$this->folder}/{$name}.json", "--rig={$rig->address}", "--camera=ptp:{$camera->address}", "--log={$this->folder}/{$name}.log", '--fix', '--force');
            self::assertSame("complete: 24 photos triggered\n", $said);
            $lines = TakeLogLines::read((string) file_get_contents("{$this->folder}/{$name}.log"))['lines'];
            $alarms = array_filter($lines, static fn (LogLine $line): bool => $line->kind === LogKind::Alarm && !in_array($line->text('about'), ['late', 'machine'], true));
            self::assertSame([], array_map(static fn (LogLine $line): string => (string) $line->words('says'), $alarms), $name);
            $isLate[$name] = array_filter($lines, static fn (LogLine $line): bool => in_array($line->text('about'), ['late', 'machine'], true)) !== [];
            foreach ($lines as $line) {
                if ($line->kind === LogKind::Confirmed && $line->photo !== null) {
                    $objects[$name][$line->photo] = (string) preg_replace('~^/store_[0-9a-f]+~i', '', (string) $line->text('object'));
                }
            }
        }
        // Left to itself for a moment, with the card in a reader: nothing of it says which take is which but the photos.
        $told = (new Process(['exiftool', '-json', '-n', '-r', "{$this->folder}/card"]))->mustRun()->getOutput();
        file_put_contents("{$this->folder}/told.json", $told);
        /** @var list<array{SourceFile: string, ExposureTime: float, FNumber: float, ISO: int}> $exif */
        $exif = json_decode($told, true, 16, JSON_THROW_ON_ERROR);
        $exif = array_column($exif, null, 'SourceFile');
        // The log of the other take is no help, and says so.
        $mixed = new Process([PHP_BINARY, dirname(__DIR__, 2) . '/bin/evrent', 'photos', "{$this->folder}/even.json", "{$this->folder}/told.json", "--log={$this->folder}/ramp.log"]);
        self::assertSame(2, $mixed->run());
        self::assertStringContainsString('--log: this log is of another plan.', $mixed->getErrorOutput());
        foreach ($plans as $name => $plan) {
            $this->isExposedAsPlanned($plan, array_map(fn (string $object): array => $exif["{$this->folder}/card{$object}"], $objects[$name]), $name);
            foreach (['with its log' => ["--log={$this->folder}/{$name}.log"], 'without' => []] as $how => $log) {
                /** @var array{photos: array<int, ?string>} $match */
                $match = json_decode($this->evrent('photos', "{$this->folder}/{$name}.json", "{$this->folder}/told.json", '--format=json', ...$log), true, 16, JSON_THROW_ON_ERROR);
                $files = array_map(fn (?string $file): ?string => $file === null ? null : str_replace("{$this->folder}/card", '', $file), $match['photos']);
                $found = array_filter($files, is_string(...));
                if ($log !== [] || !$isLate[$name]) {
                    self::assertSame($objects[$name], $found, "{$name} {$how}");
                }
                // A busy machine shot it at other times than planned, and only its log knows which: without it photos may be an interval off. None is of the
                // other take all the same, and they are in their order.
                $ofTheTake = array_values(array_intersect($objects[$name], $found));
                self::assertSame($ofTheTake, array_values($found), "{$name} {$how}");
            }
        }
    }

    /**
     * @param array<int, array{ExposureTime: float, FNumber: float, ISO: int}> $exif by number
     */
    private function isExposedAsPlanned(Plan $plan, array $exif, string $name): void
    {
        $schedule = Schedule::of($plan);
        self::assertSame(range(1, 24), array_keys($exif), $name);
        foreach ($exif as $photo => $is) {
            $seconds = $schedule->exposureSeconds[$photo - 1];
            self::assertLessThan(self::MOST_STOPS, abs(log($is['ExposureTime'] / $seconds, 2)), "{$name}, photo {$photo}: {$is['ExposureTime']} s for {$seconds} s");
            self::assertEqualsWithDelta([$plan->light?->aperture, $plan->light?->isoAt($photo - 1)], [$is['FNumber'], $is['ISO']], 0.01, "{$name}, photo {$photo}");
        }
    }

    private function evrent(string ...$arguments): string
    {
        $process = new Process([PHP_BINARY, dirname(__DIR__, 2) . '/bin/evrent', ...$arguments], timeout: 60.0);
        $process->mustRun();

        return $process->getOutput();
    }
}
