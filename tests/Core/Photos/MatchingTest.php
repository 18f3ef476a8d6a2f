<?php

declare(strict_types=1);

namespace Tests\Core\Photos;

use Evrent\Core\Format\MatchJson;
use Evrent\Core\Messages\Text;
use Evrent\Core\Photos\CardPhoto;
use Evrent\Core\Photos\CardPhotos;
use Evrent\Core\Photos\Matching;
use Evrent\Core\Photos\Placed;
use Evrent\Core\Photos\PlannedPhotos;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * Cards as shoots leave them, each made with its truth: every photo is known, and what is none of the plan's too.
 */
final class MatchingTest extends TestCase
{
    /**
     * @return array<string, array{CardMaker, float, float}> card, and its clock: seconds ahead, drift in millionths
     */
    public static function cards(): array
    {
        return Cases::named(self::allCards(), 15);
    }

    /**
     * @return iterable<string, array{CardMaker, float, float}>
     */
    private static function allCards(): iterable
    {
        $even = self::plan(300, 5);
        $long = self::plan(2_000, 5);
        $quick = self::plan(600, 1);
        $quickest = self::plan(5_000, 1);
        $keyed = self::plan(400, [['at' => 0, 'interval_s' => 4], ['at' => 1, 'interval_s' => 9]]);
        $ramp = self::plan(300, 6, [['at' => 0, 'exposure_s' => 0.01], ['at' => 1, 'exposure_s' => 2]]);
        yield 'clean' => [new CardMaker($even, 1), 0.0, 0.0];
        yield 'wrong zone' => [new CardMaker($even, 2, offset: 3_600.0 + 7.3), 3_607.3, 0.0];
        yield 'a year off' => [new CardMaker($even, 3, offset: -31_536_000.0), -31_536_000.0, 0.0];
        yield 'whole seconds' => [new CardMaker($even, 4, offset: 12.0, hasParts: false), 12.0, 0.0];
        yield 'one a second, whole seconds' => [new CardMaker($quick, 5, offset: -3.25, hasParts: false), -3.25, 0.0];
        yield 'one a second' => [new CardMaker($quick, 6, offset: 0.4, missing: [50, 51, 200, 599]), 0.4, 0.0];
        yield 'fast by 300 ppm' => [new CardMaker($long, 7, offset: 20.0, driftPpm: -300.0), 20.0, -300.0];
        yield 'slow by 300 ppm, whole seconds' => [new CardMaker($long, 8, offset: -20.0, driftPpm: 300.0, hasParts: false), -20.0, 300.0];
        yield 'one a second, whole seconds, fast by 280 ppm' => [new CardMaker($quickest, 26, offset: 33.4, driftPpm: 280.0, hasParts: false), 33.4, 280.0];
        yield 'one a second, whole seconds, slow by 300 ppm' => [new CardMaker($quickest, 27, offset: -8.3, driftPpm: -300.0, hasParts: false), -8.3, -300.0];
        yield 'one a second, whole seconds, fifty missing and a drift' => [
            new CardMaker($quickest, 28, offset: 3.6, driftPpm: 280.0, hasParts: false, missing: range(1_666, 1_715)), 3.6, 280.0,
        ];
        yield 'one in two seconds, whole seconds, a fifth missing and a drift' => [
            new CardMaker(self::plan(5_000, 2), 29, offset: 5.4, driftPpm: 300.0, hasParts: false, missing: self::fifth(5_000)), 5.4, 300.0,
        ];
        yield 'keyed intervals' => [new CardMaker($keyed, 9, offset: 5.0, missing: [20, 21, 300]), 5.0, 0.0];
        yield 'keyed intervals, the first fifty missing' => [new CardMaker($keyed, 10, offset: 5.0, missing: range(1, 50)), 5.0, 0.0];
        yield 'a ramp' => [new CardMaker($ramp, 11, offset: -40.0, missing: [7]), -40.0, 0.0];
        yield 'a ramp, the first twenty missing' => [new CardMaker($ramp, 12, offset: -40.0, missing: range(1, 20)), -40.0, 0.0];
        yield 'roll-over' => [new CardMaker($even, 13, firstNumber: 9_900), 0.0, 0.0];
        yield 'roll-over, whole seconds, one a second' => [new CardMaker($quick, 14, hasParts: false, firstNumber: 9_700), 0.0, 0.0];
        yield 'two cards' => [new CardMaker($even, 15, secondCardFrom: 140), 0.0, 0.0];
        yield 'two bodies' => [(new CardMaker($even, 16))->withAnotherBody(80), 0.0, 0.0];
        yield 'copied' => [(new CardMaker($even, 17))->withCopies(40), 0.0, 0.0];
        yield 'stopped early' => [new CardMaker($even, 18, offset: 9.0, stoppedAfter: 170), 9.0, 0.0];
        yield 'stopped one early, whole seconds' => [new CardMaker($even, 33, hasParts: false, stoppedAfter: 299), 0.0, 0.0];
        yield 'few, stopped one early, whole seconds' => [new CardMaker(self::plan(10, 5), 36, offset: 5.0, hasParts: false, stoppedAfter: 9), 5.0, 0.0];
        yield 'one a second, whole seconds, stopped early' => [new CardMaker($quick, 35, offset: 0.4, hasParts: false, stoppedAfter: 500), 0.4, 0.0];
        yield 'a fifth missing' => [new CardMaker($long, 19, missing: self::fifth(2_000)), 0.0, 0.0];
        yield 'fifty missing at once' => [new CardMaker($even, 20, offset: 100.0, missing: range(100, 149)), 100.0, 0.0];
        yield 'test shots before and after' => [new CardMaker($even, 21, offset: -8.0, testsBefore: [61.3, 42.7, 31.1], testsAfter: [33.3]), -8.0, 0.0];
        yield 'some taken twice' => [new CardMaker($even, 22, doubled: [10, 200]), 0.0, 0.0];
        yield 'no offset from UTC' => [new CardMaker($even, 23, saysOffset: false), 0.0, 0.0];
        yield 'the file’s own time alone' => [new CardMaker($even, 24, hasParts: false, timeTag: 'FileModifyDate'), 0.0, 0.0];
        yield 'tests, a gap and a drift' => [
            new CardMaker($long, 25, offset: 3_600.0, driftPpm: 120.0, missing: range(900, 960), testsBefore: [40.0, 20.0], doubled: [1_500]), 3_600.0, 120.0,
        ];
    }

