<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Evrent\Core\Checks\NotChecked;
use Evrent\Core\Checks\Report;
use Evrent\Core\Day\Packed;
use Evrent\Core\Day\PackingList;
use Evrent\Core\Day\ShotCard;
use Evrent\Core\Day\ShotFigures;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sums\Sums;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Video that is sped up is told as video wherever a shot is told of: on sheets, cards and calendars, and of the card.
 */
final class VideoTest extends TestCase
{
    public function testSheetsAndCalendarsSayMinutesOfVideo(): void
    {
        // 240 photos of 8 s are 32 minutes, played as 10 s.
        self::assertSame('units.comma(first: units.comma(first: day.settings.video(duration: 1920, rate: 25), last: day.settings.sped_up(times: 192)), last: day.settings.shutter(seconds: 0.8))', (string) ShotFigures::of(Shot::of(self::video()))->settings);
        $own = Plans::with(['/film' => ['kind' => 'in_camera', 'extra_frames' => 10]]);
        self::assertStringStartsWith('units.comma(first: units.comma(first: day.settings.camera_video(frames: 250 frame), last: day.settings.interval(seconds: 8))', (string) ShotFigures::of(Shot::of($own))->settings);
    }

    public function testTheCardSaysWhenToRecordAndNumbersNoPhotos(): void
    {
        $plan = self::video(['/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '17:50']]);
        $says = array_map(strval(...), array_column(ShotCard::of(Shot::of($plan))->moments, 'says'));
        self::assertContains('day.shot_card.record', $says);
        self::assertContains('day.shot_card.stop_recording', $says);
        self::assertDoesNotMatchRegularExpression('/photo|first|last/i', implode(' ', $says));
        self::assertStringStartsWith('day.shot_card.late_video(minutes: 10', (string) ShotCard::of(Shot::of($plan))->late[0]);
    }

    public function testItFillsTheCardByTheMinute(): void
    {
        $storage = ['/storage' => ['raw_mb' => 30, 'cards_gb' => [16]]];
        $full = Report::on(Shot::of(self::video($storage)))->finding(FindingId::CardFull);
        self::assertNotNull($full);
        // 32 min of 0.75 GB are 24 GB; 16 GB hold 21 min 20 s.
        self::assertSame('checks.card_full.video_shortfall(filmSeconds: 1280)', (string) $full->shortfall);
        self::assertSame('checks.card_full.one(size: 32)', (string) $full->remedies()[0]->label);
        self::assertNull(Report::on(Shot::of($full->remedies()[0]->mended))->finding(FindingId::CardFull));
        $sum = array_column(Sums::of(Shot::of(self::video($storage))), null, 'key')['card'] ?? null;
        self::assertSame([32.0, 0.75, 24.0], [$sum?->terms['minutes']->value, $sum?->terms['rate']->value, $sum?->result->value]);
        // As photos the same card would hold them all.
        self::assertNull(Report::on(Shot::of(Plans::with($storage)))->finding(FindingId::CardFull));
    }

    public function testTheBagIsPackedForVideo(): void
    {
        $figures = ShotFigures::of(Shot::of(self::video(['/storage' => ['raw_mb' => 30, 'cards_gb' => [16]]])));
        $cards = array_values(array_filter(PackingList::of([$figures], []), static fn (Packed $packed): bool => $packed->kind === 'card'));
        self::assertSame([2, 'day.packing_list.come_to(what: [day.packing_list.video(seconds: 1920)], gigabytes: 24, copies: )'], [$cards[0]->count, (string) $cards[0]->why]);
    }

    public function testWithoutItsRateTheCardIsNotChecked(): void
    {
        $plan = Plans::with(['/film' => ['kind' => 'sped_up'], '/storage' => ['raw_mb' => 30, 'cards_gb' => [16]]]);
        self::assertContains(NotChecked::Cards, NotChecked::of(Shot::of($plan)));
        self::assertNotContains(NotChecked::Cards, NotChecked::of(Shot::of(self::video(['/storage' => ['raw_mb' => 30, 'cards_gb' => [16]]]))));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function video(array $changes = []): Plan
    {
        return Plans::with(['/film' => ['kind' => 'sped_up', 'frames_per_second' => 25, 'gb_per_min' => 0.75]] + $changes);
    }
}
