<?php

declare(strict_types=1);

namespace Tests\Cli;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;

/**
 * The program as others run it: a process with arguments, standard input, exit code and two outputs.
 */
final class CommandLineTest extends TestCase
{
    /**
     * @param list<string> $arguments
     *
     * @return array{int, string, string} exit code, standard output, standard error
     */
    private static function evrent(array $arguments, string $stdin = ''): array
    {
        $process = proc_open([PHP_BINARY, '-d', 'memory_limit=200M', dirname(__DIR__, 2) . '/bin/evrent', ...$arguments], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], $stdin);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $errors = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $errors];
    }

    private static function fixture(string $name): string
    {
        return dirname(__DIR__) . "/fixtures/{$name}";
    }

    public function testScheduleGivesTheExampleAsJson(): void
    {
        foreach (['1-two-keyframes', '2-three-keyframes-flow', '3-overrun-with-hold'] as $name) {
            [$code, $out, $errors] = self::evrent(['schedule', self::fixture("{$name}.plan.json")]);
            self::assertSame([0, ''], [$code, $errors]);
            self::assertEqualsWithDelta(
                json_decode(Plans::fixture("{$name}.schedule.json"), true, 16, JSON_THROW_ON_ERROR),
                json_decode($out, true, 16, JSON_THROW_ON_ERROR),
                1e-9,
            );
        }
    }

    public function testScheduleReadsStandardInputAndWritesCsv(): void
    {
        [$code, $out] = self::evrent(['schedule', '-', '--format=csv'], Plans::json([]));
        self::assertSame(0, $code);
        $lines = explode("\n", trim($out));
        self::assertCount(241, $lines);
        self::assertStringStartsWith('frame,phase,trigger_s', $lines[0]);
    }

    public function testCheckSaysWhetherTheShotWorksByItsExitCodeToo(): void
    {
        [$code, $out] = self::evrent(['check', self::fixture('1-two-keyframes.plan.json')]);
        self::assertSame(0, $code);
        self::assertStringContainsString('This shot works.', $out);
        [$code, $out] = self::evrent(['check', '-'], Plans::json(['/timing/interval_s' => 2]));
        self::assertSame(1, $code);
        self::assertStringContainsString('T1', $out);
        self::assertStringContainsString('→ Take one every 2.5 s', $out);
        [$code, $out] = self::evrent(['check', '--format=json', '-'], Plans::json(['/timing/interval_s' => 2]));
        self::assertSame(1, $code);
        /** @var array{works: bool, findings: list<array{id: string}>} $report */
        $report = json_decode($out, true, 16, JSON_THROW_ON_ERROR);
        self::assertFalse($report['works']);
        self::assertSame(['T1', 'T6'], array_column($report['findings'], 'id'));
        self::assertStringContainsString('"changes": {
                        "/timing/interval_s": 2.5
                    }', $out);
    }

    public function testSolveReadsTimesAsPeopleTypeThem(): void
    {
        [$code, $out] = self::evrent(['solve', '--fps=24', '--clip=20', '--shooting=1h30m']);
        self::assertSame(0, $code);
        self::assertSame("480 photos, one every 11.2 s: 1 h 30 min of shooting, 20 s of clip at 24 fps.\n", $out);
        [, $out] = self::evrent(['solve', '--photos=480', '--interval=0:08', '--format=json']);
        /** @var array<string, float> $solution */
        $solution = json_decode($out, true, 4, JSON_THROW_ON_ERROR);
        self::assertEquals(3840, $solution['shooting_s']);
    }

    public function testSimulateIsTheSameForTheSameSeed(): void
    {
        $plan = self::fixture('3-overrun-with-hold.plan.json');
        self::assertSame(self::evrent(['simulate', $plan, '--seed=9']), self::evrent(['simulate', $plan, '--seed=9']));
        self::assertNotSame(self::evrent(['simulate', $plan, '--seed=9']), self::evrent(['simulate', $plan, '--seed=10']));
    }

    public function testHelpNamesTheCommandsAndTheirOptions(): void
    {
        [$code, $out] = self::evrent(['--help']);
        self::assertSame(0, $code);
        [$code, $out] = self::evrent(['list']);
        foreach (['schedule', 'check', 'solve', 'simulate'] as $command) {
            self::assertStringContainsString($command, $out);
            self::assertSame(0, self::evrent([$command, '--help'])[0]);
        }
    }

    /**
     * @return iterable<string, array{list<string>, string, string}>
     */
    public static function badInput(): iterable
    {
        yield 'no such command' => [['frobnicate'], '', 'frobnicate'];
        yield 'no plan' => [['schedule'], '', 'plan'];
        yield 'no such file' => [['schedule', '/nowhere.json'], '', 'PLAN'];
        yield 'a folder' => [['check', '/tmp'], '', 'PLAN'];
        yield 'no such option' => [['schedule', '-', '--colour=red'], '{}', 'colour'];
        yield 'no such format' => [['schedule', '-', '--format=xml'], '{}', '--format'];
        yield 'not JSON' => [['schedule', '-'], 'hello', 'JSON'];
        yield 'nothing' => [['check', '-'], '', 'JSON'];
        yield 'an impossible value' => [['check', '-'], Plans::json(['/timing/photos' => -1]), '/timing/photos'];
        yield 'several impossible values' => [['check', '-'], Plans::json(['/timing/photos' => -1, '/rig/settle_s' => 'x']), 'and 1 more'];
        yield 'an unknown field with a line break' => [['check', '-'], Plans::json(["/a\nb" => 1]), '/a b'];
        yield 'one of two' => [['solve', '--clip=20'], '', '--shooting'];
        yield 'no number' => [['solve', '--clip=long', '--interval=3'], '', '--clip'];
        yield 'half a photo' => [['solve', '--photos=2.5', '--interval=3'], '', '--photos'];
        yield 'a bad seed' => [['simulate', '-', '--seed=abc'], Plans::json([]), '--seed'];
        yield 'no fault list' => [['simulate', '-', '--faults=/nowhere'], Plans::json([]), '--faults'];
        yield 'a plan as fault list' => [['simulate', self::fixture('1-two-keyframes.plan.json'), '--faults=' . self::fixture('1-two-keyframes.plan.json')], '', '/format'];
    }

    /**
     * @param list<string> $arguments
     */
    #[DataProvider('badInput')]
    public function testBadInputIsExitCodeTwoAndOneLineThatNamesTheField(array $arguments, string $stdin, string $names): void
    {
        [$code, $out, $errors] = self::evrent($arguments, $stdin);
        self::assertSame(2, $code, $errors);
        self::assertSame('', $out);
        self::assertMatchesRegularExpression('/\Aevrent: [^\n]+\n\z/', $errors);
        self::assertStringContainsString($names, $errors);
    }

    public function testMangledPlansNeverBringItDown(): void
    {
        $random = new Randomizer(new Mt19937(23));
        $json = Plans::json([]);
        $pieces = ['', '"', '{', '}', '[', ']', ',', '-', '1e999', 'null', '0', '99999999999999999999', "\x00", "\xff", '{"a":1}', '\\ud800'];
        for ($i = 0; $i < 40; $i++) {
            $mangled = substr_replace($json, $pieces[$random->getInt(0, count($pieces) - 1)], $random->getInt(0, strlen($json) - 1), $random->getInt(0, 9));
            [$code, $out, $errors] = self::evrent(['check', '-'], $mangled);
            self::assertContains($code, [0, 1, 2]);
            self::assertSame($code === 2, $out === '', $mangled);
            self::assertSame($code === 2, $errors !== '', $mangled);
            self::assertStringNotContainsString('Stack trace', $errors);
        }
    }
}
