<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Plan\Plan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Takes on simulated devices, at a few hundred times the world's speed.
 */
final class TakeTest extends TestCase
{
    public function testEveryPhotoIsTakenOnceInItsPlace(): void
    {
        $take = new TakeUnderFire(self::plan(), 1, 500);
        $take->run();
        self::assertSame(['complete', [], []], [$take->ended(), $take->wrong(false), $take->outOfPlace()], $take->errors());
    }

    public function testCreepingOnEveryPhotoIsTakenOnce(): void
    {
        $take = new TakeUnderFire(self::plan(['/timing/mode' => 'continuous']), 1, 500);
        $take->run();
        self::assertSame(['complete', []], [$take->ended(), $take->wrong(false)], $take->errors());
    }

    public function testADeafCameraIsNeverAsked(): void
    {
        $take = new TakeUnderFire(self::plan(), 1, 500, isDeaf: true);
        $take->run(2, ['run']);
        self::assertSame(['complete', [], []], [$take->ended(), $take->wrong(false), $take->outOfPlace()], $take->errors());
    }

    /**
     * @return iterable<string, array{int, list<'run'|'rig'|'camera'>, bool}>
     */
    public static function kills(): iterable
    {
        yield 'the run itself' => [11, ['run'], false];
        yield 'the rig' => [12, ['rig'], false];
        yield 'the camera' => [13, ['camera'], true];
        yield 'any of them' => [14, ['run', 'rig', 'camera'], true];
    }

    /**
     * @param list<'run'|'rig'|'camera'> $mayDie
     */
    #[DataProvider('kills')]
    public function testKilledAtAnyMomentItGoesOnAtTheRightPhotoAndPlace(int $seed, array $mayDie, bool $mayMiss): void
    {
        $take = new TakeUnderFire(self::plan(), $seed, 150);
        $take->run(4, $mayDie);
        self::assertSame(['complete', [], []], [$take->ended(), $take->wrong($mayMiss), $take->outOfPlace()], implode(', ', $take->kills) . $take->errors());
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function plan(array $changes = []): Plan
    {
        return Plans::with(['/timing/photos' => 40, '/timing/head_photos' => 0, '/timing/tail_photos' => 0] + $changes);
    }
}
