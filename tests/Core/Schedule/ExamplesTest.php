<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Evrent\Core\Schedule\Schedule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Whole schedules, worked out independently, to 1e-9 and to the motor step.
 */
final class ExamplesTest extends TestCase
{
    private const SECONDS = [
        'trigger_s' => 'triggerSeconds', 'open_s' => 'openSeconds', 'exposure_s' => 'exposureSeconds', 'close_s' => 'closeSeconds',
        'interval_s' => 'intervalSeconds', 'late_s' => 'lateSeconds', 'write_end_s' => 'writeEndSeconds', 'move_s' => 'moveSeconds',
        'required_s' => 'requiredSeconds', 'slack_s' => 'slackSeconds',
    ];

    /**
     * @return iterable<array{string}>
     */
    public static function examples(): iterable
    {
        yield ['1-two-keyframes'];
        yield ['2-three-keyframes-flow'];
        yield ['3-overrun-with-hold'];
    }

    #[DataProvider('examples')]
    public function testGivesTheExampleSchedule(string $name): void
    {
        $schedule = Schedule::of(Plans::example($name));
        /** @var array{summary: array<string, float|int>, frames: list<array<string, mixed>>} $expected */
        $expected = json_decode(Plans::fixture("{$name}.schedule.json"), true, 16, JSON_THROW_ON_ERROR);

        $summary = $schedule->summary;
        foreach (
            [
                'photos_total' => $summary->photosTotal, 'clip_s' => $summary->clipSeconds, 'run_s' => $summary->runSeconds,
                'booked_s' => $summary->bookedSeconds, 'min_slack_s' => $summary->minSlackSeconds, 'tightest_frame' => $summary->tightestPhoto,
                'stretched_frames' => $summary->stretchedPhotos, 'late_s' => $summary->lateSeconds,
            ] as $field => $actual
        ) {
            self::assertEqualsWithDelta($expected['summary'][$field], $actual, 1e-9 * max(1.0, abs((float) $actual)), $field);
        }
        self::assertEqualsWithDelta($expected['summary']['largest_step'], $summary->largestStep, 1e-9);

        self::assertSame($expected['summary']['photos_total'], $schedule->photosTotal());
        // Every tenth photo is kept, and those where something begins or ends.
        foreach ($expected['frames'] as $frame) {
            self::assertIsInt($frame['frame']);
            $photo = $schedule->photo($frame['frame']);
            self::assertSame($frame['phase'], $photo->phase->value);
            foreach (array_intersect_key(self::SECONDS, $frame) as $field => $property) {
                $actual = $photo->{$property};
                self::assertSame($frame[$field] === null, $actual === null, "{$field} of photo {$photo->number}");
                self::assertEqualsWithDelta($frame[$field], $actual, 1e-9 * max(1.0, abs((float) $actual)), "{$field} of photo {$photo->number}");
            }
            self::assertEqualsWithDelta($frame['positions'], $photo->positions, 1e-9);
            self::assertSame($frame['motor_position_steps'], $photo->motorPositionSteps);
            self::assertSame($frame['motor_steps'], $photo->motorSteps);
            if (isset($frame['travel_while_open'])) {
                self::assertEqualsWithDelta($frame['travel_while_open'], $photo->travelWhileOpen, 1e-9);
            }
        }
    }
}
