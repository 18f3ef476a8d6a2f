<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

/**
 * What can hurt somebody on site, and the usual caution.
 */
enum Hazard: string
{
    case Tide = 'tide';
    case Road = 'road';
    case Edge = 'edge';
    case Alone = 'alone';
    case Public = 'public';
    case Sun = 'sun';
    case Night = 'night';
    case Cold = 'cold';
    case Incline = 'incline';
    case Counterweight = 'counterweight';
    case Heavy = 'heavy';
    case Rules = 'rules';

    /** Those that only who knows the place can tell. */
    public const TOLD = [self::Tide, self::Road, self::Edge, self::Alone, self::Public];

    public function label(): string
    {
        return match ($this) {
            self::Tide => 'tide or water',
            self::Road => 'road or rails',
            self::Edge => 'edge, wall or height',
            self::Alone => 'alone out there',
            self::Public => 'people pass',
            default => $this->value,
        };
    }

    public function caution(): string
    {
        return match ($this) {
            self::Tide => 'Know the tide table and your way off before you set up; soft mud and cut-off sandbanks kill. Leave '
                . 'with the water still out, photos or not.',
            self::Road => 'Stay off carriageway and track, wear something that is seen, and keep lamps and lens out of drivers’ eyes.',
            self::Edge => 'Tie rig and bag down, keep a step from the edge, and never walk backwards with an eye in the finder.',
            self::Alone => 'Somebody knows where you are and when you are back; a charged phone stays warm in a pocket.',
            self::Public => 'Cables taped and lit, legs inside a line that people can see, nothing heavy over heads; ask before you photograph people.',
            self::Sun => 'Never look at the sun through a finder or lens, and do not leave a lens pointing at it: eyes, shutter and sensor burn.',
            self::Night => 'A red lamp for each hand, the way back walked once by day, reflective tape on legs and cables.',
            self::Cold => 'Clothes for standing still, something hot, gloves that work buttons; go when shivering stops being '
                . 'funny. Spare batteries close to the body.',
            self::Incline => 'An inclined slide comes down when power or belt goes: a line on the carriage, and hands and heads out from under it.',
            self::Counterweight => 'When the line of a counterweight breaks, it falls and the carriage runs down the rail: a second line on each, '
                . 'and nobody below either.',
            self::Heavy => 'Lift with two, keep fingers out of carriage and belt, and hang weight low under the legs in wind.',
            self::Rules => 'Permission for the place, for drones, lamps and tripods, is yours to ask for. '
                . 'Local rules and whoever is in charge on site come before anything said here.',
        };
    }
}
