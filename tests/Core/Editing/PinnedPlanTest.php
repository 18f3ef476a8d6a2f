<?php

declare(strict_types=1);

namespace Tests\Core\Editing;

use Evrent\Core\Checks\Report;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\Figure;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Editing\Pins;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Presets\AppliedRecipe;
use Evrent\Core\Presets\Recipe;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\PlainText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * What was asked for holds through every edit, or it is said that it does not. EVRENT_PLANS sets how many random plans are edited.
 */
final class PinnedPlanTest extends TestCase
{
    private const EDITS = 20;

    public function testFortyMinutesStayFortyMinutes(): void
    {
        // 240 photos, one every 8 s; 40 min for them are 10 s each.
        $pinned = self::after(new PinnedPlan(Plans::with([])), static fn (PinnedPlan $plan): Edited => $plan->typed([], ['shooting' => '40 min']));
        self::assertSame([10.0, 240], [$pinned->plan->timing->interval->longest(), $pinned->plan->photosTotal()]);
        $steps = [
            // 19 more stand before the move: 259 photos at 2400 / 259 = 9.27 s, and the timer has 9.2.
            ['head_photos' => '31', 259, 9.2],
            ['frames_per_second' => '30', 259, 9.2],
            // 300 on the way, 31 before and 12 after are 343 photos: 6.997 s.
            ['photos' => '300', 343, 6.9],
        ];
        foreach ($steps as $step) {
            [$photos, $interval] = [$step[0], $step[1]];
            $field = array_filter($step, is_string(...), ARRAY_FILTER_USE_KEY);
            $pinned = self::after($pinned, static fn (PinnedPlan $plan): Edited => $plan->typed(['timing' => $field], []));
            self::assertSame([$photos, $interval], [$pinned->plan->photosTotal(), $pinned->plan->timing->interval->longest()]);
            self::assertSame(2400.0, $pinned->pins->shootingSeconds);
        }
        // A recipe of one every 5 s would make 480 photos of 40 min: 343 are pinned too, so the interval goes on following.
        $recipe = new Recipe(5.0, 0.2, 20.0, 'a test');
        $edited = AppliedRecipe::edited($pinned, $recipe, 'recipe');
        self::assertSame([343, 2400.0, 6.9], [$edited->plan->photosTotal(), $edited->pins->shootingSeconds, $edited->plan->timing->interval->longest()]);
        self::assertSame(['presets.applied.interval(interval: 6.9, intervalSeconds: 5)'], array_map(strval(...), $edited->givesWay));
    }

    public function testAClipThatIsPinnedTakesOtherPhotosAtAnotherRate(): void
    {
        $pinned = self::after(new PinnedPlan(Plans::with([])), static fn (PinnedPlan $plan): Edited => $plan->typed([], ['clip' => '12 s']));
        self::assertSame(288, $pinned->plan->photosTotal());
        $faster = $pinned->typed(['timing' => ['frames_per_second' => '25']], []);
        self::assertSame([300, []], [$faster->plan->photosTotal(), $faster->givesWay]);
        // Standing ones are taken from those on the way: the clip is what was asked for.
        $standing = $pinned->typed(['timing' => ['tail_photos' => '60']], []);
        self::assertSame([288, 216], [$standing->plan->photosTotal(), $standing->plan->timing->photos]);
    }

