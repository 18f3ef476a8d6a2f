<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shot;
use Evrent\Core\Editing\Figure;
use Evrent\Core\Schedule\Schedule;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * The bench's own requests: edits that are saved or only looked at, the sentence's pins, and the rig moved by hand.
 */
final class BenchTest extends PageTestCase
{
    public function testADragIsLookedAtFirstAndSavedWhereItIsLetGo(): void
    {
        $shot = self::shot();
        $with = ['place' => 1, 'positions' => ['pan' => '33.5']];
        $looked = $this->edit($shot, 'keyframe-drag', $with, ['preview' => '1'])->assertOk()->assertSee(Words::of('checks.verdict.timing_preview'));
        $looked->assertDontSee('id="other-problems"', false)->assertDontSee('id="notice"', false);
        self::assertSame(1, $shot->revisions()->count());
        self::assertSame(21.0, self::planOf($shot)->move->keyframes[1]->positions['pan']);
        $saved = $this->edit($shot, 'keyframe-drag', $with)->assertOk()->assertSee(Words::of('checks.verdict.timing'));
        self::assertSame(33.5, self::planOf($shot)->move->keyframes[1]->positions['pan']);
        self::assertSame('pan at B 21 → 33.5°', Shot::query()->findOrFail($shot->id)->currentRevision()->told());
        // What was looked at is what became of it, number for number.
        self::assertSame(self::dataOf($looked)['columns'], self::dataOf($saved)['columns']);
    }

    public function testThePageDrawsWhatTheScheduleSays(): void
    {
        $shot = self::shot(['/rig/base' => ['off_level_deg' => 2, 'toward_deg' => 90, 'zero_bearing_deg' => 0]]);
        $data = self::dataOf($this->get("{$shot->path()}")->assertOk());
        $schedule = Schedule::of(self::planOf($shot));
        self::assertSame(240, $data['photos']);
        $read = static fn (string $name): array => self::column($data, $name);
        self::assertEqualsWithDelta($schedule->moves->positions['slide'], $read('position:slide'), 1e-4);
        self::assertEqualsWithDelta($schedule->timeline->triggerSeconds, $read('trigger'), 1e-4);
        // At pan -14° the base that leans to the east by 2° leans the horizon asin(sin 2° · sin(-104°)) = -1.94°.
        self::assertEqualsWithDelta(-1.9405, $read('pose:roll')[0] ?? 0.0, 1e-3);
        self::assertSame(['A', 'B'], array_column((array) $data['pegs'], 'letter'));
    }

    /**
     * @return iterable<string, array{string, array<string, string>, string}>
     */
    public static function badEdits(): iterable
    {
        yield 'no such edit' => ['vanish', [], '/edit'];
        yield 'a factor of words' => ['scale', ['factor' => 'twice'], '/edit/factor'];
        yield 'a factor of nothing' => ['scale', ['factor' => '0'], '/edit/factor'];
        yield 'an axis the rig lacks' => ['flip', ['axis' => 'roll'], '/axis'];
        yield 'nudged by nothing' => ['nudge', ['axis' => 'pan', 'by' => ''], '/edit/by'];
        yield 'panned out of bounds' => ['pan-frames', ['widths' => '900'], '/edit/widths'];
        yield 'aimed nowhere' => ['aim', [], '/edit/bearing_a'];
        yield 'aimed past the zenith' => ['aim', ['bearing_b' => '90', 'height_b' => '91'], '/edit/height_b'];
        yield 'a keyframe on a keyframe' => ['keyframe-add', ['photo' => '13'], '/move/keyframes'];
        yield 'a photo of words' => ['keyframe-add', ['photo' => 'here'], '/edit/photo'];
    }

    /**
     * @param array<string, string> $with
     */
    #[DataProvider('badEdits')]
    public function testAnEditThatCannotBeIsToldByItsField(string $edit, array $with, string $pointer): void
    {
        $shot = self::shot();
        $html = (string) $this->edit($shot, $edit, $with)->assertStatus(422)->getContent();
        self::assertStringContainsString("\"{$pointer}\":", $html);
        self::assertStringNotContainsString('shot-data', $html, 'the last good plan stays drawn');
        self::assertSame(1, $shot->revisions()->count());
    }

    public function testTheFigureThatIsNotHeldFollows(): void
    {
        $shot = self::shot();
        // 30 min for 240 photos is 7.5 s each.
        $this->type($shot, [], ['held' => ['shooting' => '30 min', 'photos' => '240', 'clip' => '10 s']])->assertOk();
        self::assertSame(7.5, self::planOf($shot)->timing->interval->longest());
        self::assertSame(Figure::Interval, self::pinsOf($shot)->follows);
        // A clip of 12.1 s is 290.4 photos: 291 in 30 min leave 6.18 s each, and the timer has 6.1.
        $this->type($shot, [], ['held' => ['shooting' => '30 min', 'clip' => '12.1', 'photos' => '240']])
            ->assertOk()->assertSee('The timer’s setting is 6.1 s')->assertSee('24.9 s of 30 min unused')->assertSee('rounded up to 291 photos');
        $plan = self::planOf($shot);
        self::assertSame([291, 6.1, 267], [$plan->photosTotal(), $plan->timing->interval->longest(), $plan->timing->photos]);
        // With the interval pinned photos follow: an hour at 6.1 s holds 590 of them.
        $this->type($shot, [], ['held' => ['pin' => 'interval']])->assertOk();
        $this->type($shot, [], ['held' => ['shooting' => '1h']])->assertOk();
        self::assertSame(590, self::planOf($shot)->photosTotal());
    }

