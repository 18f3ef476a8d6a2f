<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Links\CameraLink;
use Evrent\Devices\Running\FilesToPhotos;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * Files that come late, in heaps, twice or not at all, and some that nobody asked for, in virtual time: each belongs to its photo or to none.
 */
final class FilesToPhotosTest extends TestCase
{
    private const PHOTOS = 60;
    private const LAG = 0.06;

    /** @return array<string, array{int}> */
    public static function seeds(): array
    {
        return Cases::named(array_combine(array_map(static fn (int $n): string => "seed {$n}", range(1, 300)), array_map(static fn (int $n): array => [$n], range(1, 300))), 30);
    }

    #[DataProvider('seeds')]
    public function testNoneIsSwappedAndNoneInvented(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $interval = [1.6, 2.0, 3.0, 5.0, 12.0][$chance->getInt(0, 4)];
        $drift = $chance->getInt(-200, 200) * 1e-6;
        $ahead = 1_700_000_000.0 + $chance->getInt(-100_000, 100_000) + $chance->getInt(0, 999) / 1_000;
        $begins = 10.0;
        $triggers = $taken = $truth = $came = [];
        // Which the card writes thirty times slower, for a while.
        $slowFrom = $chance->getInt(1, self::PHOTOS);
        $number = $chance->getInt(0, 1) === 1 ? 9_999 - $chance->getInt(5, 40) : 100;
        $free = 0.0;
        $isRisen = $chance->getInt(0, 1) === 1;
        $hasRaw = $chance->getInt(0, 1) === 1;
        $folder = 100;
        for ($photo = 1; $photo <= self::PHOTOS; $photo++) {
            $triggers[$photo] = $begins + $interval * $photo;
            $shots = $chance->getInt(1, 12) === 1 ? [] : [[$photo, self::LAG + $chance->getInt(0, 80) / 1_000]];
            // A hand on the shutter, well between two.
            $shots = $interval >= 5.0 && $chance->getInt(1, 20) === 1 ? [...$shots, [null, 0.5 * $interval]] : $shots;
            foreach ($shots as [$of, $after]) {
                $at = $triggers[$photo] + $after;
                $number = $number >= 9_999 ? 1 : $number + 1;
                $folder += $number === 1 && $isRisen ? 1 : 0;
                $file = sprintf('/store_00010001/DCIM/%dEVRNT/EVR_%04d.JPG', $folder, $number);
                $taken[$file] = floor($ahead + (1.0 + $drift) * $at);
                $truth[$file] = $of;
                $free = max($free, $at + 0.2) + ($photo >= $slowFrom && $photo < $slowFrom + 8 ? 9.0 : 0.3);
                // Heard of at once, or with others after some time; some twice.
                $came[] = [$free + ($chance->getInt(1, 5) === 1 ? $chance->getInt(0, 200) / 10 : 0.0), $file];
                $came = $chance->getInt(1, 15) === 1 ? [...$came, [$free + 25.0, $file]] : $came;
                // A raw file of the same name, before or after it: the same photo, which is to be counted once.
                if ($hasRaw) {
                    $raw = str_replace('.JPG', '.ARW', $file);
                    $taken[$raw] = $taken[$file];
                    $came[] = [$came[count($came) - 1][0] + $chance->getInt(-2, 20) / 10, $raw];
                }
            }
        }
        self::assertSame([], self::wrong($triggers, $taken, $truth, $came, $interval, $ahead));
    }

    /** Two that are heard of together, the later first, and across the counter's roll-over: of a body that dates nothing its counter tells their order. */
    public function testFilesThatAreHeardOfTogetherGoByTheirCounter(): void
    {
        $triggers = $truth = $came = [];
        for ($photo = 1; $photo <= 20; $photo++) {
            $triggers[$photo] = 10.0 + 5.0 * $photo;
            $truth[sprintf('/store_00010001/DCIM/100EVRNT/EVR_%04d.JPG', $photo <= 9 ? 9_990 + $photo : $photo - 9)] = $photo;
        }
        $files = array_flip($truth);
        for ($photo = 2; $photo <= 20; $photo += 2) {
            $came[] = [$triggers[$photo] + 1.0, [$files[$photo], $files[$photo - 1]]];
        }
        self::assertSame([], self::wrong($triggers, array_fill_keys($files, null), $truth, $came, 5.0, 1_700_000_000.0, '9990'));
    }

