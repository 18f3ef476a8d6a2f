<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

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

    public function fits(): bool
    {
        return $this->stretchedPhotos === 0;
    }
}
