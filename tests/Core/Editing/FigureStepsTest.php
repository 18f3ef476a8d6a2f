<?php

declare(strict_types=1);

namespace Tests\Core\Editing;

use Evrent\Core\Editing\FigureSteps;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class FigureStepsTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('steps')]
    public function testAStepGoesToTheNextRoundValue(array $changes, string $pointer, int $by, string $text): void
    {
        [$fields, $held] = FigureSteps::of(new PinnedPlan(Plans::with($changes)), $pointer, $by);
        [, $group, $field] = explode('/', $pointer);
        self::assertSame($group === 'held' ? [[], [$field => $text]] : [[$group => [$field => $text]], []], [$fields, $held]);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string, int, string}>
     */
    public static function steps(): iterable
    {
        yield 'a photo more' => [[], '/held/photos', 1, '241'];
        yield 'a dozen fewer' => [[], '/timing/photos', -2, '204'];
        yield 'none are fewer than none' => [['/timing/head_photos' => 0], '/timing/head_photos', -2, '0'];
        yield 'a second of clip' => [[], '/held/clip', 1, '11'];
        yield 'to the next five seconds' => [[], '/held/clip', 2, '15'];
        yield 'a minute less' => [[], '/held/shooting', -1, '31 min'];
        yield 'ten minutes more, to a round one' => [[], '/held/shooting', 2, '40 min'];
        yield 'the next usual rate' => [[], '/timing/frames_per_second', 1, '25'];
        yield 'one further on' => [[], '/timing/frames_per_second', 2, '30'];
        yield 'a tenth' => [[], '/timing/interval_s', 1, '8.1'];
        yield 'a second' => [[], '/timing/interval_s', -2, '7'];
        yield 'half a second from ten on' => [['/timing/interval_s' => 12.3], '/timing/interval_s', 1, '12.5'];
        yield 'below ten by tenths again' => [['/timing/interval_s' => 10.0], '/timing/interval_s', -1, '9.9'];
        yield 'never to nothing' => [['/timing/interval_s' => 0.1], '/timing/interval_s', -2, '0.1'];
        yield 'a third of a stop' => [['/timing/exposure_s' => 0.8], '/timing/exposure_s', 1, '1'];
        yield 'a stop' => [['/timing/exposure_s' => 0.01], '/timing/exposure_s', 2, '1/50'];
    }

    public function testWhatIsKeptAndWhatFollowsIsAsIfTyped(): void
    {
        $pinned = new PinnedPlan(Plans::with([]));
        $stepped = $pinned->stepped('/timing/interval_s', 1);
        self::assertEquals($pinned->typed(['timing' => ['interval_s' => '8.1']], []), $stepped);
    }

    public function testWhatIsNoStepOrNoFigureIsRefused(): void
    {
        foreach ([['/timing/interval_s', 3], ['/camera/write_s', 1]] as [$pointer, $by]) {
            try {
                FigureSteps::of(new PinnedPlan(Plans::with([])), $pointer, $by);
                self::fail("{$pointer} is stepped by {$by}");
            } catch (InvalidInput $refused) {
                self::assertStringStartsWith('/edit/', $refused->problems[0]->pointer);
            }
        }
    }
}
