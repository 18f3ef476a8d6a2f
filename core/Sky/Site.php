<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problems;

/**
 * Where and on which day a shot is taken.
 */
final readonly class Site
{
    private const MOST_NAME_CHARACTERS = 200;
    private const MOST_GLOW_LUX = 100;

    public Observer $observer;
    public LocalDay $day;

    /**
     * @param float  $latitude        degrees, north above zero
     * @param float  $longitude       degrees, east above zero
     * @param string $zone            such as Europe/Lisbon
     * @param string $date            such as 2026-05-14
     * @param float  $elevationMetres above the sea
     * @param float  $glowLux         what towns add to the night sky
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
    ) {
        $problems = new Problems();
        if (mb_strlen($name) > self::MOST_NAME_CHARACTERS || preg_match('/[\p{Cc}\x{FFFD}]/u', $name) !== 0) {
            $problems->add('/name', sprintf('Enter a place of up to %d characters, on one line.', self::MOST_NAME_CHARACTERS));
        }
        $problems->unlessBetween($latitude, -90, 90, '/latitude_deg', 'a latitude in degrees');
        $problems->unlessBetween($longitude, -180, 180, '/longitude_deg', 'a longitude in degrees');
        $problems->unlessBetween($elevationMetres, -500, 9_000, '/elevation_m', 'an elevation in metres');
        $problems->unlessBetween($glowLux, 0, self::MOST_GLOW_LUX, '/sky_glow_lux', 'lux');
        try {
            $day = new LocalDay($date, $zone);
        } catch (InvalidInput $invalid) {
            $problems->addAllUnder('', $invalid);
        }
        $problems->throwIfAny();
        assert(isset($day));
        $this->day = $day;
        $this->observer = new Observer($latitude, $longitude, $elevationMetres);
    }

    /**
     * @throws InvalidInput
     */
    public function onDate(string $date): self
    {
        return new self($this->name, $this->latitude, $this->longitude, $this->zone, $date, $this->elevationMetres, $this->glowLux);
    }
}
