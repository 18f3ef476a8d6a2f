<?php

declare(strict_types=1);

namespace Tests\Core\Editing;

use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Presets\Transfer;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * A pan-and-tilt rig has no slide to move, a pan-only one no tilt: whatever is done to a shot, it moves what its rig has and nothing else.
 */
final class AxesOfTheRigTest extends TestCase
{
    private const EDITS = [
        ['keyframe-after', ['place' => '0']], ['swap', []], ['aim-body', ['target' => 'sun', 'place' => '1', 'at' => '18:00']],
        ['track-body', ['target' => 'moon']], ['aim', ['bearing_a' => '200', 'bearing_b' => '240', 'height_a' => '4', 'height_b' => '12']], ['fit', []],
        ['scale', ['axis' => 'tilt', 'factor' => '150']], ['pan-frames', ['frames' => '2']], ['face', ['bearing' => '230']],
        ['turn', ['axis' => 'pan', 'rate' => '2']], ['nudge', ['axis' => 'slide', 'place' => '0', 'by' => '5']], ['flip', ['axis' => 'tilt']],
    ];

    /**
     * @return iterable<string, array{string, list<string>}>
     */
    public static function rigs(): iterable
    {
        yield 'pan alone' => ['pan', ['pan']];
        yield 'pan and tilt' => ['pan-tilt', ['pan', 'tilt']];
        yield 'slide alone' => ['slide', ['slide']];
    }

    /**
     * @param list<string> $axes
     */
    #[DataProvider('rigs')]
    public function testWhateverIsDoneItMovesItsOwnAxes(string $starter, array $axes): void
    {
        $plan = self::starter($starter);
        self::assertSame($axes, self::moved($plan));
        foreach (self::EDITS as [$name, $with]) {
            try {
                $edited = (new PinnedPlan($plan))->named($name, $with)->plan;
            } catch (InvalidInput $refused) {
                self::assertNotSame([], $refused->problems);
                continue;
            }
            self::assertSame([], array_diff(self::moved($edited), $axes), $name);
        }
        $moved = Transfer::move(self::starter('slide-pan-tilt'), $plan);
        self::assertSame($axes, self::moved($moved), 'a move kept of a rig with more axes');
    }

    public function testAnAxisThatAMoveDoesNotKnowStandsStill(): void
    {
        $moved = Transfer::move(self::starter('pan'), self::starter('pan-tilt'));
        self::assertSame([0.0, 0.0], array_map(static fn (Keyframe $keyframe): float => $keyframe->positions['tilt'], $moved->move->keyframes));
    }

    private static function starter(string $name): Plan
    {
        $plan = PlanReader::fromJson((string) file_get_contents(dirname(__DIR__, 3) . "/resources/plans/{$name}.plan.json"));

        return $plan->with(['site' => Plans::with(['/site' => Plans::SITE])->site]);
    }

    /**
     * @return list<string> axes that have a place at every keyframe
     */
    private static function moved(Plan $plan): array
    {
        return array_values(array_unique(array_merge(...array_map(
            static fn (Keyframe $keyframe): array => array_keys($keyframe->positions),
            $plan->move->keyframes,
        ))));
    }
}
