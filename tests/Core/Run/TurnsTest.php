<?php

declare(strict_types=1);

namespace Tests\Core\Run;

use Evrent\Core\Run\Before\Contradictions;
use Evrent\Core\Run\Before\Readout;
use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\Body\Turn;
use Evrent\Core\Run\Body\Turns;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\TakeFigures;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Core\Schedule\Schedule;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * A camera on the trigger cable alone, and somebody who turns its dial: 0.5 s to 1 s over 40 photos, one every 8 s, and ISO 200 from photo 31 on.
 */
final class TurnsTest extends TestCase
{
    /** From 0.5 s to 1 s are three marks: 0.6, 0.8 and 1 s, each a click longer. */
    public function testEachClickOfTheRampIsOneTurnAndSoIsTheIso(): void
    {
        $turns = Turns::of(self::schedule())->all;
        self::assertSame(
            ['takes.turn.longer(to: 0.6, count: 1)', 'takes.turn.longer(to: 0.8, count: 1)', 'units.iso(number: 200)', 'takes.turn.longer(to: 1, count: 1)'],
            self::inOrder(array_map(static fn (Turn $turn): string => (string) $turn->words(), $turns)),
        );
        self::assertSame([30], array_values(array_map(static fn (Turn $turn): int => $turn->after, array_filter(
            $turns,
            static fn (Turn $turn): bool => $turn->setting === BodySetting::Iso,
        ))));
        $afters = array_map(static fn (Turn $turn): int => $turn->after, $turns);
        $sorted = $afters;
        sort($sorted);
        self::assertSame($sorted, $afters);
    }

    /** Turns that are not made leave photos darker than planned; those that are made do not. */
    public function testWhatIsNotTurnedIsOff(): void
    {
        $turns = Turns::of(self::schedule());
        $first = $turns->all[0];
        self::assertSame(0.0, $turns->offStops($first->after, []));
        self::assertEqualsWithDelta(-log(0.6 / 0.5, 2), $turns->offStops($first->after + 1, []), 1e-9);
        self::assertSame(0.0, $turns->offStops($first->after + 1, [$first->key() => true]));
        self::assertEqualsWithDelta(-2.0, $turns->offStops(40, []), 1e-9);
    }

    /** The room shows the next turn and in how many seconds; pressed for done, it shows the one after it. */
    public function testTheNextTurnIsShownUntilItIsDone(): void
    {
        $schedule = self::schedule();
        $turns = Turns::of($schedule);
        $state = new TakeState($schedule);
        self::assertNull(TakeFigures::of($state, 0.0)->turn);
        $state->take(new LogLine(LogKind::Note, 0.0, null, ['operator' => true]));
        $state->take(new LogLine(LogKind::Started, 0.0, null, ['due' => 0.0]));
        $turn = TakeFigures::of($state, 0.0)->turn;
        // Photo n is triggered at 8 · (n − 1) s, and its shutter is closed when its lag and its exposure are over.
        self::assertSame([$turns->all[0]->key(), $turns->all[0]->after], [$turn['key'] ?? null, $turn['after'] ?? null]);
        self::assertEqualsWithDelta(8.0 * ($turns->all[0]->after - 1) + 0.06 + 0.55, $turn['in'] ?? 0.0, 0.1);
        for ($photo = 1; $photo <= $turns->all[0]->after; $photo++) {
            $at = 8.0 * ($photo - 1);
            $state->take(new LogLine(LogKind::Outcome, $at, $photo, ['state' => 'not_confirmed', 'due_s' => $at, 'triggered_s' => $at]));
        }
        self::assertNull(TakeFigures::of($state, 100.0)->turn['in'] ?? null);
        // On the command line a word is enough.
        $state->take(new LogLine(LogKind::Command, 100.0, null, ['order' => 'turned']));
        self::assertSame($turns->all[1]->key(), TakeFigures::of($state, 100.0)->turn['key'] ?? null);
    }

    /** With nobody said to stand by, a camera that cannot be set holds the start. */
    public function testARampThatNothingSetsHoldsTheStart(): void
    {
        $found = Contradictions::of(self::schedule(), new Readout(isSet: false), false);
        self::assertSame('exposure ramp', $found[0]->about);
        self::assertStringContainsString('takes.before.ramp(count: 4)', (string) $found[0]->says);
        self::assertSame([], Contradictions::of(self::schedule(), new Readout(), false));
        self::assertSame([], Contradictions::of(self::schedule(['attended' => true]), new Readout(isSet: false), false));
    }

    /**
     * @param array<string, mixed> $light
     */
    private static function schedule(array $light = []): Schedule
    {
        return Schedule::of(Plans::with([
            '/timing/photos' => 40, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/interval_s' => 8,
            '/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.5], ['at' => 1, 'exposure_s' => 1]],
            '/light' => ['aperture' => 8, 'iso' => 100, 'iso_changes' => [['frame' => 31, 'iso' => 200]]] + $light,
        ]));
    }

    /**
     * @param list<string> $words
     *
     * @return list<string> shutter times in their order, then the ISO
     */
    private static function inOrder(array $words): array
    {
        $isIso = static fn (string $one): bool => str_starts_with($one, 'ISO');

        return [...array_values(array_filter($words, static fn (string $one): bool => !$isIso($one))), ...array_values(array_filter($words, $isIso))];
    }
}
