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
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Schedule\CameraTimer;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;

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
     * @param Message $says   in a few words
     * @param Message $why    in a sentence or two
     */
    private function __construct(public bool $passes, public bool $failed, public Message $says, public Message $why)
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
        $predicted = self::predicted($schedule);
        $falls = $predicted !== null && $predicted->severity === Severity::Error;
        $failed = $late > 0 || $usable < $planned;
        $chance = self::chance($schedule, $latestPhoto, $latestLateSeconds);
        $happened = Joined::of([
            $usable < $planned ? new Message('run.verdict.unusable', ['photos' => Quantity::photos($planned - $usable), 'planned' => $planned]) : '',
            $late > 0 ? new Message(
                'run.verdict.late',
                ['photos' => Quantity::photos($late), 'photo' => $latestPhoto, 'by' => self::span($latestLateSeconds)],
            ) : '',
        ]);
        $why = static fn (string $how): Message => new Message("run.verdict.{$how}_why", [
            'happened' => $happened === '' ? '' : Joined::capital($happened),
            'title' => $predicted->title ?? '',
            'shortfall' => $predicted->shortfall ?? '',
            'variation' => $chance,
        ]);

        return match (true) {
            $failed && $falls => new self(false, true, new Message('checks.verdict.fails'), $why('as_planned')),
            $failed && $predicted !== null => new self(false, true, new Message('run.verdict.margin'), $why('margin')),
            $failed => new self(false, true, new Message('run.verdict.failed'), $why('failed')),
            $predicted !== null => new self(false, false, new Message('run.verdict.margin'), $why('lucky')),
            default => new self(true, false, new Message('checks.verdict.works'), $why('works')),
        };
    }

    /**
     * A run in a few words.
     *
     * @param int $planned photos that were to be taken
     * @param int $usable  of those, that were taken with the rig in place
     * @param int $late    that came noticeably later than asked for
     */
    public static function inShort(int $planned, int $usable, int $late): Text|string
    {
        $wrong = Joined::of([
            $usable < $planned ? new Message('run.verdict.lost_short', ['photos' => Quantity::photos($planned - $usable)]) : '',
            $late > 0 ? new Message('run.verdict.late_short', ['photos' => Quantity::photos($late)]) : '',
        ], Joined::COMMA);

        return $wrong === '' ? new Message('run.verdict.on_time') : $wrong;
    }

    /** The plan's own finding about what a run finds out; null where it says that all is well. */
    public static function predicted(Schedule $schedule): ?Finding
    {
        return Report::on(Shot::on($schedule), self::FINDS_OUT)->findings[0] ?? null;
    }

    private static function span(float $seconds): Quantity
    {
        return $seconds < 60.0 ? Quantity::seconds($seconds) : Quantity::duration($seconds);
    }

    /** What timer, shutter, card and motors added to what the plan says. */
    private static function chance(Schedule $schedule, int $photo, float $lateSeconds): Message
    {
        $timeline = CameraTimer::of($schedule)->timeline ?? $schedule->timeline;
        $added = $lateSeconds - ($timeline->lateSeconds[$photo - 1] ?? 0.0);

        return $added < 0.0005 ? new Message('run.verdict.no_variation') : new Message(
            'run.verdict.variation',
            ['added' => Quantity::seconds($added)],
        );
    }
}
