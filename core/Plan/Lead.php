<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * How the rig fires the camera: what each has a socket for, and the lead or adapter between. Null where nobody said.
 */
final readonly class Lead
{
    public const MOST_NAME_CHARACTERS = 120;

    /**
     * @param ?Socket $rigGives  what the rig, or whatever fires, has a socket for
     * @param ?Socket $bodyTakes what the camera has a socket for
     * @param ?string $name      of the lead or adapter between
     * @param ?Socket $rigEnd    the lead's plug at the rig
     * @param ?Socket $bodyEnd   the lead's plug at the camera
     * @param ?bool   $hasHalfPress whether the half-press is wired, which wakes a camera
     * @param ?bool   $holdsBulb    whether it can hold the shutter open
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public ?Socket $rigGives = null,
        public ?Socket $bodyTakes = null,
        public ?string $name = null,
        public ?Socket $rigEnd = null,
        public ?Socket $bodyEnd = null,
        public ?bool $hasHalfPress = null,
        public ?bool $holdsBulb = null,
    ) {
        $problems = new Problems();
        if ($name !== null && (trim($name) === '' || mb_strlen($name) > self::MOST_NAME_CHARACTERS || preg_match('/[\p{Cc}\x{FFFD}]/u', $name) !== 0)) {
            $problems->add('/name', new Message('plan.lead.name', ['most_name_characters' => self::MOST_NAME_CHARACTERS]));
        }
        $problems->throwIfAny();
    }

    /** What a lead has to be to go between the two; null where either is not known. */
    public function wanted(): ?Message
    {
        return $this->rigGives === null || $this->bodyTakes === null
            ? null
            : new Message('plan.lead.wanted', ['rigGives' => $this->rigGives->label(), 'bodyTakes' => $this->bodyTakes->label()]);
    }

    /** The lead that goes between the two. */
    public function matching(): self
    {
        // A name in a plan is a name, whatever language it is read in.
        $name = $this->name ?? "{$this->rigGives?->mark()} – {$this->bodyTakes?->mark()}";

        return new self($this->rigGives, $this->bodyTakes, $name, $this->rigGives, $this->bodyTakes, $this->hasHalfPress, true);
    }
}
