<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

use Evrent\Core\Values\Copy;
use Evrent\Core\Values\Problems;

/**
 * What the exposure of a shot hangs on beside its shutter times: aperture, ISO, filter, cloud, a metered exposure, and within
 * which limits shutter and ISO may follow the light.
 */
final readonly class Light
{
    public const MOST_ISOS = 60;
    public const MOST_CHANGES = 1_000;
    public const MOST_BIAS_KEYS = 20;
    public const MOST_FILTERS = 20;
    private const MOST_FRAMES = 1_000_000;

    /** Whole and third stops as cameras mark them. */
    public const USUAL_ISOS = [
        100.0, 125.0, 160.0, 200.0, 250.0, 320.0, 400.0, 500.0, 640.0, 800.0, 1000.0, 1250.0, 1600.0, 2000.0, 2500.0, 3200.0, 4000.0, 5000.0, 6400.0,
    ];

    /**
     * @param float                                 $aperture        the f-number
     * @param float                                 $iso             of the first photo
     * @param list<array{frame: int, iso: float}>   $isoChanges      from which photo on another ISO, frames rising
     * @param float                                 $ndStops         of the filters on the lens
     * @param ?Metered                              $metered         what a meter showed at a known time
     * @param Control                               $control         who sets the shutter
     * @param float                                 $longestSeconds  that shutter or patience allow
     * @param float                                 $shortestSeconds that the shutter allows
     * @param list<float>                           $isos            that may be used, rising
     * @param bool                                  $stepless        whether the shutter can be set between thirds of a stop
     * @param list<array{ev: float, stops: float}>  $bias            by how many stops photos are to be brighter (below zero darker)
     *                                                               than the meter says, by EV, rising; so that night stays night
     * @param list<float>                           $filters         stops of each neutral density filter in the bag
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public float $aperture = 8.0,
        public float $iso = 100.0,
        public array $isoChanges = [],
        public float $ndStops = 0.0,
        public Cloud $cloud = Cloud::Clear,
        public ?Metered $metered = null,
        public Control $control = Control::Manual,
        public float $longestSeconds = 30.0,
        public float $shortestSeconds = 1.0 / 8_000.0,
        public array $isos = self::USUAL_ISOS,
        public bool $stepless = true,
        public array $bias = [],
        public array $filters = [],
    ) {
        $problems = new Problems();
        $problems->unlessBetween($aperture, 0.5, 128, '/aperture', 'an f-number');
        $problems->unlessBetween($iso, 1, 10_000_000, '/iso', 'an ISO number');
        $problems->unlessBetween($ndStops, 0, 30, '/nd_stops', 'stops of neutral density');
        $problems->unlessPositive($longestSeconds, 86_400, '/longest_s', 'seconds');
        $problems->unlessPositive($shortestSeconds, 86_400, '/shortest_s', 'seconds');
        if (!$problems->any() && $shortestSeconds > $longestSeconds) {
            $problems->add('/longest_s', 'The longest exposure is shorter than the shortest: enter a longer one.');
        }
        if ($isos === []) {
            $problems->add('/isos', 'Give at least one ISO number that the body may use.');
        }
        foreach ($isos as $i => $one) {
            $problems->unlessBetween($one, 1, 10_000_000, "/isos/{$i}", 'an ISO number');
        }
        self::rising($problems, $isos, '/isos', '');
        self::rising($problems, array_column($bias, 'ev'), '/bias', '/ev');
        self::rising($problems, array_column($isoChanges, 'frame'), '/iso_changes', '/frame');
        foreach ($isoChanges as $i => $change) {
            $problems->unlessBetween($change['frame'], 2, self::MOST_FRAMES, "/iso_changes/{$i}/frame", 'the number of a photo');
            $problems->unlessBetween($change['iso'], 1, 10_000_000, "/iso_changes/{$i}/iso", 'an ISO number');
        }
        foreach ($bias as $i => $key) {
            $problems->unlessBetween($key['ev'], -20, 30, "/bias/{$i}/ev", 'an exposure value');
            $problems->unlessBetween($key['stops'], -10, 10, "/bias/{$i}/stops", 'stops');
        }
        foreach ($filters as $i => $stops) {
            $problems->unlessPositive($stops, 30, "/filters/{$i}", 'stops of neutral density');
        }
        $problems->throwIfAny();
    }

    /**
     * @param int $n photo, from 0
     */
    public function isoAt(int $n): float
    {
        $iso = $this->iso;
        foreach ($this->isoChanges as $change) {
            if ($change['frame'] > $n + 1) {
                break;
            }
            $iso = $change['iso'];
        }

        return $iso;
    }

    /**
     * @return list<float> ISO of each photo
     */
    public function isoColumn(int $photos): array
    {
        $column = [];
        $iso = $this->iso;
        $next = 0;
        for ($n = 0; $n < $photos; $n++) {
            while (isset($this->isoChanges[$next]) && $this->isoChanges[$next]['frame'] <= $n + 1) {
                $iso = $this->isoChanges[$next++]['iso'];
            }
            $column[] = $iso;
        }

        return $column;
    }

    /** By how many stops brighter than metered a photo is to be in such light. */
    public function biasStops(float $exposureValue): float
    {
        $last = count($this->bias) - 1;
        if ($last < 0) {
            return 0.0;
        }
        foreach ($this->bias as $i => $key) {
            if ($exposureValue <= $key['ev']) {
                $from = $this->bias[max(0, $i - 1)];
                $share = $i === 0 ? 0.0 : ($exposureValue - $from['ev']) / ($key['ev'] - $from['ev']);

                return $i === 0 ? $key['stops'] : $from['stops'] + $share * ($key['stops'] - $from['stops']);
            }
        }

        return $this->bias[$last]['stops'];
    }

    /**
     * The same but for what is named.
     *
     * @param array{
     *     aperture?: float, iso?: float, isoChanges?: list<array{frame: int, iso: float}>, ndStops?: float, cloud?: Cloud, metered?: ?Metered,
     *     control?: Control, longestSeconds?: float, shortestSeconds?: float, isos?: list<float>, stepless?: bool,
     *     bias?: list<array{ev: float, stops: float}>, filters?: list<float>,
     * } $changes
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function with(array $changes): self
    {
        return Copy::of($this, get_object_vars($this), $changes);
    }

    /**
     * @param list<float|int> $values
     */
    private static function rising(Problems $problems, array $values, string $pointer, string $field): void
    {
        foreach ($values as $i => $value) {
            if ($i > 0 && !($value > $values[$i - 1])) {
                $problems->add("{$pointer}/{$i}{$field}", 'These stand in order: enter a number above the one before.');
            }
        }
    }
}