    public function testWhatGivesWayIsSaid(): void
    {
        $pinned = self::after(new PinnedPlan(Plans::with([])), static fn (PinnedPlan $plan): Edited => $plan->typed([], ['shooting' => '40 min']));
        // Nobody typed photos: they follow, and nothing gives way.
        $spaced = $pinned->typed(['timing' => ['interval_s' => '12']], []);
        self::assertSame([[], 200, Figure::Photos, 2400.0], [
            $spaced->givesWay, $spaced->plan->photosTotal(), $spaced->pins->follows, $spaced->pins->shootingSeconds,
        ]);
        // All three typed, the oldest gives way, and the other way is at hand.
        $counted = (new PinnedPlan($spaced->plan, $spaced->pins))->typed([], ['photos' => '400']);
        self::assertSame(['editing.pinned_plan.shooting_gives(booked: 4800, asked: 2400)'], array_map(strval(...), $counted->givesWay));
        self::assertSame([400, 12.0], [$counted->plan->photosTotal(), $counted->plan->timing->interval->longest()]);
        [$way] = $counted->otherWays;
        self::assertSame(
            ['editing.other_way.keep(keeps: editing.other_way.run(shooting: 2400), told: editing.other_way.interval(longest: 6))', '/held/shooting', '40 min'],
            [(string) $way->label, $way->pointer, $way->text],
        );
        $kept = (new PinnedPlan($counted->plan, $counted->pins))->typed([], ['shooting' => $way->text]);
        self::assertSame([400, 6.0, 2400.0], [$kept->plan->photosTotal(), $kept->plan->timing->interval->longest(), $kept->pins->shootingSeconds]);
    }

    /** The two examples that people come with: 900 s by 3 s are 300 photos, 2,700 s by 2 s 1,350, whichever is typed first. */
    public function testWhatNobodyTypedGivesWayWhateverTheOrder(): void
    {
        foreach ([['3', '15 min', 300], ['2', '45 min', 1_350]] as [$interval, $shooting, $photos]) {
            $spaces = static fn (PinnedPlan $plan): Edited => $plan->typed(['timing' => ['interval_s' => $interval]], []);
            $lasts = static fn (PinnedPlan $plan): Edited => $plan->typed([], ['shooting' => $shooting]);
            foreach ([[$spaces, $lasts], [$lasts, $spaces]] as [$first, $second]) {
                $typed = self::after(self::after(new PinnedPlan(Plans::with([])), $first), $second);
                self::assertSame([$photos, (float) $interval], [$typed->plan->photosTotal(), $typed->plan->timing->interval->longest()]);
            }
        }
    }

    public function testInAnyOrderWhatIsPinnedStaysAndTheOldestGivesWay(): void
    {
        $values = ['photos' => '300', 'interval' => '5', 'shooting' => '30 min'];
        $type = static fn (PinnedPlan $plan, string $figure, string $text): Edited => $figure === 'interval'
            ? $plan->typed(['timing' => ['interval_s' => $text]], [])
            : $plan->typed([], [$figure => $text]);
        $stands = static fn (PinnedPlan $plan): array => [
            'photos' => (string) $plan->plan->photosTotal(),
            'interval' => PlainText::number($plan->plan->timing->interval->longest()),
            'shooting' => PlainText::span($plan->pins->shootingSeconds ?? 0.0),
        ];
        foreach (self::orders(array_keys($values)) as $order) {
            foreach ([[], ...array_map(static fn (string $one): array => [$one], $order), ...self::pairs($order)] as $pinned) {
                $which = implode(' ', $order) . ', pinned ' . implode(' ', $pinned);
                $plan = new PinnedPlan(Plans::with([]));
                $refused = false;
                foreach ($order as $place => $figure) {
                    try {
                        $plan = self::after($plan, static fn (PinnedPlan $on): Edited => $type($on, $figure, $values[$figure]));
                        $plan = in_array($figure, $pinned, true) ? self::after($plan, static fn (PinnedPlan $on): Edited => $on->typed([], ['pin' => $figure])) : $plan;
                    } catch (InvalidInput $invalid) {
                        $refused = true;
                        self::assertSame(2, $place, $which);
                        self::assertCount(2, array_intersect(array_slice($order, 0, 2), $pinned), $which);
                        foreach ($pinned as $one) {
                            self::assertStringContainsString((string) Figure::from($one)->named(), lcfirst((string) $invalid->problems[0]->message), $which);
                        }
                    }
                }
                // Those typed last stand, but for one that is not pinned where another is.
                $gone = array_values(array_diff($order, $pinned))[0];
                $gone = $gone === $order[2] && !$refused ? $order[0] : ($refused ? $order[2] : $gone);
                foreach ($values as $figure => $text) {
                    if ($figure !== $gone) {
                        self::assertSame($text, $stands($plan)[$figure], "{$which}: {$figure}");
                    }
                }
            }
        }
    }

