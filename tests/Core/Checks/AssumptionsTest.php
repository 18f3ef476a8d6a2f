<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use BackedEnum;
use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\NotChecked;
use Evrent\Core\Checks\Report;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Format\Assumption;
use Evrent\Core\Format\Assumptions;
use Evrent\Core\Format\FieldKind;
use Evrent\Core\Format\PlanFields;
use Evrent\Core\Format\PlanProvenance;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use ReflectionClass;
use Tests\Core\Plans;
use Tests\Runner\Cases;

final class AssumptionsTest extends TestCase
{
    /** What a plan says of the world; the rest is what somebody decides. */
    private const FACTS = '~^/(rig|camera|optics|trigger/(drift|count_limit|camera_|interval)|site/(elev|sky)|light|storage|power|load)~';

    /** A check that leaves out of its list what it goes by is found: whatever assumed value changes a finding is named by it. */
    public function testEveryFindingNamesWhatItAssumes(): void
    {
        $changed = 0;
        foreach (Cases::numbers(2_000, share: 20) as $seed) {
            $random = new Randomizer(new Mt19937($seed));
            $plan = PlanProvenance::assumed(Plans::ofSeed($seed, 50));
            [$pointer, $other] = self::otherwise($plan, $random);
            if ($other === null) {
                continue;
            }
            foreach (Report::CHECKS as $check) {
                $before = (new $check())->find(Shot::of($plan));
                $after = (new $check())->find(Shot::of($other));
                if (self::says($before) === self::says($after)) {
                    continue;
                }
                $changed++;
                $assumed = array_map(static fn (Assumption $one): string => $one->pointer, (new Assumptions($plan))->under(($after ?? $before)?->id->about() ?? self::fail($check)));
                self::assertContains($pointer, $assumed, "seed {$seed}: {$check}");
            }
        }
        self::assertGreaterThan(20, $changed);
    }

    public function testEveryCheckHasAStageAndSaysWhatToDoWhereNothingMendsIt(): void
    {
        $checks = array_map(static fn (string $check): string => (string) file_get_contents((string) (new ReflectionClass($check))->getFileName()), Report::CHECKS);
        foreach ($checks as $source) {
            preg_match_all('/FindingId::(\w+)/', $source, $found);
            self::assertCount(1, array_unique($found[1]), $source);
            $about = array_column(FindingId::cases(), null, 'name')[$found[1][0]]->about();
            self::assertNotSame([], $about->stages ?? [], $found[1][0]);
            self::assertNotNull($about?->unmended, $found[1][0]);
        }
    }

    public function testWhatIsTypedOrConfirmedIsNotAssumedAnyMore(): void
    {
        $pinned = new PinnedPlan(PlanProvenance::assumed(Plans::with(['/timing/interval_s' => 2])));
        $settling = static fn (Plan $plan): array => array_values(array_filter(
            (new Assumptions($plan))->under(Report::on(Shot::of($plan))->findings[0]->id->about() ?? self::fail('There is one.')),
            static fn (Assumption $one): bool => $one->pointer === '/rig/settle_s',
        ));
        self::assertSame('units.words(first: fields.rig_settle_s, last: 0.8 s)', (string) $settling($pinned->plan)[0]->says());
        self::assertSame([], $settling($pinned->typed(['rig' => ['settle_s' => '0.9']], [])->plan));
        $confirmed = $pinned->named('confirm', ['values' => '/rig/settle_s /camera/write_s']);
        self::assertSame(['editing.confirm_assumed.done(count: 2)', [], Source::Typed], [
            (string) $confirmed->told, $settling($confirmed->plan), $confirmed->plan->provenance->of('/camera/write_s'),
        ]);
        self::assertSame(PlanWriter::toDocument($pinned->plan), PlanWriter::toDocument($confirmed->plan));
        $this->expectException(InvalidInput::class);
        (new PinnedPlan($confirmed->plan))->named('confirm', ['values' => '/rig/settle_s /nowhere']);
    }

    /** A part that was only added is no knowledge: the verdict is no greener for it. */
    public function testPartsThatAreOnlyAddedAreNotCheckedYet(): void
    {
        $plan = new PinnedPlan(Plans::with([]));
        foreach (['storage' => NotChecked::Cards, 'power-camera' => NotChecked::CameraPower, 'power-rig' => NotChecked::RigPower] as $part => $unknown) {
            $edited = $plan->named('part-in', ['part' => $part]);
            self::assertContains($unknown, Report::on(Shot::of($edited->plan))->verdict->notChecked, $part);
        }
        $typed = (new PinnedPlan($plan->named('part-in', ['part' => 'storage'])->plan))->typed(['storage' => ['cards_gb' => '128']], []);
        self::assertNotContains(NotChecked::Cards, Report::on(Shot::of($typed->plan))->verdict->notChecked);
    }

