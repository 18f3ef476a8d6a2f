<?php

declare(strict_types=1);

namespace Tests\Core\Photos;

use Evrent\Core\Clip\Clip;
use Evrent\Core\Clip\Crop;
use Evrent\Core\Clip\Frames;
use Evrent\Core\Clip\Speed;
use Evrent\Core\Format\ClipJson;
use Evrent\Core\Format\MatchJson;
use Evrent\Core\Photos\CardPhotos;
use Evrent\Core\Photos\Differences;
use Evrent\Core\Photos\Matching;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\FileName;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * What exiftool writes, matches and lists of clips, torn and filled with odd things: two thousand of each in the long run. Each is read, or refused
 * in words, without a warning and without much memory.
 */
final class MangledTest extends TestCase
{
    private const HOW_MANY = 2_000;
    private const MOST_BYTES = 200_000_000;

    private const ODD = [
        null, true, false, 0, -1, 1.5, 1e300, -1e300, PHP_INT_MAX, PHP_INT_MIN, '', ' ', '8', '1e999', "\0", "\n", 'é', '0000:00:00 00:00:00', '9999:99:99 99:99:99',
        '2027:03:23 17:50:00', '+99:99', [], [[]], [0, 1], ['at' => 0], ['x' => ['y' => []]], 9_999, 1e-300, "-if\n", '=cmd|x', 'evrent.clip/1',
    ];
    private const PIECES = ['', '"', '{', '}', '[', ']', ',', ':', '-', '1e999', 'null', '0', '.', '99999', '{}', '""', '\u0000', "\xff", "\n", '[[[[', '\\'];

    protected function setUp(): void
    {
        set_error_handler(static function (int $level, string $message): never {
            self::fail("a warning: {$message}");
        });
    }

    protected function tearDown(): void
    {
        restore_error_handler();
    }

    public function testPhotosThatAreMangledAreReadOrRefused(): void
    {
        $card = new CardMaker(Plans::with(['/timing/photos' => 12, '/start' => ['event' => 'clock', 'at' => '17:50'], '/site' => Plans::SITE]), 1);
        $planned = $card->planned();
        $refused = self::each($card->json(), static function (string $json) use ($planned): void {
            $photos = CardPhotos::fromExifTool($json, 'Europe/London');
            $matching = Matching::of($planned, $photos);
            Differences::of($matching);
            $match = MatchJson::encode(MatchJson::of($matching, $photos->skipped));
            foreach (MatchJson::files($match, $planned->count()) as $file) {
                self::assertTrue(FileName::isPlain($file));
            }
        });
        self::assertGreaterThan(0, $refused);
    }

    public function testMatchesThatAreMangledAreReadOrRefused(): void
    {
        $card = new CardMaker(Plans::with(['/timing/photos' => 12, '/start' => ['event' => 'clock', 'at' => '17:50'], '/site' => Plans::SITE]), 1);
        $match = MatchJson::encode(MatchJson::of(Matching::of($card->planned(), CardPhotos::fromExifTool($card->json()))));
        $refused = self::each($match, static function (string $json): void {
            foreach (MatchJson::files($json, 500) as $file) {
                self::assertTrue(FileName::isPlain($file));
            }
            MatchJson::brightness($json);
        });
        self::assertGreaterThan(0, $refused);
    }

    public function testListsOfClipsThatAreMangledAreReadOrRefused(): void
    {
        $clip = ClipJson::write(new Clip(in: 3, out: 40, speeds: [new Speed(5, 9, 2.0), new Speed(20, 21, 0.5)], crop: new Crop(0.4, 0.5, 0.8), endCrop: new Crop(0.6, 0.5, 0.6)));
        $refused = self::each($clip, static function (string $json): void {
            $read = ClipJson::read($json);
            // What was read is written as it was read, and makes frames.
            self::assertSame(ClipJson::write($read), ClipJson::write(ClipJson::read(ClipJson::write($read))));
            Frames::of($read, 60, [7, 8]);
        });
        self::assertGreaterThan(0, $refused);
    }

    /**
     * @param callable(string): void $read
     *
     * @return int how many were refused
     */
    private static function each(string $json, callable $read): int
    {
        $refused = 0;
        foreach (Cases::numbers(self::HOW_MANY) as $seed) {
            $mangled = self::mangled($json, new Randomizer(new Xoshiro256StarStar($seed)));
            memory_reset_peak_usage();
            try {
                $read($mangled);
            } catch (InvalidInput $invalid) {
                $refused++;
                foreach ($invalid->problems as $problem) {
                    self::assertMatchesRegularExpression('/^\S.*$/sDu', (string) $problem->message, "{$seed}: {$mangled}");
                }
            }
            self::assertLessThan(self::MOST_BYTES, memory_get_peak_usage(), (string) $seed);
        }

        return $refused;
    }

    private static function mangled(string $json, Randomizer $chance): string
    {
        if ($chance->getInt(0, 2) === 0) {
            for ($times = $chance->getInt(1, 4); $times > 0; $times--) {
                $at = $chance->getInt(0, strlen($json));
                $json = substr_replace($json, self::PIECES[$chance->getInt(0, count(self::PIECES) - 1)], $at, $chance->getInt(0, 30));
            }

            return $json;
        }
        $document = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        for ($times = $chance->getInt(1, 5); $times > 0 && is_array($document); $times--) {
            self::strike($document, $chance);
        }

        return json_encode($document, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /** @param array<array-key, mixed> $document */
    private static function strike(array &$document, Randomizer $chance): void
    {
        $keys = array_keys($document);
        $key = $keys === [] ? 'x' : $keys[$chance->getInt(0, count($keys) - 1)];
        if (is_array($document[$key] ?? null) && $chance->getInt(0, 3) > 0) {
            self::strike($document[$key], $chance);

            return;
        }
        $odd = self::ODD[$chance->getInt(0, count(self::ODD) - 1)];
        match ($chance->getInt(0, 3)) {
            0 => $document[$key] = $odd,
            1 => $document[$odd === null || is_array($odd) ? 'more' : (string) $odd] = $odd,
            2 => $document[$key] = $document[$keys === [] ? 'x' : $keys[$chance->getInt(0, count($keys) - 1)]] ?? null,
            default => null,
        };
        if ($chance->getInt(0, 5) === 0) {
            unset($document[$key]);
        }
    }
}
