<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Light\Control;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Shot\Shot;

/**
 * When each photo of a shot was to open, or did as its run's log has it, and how it was to be exposed.
 */
final readonly class PlannedPhotos
{
    public float $interval;
    public float $smallestInterval;

    /** Whether the exposures differ so much that they tell photos apart. */
    public bool $exposuresTell;

    /**
     * @param list<float>        $openSeconds from the first trigger, rising
     * @param list<?float>       $exposures   seconds; null where the camera's own meter sets them
     * @param ?float             $firstUnixSeconds when the first is triggered; null where that is not known
     * @param array<int, string> $files       names that the run's log has, by place from 0
     * @param ?float             $aperture    f-number; null where the plan says nothing of it
     * @param list<?float>       $isos
     */
    public function __construct(
        public array $openSeconds,
        public array $exposures,
        public ?float $firstUnixSeconds = null,
        public array $files = [],
        public ?float $aperture = null,
        public array $isos = [],
    ) {
        $gaps = [];
        for ($j = 1; $j < count($openSeconds); $j++) {
            $gaps[] = $openSeconds[$j] - $openSeconds[$j - 1];
        }
        sort($gaps);
        $this->interval = $gaps === [] ? 1.0 : $gaps[intdiv(count($gaps), 2)];
        $this->smallestInterval = $gaps === [] ? 1.0 : max(0.01, $gaps[0]);
        $known = array_filter($exposures, static fn (?float $one): bool => $one !== null && $one > 0.0);
        $this->exposuresTell = $known !== [] && log(max($known) / min($known), 2) > 0.3;
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
        foreach ($lines as $line) {
            $at = $line->number('triggered_s');
            if ($line->kind === LogKind::Outcome && $line->photo !== null && $at !== null) {
                $triggered[$line->photo - 1] = $at;
            }
            if ($line->photo !== null && ($line->text('object') ?? '') !== '') {
                $files[$line->photo - 1] = basename((string) $line->text('object'));
            }
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

        return new self($opens, $plan->exposures, $begunUnixSeconds + $first, $files, $plan->aperture, $plan->isos);
    }

    public function count(): int
    {
        return count($this->openSeconds);
    }

    /** By how much a pair's exposures differ, stops; 0 where either is not known. */
    public function stopsApart(int $place, ?float $exposureSeconds): float
    {
        $planned = $this->exposures[$place] ?? null;

        return $planned === null || $exposureSeconds === null || $planned <= 0.0 || $exposureSeconds <= 0.0
            ? 0.0
            : abs(log($exposureSeconds / $planned, 2));
    }
}