    /** 408 photos in 68 h draw 68 Wh awake; asleep after 10 s, 1.1 Wh awake, 3.3 asleep and 0.4 for the photos; on the mains nothing counts. */
    public function testMainsAndSleepEndWhatBatteriesCannotLast(): void
    {
        $camera = ['battery_wh' => 16, 'idle_w' => 1, 'exposing_w' => 2, 'photo_j' => 3];
        $finds = static fn (array $more): ?Finding => Report::on(Shot::of(Plans::with([
            '/timing/photos' => 384, '/timing/interval_s' => 600, '/power' => ['camera' => $more + $camera, 'temperature_c' => 20],
        ])))->finding(FindingId::CameraBatteryDies);
        self::assertNotNull($finds([]));
        self::assertNull($finds(['sleeps_after_s' => 10, 'sleep_w' => 0.05]));
        self::assertNotNull($finds(['sleeps_after_s' => 10, 'sleep_w' => 0.5]));
        self::assertNull($finds(['mains' => true]));
        $plan = Plans::with(['/power' => ['rig' => ['battery_wh' => 0.1, 'mains' => true]]]);
        self::assertNull(Report::on(Shot::of($plan))->finding(FindingId::RigBatteryDies));
        self::assertNotContains(NotChecked::RigPower, Report::on(Shot::of($plan))->verdict->notChecked);
    }

    public function testOnATripodNothingOfARigIsAssumed(): void
    {
        $plan = PlanProvenance::assumed(Plans::with([
            '/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]], '/timing/interval_s' => 1, '/timing/exposure_s' => 2,
        ]));
        $finding = Report::on(Shot::of($plan))->findings[0];
        foreach ((new Assumptions($plan))->under($finding->id->about() ?? self::fail('It is of a plan.')) as $one) {
            self::assertStringStartsNotWith('/rig/', $one->pointer);
        }
    }

    private static function says(?Finding $finding): string
    {
        return $finding === null ? '' : "{$finding->severity->value} {$finding->title} {$finding->shortfall}";
    }

    /**
     * The plan with one of its facts another.
     *
     * @return array{string, ?Plan} null where it cannot be
     */
    private static function otherwise(Plan $plan, Randomizer $random): array
    {
        $facts = array_filter(PlanProvenance::values($plan), static function (mixed $value, string $pointer): bool {
            $kind = PlanFields::kindAt($pointer);

            return preg_match(self::FACTS, $pointer) === 1 && !str_contains($pointer, '/metered') && !str_ends_with($pointer, '/kind')
                && !in_array($kind, [null, FieldKind::Part, FieldKind::Text, FieldKind::Numbers], true);
        }, ARRAY_FILTER_USE_BOTH);
        $pointer = array_keys($facts)[$random->getInt(0, count($facts) - 1)];
        $field = PlanFields::at($pointer);
        $value = $facts[$pointer];
        $other = match (true) {
            $field?->instead instanceof BackedEnum => $field->instead::cases()[$random->getInt(0, count($field->instead::cases()) - 1)]->value,
            is_bool($value) => !$value,
            is_int($value) => max(1, $random->getInt(0, 1) === 0 ? $value * 3 : intdiv($value, 3)),
            is_float($value) && $value === 0.0 => [0.4, 3.0, 45.0, 200.0][$random->getInt(0, 3)],
            is_float($value) => $value * [1.9, 0.35, 5.0][$random->getInt(0, 2)],
            default => $value,
        };
        /** @var array<string, mixed> $document */
        $document = json_decode(PlanWriter::toJson($plan), true, 32, JSON_THROW_ON_ERROR);
        $place = &$document;
        foreach (explode('/', ltrim($pointer, '/')) as $name) {
            assert(is_array($place));
            $place = &$place[$name];
        }
        $place = $other;
        unset($place);
        try {
            return [$pointer, PlanReader::fromJson(json_encode($document, JSON_THROW_ON_ERROR))];
        } catch (InvalidInput) {
            return [$pointer, null];
        }
    }
}
