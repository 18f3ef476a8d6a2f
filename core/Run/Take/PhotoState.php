<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

/**
 * What became of a photo.
 */
enum PhotoState: string
{
    /** The camera has it. */
    case Good = 'good';
    /** It was triggered; the camera has not said yet that it has it, or never says. */
    case Triggered = 'triggered';
    /** Nobody knows whether it was taken: whoever ran the take died in that moment. */
    case Uncertain = 'uncertain';
    /** The camera has nothing of it. */
    case Missing = 'missing';
    /** Somebody marked it. */
    case Spoilt = 'spoilt';

    /** From what an outcome says of itself. */
    public static function of(?string $outcome): self
    {
        return match ($outcome) {
            'confirmed' => self::Good,
            'uncertain' => self::Uncertain,
            default => self::Triggered,
        };
    }
}
