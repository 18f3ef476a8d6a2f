<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;

final class PlanReaderTest extends TestCase
{
    /**
     * @return array<string, string> messages by pointer
     */
    private static function problems(string $json): array
    {
        try {
            PlanReader::fromJson($json);
        } catch (InvalidInput $invalid) {
            return array_map(strval(...), array_column($invalid->problems, 'message', 'pointer'));
        }
        self::fail('accepted');
    }

    /**
     * @return iterable<string, array{0: string, 1: mixed, 2: string, 3?: string}> where, what, what is said, and where it is said if elsewhere
     */
    public static function badFields(): iterable
    {
        yield 'another format' => ['/format', 'evrent.plan/9', 'format.plan_reader.format(format: evrent.plan/1)'];
        yield 'empty title' => ['/title', ' ', 'title'];
        yield 'title with a null byte' => ['/title', "a\0b", 'plan.plan.title_line'];
        yield 'photos as text' => ['/timing/photos', '216', 'format.fields.whole'];
        yield 'half a photo' => ['/timing/photos', 216.5, 'format.fields.whole'];
        yield 'one photo' => ['/timing/photos', 1, 'values.between(what: what.whole_photos, least: 2, most: 1000000)'];
        yield 'too many photos' => ['/timing/photos', 1_000_001, 'values.between(what: what.whole_photos, least: 2, most: 1000000)'];
        yield 'huge photos' => ['/timing/photos', 1e300, 'format.fields.whole'];
        yield 'negative head' => ['/timing/head_photos', -1, 'values.between(what: what.whole_photos, least: 0, most: 1000000)'];
        yield 'no interval' => ['/timing/interval_s', 0, 'values.above_zero(what:'];
        yield 'interval as null' => ['/timing/interval_s', null, 'number'];
        yield 'interval as true' => ['/timing/interval_s', true, 'number'];
        yield 'one interval key' => ['/timing/interval_s', [['at' => 0, 'interval_s' => 3]], 'format.plan_reader.keys'];
        yield 'unknown mode' => ['/timing/mode', 'sideways', 'shoot_move_shoot'];
        yield 'axes as object' => ['/rig/axes', ['a' => 1], 'list'];
        yield 'no buffer' => ['/camera/buffer_frames', 0, 'values.between(what: what.whole_photos, least: 1, most: 10000'];
        yield 'noise reduction as text' => ['/camera/long_exposure_noise_reduction', 'yes', 'format.fields.flag'];
        yield 'position as text' => ['/move/keyframes/0/slide', 'left', 'number'];
        yield 'an axis the rig lacks' => ['/move/keyframes/0/roll', 3, 'plan.plan.unknown(unknown: roll)'];
        yield 'first keyframe elsewhere' => ['/move/keyframes/0/at', 0.1, 'motion.move.first'];
        yield 'shape' => ['/move/easing/shape', 'wobble', 'constant, cosine, cubic, quintic'];
        yield 'a field from nowhere' => ['/timing/speed', 3, 'format.fields.unknown'];
        yield 'fired by nobody' => ['/trigger/by', 'nobody', 'rig, camera_timer'];
        yield 'a camera interval of nothing' => ['/trigger/camera_interval_s', 0, 'values.above_zero(what:'];
        yield 'a drift past belief' => ['/trigger/drift_ppm', 1e6, 'values.between(what: timing.trigger.drift, least: -100000, most: 100000)'];
        yield 'half a photo in the timer' => ['/trigger/camera_photos', 1.5, 'format.fields.whole'];
        yield 'a counter to nothing' => ['/trigger/count_limit', 0, 'values.between(what: what.whole_photos, least: 1, most: 10000'];
        yield 'a fifth digit' => ['/camera/next_file_number', 10_000, 'values.between(what: timing.camera.next_file, least: 0, most: 9999)'];
        yield 'a third kind of ramp' => ['/rig/ramp_entry', 'both', 'total, each_end'];
        yield 'a share above all' => ['/thresholds/blur_share', 1.1, 'values.between(what: what.share, least: 0, most: 1)'];
        yield 'no pixels' => ['/thresholds/smear_px', 0, 'pixels'];
        yield 'an unknown threshold' => ['/thresholds/patience', 1, 'format.fields.unknown'];
        yield 'beyond the pole' => ['/site', ['latitude_deg' => 95] + Plans::SITE, 'latitude', '/site/latitude_deg'];
        yield 'a day that is not' => ['/site', ['date' => '2027-02-30'] + Plans::SITE, 'date', '/site/date'];
        yield 'a zone from nowhere' => ['/site', ['zone' => 'Europe/Saltreach'] + Plans::SITE, 'sky.local_day.zone', '/site/zone'];
        yield 'a start by nothing' => ['/start', ['event' => 'teatime'], 'sunset', '/start/event'];
        yield 'a clock start without a clock' => ['/start', ['event' => 'clock'], 'values.clock_time.enter', '/start/at'];
        yield 'no height to rise to' => ['/start', ['event' => 'moon_rises_to'], 'height', '/start/height_deg'];
        yield 'no aperture' => ['/light', ['aperture' => 0], 'values.between(what: what.f_number, least: 0.5, most: 128)', '/light/aperture'];
        yield 'ISO numbers that fall' => ['/light', ['isos' => [200, 100]], 'light.light.rising', '/light/isos/1'];
        yield 'ISO as text' => ['/light', ['isos' => ['auto']], 'number', '/light/isos/0'];
        yield 'longest below shortest' => ['/light', ['longest_s' => 0.1, 'shortest_s' => 1], 'light.light.limits', '/light/longest_s'];
        yield 'metered never' => ['/light', ['metered' => ['at' => 'noon', 'exposure_s' => 1, 'aperture' => 8, 'iso' => 100]], 'format.sky_json.instant(first_year: 1950, last_year: 2100)', '/light/metered/at'];
        yield 'a card of nothing' => ['/storage', ['cards_gb' => [0]], 'values.above_zero(what: what.card_gb, most: 100000)', '/storage/cards_gb/0'];
        yield 'three cards' => ['/storage', ['cards_gb' => [8, 8, 8]], 'budget.storage.cards', '/storage/cards_gb'];
        yield 'photos of nothing' => ['/storage', ['raw_mb' => 0], 'budget.storage.size', '/storage/raw_mb'];
        yield 'an empty battery' => ['/power', ['camera' => ['battery_wh' => 0]], 'values.above_zero(what: what.watt_hours, most: 100000)', '/power/camera/battery_wh'];
        yield 'overcharged' => ['/power', ['camera' => ['battery_wh' => 9, 'charge' => 1.2]], 'share', '/power/camera/charge'];
        yield 'cold that is no cold' => ['/power', ['cold' => []], 'budget.power.curve', '/power/cold'];
        yield 'a wall for a slide' => ['/load', ['incline_deg' => 91], 'angle', '/load/incline_deg'];
        yield 'kit of no kind' => ['/kit', [['kind' => 'drone', 'name' => 'x']], 'body', '/kit/0/kind'];
        yield 'kit without a name' => ['/kit', [['kind' => 'card', 'name' => ' ']], 'name', '/kit/0/name'];
        yield 'a part that is a number' => ['/camera', 5, 'object'];
    }

