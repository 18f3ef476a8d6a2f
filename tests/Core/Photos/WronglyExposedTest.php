<?php

declare(strict_types=1);

namespace Tests\Core\Photos;

use Evrent\Core\Photos\CardPhoto;
use Evrent\Core\Photos\PlannedPhotos;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\PhotoState;
use Evrent\Core\Run\Take\ReadBack;
use Evrent\Core\Run\Take\TakeReport;
use Evrent\Core\Schedule\Schedule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What photos' files say of their exposure rules over what the camera said when they were taken.
 */
final class WronglyExposedTest extends TestCase
{
    /**
     * Planned are 0.5 s, f/8, ISO 100. A stop is twice the time, twice the ISO, or the f-number by √2; an aperture counts twice.
     *
     * @return iterable<string, array{?float, ?float, ?float, ?float, bool}> seconds, f-number, ISO; stops, and whether that is wrong
     */
    public static function exposures(): iterable
    {
        yield 'as planned' => [0.5, 8.0, 100.0, 0.0, false];
        yield 'a quarter of a stop' => [0.595, 8.0, 100.0, 0.251, false];
        yield 'half a stop' => [0.707, 8.0, 100.0, 0.5, true];
        yield 'a stop by the aperture alone' => [0.5, 5.657, 100.0, 1.0, true];
        yield 'two stops darker by ISO' => [0.5, 8.0, 25.0, -2.0, true];
        yield 'one makes up for the other' => [0.25, 8.0, 200.0, 0.0, false];
        yield 'a lens without contacts tells no aperture' => [0.5, null, 100.0, 0.0, false];
        yield 'nothing told' => [null, null, null, null, false];
    }

    #[DataProvider('exposures')]
    public function testShutterApertureAndIsoCountTogether(?float $seconds, ?float $aperture, ?float $iso, ?float $stops, bool $isWrong): void
    {
        $planned = new PlannedPhotos([0.0, 8.0], [0.5, 0.5], aperture: 8.0, isos: [100.0, 100.0]);
        $off = $planned->offStops(0, new CardPhoto('a.jpg', 1.0, exposureSeconds: $seconds, aperture: $aperture, iso: $iso));
        self::assertEqualsWithDelta($stops, $off, 0.002);
        self::assertSame($isWrong, abs($off ?? 0.0) > $planned->mostOffStops(0));
    }

    /** 0.451 s lies between 0.4 and 0.5 s, 0.149 stops from the nearer: what is taken at either is as planned. */
    public function testAMarkBesideARampIsAsPlanned(): void
    {
        $planned = new PlannedPhotos([0.0, 8.0], [0.451, 0.451]);
        self::assertEqualsWithDelta(1.0 / 3.0 + 0.149 + 0.02, $planned->mostOffStops(0), 0.001);
    }

    public function testThePhotosThatWereReadRuleOverTheLog(): void
    {
        $schedule = Schedule::of(Plans::with(['/timing/photos' => 8, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]));
        $lines = [new LogLine(LogKind::Started, 0.0, null, ['due' => 0.0])];
        foreach (range(1, 8) as $photo) {
            $state = $photo === 5 || $photo === 6 ? 'uncertain' : 'triggered';
            $more = ['state' => $state, 'due_s' => 8.0 * $photo, 'triggered_s' => 8.0 * $photo, 'late_s' => 0.0] + ($photo === 2 ? ['off_stops' => 1.0] : []);
            $lines[] = new LogLine(LogKind::Outcome, 8.0 * $photo, $photo, $more);
        }
        $lines[] = new LogLine(LogKind::NotTaken, 80.0, 7, ['why' => 'nothing of it']);
        $states = static fn (?ReadBack $card): array => array_map(static fn (array $photo): PhotoState => $photo['state'], TakeReport::of($schedule, $lines, $card)->photos);
        $before = $states(null);
        self::assertSame([PhotoState::WrongExposure, PhotoState::Triggered, PhotoState::Uncertain, PhotoState::Missing], [$before[2], $before[3], $before[5], $before[7]]);
        $read = $states(ReadBack::ofMatch([
            'photos' => ['1' => 'a', '2' => 'b', '3' => 'c', '4' => 'd', '5' => 'e', '6' => null, '7' => 'g', '8' => 'h'],
            'exposure_off_stops' => ['2' => ['stops' => 0.1, 'wrong' => false], '3' => ['stops' => -2, 'wrong' => true], '4' => 'odd'],
        ]));
        self::assertSame([
            1 => PhotoState::Good, PhotoState::Good, PhotoState::WrongExposure, PhotoState::Good, PhotoState::Good, PhotoState::Missing, PhotoState::Good, PhotoState::Good,
        ], $read);
        // Of a part of a card, what is not there is not known to be missing.
        self::assertSame(PhotoState::Uncertain, $states(ReadBack::ofMatch(['photos' => ['1' => 'a', '5' => null, '6' => null]]))[6]);
        self::assertEqualsWithDelta([3 => -2.0, 2 => 0.1], TakeReport::of($schedule, $lines, ReadBack::ofMatch([
            'exposure_off_stops' => ['2' => ['stops' => 0.1, 'wrong' => false], '3' => ['stops' => -2, 'wrong' => true]],
        ]))->offStops, 1e-9);
    }
}
