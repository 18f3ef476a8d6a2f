<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Evrent\Core\Day\FieldCard;
use Evrent\Core\Day\PackingList;
use Evrent\Core\Day\ShotFigures;
use Evrent\Core\Kit\Picked;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Core\Said;

/**
 * What is read from paper at the camera, and the lead on the packing list.
 */
final class FieldCardTest extends TestCase
{
    public function testItSaysHowToSetFocusAndTurn(): void
    {
        $lines = FieldCard::of(Shot::of(Plans::with([
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '19:00'],
            // 1/4 s to 1/2 s is one stop: three clicks, one in five photos at the most.
            '/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.25], ['at' => 1, 'exposure_s' => 0.5]], '/camera/exposure_timed_by' => 'camera',
            '/optics' => Plans::OPTICS + ['focal_mm' => 24], '/light' => ['aperture' => 8, 'iso' => 100, 'iso_changes' => [['frame' => 60, 'iso' => 200]]],
            '/settings' => ['white_balance' => 'fixed', 'white_balance_k' => 5200, 'focus' => 'manual'],
            '/scene' => ['troubles' => [['kind' => 'people', 'from' => '19:05', 'to' => '19:10']], 'plan_b' => 'the sea wall'],
            '/storage' => ['raw_mb' => 40, 'cards_gb' => [64]], '/end' => ['by' => 'card'],
        ])));
        $text = Said::all($lines);
        self::assertStringContainsString('nearest_out_of_focus.hyperfocal', $text);
        self::assertStringContainsString('day.field_card.settings(settings: units.comma(first: plan.settings.white(kelvin: 5200), last: plan.settings.focus_manual))', $text);
        self::assertStringContainsString('plan.trouble.from_to(kind: plan.trouble_kind.people, note: , from: 19:05, to: 19:10)', $text);
        self::assertSame(3, substr_count($text, 'day.field_card.longer'));
        self::assertMatchesRegularExpression('~clock: 19:\d\d.*photo: \d+\), what: day\.field_card\.longer\(seconds: 0\.3~m', $text);
        self::assertMatchesRegularExpression('~photo: 32\), what: day\.field_card\.longer[^\n]*\n[^\n]*photo: 59\), what: day\.field_card\.to_iso\(iso: 200\)[^\n]*\n[^\n]*photo: 113\)~', $text);
        self::assertStringContainsString('day.field_card.fallback(place: the sea wall)', $text);
        self::assertStringContainsString('shot.limit.travel(photos: 329,', $text);
        self::assertSame([], FieldCard::of(Shot::of(Plans::with([]))));
    }

    public function testTheLeadIsPackedOnce(): void
    {
        $lead = ['/lead' => ['rig_gives' => 'jack_2_5', 'body_takes' => 'round_pins', 'name' => 'Curly lead']];
        $packed = static fn (Plan $plan): array => array_column(PackingList::of([ShotFigures::of(Shot::of($plan))], []), 'what');
        self::assertContains('Curly lead', $packed(Plans::with($lead)));
        self::assertNotContains('Curly lead', $packed(Plans::with($lead + ['/trigger' => ['by' => 'camera_timer']])));
        $figures = ShotFigures::of(Shot::of(Plans::with($lead + ['/kit' => [['kind' => 'cable', 'name' => 'Curly lead', 'count' => 2]]])));
        self::assertSame([['Curly lead', 2]], array_map(static fn (Picked $one): array => [$one->name, $one->count], $figures->kit));
        /** @var array<string, mixed> $kept */
        $kept = json_decode(json_encode($figures->toArray(), JSON_THROW_ON_ERROR), true, 32, JSON_THROW_ON_ERROR);
        self::assertEquals($figures, ShotFigures::fromArray($kept));
    }
}
