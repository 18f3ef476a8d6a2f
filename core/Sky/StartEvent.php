<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * What a start is told by.
 */
enum StartEvent: string
{
    case Clock = 'clock';
    case Sunrise = 'sunrise';
    case Sunset = 'sunset';
    case CivilDawn = 'civil_dawn';
    case CivilDusk = 'civil_dusk';
    case NauticalDawn = 'nautical_dawn';
    case NauticalDusk = 'nautical_dusk';
    case AstronomicalDawn = 'astronomical_dawn';
    case AstronomicalDusk = 'astronomical_dusk';
    case Moonrise = 'moonrise';
    case Moonset = 'moonset';
    case SunRisesTo = 'sun_rises_to';
    case SunSinksTo = 'sun_sinks_to';
    case MoonRisesTo = 'moon_rises_to';
    case MoonSinksTo = 'moon_sinks_to';
    case GalacticCentreRisesTo = 'galactic_centre_rises_to';
    case GalacticCentreSinksTo = 'galactic_centre_sinks_to';

    public function needsHeight(): bool
    {
        return str_ends_with($this->value, '_to');
    }

    public function rises(): bool
    {
        return in_array($this, [self::Sunrise, self::CivilDawn, self::NauticalDawn, self::AstronomicalDawn, self::Moonrise], true)
            || str_ends_with($this->value, '_rises_to');
    }

    /** Whether it happens at the horizon, where land can hide it. */
    public function isOverHorizon(): bool
    {
        return in_array($this, [self::Sunrise, self::Sunset, self::Moonrise, self::Moonset], true);
    }

    public function target(): Target
    {
        foreach (Target::cases() as $target) {
            if (str_starts_with($this->value, $target->value)) {
                return $target;
            }
        }

        // Dawn and dusk are the sun's.
        return Target::Sun;
    }

    /** "sunset", "civil dusk", "the moon rises to". */
    public function words(): string
    {
        return ($this->needsHeight() ? 'the ' : '') . str_replace('_', ' ', $this->value);
    }
}
