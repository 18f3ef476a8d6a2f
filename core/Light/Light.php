<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Copy;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\ClockTime;

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
    private const MOST_LAMPS_LUX = 100_000;
    private const MOST_BIAS_STOPS = 6;

    /** Night is to look like night: from here down so many stops darker than a meter would have it, less and less up to there. */
    public const NIGHT_EV = -6.0;
    public const DUSK_EV = 1.0;
    public const NIGHT_STOPS = -2.5;
    public const NIGHT_CURVE = [['ev' => self::NIGHT_EV, 'stops' => self::NIGHT_STOPS], ['ev' => self::DUSK_EV, 'stops' => 0.0]];

    public const LAMPS_ALWAYS = 'always';
    public const LAMPS_AT_DUSK = 'dusk';

    /** When lamps are on, in words: a time of day stays. */
    public static function lampsOn(string $on): Message|string
    {
        return in_array($on, [self::LAMPS_ALWAYS, self::LAMPS_AT_DUSK], true) ? new Message("light.lamps_are_on.{$on}") : $on;
    }

    /** Lux on what they light, as people know lamps. */
    public const LAMPS = [
        'none' => 0.0, 'few' => 2.5, 'skyline' => 10.0, 'street' => 40.0, 'centre' => 160.0, 'works' => 640.0,
    ];

    /** Stops around a standard aperture that most lenses have, where nobody says how wide the lens goes. */
    public const USUAL_WIDEST_APERTURE = 2.8;
    public const USUAL_NARROWEST_APERTURE = 22.0;

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
     * @param ExposedFor                            $exposedFor      what is to come out right
     * @param float                                 $lampsLux        what lamps add to the light on the land
     * @param string                                $lampsOn         always, dusk (switched by the light), or the time from which they burn
     * @param float                                 $biasStops       by how many stops the whole shot is to be brighter than metered
     * @param ?float                                $widestAperture  the lens's lowest f-number; null where it is not known
     * @param ?float                                $narrowestAperture the lens's highest f-number; null where it is not known
     * @param ?bool                                 $isAttended      whether somebody stands by to turn what changes; null where nobody said
     * @param LightKind                             $kind            where daylight does not enter, it is steady
     * @param ?float                                $highestIso      that the body has; null for the last of those that may be used
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
        public array $bias = self::NIGHT_CURVE,
        public array $filters = [],
        public ExposedFor $exposedFor = ExposedFor::Land,
        public float $lampsLux = 0.0,
        public string $lampsOn = self::LAMPS_ALWAYS,
        public float $biasStops = 0.0,
        public ?float $widestAperture = null,
        public ?float $highestIso = null,
        public ?float $narrowestAperture = null,
        public ?bool $isAttended = null,
        public LightKind $kind = LightKind::Outdoors,
    ) {
        $problems = new Problems();
        $problems->unlessBetween($aperture, 0.5, 128, '/aperture', new Message('what.f_number'));
        $problems->unlessBetween($iso, 1, 10_000_000, '/iso', new Message('what.iso'));
        $problems->unlessBetween($ndStops, 0, 30, '/nd_stops', new Message('what.nd'));
        $problems->unlessPositive($longestSeconds, 86_400, '/longest_s', new Message('what.seconds'));
        $problems->unlessPositive($shortestSeconds, 86_400, '/shortest_s', new Message('what.seconds'));
        if (!$problems->any() && $shortestSeconds > $longestSeconds) {
            $problems->add('/longest_s', new Message('light.light.limits'));
        }
        if ($isos === []) {
            $problems->add('/isos', new Message('light.light.isos'));
        }
        foreach ($isos as $i => $one) {
            $problems->unlessBetween($one, 1, 10_000_000, "/isos/{$i}", new Message('what.iso'));
        }
        self::rising($problems, $isos, '/isos', '');
        self::rising($problems, array_column($bias, 'ev'), '/bias', '/ev');
        self::rising($problems, array_column($isoChanges, 'frame'), '/iso_changes', '/frame');
        foreach ($isoChanges as $i => $change) {
            $problems->unlessBetween($change['frame'], 2, self::MOST_FRAMES, "/iso_changes/{$i}/frame", new Message('what.photo_number'));
            $problems->unlessBetween($change['iso'], 1, 10_000_000, "/iso_changes/{$i}/iso", new Message('what.iso'));
        }
        foreach ($bias as $i => $key) {
            $problems->unlessBetween($key['ev'], -20, 30, "/bias/{$i}/ev", new Message('light.light.ev'));
            $problems->unlessBetween($key['stops'], -10, 10, "/bias/{$i}/stops", new Message('what.stops'));
        }
        foreach ($filters as $i => $stops) {
            $problems->unlessPositive($stops, 30, "/filters/{$i}", new Message('what.nd'));
        }
        $this->lampsAndLimits($problems);
        $problems->throwIfAny();
    }

    private function lampsAndLimits(Problems $problems): void
    {
        $problems->unlessBetween($this->lampsLux, 0, self::MOST_LAMPS_LUX, '/lamps_lux', new Message('light.light.lux'));
        if ($this->exposedFor === ExposedFor::Lamps && $this->lampsLux === 0.0) {
            $problems->add('/lamps_lux', new Message('light.light.lamps'));
        }
        if (!in_array($this->lampsOn, [self::LAMPS_ALWAYS, self::LAMPS_AT_DUSK], true)) {
            try {
                ClockTime::read($this->lampsOn);
            } catch (InvalidInput) {
                $problems->add('/lamps_on', new Message(
                    'light.light.lamps_on',
                    ['always' => self::lampsOn(self::LAMPS_ALWAYS), 'dusk' => self::lampsOn(self::LAMPS_AT_DUSK)],
                ));
            }
        }
        $most = self::MOST_BIAS_STOPS;
        $problems->unlessBetween($this->biasStops, -$most, $most, '/bias_stops', new Message('light.light.bias'));
        if ($this->widestAperture !== null) {
            $problems->unlessBetween($this->widestAperture, 0.5, 128, '/widest_aperture', new Message('light.light.widest'));
        }
        if ($this->narrowestAperture !== null) {
            $problems->unlessBetween($this->narrowestAperture, 0.5, 128, '/narrowest_aperture', new Message('light.light.narrowest'));
            if ($this->narrowestAperture < $this->widest()) {
                $problems->add('/narrowest_aperture', new Message('light.light.order'));
            }
        }
        if ($this->highestIso !== null) {
            $problems->unlessBetween($this->highestIso, 1, 10_000_000, '/highest_iso', new Message('what.iso'));
        }
    }

    /** The exposure value, at ISO 100, of a scene that daylight does not enter; null where it does, or nobody has said how bright it is. */
    public function steadyValue(): ?float
    {
        return match (true) {
            $this->kind->daylightEnters() => null,
            $this->metered !== null => $this->metered->exposureValue(),
            $this->lampsLux > 0.0 => Illuminance::exposureValue($this->lampsLux),
            default => null,
        };
    }

    /** How far the lens opens, as far as is known: no remedy goes wider. */
    public function widest(): float
    {
        return $this->widestAperture ?? min($this->aperture, self::USUAL_WIDEST_APERTURE);
    }

    /** How far the lens closes, as far as is known. */
    public function narrowest(): float
    {
        return $this->narrowestAperture ?? max($this->aperture, self::USUAL_NARROWEST_APERTURE);
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

    /** By how many stops brighter than metered a photo is to be in such light: below zero darker. */
    public function wantedStops(float $exposureValue): float
    {
        // A room is no night: it comes out as metered.
        return $this->biasStops + ($this->kind->daylightEnters() ? $this->nightStops($exposureValue) : 0.0);
    }

    private function nightStops(float $exposureValue): float
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
     *     bias?: list<array{ev: float, stops: float}>, filters?: list<float>, exposedFor?: ExposedFor, lampsLux?: float, lampsOn?: string,
     *     biasStops?: float, kind?: LightKind, widestAperture?: ?float, highestIso?: ?float, narrowestAperture?: ?float, isAttended?: ?bool,
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
                $problems->add("{$pointer}/{$i}{$field}", new Message('light.light.rising'));
            }
        }
    }
}
