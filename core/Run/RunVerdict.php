<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

use Evrent\Core\Checks\CameraTimerDrifts;
use Evrent\Core\Checks\ControllerStretchesInterval;
use Evrent\Core\Checks\FasterThanAxis;
use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\IntervalTooShortForCamera;
use Evrent\Core\Checks\IntervalTooShortForRig;
use Evrent\Core\Checks\Report;
use Evrent\Core\Checks\Severity;
use Evrent\Core\Schedule\CameraTimer;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

/**
 * What a run says of a plan, in the plan's own words: lateness is counted from what was asked for, and what chance added is named.
 */
final readonly class RunVerdict
{
    /** What of a plan a run finds out by itself: times, and photos taken while the rig moves. */
    private const FINDS_OUT = [
        IntervalTooShortForRig::class, IntervalTooShortForCamera::class, ControllerStretchesInterval::class, CameraTimerDrifts::class, FasterThanAxis::class,
    ];

    /**
     * @param bool   $passes whether everything came as asked for, and not by luck
     * @param bool   $failed whether anything did not come as asked for
     * @param string $says   in a few words
     * @param string $why    in a sentence or two
     */
    private function __construct(public bool $passes, public bool $failed, public string $says, public string $why)
    {
    }

    /**
     * @param int   $planned           photos that were to be taken
     * @param int   $usable            of those, that were taken with the rig in place
     * @param int   $late              that came noticeably later than asked for
     * @param int   $latestPhoto       number of the one that came latest, from 1
     * @param float $latestLateSeconds how late it came
     */
    public static function of(Schedule $schedule, int $planned, int $usable, int $late, int $latestPhoto, float $latestLateSeconds): self
    {
        $foretold = self::foretold($schedule);
        $falls = $foretold !== null && $foretold->severity === Severity::Error;
        $failed = $late > 0 || $usable < $planned;
        $chance = self::chance($schedule, $latestPhoto, $latestLateSeconds);
        $happened = PlainText::sentenceOf([
            $usable < $planned ? PlainText::photos($planned - $usable) . ' of ' . number_format($planned) . ' cannot be used' : '',
            $late > 0 ? sprintf('%s came late, photo %d by %s', PlainText::photos($late), $latestPhoto, self::span($latestLateSeconds)) : '',
        ]);

        return match (true) {
            $failed && $falls => new self(
                false,
                true,
                'This shot falls short.',
                "{$happened}, as the plan says: {$foretold->title}, {$foretold->shortfall}. {$chance}",
            ),
            $failed && $foretold !== null => new self(
                false,
                true,
                'This shot has no room for chance.',
                "{$happened}. The plan has no room: {$foretold->title}, {$foretold->shortfall}. {$chance}",
            ),
            $failed => new self(
                false,
                true,
                'This run falls short.',
                "{$happened}. The plan has room for it: it is what was rehearsed, or chance. {$chance}",
            ),
            $foretold !== null => new self(
                false,
                false,
                'This shot has no room for chance.',
                "All came on time, by luck: {$foretold->title}, {$foretold->shortfall}. {$chance}",
            ),
            default => new self(true, false, 'This shot works.', "Every photo came on time, and with room to spare. {$chance}"),
        };
    }

    /**
     * What came of a run in a few words.
     *
     * @param int $planned photos that were to be taken
     * @param int $usable  of those, that were taken with the rig in place
     * @param int $late    that came noticeably later than asked for
     */
    public static function inShort(int $planned, int $usable, int $late): string
    {
        $wrong = PlainText::sentenceOf([
            $usable < $planned ? PlainText::photos($planned - $usable) . ' spoilt' : '',
            $late > 0 ? PlainText::photos($late) . ' late' : '',
        ], ', ');

        return $wrong === '' ? 'every photo on time' : $wrong;
    }

    /** The plan's own finding about what a run finds out; null where it says that all is well. */
    public static function foretold(Schedule $schedule): ?Finding
    {
        return Report::on(Shot::on($schedule), self::FINDS_OUT)->findings[0] ?? null;
    }

    private static function span(float $seconds): string
    {
        return $seconds < 60.0 ? PlainText::seconds($seconds) : PlainText::duration($seconds);
    }

    /** What timer, shutter, card and motors added to what the plan says. */
    private static function chance(Schedule $schedule, int $photo, float $lateSeconds): string
    {
        $timeline = CameraTimer::of($schedule)->timeline ?? $schedule->timeline;
        $added = $lateSeconds - ($timeline->lateSeconds[$photo - 1] ?? 0.0);

        return $added < 0.0005 ? 'Chance added nothing.' : sprintf('Chance added up to %s.', PlainText::seconds($added));
    }
}
