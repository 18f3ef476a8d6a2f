<?php

declare(strict_types=1);

namespace Tests\Core\Sums;

use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Format\PlanProvenance;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sums\Sum;
use Evrent\Core\Sums\Sums;
use Evrent\Core\Sums\Term;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Runner\Cases;

final class SumsTest extends TestCase
{
    /** What a sum may do with its terms, as PHP says it. */
    private const AS_PHP = ['×' => '*', '÷' => '/', '−' => '-', 'log2(' => '\log(2.0, ', 'cos(' => '\Tests\Core\Sums\SumsTest::cos('];

    /** The example that the trade gives: 0.06 + 6 + 0.1 + 0.24 + 1.2 s. */
    public function testACycleReadsAsOneWouldAddItUp(): void
    {
        $sum = Sums::of(Shot::of(Plans::with([
            '/timing/exposure_s' => 6, '/timing/interval_s' => 7.2, '/rig/post_exposure_delay_s' => 0.1, '/rig/settle_s' => 1.2, '/camera/shutter_lag_s' => 0.06,
            '/camera/write_s' => 0.1,
        ])))['cycle'];
        $figures = array_map(static fn (Term $term): string => (string) $term->figure(), $sum->terms);
        self::assertSame(['0.06 s', '6 s', '0.1 s', '1.2 s'], array_values(array_diff_key($figures, ['move' => 1])));
        preg_match_all('/figure: ([\d.]+ s)/', (string) $sum->says(), $said);
        self::assertSame([...array_values($figures), '7.2 s'], $said[1]);
        self::assertStringContainsString(" = , last: {$sum->result->figure()})", (string) $sum->says());
        self::assertStringEndsWith('last: sums.term.says(figure: 7.2 s, label: sums.term.interval))', (string) $sum->says());
        self::assertSame(['plan.source.typed', 'sums.term.calculated'], array_map(strval(...), [$sum->terms['lag']->rests(), $sum->terms['move']->rests()]));
    }

    public function testKnownAnswers(): void
    {
        $sums = Sums::of(Shot::of(Plans::with([
            '/optics' => Plans::OPTICS + ['focal_mm' => 24, 'circle_mm' => 0.03], '/light' => ['kind' => 'indoors', 'aperture' => 8, 'iso' => 100, 'lamps_lux' => 320],
            '/timing/exposure_s' => 0.25, '/timing/photos' => 216, '/timing/interval_s' => 8, '/storage' => ['raw_mb' => 40, 'cards_gb' => [64]],
            '/load' => ['camera_kg' => 0.8, 'lens_kg' => 0.6, 'head_kg' => 1.1, 'rig_kg' => 4, 'legs_rating_kg' => 12],
            '/power' => ['camera' => ['battery_wh' => 16, 'idle_w' => 1, 'exposing_w' => 2, 'photo_j' => 3], 'temperature_c' => 20],
        ])));
        $comes = static fn (string $key): float => round(($sums[$key] ?? self::fail($key))->result->value, 2);
        // 576 / (8 · 0.03) + 24 mm = 2.424 m; EV log2(320 / 2.5) = 7 in light that 1/4 s at f/8 and ISO 100, EV 8, leaves 1 stop under.
        self::assertSame([2.42, -1.0], [$comes('hyperfocal'), $comes('exposure')]);
        // 12 + 216 + 12 photos at 40 MB; 6.5 kg twice; 0.25 s of 8 s.
        self::assertSame([240.0, 9.6, 13.0, 3.13], [$comes('photos'), $comes('card'), $comes('load'), $comes('blur')]);
        // 60 s at 2 W, the rest of some 1,912 s at 1 W, 240 at 3 J.
        self::assertEqualsWithDelta((60 * 2 + 1_852.8 + 720) / 3_600, $comes('battery'), 0.01);
    }

