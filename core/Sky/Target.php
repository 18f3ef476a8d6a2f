<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;

/**
 * What in the sky people aim at: what it is called, where it stands among the stars, and how its way is drawn. The names of its starts,
 * where it has any, begin with its own (`StartEvent`).
 */
enum Target: string
{
    case Sun = 'sun';
    case Moon = 'moon';
    case GalacticCentre = 'galactic_centre';

    public function name(): Message
    {
        return new Message("sky.target.{$this->value}");
    }

    /**
     * All of them: "sun, moon and galactic centre".
     *
     * @param Joined::AND|Joined::OR $last how the last one follows
     */
    public static function names(string $last = Joined::AND): Text|string
    {
        $names = array_map(static fn (self $target): Message => $target->name(), self::cases());
        $end = array_pop($names);

        return Joined::of([Joined::of($names, Joined::COMMA), $end], $last);
    }

    public function body(): Body
    {
        return match ($this) {
            self::Sun => new Sun(),
            self::Moon => new Moon(),
            self::GalacticCentre => Star::galacticCentre(),
        };
    }

    /**
     * @return array{name: string, label: Message, colour: string, dashes: list<float>, width: float, disk: bool} colour: one of the
     *         looks' own; dashes: drawn and left out in turn, none for a whole line; disk: whether it is wider than a point
     */
    public function drawn(): array
    {
        [$colour, $dashes, $width, $disk] = match ($this) {
            self::Sun => ['sky-sun', [], 3.5, true],
            self::Moon => ['sky-moon', [8.0, 4.0], 2.0, true],
            self::GalacticCentre => ['sky-line', [1.5, 4.0], 2.0, false],
        };

        return ['name' => $this->value, 'label' => $this->name(), 'colour' => $colour, 'dashes' => $dashes, 'width' => $width, 'disk' => $disk];
    }
}
