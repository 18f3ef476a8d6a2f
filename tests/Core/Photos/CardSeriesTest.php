<?php

declare(strict_types=1);

namespace Tests\Core\Photos;

use Evrent\Core\Photos\CardPhoto;
use Evrent\Core\Photos\CardSeries;
use Evrent\Core\Photos\PhotoList;
use Evrent\Core\Photos\SeriesOfTakes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * A card falls into series by body, gap, rhythm and exposure.
 */
final class CardSeriesTest extends TestCase
{
    /**
     * @return iterable<string, array{list<array{int, float, float, float, 4?: string}>, list<array{int, float}>}> runs of photos, interval, exposure, and
     *         the gap before them, by body; photos and interval of each series
     */
    public static function cards(): iterable
    {
        yield 'one' => [[[300, 3.0, 0.5, 0.0]], [[300, 3.0]]];
        yield 'two takes an hour apart' => [[[100, 8.0, 0.5, 0.0], [240, 8.0, 0.5, 3_600.0]], [[100, 8.0], [240, 8.0]]];
        yield 'a test photo before' => [[[1, 1.0, 0.01, 0.0], [100, 5.0, 0.5, 90.0]], [[100, 5.0]]];
        yield 'another rhythm without a gap' => [[[50, 2.0, 0.5, 0.0], [50, 9.0, 0.5, 9.0]], [[50, 2.0], [50, 9.0]]];
        yield 'another exposure in the same rhythm' => [[[50, 5.0, 1 / 250, 0.0], [50, 5.0, 2.0, 5.0]], [[50, 5.0], [50, 5.0]]];
        yield 'missing photos are no end' => [[[50, 8.0, 0.5, 0.0], [50, 8.0, 0.5, 16.0]], [[100, 8.0]]];
        yield 'two bodies at once' => [[[60, 5.0, 0.5, 0.0, 'A'], [40, 7.0, 0.5, -290.0, 'B']], [[60, 5.0], [40, 7.0]]];
        yield 'two snapshots' => [[[2, 4.0, 0.5, 0.0]], []];
    }

    /**
     * @param list<array{int, float, float, float, 4?: string}> $runs
     * @param list<array{int, float}>                           $expected
     */
    #[DataProvider('cards')]
    public function testACardFallsIntoItsSeries(array $runs, array $expected): void
    {
        $photos = [];
        $at = 1_800_000_000.0;
        foreach ($runs as [$count, $interval, $exposure, $gap]) {
            $body = $runs[0][4] ?? null;
            $at += $gap - ($photos === [] ? 0.0 : $interval);
            foreach (range(1, $count) as $n) {
                $at += $photos === [] ? 0.0 : $interval;
                $photos[] = new CardPhoto(sprintf('DCIM/100/P%05d.JPG', count($photos)), $at, true, body: $body === null ? null : ($count === 60 ? 'A' : 'B'), exposureSeconds: $exposure);
            }
        }
        usort($photos, static fn (CardPhoto $a, CardPhoto $b): int => $a->unixSeconds <=> $b->unixSeconds);
        $series = CardSeries::of(PhotoList::of($photos));
        self::assertEqualsWithDelta($expected, array_map(static fn (CardSeries $one): array => [$one->count, $one->interval], $series), 1e-6);
        foreach ($series as $one) {
            self::assertSame($photos[$one->first]->unixSeconds, $one->from);
        }
    }

    /** Take 7 has files 1 to 100 of folder 100, a day before take 8 had the same names on a card that was formatted. */
    public function testASeriesIsOfTheTakeWhoseLogHasItsFilesAtThatTime(): void
    {
        $card = static fn (float $from): PhotoList => PhotoList::of(array_map(
            static fn (int $n): CardPhoto => new CardPhoto(sprintf('DCIM/100EVRNT/EVR_%04d.JPG', $n), $from + 8.0 * ($n - 1), true),
            range(1, 100),
        ));
        $logged = static fn (float $from, int $first): array => array_combine(
            array_map(static fn (int $n): string => sprintf('100EVRNT/EVR_%04d.JPG', $n), range($first, $first + 99)),
            array_map(static fn (int $n): float => $from + 8.0 * $n, range(0, 99)),
        );
        // Its clock is an hour ahead of the zone that the photos are read in: a zone, and no other time.
        $takes = [7 => $logged(1_800_000_100.0, 1), 8 => $logged(1_800_086_437.0 + 3_600.0, 1), 9 => $logged(1_800_086_437.0, 400)];
        $takeOf = static function (float $from, int ...$ids) use ($card, $takes): ?int {
            $files = [];
            foreach ($ids as $id) {
                foreach ($takes[$id] as $file => $at) {
                    $files[$file][$id] = $at;
                }
            }

            return SeriesOfTakes::takeOf(CardSeries::of($card($from))[0], $card($from), $files);
        };
        self::assertSame(8, $takeOf(1_800_086_437.0, 7, 8, 9));
        self::assertSame(7, $takeOf(1_800_000_100.0, 7, 8, 9));
        self::assertNull($takeOf(1_800_000_100.0, 9));
        self::assertNull($takeOf(1_800_000_100.0, 8));
        // Of a take that was paused each half is the take's, and they are one.
        $series = static fn (?int $id, int $count, float $to): array => [
            'first' => 0, 'count' => $count, 'interval_s' => 8.0, 'from_unix_s' => 0.0, 'to_unix_s' => $to, 'body' => null, 'take' => $id,
        ];
        self::assertSame([$series(null, 3, 1.0), $series(7, 100, 9.0)], SeriesOfTakes::joined([$series(null, 3, 1.0), $series(7, 50, 5.0), $series(7, 50, 9.0)]));
    }

    /** A ramp from 0.3 s to 4 s in thirds is one series. */
    public function testARampIsOneSeries(): void
    {
        $photos = [];
        for ($n = 0; $n < 120; $n++) {
            $photos[] = new CardPhoto("P{$n}.JPG", 8.0 * $n, true, exposureSeconds: 0.3 * 2.0 ** (intdiv($n, 11) / 3.0), iso: 100.0, aperture: 5.6);
        }
        self::assertSame([120], array_map(static fn (CardSeries $one): int => $one->count, CardSeries::of(PhotoList::of($photos))));
    }
}