    #[DataProvider('cards')]
    public function testEveryPhotoIsKnown(CardMaker $card, float $offset, float $driftPpm): void
    {
        $photos = CardPhotos::fromExifTool($card->json(), 'Europe/London');
        $matching = Matching::of($card->planned(), $photos);
        self::assertSame([], array_diff_assoc(
            array_map(static fn (?string $file): string => $file ?? '-', $card->truth),
            array_map(static fn (?string $file): string => $file ?? '-', $matching->files()),
        ));
        $why = [];
        foreach ($matching->extras() as $extra) {
            $why[$extra['photo']->file] = $extra['why']->value;
        }
        ksort($why);
        $extras = $card->extras;
        ksort($extras);
        self::assertSame($extras, $why);
        // Where each photo comes at the same part of a second, a clock of whole ones can be off by half of one, and a drift by one over the whole.
        $seconds = max([1.0, ...$card->planned()->openSeconds]);
        self::assertEqualsWithDelta($offset, $matching->clockOffsetSeconds() ?? NAN, $card->hasParts ? 0.1 : 0.7);
        self::assertEqualsWithDelta($driftPpm, 1e6 * ($matching->clock->drift ?? NAN), 40.0 + ($card->hasParts ? 0.0 : 1e6 / $seconds));
        self::assertCount(count($card->extras) + count(array_filter($card->truth, static fn (?string $file): bool => $file !== null)), $matching->order);
    }

    /** Of an even series that is stopped early nothing tells whether the first are missing; it is said, and taken to be there from the beginning. */
    public function testWhatCannotBeToldIsSaid(): void
    {
        $card = new CardMaker(self::plan(300, 5), 30, stoppedAfter: 200);
        $said = implode(' ', Matching::of($card->planned(), CardPhotos::fromExifTool($card->json()))->said);
        self::assertSame('photos.matching.either_end', $said);
        $whole = new CardMaker(self::plan(300, 5), 31);
        self::assertSame([], Matching::of($whole->planned(), CardPhotos::fromExifTool($whole->json()))->said);
    }

    /** Whoever knows that the first on the card is photo 51 has all others fifty on, and nothing is left to be asked. */
    public function testOneThatIsKnownPlacesAllOthers(): void
    {
        $card = new CardMaker(self::plan(300, 5), 34, missing: range(1, 50));
        $photos = CardPhotos::fromExifTool($card->json());
        $matching = Matching::of($card->planned(), $photos, new Placed($photos->photos->at(0)->file, 51));
        self::assertSame($card->truth, $matching->files());
        self::assertSame([], $matching->said);
    }

    public function testWithoutAnyTimeTheyStandInTheOrderOfTheirNumbers(): void
    {
        $card = new CardMaker(self::plan(50, 5), 32, hasParts: false, timeTag: 'Nothing');
        $matching = Matching::of($card->planned(), CardPhotos::fromExifTool($card->json()));
        self::assertSame($card->truth, $matching->files());
        self::assertStringContainsString('photos.matching.by_number', (string) $matching->said[0]);
        self::assertNull($matching->clockOffsetSeconds());
    }