    /**
     * @param list<string> $figures
     *
     * @return iterable<list<string>>
     */
    private static function orders(array $figures): iterable
    {
        foreach ($figures as $first) {
            foreach (array_diff($figures, [$first]) as $second) {
                yield [$first, $second, ...array_values(array_diff($figures, [$first, $second]))];
            }
        }
    }

    /**
     * @param list<string> $order
     *
     * @return list<list<string>>
     */
    private static function pairs(array $order): array
    {
        return [[$order[0], $order[1]], [$order[0], $order[2]], [$order[1], $order[2]]];
    }

    public function testPinnedTwoMakeAThirdImpossibleAndUnpinnedOneGoesOn(): void
    {
        $plan = new PinnedPlan(Plans::with([]));
        foreach (['photos', 'shooting'] as $figure) {
            $plan = self::after($plan, static fn (PinnedPlan $on): Edited => $on->typed([], ['pin' => $figure]));
        }
        self::assertSame(Figure::Interval, $plan->pins->follows);
        foreach ([[[], ['pin' => 'interval'], '/held/pin'], [['timing' => ['interval_s' => '5']], [], '/timing/interval_s']] as [$fields, $held, $pointer]) {
            try {
                $plan->typed($fields, $held);
                self::fail('accepted');
            } catch (InvalidInput $invalid) {
                self::assertSame($pointer, $invalid->problems[0]->pointer);
                self::assertMatchesRegularExpression('/^editing\.pins\.(all_pinned|pinning)\(are: \[editing\.figure\.photos, editing\.figure\.shooting\]/', (string) $invalid->problems[0]->message);
            }
        }
        $unpinned = self::after($plan, static fn (PinnedPlan $on): Edited => $on->typed([], ['pin' => 'photos']));
        $typed = $unpinned->typed(['timing' => ['interval_s' => '5']], []);
        self::assertSame([5.0, 1_920.0], [$typed->plan->timing->interval->longest(), $typed->pins->shootingSeconds]);
    }

    public function testATimeTooShortForTwoKeyedPhotosIsToldAndNothingIsDividedByNone(): void
    {
        $keyed = [['at' => 0, 'interval_s' => 50], ['at' => 1, 'interval_s' => 70]];
        $pinned = self::after(new PinnedPlan(Plans::with(['/timing/interval_s' => $keyed])), static fn (PinnedPlan $plan): Edited => $plan->typed([], ['pin' => 'interval']));
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('editing.held_figures.standing(photos: 2, standing: 24)');
        $pinned->typed([], ['shooting' => '20 s']);
    }

    public function testAllThreeAtOnceAreOneTooMany(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('editing.pinned_plan.all');
        (new PinnedPlan(Plans::with([])))->typed(['timing' => ['interval_s' => '5']], ['photos' => '300', 'shooting' => '1 h']);
    }

    public function testMorePhotosStandingThanArePinnedIsToldByTheFieldThatAskedForIt(): void
    {
        $pinned = self::after(new PinnedPlan(Plans::with([])), static fn (PinnedPlan $plan): Edited => $plan->typed([], ['photos' => '250']));
        try {
            $pinned->typed(['timing' => ['head_photos' => '249']], []);
            self::fail('accepted');
        } catch (InvalidInput $invalid) {
            self::assertSame('/timing/head_photos', $invalid->problems[0]->pointer);
            self::assertSame('editing.held_figures.standing(photos: 250, standing: 261)', (string) $invalid->problems[0]->message);
        }
    }

