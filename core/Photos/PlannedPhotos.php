<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Light\Control;
use Evrent\Core\Light\Marks;
use Evrent\Core\Run\Body\Wanted;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Shot\Shot;

/**
 * When each photo of a shot was to open, or did as its run's log has it, and how it was to be exposed.
 */
final readonly class PlannedPhotos
{
    private const LONGEST_MARK_SECONDS = 32.0;

    /** Files write their exposures rounded. */
    private const ROUNDED_STOPS = 0.02;

    public float $interval;
    public float $smallestInterval;

    /**
     * @param list<float>        $openSeconds from the first trigger, rising
     * @param list<?float>       $exposures   seconds; null where the camera's own meter sets them
     * @param ?float             $firstUnixSeconds when the first is triggered; null where that is not known
     * @param array<int, string> $files       that the take's log names, by place from 0
     * @param ?float             $aperture    f-number; null where the plan says nothing of it
     * @param list<?float>       $isos
     * @param ?array<int, true>  $triggered   places that the take's log says were triggered; null without a log
     * @param ?float             $clockAheadSeconds by which the camera's wall clock was ahead of UTC when the take began, as its log has it
     * @param ?string            $body        serial number of the camera, as its log has it; null where it does not say
     * @param float              $looseSeconds by which times in that log may be off where the world goes faster than the machine
     */
    public function __construct(
        public array $openSeconds,
        public array $exposures,
        public ?float $firstUnixSeconds = null,
        public array $files = [],
        public ?float $aperture = null,
        public array $isos = [],
        public ?array $triggered = null,
        public ?float $clockAheadSeconds = null,
        public float $looseSeconds = 0.0,
        public ?string $body = null,
    ) {
        $gaps = [];
        for ($j = 1; $j < count($openSeconds); $j++) {
            $gaps[] = $openSeconds[$j] - $openSeconds[$j - 1];
        }
        sort($gaps);
        $this->interval = $gaps === [] ? 1.0 : $gaps[intdiv(count($gaps), 2)];
        $this->smallestInterval = $gaps === [] ? 1.0 : max(0.01, $gaps[0]);
    }

    public static function of(Shot $shot): self
    {
        $plan = $shot->plan;
        $light = $plan->light;
        $byMeter = $light !== null && $light->control !== Control::Manual;
        $opens = array_map(static fn (float $trigger): float => $trigger + $plan->camera->shutterLagSeconds, $shot->schedule->timeline->triggerSeconds);

        return new self(
            $opens,
            $byMeter ? array_fill(0, count($opens), null) : $shot->schedule->exposureSeconds,
            $plan->firstTrigger()?->unixSeconds,
            [],
            $light?->aperture,
            $light === null ? [] : $light->isoColumn(count($opens)),
        );
    }

    /**
     * As a take's log has it: photos that it triggered at the times that it wrote down, with the names that the camera gave them.
     *
     * @param float         $begunUnixSeconds when the log begins
     * @param list<LogLine> $lines
     */
    public static function ofLog(Shot $shot, float $begunUnixSeconds, array $lines): self
    {
        $plan = self::of($shot);
        $triggered = $files = [];
        $ahead = $body = null;
        $loose = 0.0;
        foreach ($lines as $line) {
            $place = $line->photo === null ? null : $line->photo - 1;
            $at = $line->number('triggered_s');
            if ($line->kind === LogKind::Outcome && $place !== null && $at !== null) {
                $triggered[$place] = $at;
                $loose = max($loose, $line->number('grace_s') ?? 0.0);
            }
            if ($line->kind === LogKind::NotTaken && $place !== null) {
                unset($files[$place]);
            }
            if ($place !== null && ($line->text('object') ?? '') !== '') {
                $files[$place] = (string) $line->text('object');
            }
            $told = $line->more['body'] ?? null;
            $body = is_array($told) && is_string($told['serial'] ?? null) ? $told['serial'] : $body;
            $shown = $line->number('camera_clock_s');
            $ahead ??= $shown === null ? null : $shown - $begunUnixSeconds - ($line->number('camera_clock_at_s') ?? 0.0);
        }
        if ($triggered === []) {
            return $plan;
        }
        ksort($triggered);
        $lag = $shot->plan->camera->shutterLagSeconds;
        $firstPlace = array_key_first($triggered);
        $first = $triggered[$firstPlace] - ($plan->openSeconds[$firstPlace] - $lag);
        $shift = 0.0;
        $opens = [];
        foreach ($plan->openSeconds as $j => $open) {
            $shift = isset($triggered[$j]) ? $triggered[$j] - $first + $lag - $open : $shift;
            $opens[] = max($open + $shift, ($opens[$j - 1] ?? -INF) + 1e-3);
        }

        return new self(
            $opens,
            $plan->exposures,
            $begunUnixSeconds + $first,
            $files,
            $plan->aperture,
            $plan->isos,
            array_fill_keys(array_keys($triggered), true),
            $ahead,
            $loose,
            $body,
        );
    }

    public function count(): int
    {
        return count($this->openSeconds);
    }

    /**
     * By how much a photo is exposed otherwise than planned, as its file says it was: stops of shutter, aperture and ISO together, above zero for
     * brighter. What the plan or the file does not say is left out.
     *
     * @return ?float null where nothing of it is known
     */
    public function offStops(int $place, CardPhoto $photo): ?float
    {
        $off = null;
        $planned = [$this->exposures[$place] ?? null, $this->isos[$place] ?? null, $this->aperture];
        foreach ([$photo->exposureSeconds, $photo->iso, $photo->aperture] as $n => $is) {
            if ($is !== null && $planned[$n] !== null && $is > 0.0 && $planned[$n] > 0.0) {
                $off = ($off ?? 0.0) + ($n === 2 ? -2.0 : 1.0) * log($is / $planned[$n], 2);
            }
        }

        return $off;
    }

    /** Stops from which on a photo is wrongly exposed: a third from the dial's mark nearest to what is planned for it. */
    public function mostOffStops(int $place): float
    {
        $planned = $this->exposures[$place] ?? null;
        $hasMark = $planned !== null && $planned > 0.0 && $planned <= self::LONGEST_MARK_SECONDS;
        $mark = $hasMark ? abs(log(Marks::shutterNearest($planned, true) / $planned, 2)) : 0.0;

        return Wanted::WRONG_STOPS + $mark + self::ROUNDED_STOPS;
    }

    /** By how much a pair's exposures differ, stops of shutter time and ISO together; 0 where either is not known. */
    public function stopsApart(int $place, ?float $exposureSeconds, ?float $iso = null): float
    {
        $planned = $this->exposures[$place] ?? null;
        $asked = $this->isos[$place] ?? null;
        $stops = $planned === null || $exposureSeconds === null || $planned <= 0.0 || $exposureSeconds <= 0.0 ? 0.0 : abs(log($exposureSeconds / $planned, 2));

        return $stops + ($asked === null || $iso === null || $asked <= 0.0 || $iso <= 0.0 ? 0.0 : abs(log($iso / $asked, 2)));
    }
}
