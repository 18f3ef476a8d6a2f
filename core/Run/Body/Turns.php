<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Body;

use Evrent\Core\Light\Control;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\CueCard;
use Evrent\Core\Shot\WhiteBalanceCues;

/**
 * What somebody turns at a camera that cannot be set from here, in its order: the clicks of the cue card, changes of ISO and of white balance.
 */
final readonly class Turns
{
    /**
     * @param list<Turn> $all
     */
    private function __construct(private Schedule $schedule, public array $all)
    {
    }

    public static function of(Schedule $schedule): self
    {
        $light = $schedule->plan->light;
        $all = [];
        foreach (($light->control ?? Control::Manual) === Control::Manual ? CueCard::of($schedule)->clicks ?? [] : [] as $click) {
            $all[] = new Turn($click['photo'], BodySetting::ShutterTime, $click['from'], $click['to'], 1);
        }
        $iso = $light->iso ?? 0.0;
        foreach ($light->isoChanges ?? [] as ['frame' => $frame, 'iso' => $to]) {
            $all[] = new Turn($frame - 1, BodySetting::Iso, $iso, $to, 0);
            $iso = $to;
        }
        $kelvin = $schedule->plan->settings->kelvin ?? 0.0;
        foreach (WhiteBalanceCues::of($schedule) as $cue) {
            $all[] = new Turn($cue['photo'], BodySetting::WhiteBalance, $kelvin, $cue['kelvin'], 0);
            $kelvin = $cue['kelvin'];
        }
        usort($all, static fn (Turn $a, Turn $b): int => $a->after <=> $b->after);

        return new self($schedule, $all);
    }

    /**
     * @param array<string, true> $done keys of those that somebody turned
     */
    public function next(array $done): ?Turn
    {
        foreach ($this->all as $turn) {
            if (!isset($done[$turn->key()])) {
                return $turn;
            }
        }

        return null;
    }

    /**
     * By how much a photo is off its plan while turns before it were not made: stops, above zero for brighter.
     *
     * @param array<string, true> $done
     */
    public function offStops(int $photo, array $done): float
    {
        $off = 0.0;
        foreach ($this->all as $turn) {
            if ($turn->after < $photo && !isset($done[$turn->key()]) && $turn->setting->exposes()) {
                $off -= log($turn->to / $turn->from, 2);
            }
        }

        return $off;
    }

    /** Seconds from the first trigger when a photo's shutter is closed. */
    public function closesAt(int $photo): float
    {
        return $this->schedule->timeline->closeSeconds[$photo - 1];
    }
}
