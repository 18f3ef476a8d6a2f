<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * Sun, moon and galactic centre as seen from one place, for as many moments as are asked for.
 */
final class Sky
{
    public readonly Body $sun;
    public readonly Body $moon;
    public readonly Body $galacticCentre;

    public function __construct(public readonly Observer $observer)
    {
        $this->sun = new Interpolated(new Sun());
        $this->moon = new Interpolated(new Moon());
        $this->galacticCentre = new Interpolated(Star::galacticCentre());
    }

    public function of(Target $target, Instant $instant): Horizontal
    {
        return $this->observer->horizontal($this->body($target), $instant);
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
