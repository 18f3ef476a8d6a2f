<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;

/**
 * What an edit makes of a plan and its pins. Looked at or saved, it is this.
 */
final readonly class Edited
{
    /**
     * @param string       $told     what was done, in words for the history
     * @param list<Text|string> $givesWay what had to give way: pinned figures that are no longer as they were asked for, and the like, a sentence each
     * @param list<OtherWay> $otherWays what could have given way instead
     */
    public function __construct(
        public Plan $plan,
        public Pins $pins,
        public Text|string $told,
        public array $givesWay = [],
        public array $otherWays = [],
    ) {
    }
}