    #[DataProvider('badFields')]
    public function testNamesTheFieldAndSaysWhatToEnter(string $pointer, mixed $value, string $says, ?string $at = null): void
    {
        $problems = self::problems(Plans::json([$pointer => $value]));
        self::assertArrayHasKey($at ?? $pointer, $problems);
        self::assertStringContainsString($says, $problems[$at ?? $pointer]);
    }

    public function testNamesTheKeyOfAnIntervalByItsOwnName(): void
    {
        $keys = [['at' => 0, 'interval_s' => 3], ['at' => 1, 'interval_s' => -1]];
        self::assertArrayHasKey('/timing/interval_s/1/interval_s', self::problems(Plans::json(['/timing/interval_s' => $keys])));
    }

    public function testTheWorkedExampleOfTheDocumentationIsTrue(): void
    {
        $text = file_get_contents(dirname(__DIR__, 3) . '/docs/plan-format.md');
        self::assertIsString($text);
        preg_match('/```json\n(.*?)```/s', $text, $found);
        $schedule = Schedule::of(PlanReader::fromJson($found[1] ?? ''));
        self::assertSame([50, 50, 0], $schedule->moves->motorSteps['slide']);
        self::assertEqualsWithDelta([0.45, 0.45, 0.0], $schedule->moves->moveSeconds, 1e-12);
        self::assertEqualsWithDelta([0.85, 0.85], array_slice($schedule->timeline->rigSeconds, 0, 2), 1e-12);
        self::assertEqualsWithDelta(0.15, $schedule->summary->minSlackSeconds, 1e-12);
        self::assertEqualsWithDelta([0.0, 1.0, 2.0], $schedule->timeline->triggerSeconds, 1e-12);
        self::assertEqualsWithDelta(2.3, $schedule->summary->runSeconds, 1e-12);
    }

