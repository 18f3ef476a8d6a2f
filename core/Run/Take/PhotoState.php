<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * What became of a photo.
 */
enum PhotoState: string implements Labelled
{
    /** The camera has it. */
    case Good = 'good';
    /** It was triggered; the camera has not said yet that it has it, or never says. */
    case Triggered = 'triggered';
    /** Nobody knows whether it was taken: whoever ran the take died in that moment. */
    case Uncertain = 'uncertain';
    /** The camera has nothing of it. */
    case Missing = 'missing';
    /** It came so late that the rhythm breaks. */
    case Late = 'late';
    /** The rig moved, or stood elsewhere. */
    case Moved = 'moved';
    /** It was exposed otherwise than planned, by more than a third of a stop. */
    case WrongExposure = 'wrong_exposure';
    /** There is another of the same place. */
    case Doubled = 'doubled';
    /** Somebody marked it. */
    case Spoilt = 'spoilt';

    public function label(): Message
    {
        return new Message("takes.photo_state.{$this->value}");
    }

    /** Whether it is in the clip as it was planned. */
    public function isWhole(): bool
    {
        return $this === self::Good || $this === self::Triggered;
    }

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
