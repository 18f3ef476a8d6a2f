<?php

declare(strict_types=1);

namespace Evrent\Core\Presets;

use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Values\Problems;

/**
 * Where to start for a kind of subject.
 */
final readonly class Recipe
{
    /**
     * @param float  $intervalSeconds start to start
     * @param float  $openShare       exposure as a share of the interval, 0…1
     * @param float  $clipSeconds     how long the clip should be
     * @param string $reason          why, in a sentence
     * @param ?ExposedFor $exposedFor what is to come out right; null leaves the light as it is
     * @param bool   $followsLight    whether the exposures follow the light, where it is known
     * @param bool   $onMains         whether it runs so long that batteries are out of the question
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public float $intervalSeconds,
        public float $openShare,
        public float $clipSeconds,
        public string $reason,
        public ?ExposedFor $exposedFor = null,
        public bool $followsLight = false,
        public bool $onMains = false,
    ) {
        $problems = new Problems();
        $problems->unlessPositive($intervalSeconds, KeyedSeconds::MOST_SECONDS, '/interval_s', new Message('what.interval'));
        if (!is_finite($openShare) || $openShare <= 0.0 || $openShare >= 1.0) {
            $problems->add('/open_share', new Message('presets.recipe.share'));
        }
        $problems->unlessPositive($clipSeconds, 3_600, '/clip_s', new Message('what.clip'));
        if (trim($reason) === '' || mb_strlen($reason) > 500) {
            $problems->add('/reason', new Message('presets.recipe.why'));
        }
        $problems->throwIfAny();
    }

    /** What it sets, and why, in a line. */
    public function inShort(): Message
    {
        return new Message('presets.recipe.in_short', [
            'intervalSeconds' => Quantity::seconds($this->intervalSeconds),
            'openShare' => Quantity::roundedPercent($this->openShare),
            'clipSeconds' => Quantity::seconds($this->clipSeconds),
            'reason' => $this->reason,
        ]);
    }

    /** Shooting time for its clip, at so many frames a second. */
    public function shootingSeconds(float $framesPerSecond): float
    {
        return ceil($this->clipSeconds * $framesPerSecond) * $this->intervalSeconds;
    }
}
