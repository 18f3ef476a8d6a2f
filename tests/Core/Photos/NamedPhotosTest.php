<?php

declare(strict_types=1);

namespace Tests\Core\Photos;

use Evrent\Core\Photos\CardPhotos;
use Evrent\Core\Photos\Matching;
use Evrent\Core\Photos\NamedPhotos;
use Evrent\Core\Photos\PlannedPhotos;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * The files that a take's log names are its photos, whatever else is on the card.
 */
final class NamedPhotosTest extends TestCase
{
    private const CLOCK_AHEAD = 44.0;

    /** @return iterable<string, array{int, float}> how many other photos came before, and how often */
    public static function others(): iterable
    {
        foreach ([0, 13, 100, 400] as $count) {
            yield "{$count} before, by another interval" => [$count, 3.0];
            yield "{$count} before, by the same" => [$count, 5.0];
        }
    }

    #[DataProvider('others')]
    public function testATakeWithoutAFaultIsReadBackAsItWasShot(int $count, float $every): void
    {
        $card = self::card()->withSeries($count, $every, -$every * $count, 0.5, 1, 'test_before')->withSeries(30, 5.0, 900.0, 0.5, 701, 'test_after');
        self::assertFound($card, self::log($card));
    }

    /** At a speed that only simulated devices know, a trigger is logged seconds beside the time that the photo has. */
    public function testTimesThatAreLooseMoveNoPhotoToAnotherPlace(): void
    {
        $card = self::card()->withSeries(30, 5.0, -150.0, 0.5, 1, 'test_before');
        $lines = array_map(static fn (LogLine $line): LogLine => $line->kind !== LogKind::Outcome ? $line : new LogLine(
            $line->kind,
            $line->seconds,
            $line->photo,
            ['triggered_s' => (float) $line->number('triggered_s') + ((int) $line->photo % 3 - 1) * 4.0, 'grace_s' => 12.5] + $line->more,
        ), self::log($card));
        self::assertFound($card, $lines);
    }

    /** Two bodies of one make beside each other, with the same names at the same times: the log knows which of them it fired. */
    public function testTheBodyThatTheLogNamesIsTheOne(): void
    {
        $card = self::card();
        /** @var list<array<string, mixed>> $own */
        $own = json_decode($card->json(), true, 16, JSON_THROW_ON_ERROR);
        $other = array_map(static fn (array $photo): array => [
            'SourceFile' => str_replace('card-1', 'card-2', is_string($photo['SourceFile']) ? $photo['SourceFile'] : ''), 'SerialNumber' => '2002',
        ] + $photo, $own);
        $both = json_encode([...$own, ...$other], JSON_THROW_ON_ERROR);
        foreach (['1001' => 'card-1', '2002' => 'card-2'] as $serial => $folder) {
            $lines = [new LogLine(LogKind::Note, 0.5, null, ['body' => ['model' => 'A body', 'serial' => (string) $serial]]), ...self::log($card)];
            $files = Matching::of(PlannedPhotos::ofLog(Shot::of(self::plan()), self::begun(), $lines), CardPhotos::fromExifTool($both))->files();
            self::assertSame(array_map(static fn (?string $file): string => str_replace('card-1', $folder, (string) $file), $card->truth), $files);
        }
    }

    /** A body that begins anew after it was formatted gives the same names to the next take of the same shot. */
    public function testTheSameNamesAtAnotherTimeAreOtherPhotos(): void
    {
        $log = self::log(self::card());
        $later = self::card()->withSeries(100, 5.0, -4_321.0, 0.5, 501, 'test_before', 2);
        self::assertFound($later, $log);
        $another = new CardMaker(self::plan(), 51, offset: self::CLOCK_AHEAD + 4_321.0, firstNumber: 501);
        $planned = PlannedPhotos::ofLog(Shot::of(self::plan()), self::begun(), $log);
        self::assertSame([], NamedPhotos::on($planned, CardPhotos::fromExifTool($another->json())->photos));
    }

    /** A camera tells its wall time alone; its photos say how far that is from UTC. */
    public function testTheZoneOfTheClockIsNotKnown(): void
    {
        $card = self::card();
        self::assertFound($card, self::log($card, 5.5 * 3_600.0));
    }