    /** A body that dates its files by another zone than it tells the time: they go by their order then, and none is lost. */
    public function testFilesThatAreDatedByAnotherClockGoByTheirOrder(): void
    {
        $triggers = $taken = $truth = $came = [];
        for ($photo = 1; $photo <= 20; $photo++) {
            $triggers[$photo] = 10.0 + 5.0 * $photo;
            $file = sprintf('/store_00010001/DCIM/100EVRNT/EVR_%04d.JPG', 50 + $photo);
            $taken[$file] = floor(1_700_003_600.0 + $triggers[$photo]);
            $truth[$file] = $photo;
            $came[] = [$triggers[$photo] + 1.0, $file];
        }
        self::assertSame([], self::wrong($triggers, $taken, $truth, $came, 5.0, 1_700_000_000.0));
    }

    /** The rig was asked for photo 5 and answered 40 s later: its photo is its own, whenever in between it was exposed. */
    public function testAPhotoMayBeExposedAsLateAsItsRigAnswered(): void
    {
        foreach ([0.1, 20.0, 39.5] as $after) {
            $triggers = $taken = $truth = $came = [];
            for ($photo = 1; $photo <= 10; $photo++) {
                $triggers[$photo] = 10.0 + 5.0 * $photo + ($photo > 5 ? 40.0 : 0.0);
                $exposed = $triggers[$photo] + ($photo === 5 ? $after : 0.1);
                $file = sprintf('/store_00010001/DCIM/100EVRNT/EVR_%04d.JPG', 50 + $photo);
                $taken[$file] = floor(1_700_000_000.0 + $exposed);
                $truth[$file] = $photo;
                $came[] = [max($exposed, $photo === 5 ? $triggers[5] + 40.0 : 0.0) + 1.0, $file];
            }
            self::assertSame([], self::wrong($triggers, $taken, $truth, $came, 5.0, 1_700_000_000.0, answered: [5 => $triggers[5] + 40.0]), "exposed after {$after} s");
        }
    }

    /** The runner was held up and notes places 6 and 20 late, when the timer's photos are on the card already: they are those places' own. */
    public function testAPhotoOfATimerMayBeThereBeforeItsPlaceIsNoted(): void
    {
        foreach ([0.5, 2.0, 4.5] as $late) {
            $triggers = $taken = $truth = $came = [];
            for ($photo = 1; $photo <= 20; $photo++) {
                $fires = 10.0 + 5.0 * $photo;
                $triggers[$photo] = $fires + ($photo === 6 || $photo === 20 ? $late : 0.0);
                $file = sprintf('/store_00010001/DCIM/100EVRNT/EVR_%04d.JPG', 50 + $photo);
                $taken[$file] = floor(1_700_000_000.0 + $fires);
                $truth[$file] = $photo;
                $came[] = [$fires + 0.45, $file];
            }
            self::assertSame([], self::wrong($triggers, $taken, $truth, $came, 5.0, 1_700_000_000.0, timerAt: 15.0), "late by {$late} s");
        }
    }

    /** The runner was held up for longer than an interval and left places 6 and 7 out: their photos are of no place, and that of 8 is its own. */
    public function testPhotosOfATimerAtPlacesLeftOutAreOfNoPlace(): void
    {
        $triggers = $taken = $truth = $came = $files = [];
        for ($photo = 1; $photo <= 20; $photo++) {
            $fires = 10.0 + 5.0 * $photo;
            $triggers[$photo] = $photo >= 6 && $photo <= 8 ? 52.0 : $fires;
            $file = $files[$photo] = sprintf('/store_00010001/DCIM/100EVRNT/EVR_%04d.JPG', 50 + $photo);
            $taken[$file] = floor(1_700_000_000.0 + $fires);
            $truth[$file] = $photo === 6 || $photo === 7 ? null : $photo;
            if ($photo < 6 || $photo > 8) {
                $came[] = [$fires + 0.45, $file];
            }
        }
        $came[] = [51.9, [$files[6], $files[7], $files[8]]];
        self::assertSame([], self::wrong($triggers, $taken, $truth, $came, 5.0, 1_700_000_000.0, timerAt: 15.0, leftOut: [6, 7]));
    }