    public function testPinsAreKeptAsTheyAreWritten(): void
    {
        foreach ([new Pins(), new Pins(Figure::Interval, 240, null, 2400.0), new Pins(Figure::Photos, null, null, 90.5), new Pins(Figure::Shooting, null, 10.01)] as $pins) {
            $json = json_encode($pins->toArray(), JSON_THROW_ON_ERROR);
            self::assertTrue($pins->equals(Pins::fromArray((array) json_decode($json, true, 4, JSON_THROW_ON_ERROR))), $json);
        }
        self::assertTrue((new Pins())->equals(Pins::fromArray(['follows' => 'the tide', 'photos' => 'x', 'clip_s' => []])));
    }

    /**
     * @return iterable<string, array{list<int>}>
     */
    public static function seeds(): iterable
    {
        $asked = getenv('EVRENT_PLANS');
        foreach (array_chunk($asked === false ? Cases::numbers(60) : range(1, max(1, (int) $asked)), 20) as $seeds) {
            yield "seeds from {$seeds[0]}" => [$seeds];
        }
    }

    /**
     * @param list<int> $seeds
     */
    #[DataProvider('seeds')]
    public function testPinsHoldOrItIsSaid(array $seeds): void
    {
        $made = 0;
        foreach ($seeds as $seed) {
            $random = new Randomizer(new Mt19937(90_000 + $seed));
            $pinned = new PinnedPlan(Plans::ofSeed($seed));
            for ($edit = 0; $edit < self::EDITS; $edit++) {
                [$name, $make, $typed] = self::edit($pinned, $random);
                try {
                    $edited = $make($pinned);
                } catch (InvalidInput) {
                    continue;
                }
                $made++;
                self::holds($pinned, $edited, $typed, "seed {$seed}, edit {$edit}: {$name}");
                $pinned = new PinnedPlan($edited->plan, $edited->pins);
            }
        }
        self::assertGreaterThan(5 * (count($seeds) - 1), $made);
    }

    /**
     * @param array<string, float> $typed
     */
    private static function holds(PinnedPlan $before, Edited $after, array $typed, string $which): void
    {
        [$plan, $pins] = [$after->plan, $after->pins];
        $total = $plan->photosTotal();
        $booked = Schedule::bookedSeconds($plan);
        // Looked at or kept, it is the same; and worked out once more from what was asked for, nothing moves.
        $again = (new PinnedPlan($plan, $pins))->typed([], []);
        self::assertSame(PlanWriter::toJson($plan), PlanWriter::toJson($again->plan), "{$which}: settles");
        self::assertTrue($pins->equals($again->pins), "{$which}: pins settle");
        if ($pins->photos !== null) {
            self::assertSame($pins->photos, $total, "{$which}: photos");
        }
        if ($pins->clipSeconds !== null) {
            self::assertSame((int) ceil($pins->clipSeconds * $plan->timing->framesPerSecond - 1e-6), $total, "{$which}: clip");
        }
        if ($pins->shootingSeconds !== null && $pins->follows !== Figure::Shooting) {
            $overran = str_contains((string) (new PinnedPlan($plan, $pins))->rounding(), 'cannot be done in less');
            self::assertTrue($overran || $booked <= $pins->shootingSeconds + $total * 0.0006 + 0.05, "{$which}: {$booked} s in {$pins->shootingSeconds} s");
        }
        $now = [
            'photos' => $total, 'on the way' => $plan->timing->photos, 'head' => $plan->timing->headPhotos, 'shooting' => $pins->shootingSeconds,
            'interval' => $plan->timing->interval->isConstant() ? $plan->timing->interval->longest() : null, 'clip' => $pins->clipSeconds,
            'fps' => $plan->timing->framesPerSecond,
        ];
        foreach ($typed as $figure => $value) {
            self::assertEqualsWithDelta($value, $now[$figure], 1e-9, "{$which}: the number just typed gives way");
        }
        $said = implode(' ', $after->givesWay);
        $was = $before->pins;
        if ($was->shootingSeconds !== null && $was->follows !== Figure::Shooting && $pins->shootingSeconds === null && abs($booked - $was->shootingSeconds) > 0.01) {
            self::assertStringContainsString('editing.pinned_plan.shooting_gives(', $said, $which);
        }
        if ($was->photos !== null && $was->photos !== $total && !isset($typed['photos']) && !isset($typed['clip'])) {
            self::assertStringContainsString('editing.pinned_plan.photos_give(', $said, $which);
        }
    }

