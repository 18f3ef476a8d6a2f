<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Messages\Message;

/**
 * What one lens shows of a move: shares of the frame's width, null for what does not stay before the camera.
 */
final readonly class LensShown
{
    public function __construct(
        public float $focalMillimetres,
        public ?float $near,
        public ?float $subject,
        public ?float $far,
        public bool $isChosen,
    ) {
    }

    /** @return ?float by how much what is near goes farther than what is far: what makes a slide show */
    public function parallax(): ?float
    {
        return $this->near === null || $this->far === null ? null : abs($this->near - $this->far);
    }

    /**
     * @param ?float $share of the frame's width
     * @param float  $least from which on it counts as seen
     */
    public static function says(?float $share, float $least): Message|string
    {
        return match (true) {
            $share === null => new Message('shot.lens.leaves'),
            $share > 1.0 => new Message('shot.lens.crosses'),
            $share < $least => new Message('shot.lens.still'),
            default => '',
        };
    }
}