    /**
     * @param array<int, float>           $triggers by photo
     * @param array<string, ?float>       $taken    by the camera's clock, by file
     * @param array<string, ?int>         $truth    by file
     * @param list<array{float, string|list<string>}> $came
     * @param string                      $before   number of the last file before the take
     * @param array<int, float>           $answered when a rig that was late answered, by photo
     * @param ?float                      $timerAt  when the camera's own timer fired first, where it has one
     * @param list<int>                   $leftOut  photos that were left out when they should have been triggered
     *
     * @return list<string>
     */
    private static function wrong(
        array $triggers,
        array $taken,
        array $truth,
        array $came,
        float $interval,
        float $ahead,
        string $before = '0050',
        array $answered = [],
        ?float $timerAt = null,
        array $leftOut = [],
    ): array {
        $camera = self::createStub(CameraLink::class);
        $camera->method('takenAt')->willReturnCallback(static fn (string $file): ?float => $taken[$file] ?? null);
        $state = new TakeState(Schedule::of(Plans::with([
            '/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]], '/timing/photos' => self::PHOTOS, '/timing/head_photos' => 0,
            '/timing/tail_photos' => 0, '/timing/interval_s' => $interval, '/timing/exposure_s' => 0.1, '/camera/shutter_lag_s' => self::LAG,
        ])));
        $files = new FilesToPhotos($state, $camera, 1.05, 1.5, 0.5, 0.01, $timerAt !== null);
        $state->take(new LogLine(LogKind::Note, 2.0, null, [
            'last_object' => "/store_00010001/DCIM/100EVRNT/EVR_{$before}.JPG", 'camera_clock_s' => floor($ahead) + 3.0, 'camera_clock_at_s' => 3.0 - ($ahead - floor($ahead)),
            'camera_clock_within_s' => 0.02,
        ]));
        if ($timerAt !== null) {
            $state->take(new LogLine(LogKind::Started, $timerAt, null, ['due' => $timerAt]));
        }
        $events = $came;
        foreach ($triggers as $photo => $at) {
            $events[] = [$answered[$photo] ?? $at, $photo];
        }
        // The same file is heard of in the order of the card.
        usort($events, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $wrong = $told = [];
        foreach ($events as [$now, $what]) {
            if (in_array($what, $leftOut, true)) {
                $state->take(new LogLine(LogKind::Skipped, $now, null, ['from' => $what, 'to' => $what]));
            } elseif (is_int($what)) {
                $sent = $triggers[$what];
                $closed = $now + self::LAG + 0.1;
                $state->take(new LogLine(LogKind::Outcome, $now, $what, ['state' => 'triggered', 'due_s' => $sent, 'triggered_s' => $sent, 'closed_s' => $closed]));
            } else {
                $files->came(is_array($what) ? $what : [$what], $now);
            }
            foreach ($files->assigned() as $file => $photo) {
                $stem = substr($file, 0, -4);
                $wrong = array_key_exists($stem, $told) ? [...$wrong, "{$file} is told twice"] : $wrong;
                $told[$stem] = $photo;
                $state->take($photo === null
                    ? new LogLine(LogKind::Note, $now, null, ['extra' => $file, 'camera_s' => $taken[$file]])
                    : new LogLine(LogKind::Confirmed, $now, $photo, ['object' => $file, 'camera_s' => $taken[$file]]));
            }
            foreach ($files->missing($now) as $photo) {
                $state->take(new LogLine(LogKind::NotTaken, $now, $photo));
            }
        }
        foreach ($truth as $file => $photo) {
            $stem = substr($file, 0, -4);
            if (!array_key_exists($stem, $told) || $told[$stem] !== $photo) {
                $wrong[] = "{$file} is photo " . ($photo ?? 'of nobody') . ', not ' . ($told[$stem] ?? 'of nobody');
            }
        }

        return $wrong;
    }
}
