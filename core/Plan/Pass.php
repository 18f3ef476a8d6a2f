<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * The same move once more in real time, to go with the time-lapse. Null where nobody said.
 */
final readonly class Pass
{
    private const MOST_SECONDS = 86_400;

    /**
     * @param ?float $durationSeconds from the first framing to the last
     * @param ?bool  $hasStillPlate   whether one photo of the scene without anybody in it is taken from the first framing
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(public ?float $durationSeconds = null, public ?PassBy $by = null, public ?bool $hasStillPlate = null)
    {
        $problems = new Problems();
        if ($durationSeconds !== null) {
            $problems->unlessPositive($durationSeconds, self::MOST_SECONDS, '/duration_s', new Message('what.seconds'));
        }
        $problems->throwIfAny();
    }
}
