<?php

declare(strict_types=1);

namespace Tests\Core\Drawings;

use Evrent\Core\Drawings\SlackRibbon;
use Evrent\Core\Schedule\Schedule;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class SlackRibbonTest extends TestCase
{
    /** The made-up plan: a photo on its way needs at most 2.42 s of its 8 s; standing ones 1.36 s, so 83 % are to spare. */
    public function testItIsAsHighAsTheTimeToSpare(): void
    {
        $schedule = Schedule::of(Plans::with([]));
        $ribbon = SlackRibbon::of($schedule);
        self::assertNotNull($ribbon);
        $heights = self::heights($ribbon->spare());
        $least = 24.0 * (1.0 - $schedule->summary->minSlackSeconds / 8.0);
        self::assertEqualsWithDelta($least, max([0.0, ...$heights]), 0.06);
        self::assertSame('', $ribbon->short());
        self::assertStringContainsString("drawings.ribbon.slack(photo: {$schedule->summary->tightestPhoto}, ", (string) $ribbon->told());
    }

    public function testWhatIsShortStandsBelowTheLine(): void
    {
        $ribbon = SlackRibbon::of(Schedule::of(Plans::with(['/timing/interval_s' => 2.0])));
        self::assertNotNull($ribbon);
        $depths = self::heights($ribbon->short());
        self::assertGreaterThan((float) SlackRibbon::ABOVE, max([0.0, ...$depths]));
        self::assertLessThanOrEqual((float) (SlackRibbon::ABOVE + SlackRibbon::BELOW), max([0.0, ...$depths]));
        self::assertStringStartsWith('drawings.ribbon.short(', (string) $ribbon->told());
    }

    /** Nobody tells 5,000 photos apart on 600 places: each place shows its tightest, so that no short one is lost. */
    public function testALongRunKeepsItsWorstPhoto(): void
    {
        $schedule = Schedule::of(Plans::with(['/timing/photos' => 5000, '/timing/interval_s' => 2.2]));
        $ribbon = SlackRibbon::of($schedule);
        self::assertNotNull($ribbon);
        self::assertSame($schedule->summary->minSlackSeconds < 0.0, $ribbon->short() !== '');
        self::assertLessThan(12_000, strlen($ribbon->spare() . $ribbon->short()));
    }

    public function testWithoutAClockThereIsNothingToSpare(): void
    {
        self::assertNull(SlackRibbon::of(Schedule::of(Plans::with(['/timing/mode' => 'stop_motion']))));
    }

    /**
     * @return list<float>
     */
    private static function heights(string $path): array
    {
        preg_match_all('/V([\d.]+)/', $path, $found);

        // The last brings it back to the line.
        return array_map(floatval(...), array_slice($found[1], 0, -1));
    }
}
