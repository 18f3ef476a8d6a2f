<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * Sun, moon and galactic centre as seen from one place, for as many moments as are asked for.
 */
final class Sky
{
    private const SECONDS_PER_HOUR = 3_600.0;

    public readonly Body $sun;
    public readonly Body $moon;
    public readonly Body $galacticCentre;

    /** @var array<int, Nutation> by hours since 1970 */
    private array $nutations = [];

    public function __construct(public readonly Observer $observer)
    {
        $this->sun = new Interpolated(new Sun());
        $this->moon = new Interpolated(new Moon());
        $this->galacticCentre = new Interpolated(Star::galacticCentre());
    }

    public function of(Target $target, Instant $instant): Horizontal
    {
        return $this->observer->horizontal($this->body($target), $instant, $this->nutation($instant));
    }

    /** Nodding takes days to change by a second of arc: what it is on the hour holds for the hour, to a hundredth of one. */
    private function nutation(Instant $instant): Nutation
    {
        $hour = (int) round($instant->unixSeconds / self::SECONDS_PER_HOUR);

        return $this->nutations[$hour] ??= new Nutation((new Instant($hour * self::SECONDS_PER_HOUR))->centuries);
    }

    public function body(Target $target): Body
    {
        return match ($target) {
            Target::Sun => $this->sun,
            Target::Moon => $this->moon,
            Target::GalacticCentre => $this->galacticCentre,
        };
    }
}
