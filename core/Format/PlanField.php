<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use BackedEnum;
use Evrent\Core\Messages\Text;
use Evrent\Core\Words\Labelled;

/**
 * What is known of one field of a plan: a row of `PlanFields`.
 */
final readonly class PlanField
{
    /** What a value is written from. */
    public string $as;

    /**
     * @param string  $name       the last part of its JSON pointer
     * @param ?string $property   what the value that its whole part is read into calls it; null when it is read by hand
     * @param mixed   $usual      what a document that leaves it out means; null when it may not, or when nothing is said then
     * @param mixed   $instead    what stands in for it while the rest of a document that lacks it is read
     * @param bool    $mayLack    whether a plan may say nothing of it
     * @param bool    $mayBeEmpty whether its field in a form may be left empty: nothing is said, or the usual value holds again
     * @param ?int    $most       of a list, how many
     * @param Text|string $label  what the history calls it; empty where that is its name
     * @param Text|string $unit   in words for people
     */
    public function __construct(
        public FieldKind $kind,
        public string $name,
        public ?string $property,
        public mixed $usual = null,
        public mixed $instead = null,
        public bool $mayLack = false,
        public bool $mayBeEmpty = false,
        public ?int $most = null,
        public Text|string $label = '',
        public Text|string $unit = '',
    ) {
        $this->as = $property ?? $name;
    }

    public function isRead(): bool
    {
        return $this->property !== null;
    }

    /** "interval", "focal length". */
    public function told(): Text|string
    {
        return $this->label === '' ? str_replace('_', ' ', $this->name) : $this->label;
    }

    /** One of the values that it may have, in words; what was typed freely stays. */
    public function said(string $value): Text|string
    {
        $one = $this->usual ?? $this->instead;
        $chosen = $this->kind === FieldKind::Choice && $one instanceof BackedEnum ? $one::tryFrom($value) : null;

        return $chosen instanceof Labelled ? $chosen->label() : $value;
    }
}