    /**
     * One edit, at random.
     *
     * @return array{string, callable(PinnedPlan): Edited, array<string, float>} its name, the edit, and numbers that were typed with it
     */
    private static function edit(PinnedPlan $on, Randomizer $random): array
    {
        $whole = $random->getInt(...);
        $tenths = static fn (int $from, int $to): float => $whole($from * 10, $to * 10) / 10.0;
        $text = static fn (float|int $number): string => json_encode($number, JSON_THROW_ON_ERROR);
        $field = static fn (string $name, float|int $value, string $figure): array => [
            "{$name} {$value}",
            static fn (PinnedPlan $plan): Edited => $plan->typed(['timing' => [$name => $text($value)]], []),
            $figure === '' ? [] : [$figure => (float) $value],
        ];
        $held = static fn (string $name, float|int $value): array => [
            "held {$name} {$value}",
            static fn (PinnedPlan $plan): Edited => $plan->typed([], [$name => $text($value)]),
            [$name => (float) $value],
        ];
        $named = static fn (string $name, array $with): array => [$name, static fn (PinnedPlan $plan): Edited => $plan->named($name, $with), []];
        $plan = $on->plan;
        $constant = $plan->timing->interval->isConstant();

        return match ($whole(0, 15)) {
            0, 1 => $held('shooting', $whole(300, 4_000)),
            2 => $held('photos', $whole(60, 500)),
            3 => $held('clip', $tenths(3, 20)),
            4 => $field('photos', $whole(40, 400), 'on the way'),
            5 => $field('head_photos', $whole(0, 60), 'head'),
            6 => $field('tail_photos', $whole(0, 60), ''),
            7 => $constant ? $field('interval_s', $tenths(1, 12), 'interval') : $named('interval-keys', ['do' => 'steady']),
            8 => $plan->timing->exposure->isConstant() ? $field('exposure_s', $tenths(1, 3), '') : $named('exposure-keys', ['do' => 'steady']),
            9 => $field('frames_per_second', [24, 25, 30][$whole(0, 2)], 'fps'),
            10 => ['meaning', static fn (PinnedPlan $plan): Edited => $plan->typed(['timing' => ['interval_means' => ['gap', 'start_to_start'][$whole(0, 1)]]], []), []],
            11 => ['pin', static fn (PinnedPlan $plan): Edited => $plan->typed([], ['pin' => ['photos', 'interval', 'shooting'][$whole(0, 2)]]), []],
            12 => $named('keyframe-hold', ['place' => $whole(0, 4), 'photos' => $whole(0, 30)]),
            13 => $named('interval-keys', ['do' => $constant ? 'vary' : 'add', 'place' => 0]),
            14 => ['recipe', static fn (PinnedPlan $plan): Edited => AppliedRecipe::edited($plan, new Recipe($tenths(1, 9), 0.3, (float) $whole(4, 15), 'a test'), 'recipe'), []],
            default => ['remedy', static fn (PinnedPlan $plan): Edited => $plan->became(self::mended($plan->plan), 'remedy'), []],
        };
    }

    private static function mended(Plan $plan): Plan
    {
        foreach (Report::on(Shot::of($plan))->findings as $finding) {
            if ($finding->remedies() !== []) {
                return $finding->remedies()[0]->mended;
            }
        }

        return $plan;
    }

    /**
     * @param callable(PinnedPlan): Edited $edit
     */
    private static function after(PinnedPlan $plan, callable $edit): PinnedPlan
    {
        $edited = $edit($plan);

        return new PinnedPlan($edited->plan, $edited->pins);
    }
}
