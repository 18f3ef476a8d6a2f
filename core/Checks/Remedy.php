<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;

/**
 * A change of plan that clears a finding.
 */
final readonly class Remedy
{
    /**
     * @param string $key    names the remedy within its finding, such as "interval"
     * @param Text   $label  what pressing it does: "Set interval to 8.1 s"
     * @param Text|string $remark what is to be said of it beside what it keeps and costs; may be empty
     * @param Plan   $mended the plan with the change made
     * @param Text|string $costs  what it keeps and what it costs, in a few words; empty as long as it has not been tried
     */
    public function __construct(
        public string $key,
        public Text $label,
        public Text|string $remark,
        public Plan $mended,
        public Text|string $costs = '',
    ) {
    }

    /** The same, with what it keeps and costs against the plan that it mends. */
    public function against(Plan $before): self
    {
        return new self($this->key, $this->label, $this->remark, $this->mended, Cost::told($before, $this->mended, $this->remark));
    }
}