    public function testTellsEverythingThatIsWrongAtOnce(): void
    {
        $problems = self::problems(Plans::json([
            '/timing/photos' => 'many', '/timing/interval_s' => -2, '/rig/settle_s' => -1, '/camera/buffer_frames' => 0, '/move/easing/ramp_in' => 0.9,
        ]));
        self::assertSame(
            ['/camera/buffer_frames', '/move/easing/ramp_in', '/move/easing/ramp_out', '/rig/settle_s', '/timing/interval_s', '/timing/photos'],
            self::sorted(array_keys($problems)),
        );
    }

    public function testTwoKeyframesOnOnePhotoAreRefused(): void
    {
        $keyframe = ['slide' => 1, 'pan' => 1, 'tilt' => 1];
        $json = Plans::json(['/timing/photos' => 20, '/move/keyframes' => [
            ['at' => 0] + $keyframe, ['at' => 0.50] + $keyframe, ['at' => 0.51] + $keyframe, ['at' => 1] + $keyframe,
        ]]);
        self::assertSame('motion.path.same_photo(oneWay: 20)', self::problems($json)['/move/keyframes/2/at']);
    }

    public function testWhatIsNotJsonIsSaidToBeNone(): void
    {
        foreach (['', 'hello', '{"format":', '[1,2', "\xff\xfe", '{"a":NaN}'] as $text) {
            self::assertStringStartsWith('format.plan_reader.not_json(', self::problems($text)['']);
        }
        foreach (['null', '[]', '3', '"x"', '{}'] as $text) {
            self::assertNotSame([], self::problems($text));
        }
    }

    public function testMangledPlansAreReadOrRefusedAndNeverMore(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $json = Plans::json([]);
        $pieces = ['', '"', '{', '}', '[', ']', ',', ':', '-', '1e999', 'null', '"at"', '0', '-1', '99999999999999999999', '{}', '[]', '""', '\\u0000', '1e-300'];
        $refused = 0;
        for ($i = 0; $i < 1500; $i++) {
            $from = $random->getInt(0, strlen($json) - 1);
            $mangled = substr_replace($json, $pieces[$random->getInt(0, count($pieces) - 1)], $from, $random->getInt(0, 12));
            try {
                PlanReader::fromJson($mangled);
            } catch (InvalidInput $invalid) {
                $refused++;
                foreach ($invalid->problems as $problem) {
                    self::assertMatchesRegularExpression('~^(/[^ ]*)?$~', str_replace(' ', '_', $problem->pointer));
                    self::assertNotSame('', (string) $problem->message);
                }
            }
        }
        self::assertGreaterThan(1000, $refused);
    }

    /**
     * @param list<string> $items
     *
     * @return list<string>
     */
    private static function sorted(array $items): array
    {
        sort($items);

        return $items;
    }