    /** The terms, worked out anew from the plan, make the figure; and what is a plan's own value is that value. */
    public function testTheTermsOfEveryFigureMakeIt(): void
    {
        $seen = [];
        foreach (Cases::numbers(400) as $seed) {
            $plan = Plans::ofSeed($seed, 50);
            $shot = Shot::of($plan);
            $values = PlanProvenance::values($plan);
            foreach (Sums::of($shot) as $key => $sum) {
                $which = "seed {$seed}: {$key}: {$sum->says()}";
                $seen[$key] = true;
                self::assertEqualsWithDelta($sum->result->value, self::worked($sum), max(1e-6, abs($sum->result->value) * 1e-5), $which);
                foreach ($sum->terms as $term) {
                    if ($term->pointer !== null) {
                        $value = $values[$term->pointer] ?? self::fail("{$which}: {$term->pointer}");
                        self::assertEqualsWithDelta(is_numeric($value) ? (float) $value : NAN, $term->value, 1e-9, "{$which}: {$term->label}");
                        self::assertSame($plan->provenance->of($term->pointer), $term->source, $which);
                    }
                }
                self::assertEqualsWithDelta(self::fromThePlan($key, $plan, $shot, $sum), $sum->result->value, max(1e-6, abs($sum->result->value) * 1e-5), $which);
                json_encode($sum->toArray(), JSON_THROW_ON_ERROR);
            }
        }
        self::assertSame([], array_diff(['photos', 'clip', 'cycle', 'blur', 'hyperfocal', 'exposure', 'card', 'battery', 'load'], array_keys($seen)));
    }

    public function testWhatAFindingComparesIsBehindIt(): void
    {
        $shot = Shot::of(Plans::with(['/timing/interval_s' => 1.5]));
        $finding = Report::on($shot)->findings[0];
        self::assertSame([FindingId::IntervalTooShortForRig, 'cycle'], [$finding->id, Sums::behind($shot, $finding->id)?->key]);
        self::assertNull(Sums::behind($shot, FindingId::FileCounterRollsOver));
    }

    public static function cos(float $degrees): float
    {
        return cos(deg2rad($degrees));
    }

    private static function worked(Sum $sum): float
    {
        $numbers = array_map(static fn (Term $term): string => '(' . var_export($term->value, true) . ')', $sum->terms);
        $filled = (string) preg_replace_callback('/\{(\w+)\}/', static fn (array $name): string => $numbers[$name[1]] ?? self::fail($name[1]), $sum->formula);
        // log2(x) is asked for as log(x) / log(2).
        $php = (string) preg_replace('/\blog2\(/', '(1 / log(2)) * log(', strtr($filled, array_diff_key(self::AS_PHP, ['log2(' => true])));
        $worked = eval("return {$php};");
        self::assertIsNumeric($worked);

        return (float) $worked;
    }

    /** The figure by the rule itself, from the plan's values. */
    private static function fromThePlan(string $key, Plan $plan, Shot $shot, Sum $sum): float
    {
        $timing = $plan->timing;
        $held = array_sum(array_column($plan->move->keyframes, 'holdPhotos'));
        $photos = $timing->headPhotos + $timing->photos + $held + $timing->tailPhotos;

        return match ($key) {
            'photos' => $photos,
            'clip' => $photos / $timing->framesPerSecond,
            'cycle' => $shot->schedule->intervalSeconds[$shot->schedule->summary->tightestPhoto - 1] - $shot->schedule->summary->minSlackSeconds,
            'blur' => 100.0 * $timing->exposure->longest() / $sum->terms['interval']->value,
            'drift' => array_sum($shot->schedule->intervalSeconds) * $plan->trigger->driftPpm / 1e6,
            'card' => $photos * (($plan->storage->rawMegabytes ?? 0.0) + ($plan->storage->jpegMegabytes ?? 0.0)) / 1_000.0,
            'load' => 2.0 * (($plan->load->cameraKilograms ?? 0.0) + ($plan->load->lensKilograms ?? 0.0) + ($plan->load->headKilograms ?? 0.0)
                + ($plan->load->rigKilograms ?? 0.0)),
            // Their terms are worked out by other rooms, which have tests of their own.
            default => $sum->result->value,
        };
    }
}
