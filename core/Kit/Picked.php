<?php

declare(strict_types=1);

namespace Evrent\Core\Kit;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * A piece of kit that a shot takes along, by name. What it is and can do stands in the plan's other parts as it was when it was
 * picked, so that a later change of the kit never changes an old plan.
 */
final readonly class Picked
{
    public const MOST = 100;

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(public KitKind $kind, public string $name, public int $count = 1)
    {
        $problems = new Problems();
        if (trim($name) === '' || mb_strlen($name) > KitItem::MOST_NAME_CHARACTERS || preg_match('/[\p{Cc}\x{FFFD}]/u', $name) !== 0) {
            $problems->add('/name', new Message('kit.picked.name', ['most_name_characters' => KitItem::MOST_NAME_CHARACTERS]));
        }
        $problems->unlessBetween($count, 1, 1_000, '/count', new Message('what.how_many'));
        $problems->throwIfAny();
    }
}
