<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * What may spoil the scene, and where else to stand if it does.
 */
final readonly class Scene
{
    private const MOST_CHARACTERS = 300;

    /**
     * @param list<Trouble> $troubles
     * @param ?string       $planB    the second place to stand; null where there is none
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(public array $troubles = [], public ?string $planB = null)
    {
        $problems = new Problems();
        if ($planB !== null && (trim($planB) === '' || mb_strlen($planB) > self::MOST_CHARACTERS || preg_match('/[\p{Cc}\x{FFFD}]/u', $planB) !== 0)) {
            $problems->add('/plan_b', new Message('plan.scene.fallback', ['most_characters' => self::MOST_CHARACTERS]));
        }
        $problems->throwIfAny();
    }
}