    public function testAnUnrelatedChangeLeavesTheHeldFiguresAlone(): void
    {
        $shot = self::shot();
        $held = ['shooting' => '32 min', 'clip' => '10 s', 'photos' => '240'];
        $this->type($shot, ['rig' => ['settle_s' => '0.9']], ['held' => $held])->assertOk();
        self::assertSame(8.0, self::planOf($shot)->timing->interval->longest());
    }

    /**
     * @return iterable<string, array{array<string, string>, string, string}>
     */
    public static function badFigures(): iterable
    {
        yield 'a clip of words' => [['clip' => 'long'], '/held/clip', 'a clip length'];
        yield 'half a photo' => [['photos' => '99.5'], '/held/photos', 'whole number'];
        yield 'fewer than stand' => [['photos' => '20'], '/held/photos', '24 of them are in holds'];
        yield 'no time at all' => [['shooting' => '0'], '/held/shooting', 'run time'];
    }

    /**
     * @param array<string, string> $held
     */
    #[DataProvider('badFigures')]
    public function testAFigureThatCannotBeIsToldByItsField(array $held, string $pointer, string $says): void
    {
        $shot = self::shot();
        $this->type($shot, [], ['held' => $held + ['photos' => '240', 'clip' => '10 s', 'shooting' => '32 min']])
            ->assertStatus(422)->assertSee("\"{$pointer}\":", false)->assertSee($says);
        self::assertSame(1, $shot->revisions()->count());
    }

    public function testWhatIfIsNotSaved(): void
    {
        $shot = self::shot();
        $this->type($shot, ['timing' => ['exposure_s' => '7']], ['preview' => '1'])->assertOk()->assertSee(Words::of('checks.verdict.fails_preview'));
        self::assertSame(0.8, self::planOf($shot)->timing->exposure->longest());
    }

    public function testTheRigIsJoggedAndStopsAtItsLimits(): void
    {
        $shot = self::shot();
        $stands = ['slide' => '40', 'pan' => '-14', 'tilt' => '2'];
        $this->post("{$shot->path()}/jog", ['positions' => $stands, 'axis' => 'slide', 'steps' => '1', 'coarse' => '1'])
            ->assertOk()->assertJsonPath('positions.slide', 90)->assertJsonPath('pose.x', 0.09)->assertJsonPath('pose.yaw', -14);
        $this->post("{$shot->path()}/jog", ['positions' => $stands, 'axis' => 'slide', 'steps' => '-1', 'coarse' => '1'])->assertJsonPath('positions.slide', 0);
        $this->post("{$shot->path()}/jog", ['positions' => ['pan' => '999'] + $stands])->assertJsonPath('positions.pan', 180);
        $this->post("{$shot->path()}/jog", ['positions' => ['pan' => 'left'] + $stands])->assertStatus(422)->assertSee('Enter a position');
        $this->post("{$shot->path()}/jog", ['positions' => $stands, 'axis' => 'roll', 'steps' => '1'])->assertStatus(422)->assertSee('slide, pan, tilt');
        self::assertSame(1, $shot->revisions()->count());
        $this->edit($shot, 'keyframe-here', ['place' => '1', 'positions' => ['slide' => '555', 'pan' => '3', 'tilt' => '1']])->assertOk();
        self::assertEquals(['slide' => 555.0, 'pan' => 3.0, 'tilt' => 1.0], self::planOf($shot)->move->keyframes[1]->positions);
    }

    public function testFieldsAreDrawnAgainOnlyWhenThereAreOthers(): void
    {
        $shot = self::shot();
        $structure = self::dataOf($this->get("{$shot->path()}"))['structure'];
        $this->type($shot, ['timing' => ['interval_s' => '9']], ['structure' => $structure])->assertDontSee('id="time-fields"', false);
        $this->edit($shot, 'exposure-keys', ['do' => 'vary'], ['structure' => $structure])->assertSee('id="time-fields"', false)->assertSee(Words::of('shots.timing.exposure_keys.varied'));
        $this->type($shot, ['timing' => ['exposure_s' => [1 => ['exposure_s' => '2']]]])->assertOk();
        self::assertSame([0.8, 2.0], array_column(self::planOf($shot)->timing->exposure->keys, 'seconds'));
        $this->edit($shot, 'exposure-keys', ['do' => 'steady'])->assertOk();
        self::assertTrue(self::planOf($shot)->timing->exposure->isConstant());
    }
}
