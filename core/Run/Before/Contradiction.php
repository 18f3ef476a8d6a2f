<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Before;

use Evrent\Core\Messages\Text;

/**
 * What a device says before a take that the plan does not agree with. The start waits until it is set, or used as it is.
 */
final readonly class Contradiction
{
    /**
     * @param string  $about     what it is about: "focus", "card", "battery camera", "rig pan speed"; of one take each is there once
     * @param Text|string $says  one or two sentences: what is so, what the plan has
     * @param Text|string|null $set       what the button that mends it says, such as "Home rig"; null where a hand has to
     * @param bool    $isRefused whether the take cannot be made so: there is no using it as it is
     */
    public function __construct(public string $about, public Text|string $says, public Text|string|null $set = null, public bool $isRefused = false)
    {
    }

    /** @return array<string, Text|string|bool> as a log keeps it */
    public function fields(): array
    {
        return array_filter(
            ['about' => $this->about, 'says' => $this->says, 'set' => $this->set, 'refused' => $this->isRefused],
            static fn (Text|string|bool|null $value): bool => $value !== null && $value !== false,
        );
    }
}
