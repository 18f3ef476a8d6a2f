<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Optics\Picture;
use Evrent\Core\Schedule\FastestStep;
use Evrent\Core\Schedule\Schedule;

/**
 * What a schedule's motion does to the picture, from photo to photo and while the shutter is open.
 */
final readonly class PictureMotion
{
    /** @var list<float> where the tilt stands for each photo, degrees; empty where there is none */
    private array $tilts;

    private function __construct(private Schedule $schedule, public Picture $picture)
    {
        $this->tilts = $schedule->positionsFor(AxisRole::Tilt) ?? [];
    }

    /** Null when the plan says nothing of its optics. */
    public static function of(Schedule $schedule): ?self
    {
        $optics = $schedule->plan->optics;

        return $optics === null ? null : new self($schedule, new Picture($optics));
    }

    /** The step of any axis that carries the picture past fastest, either way: what part of the frame it takes. */
    public function fastest(): FastestStep
    {
        $axisOfFastest = null;
        $photo = 0;
        $most = 0.0;
        foreach ($this->schedule->plan->rig->axes as $axis) {
            foreach ($this->stepsOver($axis, $most) as $n => $share) {
                if ($share > $most) {
                    [$axisOfFastest, $photo, $most] = [$axis, $n, $share];
                }
            }
        }

        return new FastestStep($axisOfFastest, $photo + 1, $most);
    }

    /**
     * @param float $share of the frame
     *
     * @return list<int> numbers of the photos whose next step carries the picture past by more
     */
    public function photosBeforeStepsOver(float $share): array
    {
        $found = [];
        foreach ($this->schedule->plan->rig->axes as $axis) {
            foreach ($this->stepsOver($axis, $share) as $n => $passed) {
                $found[$n + 1] = true;
            }
        }
        ksort($found);

        return array_keys($found);
    }

    /**
     * The photos that the move itself blurs by more than so much.
     *
     * @param float $pixels of the clip
     *
     * @return array<int, FastestStep> the axis that blurs it most, by the photo's number
     */
    public function smearsOver(float $pixels): array
    {
        $found = [];
        for ($n = 0; $n < $this->schedule->photosTotal() - 1; $n++) {
            $travels = $this->schedule->photo($n + 1)->travelWhileOpen;
            foreach ($this->schedule->plan->rig->axes as $axis) {
                $travel = $travels[$axis->id];
                $shift = $travel === 0.0 ? 0.0 : abs($this->shift($axis, $travel, $n));
                if ($shift > max($pixels, $found[$n + 1]->much ?? 0.0)) {
                    $found[$n + 1] = new FastestStep($axis, $n + 1, $shift);
                }
            }
        }

        return $found;
    }

    /**
     * @return array<int, float> share of the frame by photo, from 0
     */
    private function stepsOver(Axis $axis, float $least): array
    {
        $positions = $this->schedule->moves->positions[$axis->id];
        // A step cannot carry the picture farther than it would with the tilt level: most need no closer look.
        $level = $this->picture->passed($axis->role, 1.0, 0.0);
        $over = [];
        for ($n = 0, $last = count($positions) - 1; $n < $last; $n++) {
            $travel = $positions[$n + 1] - $positions[$n];
            if (abs($travel) * $level <= $least) {
                continue;
            }
            $share = $this->picture->passed($axis->role, $travel, $this->tilts[$n] ?? 0.0);
            if ($share > $least) {
                $over[$n] = $share;
            }
        }

        return $over;
    }

    /**
     * @param float $travel mm or degrees
     * @param int   $n      photo, from 0: tells where the tilt stands
     *
     * @return float output pixels, of the subject
     */
    private function shift(Axis $axis, float $travel, int $n): float
    {
        $tilt = $this->tilts[$n] ?? 0.0;

        return $this->picture->shift($axis->role, $travel, $tilt, $this->picture->optics->subjectMetres);
    }
}
