<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use ArrayObject;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Values\Copy;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\PlainText;

/**
 * Where and on which day a shot is taken.
 */
final readonly class Site
{
    private const MOST_NAME_CHARACTERS = 200;
    private const MOST_GLOW_LUX = 100;

    /** Countryside: no town near, glows along the horizon. */
    public const USUAL_SKY_MAG = 21.3;

    /** The darkest sky there is, and one over the middle of a large city. */
    private const DARKEST_MAG = 22.2;
    private const BRIGHTEST_MAG = 14.0;

    /** Magnitudes in each square arc second as people know places. */
    public const SKIES = ['remote' => 21.9, 'country' => 21.3, 'village' => 20.5, 'suburb' => 19.5, 'town' => 18.5, 'city' => 17.5];

    public Observer $observer;
    public LocalDay $day;
    public Horizon $skyline;

    /** @var ArrayObject<string, Openings> by window */
    private ArrayObject $openings;

    /** As it is written: "80 5, 110 12". */
    public string $horizon;

    /**
     * @param float  $latitude        degrees, north above zero
     * @param float  $longitude       degrees, east above zero
     * @param string $zone            such as Europe/Lisbon
     * @param string $date            such as 2026-05-14
     * @param float  $elevationMetres above the sea
     * @param float  $glowLux         what towns add to the light on the ground at night
     * @param float  $skyMag          how dark the night sky is without the moon, magnitudes in each square arc second
     * @param string $horizon         bearings with the heights of what stands around, as in "80 5, 110 12"; empty for an open horizon
     *
     * @throws InvalidInput
     */
    public function __construct(
        public string $name,
        public float $latitude,
        public float $longitude,
        public string $zone,
        public string $date,
        public float $elevationMetres = 0.0,
        public float $glowLux = 0.0,
        public float $skyMag = self::USUAL_SKY_MAG,
        string $horizon = '',
    ) {
        $problems = new Problems();
        if (mb_strlen($name) > self::MOST_NAME_CHARACTERS || preg_match('/[\p{Cc}\x{FFFD}]/u', $name) !== 0) {
            $problems->add('/name', new Message('sky.site.name', ['most_name_characters' => self::MOST_NAME_CHARACTERS]));
        }
        $problems->unlessBetween($latitude, -90, 90, '/latitude_deg', new Message('what.latitude'));
        $problems->unlessBetween($longitude, -180, 180, '/longitude_deg', new Message('what.longitude'));
        $problems->unlessBetween($elevationMetres, -500, 9_000, '/elevation_m', new Message('what.elevation'));
        $problems->unlessBetween($glowLux, 0, self::MOST_GLOW_LUX, '/sky_glow_lux', new Message('what.lux'));
        $problems->unlessBetween($skyMag, self::BRIGHTEST_MAG, self::DARKEST_MAG, '/sky_mag', new Message('sky.site.magnitude'));
        try {
            $day = new LocalDay($date, $zone);
        } catch (InvalidInput $invalid) {
            $problems->addAllUnder('', $invalid);
        }
        try {
            $skyline = Horizon::read($horizon);
        } catch (InvalidInput $invalid) {
            $problems->addAllUnder('', $invalid);
        }
        $problems->throwIfAny();
        assert(isset($day, $skyline));
        $this->day = $day;
        $this->skyline = $skyline;
        /** @var ArrayObject<string, Openings> $openings */
        $openings = new ArrayObject();
        $this->openings = $openings;
        $this->horizon = $skyline->text();
        $this->observer = new Observer($latitude, $longitude, $elevationMetres);
    }

    /** When a window of the day is open here: worked out once for each window, as days of sunrises take their time. */
    public function openings(DayWindow $window): Openings
    {
        $key = json_encode($window, JSON_THROW_ON_ERROR);
        $openings = $this->openings[$key] ?? new Openings($this, $window);
        $this->openings[$key] = $openings;

        return $openings;
    }

    /**
     * @return array<string, Message> skies by their magnitudes, darkest first, this place's among them
     */
    public function skies(): array
    {
        $skies = self::SKIES + (in_array($this->skyMag, self::SKIES, true) ? [] : ['typed' => $this->skyMag]);
        arsort($skies);
        $told = [];
        foreach ($skies as $name => $magnitude) {
            $told[PlainText::number($magnitude)] = new Message("sky.skies.{$name}", ['magnitude' => Quantity::number($magnitude)]);
        }

        return $told;
    }

    /**
     * Under a sky of its own.
     *
     * @throws InvalidInput
     */
    public function under(float $skyMag): self
    {
        return $this->with(['skyMag' => $skyMag]);
    }

    /**
     * The same place on another day.
     *
     * @param string $date such as 2026-05-14
     *
     * @throws InvalidInput
     */
    public function on(string $date): self
    {
        return $this->with(['date' => $date]);
    }

    /**
     * @param array<string, string|float> $changes by the names of the constructor's arguments
     *
     * @throws InvalidInput
     */
    private function with(array $changes): self
    {
        $own = get_object_vars($this);
        unset($own['observer'], $own['day'], $own['skyline'], $own['openings']);

        return Copy::of($this, $own, $changes);
    }
}