    /** What goes wrong on shoots has its id, and what can be done about it. */
    public function testACounterThatRolledOverAndPhotosThatNobodyPlannedAreTold(): void
    {
        $card = new CardMaker(self::plan(300, 5), 40, firstNumber: 9_900, missing: [7], testsAfter: [33.3]);
        [$ids, $says] = self::judged($card->planned(), $card);
        self::assertSame(['missing' => 'L2', 'roll_over' => 'L1', 'extra' => 'L2'], $ids);
        self::assertSame('photos.found.missing(count: 1, photos: photos.one_of_them(numbers: [7])) photos.found.roll_over(photo: 102, file: EVR_0001.JPG, before: EVR_9999.JPG, count: 1, photos: photos.one_of_them(numbers: [102])) photos.found.extra(count: 1, photos: photos.some_of_them(numbers: []))', $says);
    }

    /** @return iterable<string, array{CardMaker, ?string}> */
    public static function intervals(): iterable
    {
        yield 'six instead of five' => [new CardMaker(self::plan(300, 6), 41), '9, photos: photos.some_of_them(numbers: [])) photos.found.stretched(interval:'];
        yield 'the same, some of them missing, whole seconds' => [
            new CardMaker(self::plan(300, 6), 42, hasParts: false, missing: self::fifth(300)), '9, photos: photos.some_of_them(numbers: [])) photos.found.stretched(interval:',
        ];
        yield 'as planned' => [new CardMaker(self::plan(300, 5), 43), null];
        yield 'as planned, a fifth missing' => [new CardMaker(self::plan(300, 5), 44, hasParts: false, missing: self::fifth(300)), null];
        yield 'as planned, by a clock that is fast' => [new CardMaker(self::plan(300, 5), 45, driftPpm: 300.0), null];
        yield 'another shot’s, of a third as many photos' => [new CardMaker(self::plan(100, 6), 46), null];
    }

    #[DataProvider('intervals')]
    public function testIntervalsThatCameOutLongerAreTold(CardMaker $card, ?string $says): void
    {
        [$ids, $said] = self::judged(PlannedPhotos::of(Shot::of(self::plan(300, 5))), $card);
        self::assertSame($says === null ? null : 'T6', $ids['stretched'] ?? null);
        self::assertStringContainsString((string) $says, $said);
    }

    /**
     * @return array{array<string, string>, string} ids by what they are of, and all that is said
     */
    private static function judged(PlannedPhotos $planned, CardMaker $card): array
    {
        $match = MatchJson::of(Matching::of($planned, CardPhotos::fromExifTool($card->json())));
        /** @var list<array{what: string, says: Text, failure?: string}> $findings */
        $findings = $match['findings'];

        return [array_column($findings, 'failure', 'what'), implode(' ', array_column($findings, 'says'))];
    }

    public function testFilesThatAreNoPhotoAreLeftOut(): void
    {
        $card = new CardMaker(self::plan(10, 5), 33);
        $files = json_decode($card->json(), true, 8, JSON_THROW_ON_ERROR);
        assert(is_array($files));
        $files[] = ['SourceFile' => 'card-1/notes.txt', 'MIMEType' => 'text/plain'];
        $files[] = ['SourceFile' => 'card-1/torn.JPG', 'Error' => 'File format error'];
        $files[] = $files[0];
        $photos = CardPhotos::fromExifTool(json_encode($files, JSON_THROW_ON_ERROR));
        self::assertCount(10, $photos->photos);
        self::assertSame(['photos.card_photos.no_photo(type: text/plain)', 'photos.card_photos.tool_says(error: File format error)', 'photos.card_photos.twice'], array_map(strval(...), array_column($photos->skipped, 'why')));
        $told = json_decode(MatchJson::encode(MatchJson::of(Matching::of($card->planned(), $photos), $photos->skipped)), true, 16, JSON_THROW_ON_ERROR);
        self::assertIsArray($told);
        self::assertIsArray($told['photos']);
        self::assertSame('evrent.match/1', $told['format']);
        self::assertSame([1, 10], [array_key_first($told['photos']), array_key_last($told['photos'])]);
    }

    /**
     * @return list<int> every fifth or so
     */
    private static function fifth(int $photos): array
    {
        $random = new Randomizer(new Mt19937(5));

        return array_values(array_filter(range(2, $photos - 1), static fn (): bool => $random->getInt(1, 5) === 1));
    }

    private static function plan(int $photos, mixed $interval, mixed $exposure = 0.5): Plan
    {
        return Plans::with([
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '17:50'], '/timing/photos' => $photos, '/timing/interval_s' => $interval,
            '/timing/exposure_s' => $exposure, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/camera/shutter_lag_s' => 0.06,
            '/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]],
        ]);
    }
}
