<?php

declare(strict_types=1);

namespace Tests\Cli;

use Evrent\Cli\Program;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * Mangled plans, thousands in the long run, through every command: each is either done or refused in one sentence, without a warning, in
 * little memory.
 */
final class FuzzTest extends TestCase
{
    private const MOST_MEGABYTES = 200;

    private const ODD_VALUES = [
        null, true, false, 0, -1, 1, 1.5, 2, 1e300, -1e300, 1e-300, PHP_INT_MAX, PHP_INT_MIN, '', ' ', '8', '1e999', "\0", 'é', 'stop_motion', 'camera_timer',
        [], [[]], [0, 1], ['at' => 0], [['at' => 0, 'interval_s' => 1]], [['at' => 0, 'exposure_s' => 1], ['at' => 1, 'exposure_s' => 0]], 9_999, 200_000,
    ];

    private const ODD_NAMES = ['at', 'trigger', 'optics', 'thresholds', 'easing', 'camera_interval_s', 'x', 'a/b', 'a~b', '', 'é', "\n"];

    private string $path = '';

    protected function setUp(): void
    {
        $this->path = (string) tempnam(sys_get_temp_dir(), 'evrent-fuzz-');
        set_error_handler(static function (int $level, string $message): never {
            self::fail("a warning: {$message}");
        });
    }

    protected function tearDown(): void
    {
        restore_error_handler();
        unlink($this->path);
    }

    /**
     * @return array{int, string} exit code and what was said
     */
    private function evrent(string $command, string $plan): array
    {
        file_put_contents($this->path, $plan);
        $output = new BufferedOutput();
        $format = $command === 'schedule' ? ['--format' => ['json', 'csv'][strlen($plan) % 2]] : [];
        $code = Program::run(new ArrayInput(['command' => $command, 'plan' => $this->path] + $format), $output);

        return [$code, $output->fetch()];
    }

    private function assertDoneOrRefused(string $plan, int $i): bool
    {
        memory_reset_peak_usage();
        [$code, $said] = $this->evrent(['schedule', 'check', 'simulate'][$i % 3], $plan);
        if ($code !== Program::BAD_INPUT) {
            self::assertContains($code, [0, 1], $plan);

            return false;
        }
        self::assertMatchesRegularExpression('~^evrent: (/[^:]*: )?[^\n]+[.)]\n$~D', $said, $plan);
        self::assertStringNotContainsString('Stack trace', $said);
        self::assertLessThan(self::MOST_MEGABYTES * 1e6, memory_get_peak_usage());

        return true;
    }

    public function testTextWithPiecesTornOutAndPutIn(): void
    {
        $json = Plans::json(['/timing/photos' => 20, '/optics' => Plans::OPTICS + ['focal_mm' => 35], '/trigger' => ['by' => 'camera_timer', 'drift_ppm' => 3]]);
        $pieces = ['', '"', '{', '}', '[', ']', ',', ':', '-', '1e999', 'null', '0', '.', '99999', '{}', '""', '\\u0000', "\xff", "\n"];
        $refused = 0;
        $all = Cases::numbers(2_000);
        foreach ($all as $i) {
            $random = new Randomizer(new Mt19937(21_000 + $i));
            $from = $random->getInt(0, strlen($json) - 1);
            $mangled = substr_replace($json, $pieces[$random->getInt(0, count($pieces) - 1)], $from, $random->getInt(0, 12));
            $refused += $this->assertDoneOrRefused($mangled, $i) ? 1 : 0;
        }
        self::assertGreaterThan(0.75 * count($all), $refused);
    }

    public function testValuesOfEveryWrongKindInEveryPlace(): void
    {
        $base = json_decode(Plans::json([
            '/timing/photos' => 20, '/optics' => Plans::OPTICS + ['focal_mm' => 35], '/trigger' => ['by' => 'camera_timer'], '/thresholds' => ['clip_s' => 5],
            '/timing/interval_s' => [['at' => 0, 'interval_s' => 3], ['at' => 1, 'interval_s' => 9]], '/camera/next_file_number' => 9990,
        ]), true, 32, JSON_THROW_ON_ERROR);
        self::assertIsArray($base);
        $refused = 0;
        $all = Cases::numbers(2_500);
        foreach ($all as $i) {
            $document = $this->mangled($base, new Randomizer(new Mt19937(22_000 + $i)));
            $refused += $this->assertDoneOrRefused((string) json_encode($document, JSON_PARTIAL_OUTPUT_ON_ERROR), $i) ? 1 : 0;
        }
        self::assertGreaterThan(0.6 * count($all), $refused);
        self::assertLessThan(count($all), $refused, 'some changes leave a plan that can be');
    }

    /**
     * Goes down at random and changes, adds or takes out one thing.
     *
     * @param array<array-key, mixed> $document
     *
     * @return array<array-key, mixed>
     */
    private function mangled(array $document, Randomizer $random): array
    {
        $names = array_keys($document);
        if ($names === []) {
            return $document;
        }
        $name = $names[$random->getInt(0, count($names) - 1)];
        $below = $document[$name];
        if (is_array($below) && $random->getInt(0, 9) > 0) {
            $document[$name] = $this->mangled($below, $random);

            return $document;
        }
        switch ($random->getInt(0, 3)) {
            case 0:
                unset($document[$name]);
                break;
            case 1:
                $document[self::ODD_NAMES[$random->getInt(0, count(self::ODD_NAMES) - 1)]] = $below;
                break;
            default:
                $document[$name] = self::ODD_VALUES[$random->getInt(0, count(self::ODD_VALUES) - 1)];
        }

        return $document;
    }

    public function testFaultListsToo(): void
    {
        $list = ['format' => 'evrent.faults/1', 'faults' => [
            ['kind' => 'slow_card', 'frame' => 5, 'factor' => 3, 'frames' => 9], ['kind' => 'lost_steps', 'frame' => 7, 'axis' => 'pan', 'steps' => 4],
            ['kind' => 'pause', 'frame' => 9, 'seconds' => 30],
        ]];
        file_put_contents($this->path, Plans::json(['/timing/photos' => 20]));
        $faults = "{$this->path}.faults";
        $refused = 0;
        $all = Cases::numbers(500);
        foreach ($all as $i) {
            file_put_contents($faults, json_encode($this->mangled($list, new Randomizer(new Mt19937(23_000 + $i))), JSON_PARTIAL_OUTPUT_ON_ERROR));
            $output = new BufferedOutput();
            $code = Program::run(new ArrayInput(['command' => 'simulate', 'plan' => $this->path, '--faults' => $faults]), $output);
            self::assertContains($code, [0, Program::BAD_INPUT]);
            $refused += $code === Program::BAD_INPUT ? 1 : 0;
        }
        unlink($faults);
        self::assertGreaterThan(0.6 * count($all), $refused);
    }
}
