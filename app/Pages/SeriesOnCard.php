<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\CardReading;
use App\Models\Take;
use App\Status\ReadingStatus;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Photos\SeriesOfTakes;
use Evrent\Core\Sky\Instant;
use Evrent\Words\Words;

/**
 * The series on a card that was read, and of which takes they probably are: whatever shots those are of.
 */
final readonly class SeriesOnCard
{
    /** @var list<array{count: int, says: string, take: ?Take, isRead: bool}> in their order */
    public array $all;

    public function __construct(PhotosPage $page)
    {
        /** @var list<array{first: int, count: int, interval_s: float, from_unix_s: float, to_unix_s: float, body: ?string, take: ?int}> $series */
        $series = $page->match['series'] ?? [];
        $takes = Take::query()->with(['shot.shoot', 'revision'])->whereIn(
            'id',
            array_filter(array_column($series, 'take'), is_int(...)),
        )->get()->keyBy('id');
        $all = [];
        foreach (count($series) < 2 ? [] : SeriesOfTakes::joined($series) as $one) {
            $take = $one['take'] === null ? null : $takes->get($one['take']);
            $all[] = [
                'count' => $one['count'],
                'says' => Words::of(
                    'app.series.one',
                    photos: Quantity::photos($one['count']),
                    interval: Quantity::rounded($one['interval_s'], 1),
                    from: $page->clock(new Instant($one['from_unix_s'])),
                    to: $page->clock(new Instant($one['to_unix_s'])),
                ),
                'take' => $take,
                'isRead' => $take !== null && CardReading::query()->where('take_id', $take->id)->where('folder', $page->reading->folder ?? '')
                    ->whereIn('status', [...ReadingStatus::open(), ReadingStatus::Done])->exists(),
            ];
        }
        $this->all = $all;
    }

    /** @return list<Take> each take once that was not read from this folder */
    public function unread(): array
    {
        $unread = [];
        foreach ($this->all as ['take' => $take, 'isRead' => $isRead]) {
            if ($take !== null && !$isRead) {
                $unread[$take->id] = $take;
            }
        }

        return array_values($unread);
    }
}
