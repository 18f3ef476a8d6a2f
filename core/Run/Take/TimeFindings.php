<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Light\Flicker;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Run\RunLog;

/**
 * What the log of a take shows of its time: held up, stretched, run away from.
 */
final class TimeFindings
{
    /** A run longer than planned by this share was stretched, and not just late. */
    private const STRETCHED_SHARE = 0.005;

    public static function paused(TakeReport $report): ?Finding
    {
        $seconds = 0.0;
        $count = 0;
        $from = null;
        foreach ($report->events as $event) {
            $order = $event->kind === LogKind::Command ? Order::tryFrom($event->text('order') ?? '') : null;
            if ($order === Order::Pause && $from === null) {
                $from = $event->seconds;
                $count++;
            } elseif ($from !== null && ($order === Order::GoOn || $order === Order::Finish || $order === Order::Abort)) {
                $seconds += $event->seconds - $from;
                $from = null;
            }
        }

        return $count === 0 ? null : Finding::ofPhotos(
            FindingId::PausedAndResumed,
            new Message('takes.found.paused'),
            new Message('takes.found.paused_sentence', ['count' => $count, 'total' => Quantity::duration($seconds)]),
            new Message('takes.found.paused_advice'),
        );
    }

    /** Intervals that came out longer than asked for, one after another, without anybody having held it up. */
    public static function stretched(TakeReport $report): ?Finding
    {
        $timeline = $report->state->schedule->timeline;
        $held = [];
        foreach ($report->events as $event) {
            if (in_array($event->kind, [LogKind::Command, LogKind::Gap, LogKind::Skipped], true)) {
                $held[] = $event->seconds - ($report->state->startedAt ?? 0.0);
            }
        }
        [$asked, $took, $count, $ratios] = [0.0, 0.0, 0, []];
        $before = null;
        foreach ($report->photos as $photo => ['actual' => $actual]) {
            $isNext = $before !== null && $actual !== null && $before[0] === $photo - 1;
            if ($isNext && array_filter($held, static fn (float $at): bool => $at >= $before[1] && $at <= $actual) === []) {
                $place = $report->state->placeOf($photo);
                $wanted = $place > 1 ? $timeline->askedTriggerSeconds($place - 1) - $timeline->askedTriggerSeconds($place - 2) : $actual - $before[1];
                $asked += $wanted;
                $took += $actual - $before[1];
                $ratios[] = ($actual - $before[1]) / max(1e-9, $wanted);
                $count++;
            }
            $before = $actual === null ? null : [$photo, $actual];
        }
        $hasClock = $report->state->schedule->plan->timing->mode->hasClock();
        sort($ratios);
        // One photo that came late is none that was stretched: most of them were.
        $isStretched = $count > 2 && $ratios[intdiv($count, 2)] > 1.0 + self::STRETCHED_SHARE;
        if (!$hasClock || !$isStretched || $took - $asked < RunLog::NOTICEABLE_SECONDS * 2.0) {
            return null;
        }

        return Finding::ofPhotos(
            FindingId::ControllerStretchesInterval,
            new Message('takes.found.stretched'),
            new Message('takes.found.stretched_sentence', [
                'actual' => Quantity::seconds($took / $count), 'planned' => Quantity::seconds($asked / $count), 'longer' => Quantity::duration($took - $asked),
            ]),
            new Message('takes.found.stretched_advice'),
        );
    }

    /** The camera's own timer against the rig's clock: how much later each photo comes after its place's time, from first to last. */
    public static function drifted(TakeReport $report): ?Finding
    {
        if (!$report->state->isTimerStarted || count($report->cameBy) < Flicker::LEAST_PHOTOS) {
            return null;
        }
        [$slope, $noise, $seconds] = self::line($report);
        $strays = $slope * $seconds;
        if (abs($strays) < max(RunLog::NOTICEABLE_SECONDS, 3.0 * $noise)) {
            return null;
        }

        return Finding::ofPhotos(
            FindingId::CameraTimerDrifts,
            new Message('takes.found.drifted'),
            new Message($strays > 0.0 ? 'takes.found.drifted_slow' : 'takes.found.drifted_fast', [
                'by' => Quantity::seconds(abs($strays)), 'ppm' => (int) round(abs($slope) * 1e6),
            ]),
            new Message('takes.found.drifted_advice'),
        )->withSeverity(Severity::Warning);
    }

    /**
     * A straight line through when photos came.
     *
     * @return array{float, float, float} seconds a second, what is left beside it as root mean square, seconds from first to last
     */
    private static function line(TakeReport $report): array
    {
        [$n, $x, $y, $xx, $xy] = [0, 0.0, 0.0, 0.0, 0.0];
        $points = [];
        foreach ($report->cameBy as $photo => $by) {
            $at = $report->photos[$photo]['actual'] ?? 0.0;
            $points[] = [$at, $by];
            [$n, $x, $y, $xx, $xy] = [$n + 1, $x + $at, $y + $by, $xx + $at ** 2, $xy + $at * $by];
        }
        $across = $n * $xx - $x ** 2;
        $slope = $across > 0.0 ? ($n * $xy - $x * $y) / $across : 0.0;
        $level = ($y - $slope * $x) / $n;
        $squares = 0.0;
        foreach ($points as [$at, $by]) {
            $squares += ($by - $level - $slope * $at) ** 2;
        }

        return [$slope, sqrt($squares / $n), $points[$n - 1][0] - $points[0][0]];
    }
}