    /**
     * @return iterable<string, array{string, float|int, string, float|int}>
     */
    public static function beyond(): iterable
    {
        yield 'an interval that cannot be divided by' => ['/timing/interval_s', 1e-300, '/timing/interval_s', 1e-6];
        yield 'an axis slower than anything' => ['/rig/axes/0/max_speed', 1e-200, '/rig/axes/0/max_speed', 1e-6];
        yield 'a shutter lag of days' => ['/camera/shutter_lag_s', 1e6, '/camera/shutter_lag_s', 3600];
        yield 'a hold of millions' => ['/move/keyframes/0/hold_photos', 5_000_000, '/move/keyframes/0/hold_photos', 100_000];
    }

    #[DataProvider('beyond')]
    public function testAPlanThatWasKeptBeyondALimitOpensAtTheNearestWithinIt(string $pointer, float|int $kept, string $told, float|int $nearest): void
    {
        $json = Plans::json([$pointer => $kept]);
        try {
            PlanReader::fromJson($json);
            self::fail('a new plan may not say that');
        } catch (InvalidInput $invalid) {
            self::assertSame([$told], array_column($invalid->problems, 'pointer'));
            self::assertStringStartsWith('values.between(', (string) $invalid->problems[0]->message);
        }
        $brought = [];
        $plan = PlanReader::kept($json, $brought);
        self::assertSame([$told], array_column($brought, 'pointer'));
        self::assertEquals($nearest, $brought[0]->nearest);
        self::assertSame(PlanWriter::toJson($plan), PlanWriter::toJson(PlanReader::fromJson(PlanWriter::toJson($plan))));
        // Whatever was kept within the limits is as it was.
        $nothing = [];
        PlanReader::kept(Plans::json([]), $nothing);
        self::assertSame([], $nothing);
    }

    public function testAKeptPlanThatIsWrongInAnotherWayIsStillRefused(): void
    {
        $this->expectException(InvalidInput::class);
        PlanReader::kept(Plans::json(['/timing/interval_s' => 1e-300, '/timing/mode' => 'hover']));
    }

    /** Whatever stands where, it is read or refused: nothing else comes of it. */
    public function testAnyTextAnywhereIsReadOrRefused(): void
    {
        /** @var array<string, mixed> $whole */
        $whole = json_decode(Plans::json(['/site' => [
            'name' => 'Saltreach', 'latitude_deg' => 51.85, 'longitude_deg' => 1.9, 'zone' => 'Europe/London', 'date' => '2027-03-23',
        ], '/start' => ['event' => 'clock', 'at' => '16:20'], '/kit' => [['kind' => 'cable', 'name' => 'Long one']]]), true);
        $leaves = PlanWriter::toDocument(PlanReader::fromJson((string) json_encode($whole)));
        foreach (self::pointersOf($leaves) as $pointer) {
            foreach (["\0", "Europe/\0", "\u{FFFD}", "\u{202e}", "\n", str_repeat('x', 70_000), '2026-02-30', '24:61'] as $text) {
                $document = $leaves;
                $place = &$document;
                foreach (explode('/', ltrim($pointer, '/')) as $name) {
                    self::assertIsArray($place);
                    $place = &$place[$name];
                }
                $place = $text;
                unset($place);
                try {
                    $plan = PlanReader::fromJson((string) json_encode($document));
                    self::assertStringNotContainsString("\0", serialize(PlanWriter::toDocument($plan)));
                } catch (InvalidInput $invalid) {
                    self::assertNotSame([], $invalid->problems);
                }
            }
        }
    }

    /**
     * @param array<array-key, mixed> $document
     *
     * @return list<string>
     */
    private static function pointersOf(array $document, string $pointer = ''): array
    {
        $pointers = [];
        foreach ($document as $name => $value) {
            array_push($pointers, ...(is_array($value) && $value !== [] ? self::pointersOf($value, "{$pointer}/{$name}") : ["{$pointer}/{$name}"]));
        }

        return $pointers;
    }
}
