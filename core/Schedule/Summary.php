<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Plan\Plan;

/**
 * The schedule in a few numbers.
 */
final readonly class Summary
{
    /**
     * @param float                $clipSeconds     length of the clip at playback
     * @param float                $runSeconds      first trigger to the last shutter's closing
     * @param float                $bookedSeconds   all intervals added up
     * @param float                $onSiteSeconds   start delay, then until the card has the last photo
     * @param float                $minSlackSeconds least slack of any photo; below zero it falls short
     * @param int                  $tightestPhoto   the photo with the least slack
     * @param int                  $stretchedPhotos photos whose interval the controller would stretch
     * @param float                $lateSeconds     how late the last photo is triggered
     * @param array<string, float> $largestStep     mm or degrees from one photo to the next, by axis id
     */
    private function __construct(
        public int $photosTotal,
        public float $clipSeconds,
        public float $runSeconds,
        public float $bookedSeconds,
        public float $onSiteSeconds,
        public float $minSlackSeconds,
        public int $tightestPhoto,
        public int $stretchedPhotos,
        public float $lateSeconds,
        public array $largestStep,
    ) {
    }

    public static function of(Schedule $schedule): self
    {
        $timeline = $schedule->timeline;
        $last = $schedule->photosTotal() - 1;
        $tightest = 0;
        $least = INF;
        foreach ($timeline->slackSeconds as $n => $slack) {
            if ($slack !== null && $slack < $least) {
                $least = $slack;
                $tightest = $n;
            }
        }

        return new self(
            photosTotal: $schedule->photosTotal(),
            clipSeconds: $schedule->photosTotal() / $schedule->plan->timing->framesPerSecond,
            runSeconds: $timeline->closeSeconds[$last],
            bookedSeconds: array_sum($schedule->intervalSeconds),
            onSiteSeconds: $schedule->plan->timing->startDelaySeconds + $timeline->writeEndSeconds[$last],
            minSlackSeconds: $least,
            tightestPhoto: $tightest + 1,
            stretchedPhotos: count(Timeline::overrunning($timeline->requiredSeconds, $schedule->intervalSeconds)),
            lateSeconds: $timeline->lateSeconds[$last],
            largestStep: $schedule->moves->largestStep(),
        );
    }

    /**
     * The same from photos that come one at a time, in memory that does not grow.
     *
     * @param iterable<Photo> $photos all of the plan's, in order
     */
    public static function ofPhotos(Plan $plan, iterable $photos): self
    {
        $total = $stretched = $tightest = 0;
        $run = $booked = $written = $late = 0.0;
        $least = INF;
        $largest = [];
        foreach ($plan->rig->axisIds() as $axisId) {
            $largest[$axisId] = 0.0;
        }
        $before = null;
        foreach ($photos as $photo) {
            $total = $photo->number;
            [$run, $written, $late] = [$photo->closeSeconds, $photo->writeEndSeconds, $photo->lateSeconds];
            $booked += $photo->intervalSeconds;
            if ($photo->slackSeconds !== null) {
                $stretched += $photo->slackSeconds < -Timeline::TOLERANCE_SECONDS ? 1 : 0;
                [$least, $tightest] = $photo->slackSeconds < $least ? [$photo->slackSeconds, $photo->number] : [$least, $tightest];
            }
            foreach ($largest as $axisId => $most) {
                $from = $before->positions[$axisId] ?? $photo->positions[$axisId];
                $largest[$axisId] = max($most, abs($photo->positions[$axisId] - $from));
            }
            $before = $photo;
        }

        return new self(
            photosTotal: $total,
            clipSeconds: $total / $plan->timing->framesPerSecond,
            runSeconds: $run,
            bookedSeconds: $booked,
            onSiteSeconds: $plan->timing->startDelaySeconds + $written,
            minSlackSeconds: $least,
            tightestPhoto: $tightest,
            stretchedPhotos: $stretched,
            lateSeconds: $late,
            largestStep: $largest,
        );
    }

    public function fits(): bool
    {
        return $this->stretchedPhotos === 0;
    }
}
