<?php

declare(strict_types=1);

namespace Tests\Core\Photos;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Photos\CardPhotos;
use Evrent\Core\Photos\Matching;
use Evrent\Core\Photos\Measured;
use Evrent\Core\Photos\Stretch;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Core\Said;

/**
 * Brightness of a hundred photos that falls by two stops: the trend is none, what stands out of it is told.
 */
final class MeasuredTest extends TestCase
{
    public function testATrendIsNoFlicker(): void
    {
        $measured = self::measured([]);
        self::assertEqualsWithDelta(2.0, $measured->stops[1] - $measured->stops[100], 0.001);
        self::assertLessThan(0.01, $measured->flicker->stops ?? 1.0);
        self::assertSame([], $measured->findings());
        self::assertSame([1, 100], Stretch::longest(100, $measured->spoilt()));
    }

    /** A lamp passes at photos 40 and 41, half a stop brighter; the longest stretch without it is from 42 on. */
    public function testALampIsOneSignInAFew(): void
    {
        $measured = self::measured([40 => 0.5, 41 => 0.5]);
        self::assertSame(['jump'], array_keys(array_diff_key($measured->findings(), ['flicker' => 1])));
        self::assertStringContainsString('photos.span(first: 40, last: 41)', Said::findings($measured->findings()));
        self::assertSame([42, 100], Stretch::longest(100, $measured->spoilt()));
    }

    /** An aperture that closes by a fifth of a stop too far or too little each time. */
    public function testAnApertureIsBothSignsInMany(): void
    {
        $off = [];
        foreach (range(1, 100) as $n) {
            $off[$n] = [0.25, -0.22, 0.02][$n % 3];
        }
        $measured = self::measured($off);
        self::assertSame(['flicker'], array_keys($measured->findings()));
        self::assertStringContainsString('photos.found.aperture_flicker', Said::findings($measured->findings()));
    }

    public function testABlackPhotoIsNamed(): void
    {
        $measured = self::measured([70 => -40.0]);
        self::assertSame([70], array_map(static fn (Finding $found): ?int => $found->firstPhoto, array_values(array_intersect_key($measured->findings(), ['black' => 1]))));
        self::assertSame([1, 69], Stretch::longest(100, $measured->spoilt()));
    }

    /**
     * @param array<int, float> $off stops by number
     */
    private static function measured(array $off): Measured
    {
        $card = new CardMaker(Plans::with([
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '17:50'], '/timing/photos' => 100, '/timing/interval_s' => 5,
            '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]],
        ]), 3);
        $lumas = [];
        foreach ($card->truth as $number => $file) {
            $lumas[(string) $file] = 0.2 * 2.0 ** (1.0 - 2.0 * ($number - 1) / 99 + ($off[$number] ?? 0.0));
        }

        return Measured::of(Matching::of($card->planned(), CardPhotos::fromExifTool($card->json())), $lumas);
    }
}
