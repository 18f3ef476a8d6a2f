<?php

declare(strict_types=1);

namespace Tests\Cli;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * The program as others run it: a process with arguments, standard input, exit code and two outputs.
 */
final class CommandLineTest extends TestCase
{
    use RunsEvrent;

    private static function fixture(string $name): string
    {
        return dirname(__DIR__) . "/fixtures/{$name}";
    }

    public function testScheduleGivesTheExampleAsJson(): void
    {
        foreach (['1-two-keyframes', '2-three-keyframes-flow', '3-overrun-with-hold'] as $name) {
            [$code, $out, $errors] = self::evrent(['schedule', self::fixture("{$name}.plan.json")]);
            self::assertSame([0, ''], [$code, $errors]);
            /** @var array{frames: list<array{frame: int}>} $expected */
            $expected = json_decode(Plans::fixture("{$name}.schedule.json"), true, 16, JSON_THROW_ON_ERROR);
            /** @var array{frames: list<array{frame: int}>} $given */
            $given = json_decode($out, true, 16, JSON_THROW_ON_ERROR);
            $kept = array_column($expected['frames'], 'frame');
            $given['frames'] = array_values(array_filter($given['frames'], static fn (array $frame): bool => in_array($frame['frame'], $kept, true)));
            self::assertEqualsWithDelta($expected, $given, 1e-9);
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
        self::assertStringContainsString('Timing works. Not checked: light, lens, cards and power.', $out);
        [$code, $out] = self::evrent(['check', '-'], Plans::json(['/timing/interval_s' => 2]));
        self::assertSame(1, $code);
        self::assertStringContainsString('T1', $out);
        self::assertStringContainsString('→ Set interval to 2.5 s', $out);
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

    public function testCheckKnowsSkyLightPowerCardsAndLoads(): void
    {
        [$code, $out] = self::evrent(['check', '--format=json', '-'], Plans::json([
            '/site' => Plans::SITE, '/start' => ['event' => 'sunset', 'offset_s' => -3600], '/optics' => Plans::OPTICS + ['focal_mm' => 24],
            '/rig/base' => ['zero_bearing_deg' => 265, 'off_level_deg' => 2, 'toward_deg' => 175], '/light' => ['aperture' => 4],
            '/power' => ['camera' => ['battery_wh' => 0.3], 'rig' => ['battery_wh' => 0.3], 'temperature_c' => -10],
            '/storage' => ['cards_gb' => [1]], '/load' => ['legs_rating_kg' => 2, 'incline_deg' => 70, 'thrust_n' => 10],
        ]));
        self::assertSame(1, $code);
        /** @var array{findings: list<array{id: string, remedies: list<mixed>}>} $report */
        $report = json_decode($out, true, 64, JSON_THROW_ON_ERROR);
        $findings = array_column($report['findings'], null, 'id');
        foreach (['T15' => 'nd', 'R1' => 'level', 'R2' => 'rating', 'R3' => 'incline', 'P1' => 'batteries', 'P2' => 'batteries', 'P3' => 'card', 'S1' => ''] as $id => $remedy) {
            self::assertArrayHasKey($id, $findings);
            self::assertStringContainsString($remedy, json_encode($findings[$id]['remedies'], JSON_THROW_ON_ERROR), $id);
        }
        [, $text] = self::evrent(['check', '-'], Plans::json(['/storage' => ['cards_gb' => [1]]]));
        self::assertStringContainsString('P3', $text);
    }

    public function testSkyAndDayAnswerInJson(): void
    {
        [$code, $out] = self::evrent(['sky', '--lat=38.7', '--lon=-9.1', '--elevation=20', '--at=2026-05-14T22:10:00Z']);
        self::assertSame(0, $code);
        /** @var array<string, array<string, float>> $sky */
        $sky = json_decode($out, true, 8, JSON_THROW_ON_ERROR);
        self::assertSame(['sun', 'moon', 'galactic_centre'], array_keys($sky));
        self::assertSame(['azimuth_deg', 'altitude_deg', 'apparent_altitude_deg', 'lit_fraction'], array_keys($sky['moon'] ?? []));
        [$code, $out] = self::evrent(['day', '--lat=38.7', '--lon=-9.1', '--date=2026-05-14', '--zone=Europe/Lisbon']);
        self::assertSame(0, $code);
        /** @var array{sun: array<string, ?string>, twilight: array<string, mixed>, dark_windows: list<mixed>} $day */
        $day = json_decode($out, true, 8, JSON_THROW_ON_ERROR);
        self::assertMatchesRegularExpression('/^2026-05-14T06:2\d:\d\d\+01:00$/', (string) $day['sun']['rise']);
        self::assertSame(['civil', 'nautical', 'astronomical'], array_keys($day['twilight']));
        self::assertCount(2, $day['dark_windows']);
    }

    /**
     * @return iterable<string, array{list<string>, string}>
     */
    public static function badPlaces(): iterable
    {
        yield 'latitude 95' => [['sky', '--lat=95', '--lon=0', '--at=2026-05-14T22:10:00Z'], '--lat: Enter a latitude'];
        yield 'no longitude' => [['sky', '--lat=5', '--at=2026-05-14T22:10:00Z'], '--lon: enter a longitude'];
        yield 'no time' => [['sky', '--lat=5', '--lon=0'], '--at: Enter a time'];
        yield 'no such time' => [['sky', '--lat=5', '--lon=0', '--at=2026-02-30T00:00:00Z'], '--at: Enter a time'];
        yield 'a time without its offset' => [['sky', '--lat=5', '--lon=0', '--at=2026-02-03T00:00:00'], '--at: Enter a time'];
        yield '30 February' => [['day', '--lat=5', '--lon=0', '--date=2026-02-30'], '--date: Enter an existing date'];
        yield 'an unknown zone' => [['day', '--lat=5', '--lon=0', '--date=2026-02-03', '--zone=Mars/Olympus'], '--zone: Enter a time zone'];
    }

    /**
     * @param list<string> $arguments
     */
    #[DataProvider('badPlaces')]
    public function testPlacesAndTimesThatAreNotAreRefused(array $arguments, string $says): void
    {
        [$code, $out, $errors] = self::evrent($arguments);
        self::assertSame([2, ''], [$code, $out]);
        self::assertStringStartsWith("evrent: {$says}", $errors);
        self::assertSame(1, substr_count($errors, "\n"));
    }

    public function testSolveReadsTimesAsPeopleTypeThem(): void
    {
        [$code, $out] = self::evrent(['solve', '--fps=24', '--clip=20', '--shooting=1h30m']);
        self::assertSame(0, $code);
        self::assertSame("480 photos, interval 11.2 s: run time 1 h 30 min, clip 20 s at 24 fps.\n", $out);
        [, $out] = self::evrent(['solve', '--photos=480', '--interval=0:08', '--format=json']);
        /** @var array<string, float> $solution */
        $solution = json_decode($out, true, 4, JSON_THROW_ON_ERROR);
        self::assertEquals(3840, $solution['shooting_s']);
        [, $out] = self::evrent(['solve', '--way=450', '--step=1.5', '--interval=5']);
        self::assertStringStartsWith('301 photos, interval 5 s: run time 25 min 5 s', $out);
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
        yield 'a way without a step' => [['solve', '--way=450', '--interval=5'], '', '--step'];
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
        $json = Plans::json([]);
        $pieces = ['', '"', '{', '}', '[', ']', ',', '-', '1e999', 'null', '0', '99999999999999999999', "\x00", "\xff", '{"a":1}', '\\ud800'];
        foreach (Cases::numbers(40) as $i) {
            $random = new Randomizer(new Mt19937(23_000 + $i));
            $mangled = substr_replace($json, $pieces[$random->getInt(0, count($pieces) - 1)], $random->getInt(0, strlen($json) - 1), $random->getInt(0, 9));
            [$code, $out, $errors] = self::evrent(['check', '-'], $mangled);
            self::assertContains($code, [0, 1, 2]);
            self::assertSame($code === 2, $out === '', $mangled);
            self::assertSame($code === 2, $errors !== '', $mangled);
            self::assertStringNotContainsString('Stack trace', $errors);
        }
    }
}
