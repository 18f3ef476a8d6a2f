<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Messages\Message;

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

    public function label(): Message
    {
        return match ($this) {
            self::Tide => new Message('day.hazard.tide'),
            self::Road => new Message('day.hazard.road'),
            self::Edge => new Message('day.hazard.edge'),
            self::Alone => new Message('day.hazard.alone'),
            self::Public => new Message('day.hazard.public'),
            default => new Message("day.hazard.{$this->value}"),
        };
    }

    public function caution(): Message
    {
        return match ($this) {
            self::Tide => new Message('day.hazard.tide_caution'),
            self::Road => new Message('day.hazard.road_caution'),
            self::Edge => new Message('day.hazard.edge_caution'),
            self::Alone => new Message('day.hazard.alone_caution'),
            self::Public => new Message('day.hazard.public_caution'),
            self::Sun => new Message('day.hazard.sun_caution'),
            self::Night => new Message('day.hazard.night_caution'),
            self::Cold => new Message('day.hazard.cold_caution'),
            self::Incline => new Message('day.hazard.incline_caution'),
            self::Counterweight => new Message('day.hazard.counterweight_caution'),
            self::Heavy => new Message('day.hazard.heavy_caution'),
            self::Rules => new Message('day.hazard.rules_caution'),
        };
    }
}
