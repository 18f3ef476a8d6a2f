<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Twenty-four shots as practitioners plan them around the tide mill, worked by hand, and judged as they would judge them: what stands, and what is
 * found above a note.
 */
final class WorkedExamplesTest extends TestCase
{
    /** Cards, power, lens and bearing are known; 23 March at Saltreach: noon about 12:00, sunset 18:11, full moon the night before. */
    private const KNOWN = [
        '/site' => Plans::SITE, '/optics' => Plans::OPTICS + ['focal_mm' => 24], '/rig/base' => ['zero_bearing_deg' => 0],
        '/storage' => ['raw_mb' => 30, 'cards_gb' => [128]],
        '/power' => [
            'camera' => ['battery_wh' => 32, 'idle_w' => 1, 'exposing_w' => 2, 'photo_j' => 3],
            'rig' => ['battery_wh' => 100, 'idle_w' => 1, 'moving_w' => 6, 'holding_w' => 2], 'temperature_c' => 12,
        ],
    ];
    private const TRIPOD = ['/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]]];
    private const NOON = ['/start' => ['event' => 'clock', 'at' => '12:00']];
    private const SUNSET = ['/start' => ['event' => 'sunset', 'offset_s' => -600]];
    private const LATE = ['/start' => ['event' => 'clock', 'at' => '23:00']];

    /** A star shot that nobody would move: 30 photos on a tripod. */
    private const STARS = self::TRIPOD + self::LATE + ['/timing/photos' => 240, '/timing/head_photos' => 0, '/timing/tail_photos' => 0];

    /**
     * @return iterable<string, array{array<string, mixed>, 'works'|'timing'|'fails', list<FindingId>}>
     */
    public static function examples(): iterable
    {
        $light = static fn (float $aperture, float $iso, array $more = []): array => ['/light' => ['aperture' => $aperture, 'iso' => $iso] + $more];
        $open = static fn (float $seconds, float $interval): array => ['/timing/exposure_s' => $seconds, '/timing/interval_s' => $interval];

        // By day. At 12:00 the sun stands 38° high: about EV 14.6 on the land.
        yield 'day 1: clouds at noon, 1/250 s at f/11 suit EV 14.9' => [self::NOON + $light(11, 100) + $open(1 / 250, 3), 'works', []];
        yield 'day 2: half a second dragged at noon without a filter is 7 stops over' => [self::NOON + $light(11, 100) + $open(0.5, 4), 'fails', [FindingId::DaylightOverexposes]];
        yield 'day 3: the same behind an ND of 7 stops' => [self::NOON + $light(11, 100, ['nd_stops' => 7]) + $open(0.5, 4), 'works', []];
        yield 'day 4: one a second leaves no time for move and settling' => [self::NOON + $light(11, 100) + $open(1 / 250, 1), 'fails', [FindingId::IntervalTooShortForRig]];
        yield 'day 5: a crowd from a tripod, two a second' => [
            self::TRIPOD + self::NOON + $light(11, 100) + $open(1 / 250, 0.5) + ['/camera/write_s' => 0.2, '/rig/post_exposure_delay_s' => 0],
            'works', [],
        ];
        yield 'day 6: facing south at noon, tilted up 30°, the sun is in the frame' => [
            ['/rig/base' => ['zero_bearing_deg' => 180], '/move/keyframes/0/tilt' => 30, '/move/keyframes/1/tilt' => 30] + self::NOON + $light(11, 100) + $open(1 / 250, 4),
            'works', [FindingId::SunInFrame],
        ];

        // At dusk. From 10 min before sunset the light falls by a stop in some 8 min, later by one in 4 min.
        yield 'dusk 1: ten minutes about sunset with one exposure' => [
            self::SUNSET + $light(8, 200) + $open(1 / 8, 4) + ['/timing/photos' => 126], 'works', [],
        ];
        yield 'dusk 2: an hour and a half with one exposure loses the end' => [self::SUNSET + $light(8, 200) + $open(1 / 8, 8) + ['/timing/photos' => 651], 'fails', [FindingId::LightRunsOut]];
        yield 'dusk 3: aperture priority asks for more than the interval' => [
            self::SUNSET + $light(8, 200, ['control' => 'aperture_priority', 'longest_s' => 30]) + $open(1 / 8, 6) + ['/timing/photos' => 651], 'fails', [FindingId::AperturePriorityOutruns],
        ];
        yield 'dusk 4: with its bearing not given the sun in the frame is not checked' => [
            ['/rig/base' => ['off_level_deg' => 0]] + self::SUNSET + $light(8, 200) + $open(1 / 8, 4) + ['/timing/photos' => 126], 'timing', [],
        ];
        yield 'dusk 5: from sun to stars, exposures keyed by a meter that somebody read' => [
            self::SUNSET + $light(4, 400, ['attended' => true]) + [
                '/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.004], ['at' => 1, 'exposure_s' => 0.004]], '/timing/interval_s' => 8, '/timing/photos' => 651,
            ], 'fails', [FindingId::LightRunsOut],
        ];
        yield 'dusk 6: no place and no start' => [['/site' => null] + $light(8, 200) + $open(1 / 8, 8), 'timing', []];

        // At night. 24 mm on full frame: the rule of 500 gives 20.8 s.
        yield 'night 1: 15 s at 24 mm is within the rule, and the moon makes the sky too bright' => [self::STARS + $light(2.8, 1600, ['exposed_for' => 'sky']) + $open(15, 20), 'works', [FindingId::DaylightOverexposes]];
        yield 'night 2: 60 s at 24 mm trails' => [self::STARS + $light(5.6, 800, ['exposed_for' => 'sky']) + $open(60, 66), 'works', [FindingId::StarsTrail]];
        yield 'night 3: 25 s at 50 mm trails' => [
            ['/optics' => Plans::OPTICS + ['focal_mm' => 50]] + self::STARS + $light(2.8, 800, ['exposed_for' => 'sky']) + $open(25, 32), 'works', [FindingId::StarsTrail],
        ];
        yield 'night 4: noise reduction doubles 12 s, and 20 s have no room for that' => [
            self::STARS + $light(2.8, 800, ['exposed_for' => 'sky']) + $open(12, 20) + ['/camera/long_exposure_noise_reduction' => true], 'fails', [FindingId::IntervalTooShortForCamera, FindingId::NoiseReductionDoubles],
        ];
        yield 'night 5: a land under a moon a day past full, 8 s at f/4 and ISO 800' => [self::STARS + $light(4, 800) + $open(8, 14), 'works', []];
        // 8 h at 1 W, 2.1 Wh for exposing and 0.8 Wh for writing are 10.9 Wh.
        yield 'night 6: eight hours at −10 °C on a battery of 10 Wh' => [
            ['/timing/photos' => 960, '/power' => ['camera' => ['battery_wh' => 10, 'idle_w' => 1, 'exposing_w' => 2, 'photo_j' => 3], 'temperature_c' => -10]]
                + self::STARS + $light(4, 800) + $open(8, 30), 'fails', [FindingId::CameraBatteryDies],
        ];

        // With lamps or indoors. 320 lux are EV 7.
        yield 'lamps 1: the mill’s floor under 320 lux, 1/8 s at f/4 suit EV 7' => [$light(4, 100, ['kind' => 'indoors', 'lamps_lux' => 320]) + $open(1 / 8, 4), 'works', []];
        yield 'lamps 2: a second there is three stops over' => [$light(4, 100, ['kind' => 'indoors', 'lamps_lux' => 320]) + $open(1, 5), 'fails', [FindingId::DaylightOverexposes]];
        yield 'lamps 3: indoors with nothing metered' => [$light(4, 100, ['kind' => 'indoors']) + $open(1 / 8, 4), 'timing', []];
        yield 'lamps 4: under the salt shed’s roof as metered, at noon' => [
            self::NOON + $light(8, 400, [
                'kind' => 'roof', 'metered' => ['at' => '2027-03-23T12:00:00Z', 'exposure_s' => 0.5, 'aperture' => 8, 'iso' => 400],
            ]) + $open(0.5, 5), 'works', [],
        ];
        yield 'lamps 5: crystals under a lamp for three days draw 72 Wh awake' => [
            self::TRIPOD + $light(8, 100, ['kind' => 'lamps', 'lamps_lux' => 640]) + $open(0.25, 600) + ['/timing/photos' => 408], 'fails', [FindingId::CameraBatteryDies],
        ];
        yield 'lamps 6: a lit street from blue hour on, exposed for the lamps at dusk' => [
            ['/start' => ['event' => 'clock', 'at' => '20:30']] + $light(8, 100, ['exposed_for' => 'lamps', 'lamps_lux' => 40]) + $open(4, 10), 'works', [],
        ];
    }

    /**
     * @param array<string, mixed>       $changes
     * @param 'works'|'timing'|'fails' $standing
     * @param list<FindingId>            $found
     */
    #[DataProvider('examples')]
    public function testItIsJudgedAsPracticeDoes(array $changes, string $standing, array $found): void
    {
        $report = Report::on(Shot::of(Plans::with(array_filter($changes + self::KNOWN, static fn (mixed $part): bool => $part !== null))));
        $worse = array_values(array_filter($report->all(), static fn (Finding $one): bool => $one->severity !== Severity::Info));
        $told = implode("\n", array_map(static fn (Finding $one): string => "{$one->id->value} {$one->title}: {$one->shortfall}. {$one->sentence}", $worse));
        self::assertSame($standing, $report->verdict->standing(), $report->verdict->coverage() . "\n" . $told);
        self::assertSame([], array_filter($found, static fn (FindingId $id): bool => !in_array($id, array_column($worse, 'id'), true)), $told);
    }
}