    /** Names that the log gave to each other's photos are told by the order in which the photos were taken. */
    public function testWhatTheLogSwappedIsToldByTime(): void
    {
        $card = self::card();
        $swapped = [40 => 41, 41 => 40, 60 => 62, 61 => 60, 62 => 61];
        self::assertFound($card, self::log($card, named: static fn (int $photo): int => $swapped[$photo] ?? $photo));
    }

    /** What the log does not name is looked for among what it does not name, and nowhere but where something was triggered. */
    public function testWhatIsNotNamedIsFoundBetweenItsNeighbours(): void
    {
        $card = new CardMaker(self::plan(), 52, offset: self::CLOCK_AHEAD, missing: [30, 80], testsBefore: [6.0, 3.0], firstNumber: 501);
        self::assertFound($card, self::log($card, named: static fn (int $photo): ?int => $photo % 3 === 0 ? null : $photo));
    }

    /** Where the take was ended, somebody may have shot on by hand: that is none of it. */
    public function testWhatWasNeverTriggeredIsNotThere(): void
    {
        $card = new CardMaker(self::plan(), 53, offset: self::CLOCK_AHEAD, stoppedAfter: 70, firstNumber: 501);
        self::assertFound($card->withSeries(20, 5.0, 5.0 * 70, 0.5, 571, 'test_after'), self::log($card));
    }

    /**
     * @param list<LogLine> $lines
     */
    private static function assertFound(CardMaker $card, array $lines): void
    {
        $planned = PlannedPhotos::ofLog(Shot::of(self::plan()), self::begun(), $lines);
        $matching = Matching::of($planned, CardPhotos::fromExifTool($card->json()));
        self::assertSame($card->truth, $matching->files());
        self::assertSame([], $matching->said);
        self::assertSame(count($card->extras), $matching->extrasCount());
        self::assertEqualsWithDelta(self::CLOCK_AHEAD, $matching->clockOffsetSeconds() ?? NAN, $planned->looseSeconds + 0.1);
    }

    private static function card(): CardMaker
    {
        return new CardMaker(self::plan(), 50, offset: self::CLOCK_AHEAD, firstNumber: 501);
    }

    private static function plan(): Plan
    {
        return Plans::with([
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '17:50'], '/timing/photos' => 100, '/timing/interval_s' => 5,
            '/timing/exposure_s' => 0.5, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/camera/shutter_lag_s' => 0.06,
            '/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]],
        ]);
    }

    /** Sixty seconds before the first photo. */
    private static function begun(): float
    {
        return (PlannedPhotos::of(Shot::of(self::plan()))->firstUnixSeconds ?? 0.0) - 60.0;
    }

    /**
     * @param float                    $zoneSeconds of the camera's wall clock, from UTC
     * @param ?callable(int): ?int $named whose file is named for a photo; null for that of none
     *
     * @return list<LogLine>
     */
    private static function log(CardMaker $card, float $zoneSeconds = 0.0, ?callable $named = null): array
    {
        $lines = [new LogLine(LogKind::Note, 1.0, null, [
            'camera_clock_s' => self::begun() + self::CLOCK_AHEAD + $zoneSeconds + 1.0, 'camera_clock_at_s' => 1.0, 'camera_clock_within_s' => 0.01,
        ])];
        foreach ($card->planned()->openSeconds as $place => $open) {
            $photo = $place + 1;
            $at = 60.0 + $open - 0.06;
            $of = $named === null ? $photo : $named($photo);
            $file = $of === null ? null : $card->truth[$of];
            if ($photo > $card->lastTaken()) {
                break;
            }
            $lines[] = new LogLine(LogKind::Outcome, $at, $photo, ['state' => 'triggered', 'due_s' => $at, 'triggered_s' => $at]);
            if ($file !== null) {
                $lines[] = new LogLine(LogKind::Confirmed, $at + 2.0, $photo, ['object' => '/store_00010001' . substr($file, strlen('card-1'))]);
            }
        }

        return $lines;
    }
}
