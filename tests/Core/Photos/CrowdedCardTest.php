<?php

declare(strict_types=1);

namespace Tests\Core\Photos;

use Evrent\Core\Photos\CardPhotos;
use Evrent\Core\Photos\Matching;
use Evrent\Core\Photos\PlannedPhotos;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Without a log: a hundred photos on a card that holds any number of others of the same body.
 */
final class CrowdedCardTest extends TestCase
{
    /** @return iterable<string, array{int, float, float, float, bool}> others before, how often, how long open, seconds before the first, parts of a second */
    public static function cards(): iterable
    {
        foreach ([0, 13, 100, 400] as $count) {
            foreach ([true, false] as $hasParts) {
                $clock = $hasParts ? '' : ', whole seconds';
                yield "{$count} before, by another interval{$clock}" => [$count, 3.0, 0.5, 3.0, $hasParts];
                yield "{$count} before, by the same and another exposure{$clock}" => [$count, 5.0, 0.1, 5.0, $hasParts];
                // As many as the plan has could be the plan's.
                yield from $count < 100 ? ["{$count} before, by the same, and a short pause{$clock}" => [$count, 5.0, 0.5, 7.0, $hasParts]] : [];
            }
        }
    }

    #[DataProvider('cards')]
    public function testThePlansAreFoundAmongOthers(int $count, float $every, float $exposure, float $pause, bool $hasParts): void
    {
        $card = new CardMaker(self::plan(), 60, offset: 44.0, hasParts: $hasParts, firstNumber: 501);
        $card->withSeries($count, $every, -$every * ($count - 1) - $pause, $exposure, 1, 'test_before')->withSeries(30, 5.0, 900.0, 0.5, 701, 'test_after');
        $matching = Matching::of($card->planned(), CardPhotos::fromExifTool($card->json()));
        self::assertSame($card->truth, $matching->files());
        self::assertSame($count + 30, $matching->extrasCount());
    }

    /** Two series of the same rhythm and exposure: which of the two is the plan's nothing tells, and both are named. */
    public function testWhereNothingTellsThemApartBothAreNamed(): void
    {
        $card = new CardMaker(self::plan(), 61, firstNumber: 501);
        $card->withSeries(100, 5.0, -4_000.0, 0.5, 1, 'test_before');
        $said = implode(' ', Matching::of($card->planned(), CardPhotos::fromExifTool($card->json()))->said);
        self::assertSame('photos.matching.two_answers(file: EVR_0001.JPG, file2: EVR_0501.JPG)', $said);
        self::assertStringContainsString('EVR_0001.JPG', $said);
        self::assertStringContainsString('EVR_0501.JPG', $said);
    }

    /** A card of many days: twenty thousand, five hundred of them the plan's. */
    public function testFiveHundredAreFoundAmongTwentyThousand(): void
    {
        $card = new CardMaker(self::plan(500), 63, offset: 44.0, firstNumber: 501);
        $from = -400_000.0;
        foreach ([[3_000, 2.0], [2_500, 7.0], [4_000, 3.0], [5_000, 10.0], [1_500, 4.0]] as $n => [$count, $every]) {
            $card->withSeries($count, $every, $from, 0.5, 1, 'test_before', $n + 2);
            $from += $count * $every + 3_600.0;
        }
        $card->withSeries(3_500, 6.0, 4_000.0, 0.5, 1, 'test_after', 9);
        $matching = Matching::of($card->planned(), CardPhotos::fromExifTool($card->json()));
        self::assertSame($card->truth, $matching->files());
        self::assertSame([], $matching->said);
    }

    /** A run begins with a photo that was exposed otherwise: a test, and none of the plan's. */
    public function testATestPhotoOfAnotherExposureMovesNoOther(): void
    {
        $card = (new CardMaker(self::plan(), 62, firstNumber: 501))->withSeries(1, 5.0, -5.0, 4.0, 500, 'test_before');
        $matching = Matching::of($card->planned(), CardPhotos::fromExifTool($card->json()));
        self::assertSame($card->truth, $matching->files());
    }

    /** Nothing on the card is of this shot: what fits by its rhythm alone is said to be probably another's. A dial that nobody turned is none of that. */
    public function testACardOfAnotherShotIsSaidToBeOne(): void
    {
        $of = static fn (CardMaker $card, Plan $plan): array => Matching::of(PlannedPhotos::of(Shot::of($plan)), CardPhotos::fromExifTool($card->json()))->said;
        $other = static fn (float $exposure): Plan => Plans::with([
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '17:50'], '/timing/photos' => 150, '/timing/interval_s' => 5,
            '/timing/exposure_s' => $exposure, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]],
        ]);
        $says = 'photos.matching.either_end';
        self::assertStringContainsString($says, implode(' ', $of(new CardMaker(self::plan(), 64), $other(1 / 60))));
        self::assertStringNotContainsString($says, implode(' ', $of(new CardMaker(self::plan(150), 64), $other(2.0))));
    }

    private static function plan(int $photos = 100): Plan
    {
        return Plans::with([
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '17:50'], '/timing/photos' => $photos, '/timing/interval_s' => 5,
            '/timing/exposure_s' => 0.5, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/camera/shutter_lag_s' => 0.06,
            '/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]],
        ]);
    }
}
