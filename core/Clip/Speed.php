<?php

declare(strict_types=1);

namespace Evrent\Core\Clip;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * Photos that go by faster or slower than one a frame.
 */
final readonly class Speed
{
    private const SLOWEST = 0.05;
    private const FASTEST = 100.0;

    /**
     * @param int   $from   number of the first photo
     * @param int   $to     of the last
     * @param float $factor photos a frame: 2 is twice as fast, 0.5 shows each for two frames
     * @param int   $ramp   photos over which it gets there, and back again, within the span
     *
     * @throws \Evrent\Core\Values\InvalidInput with pointers /from, /to, /factor, /ramp_photos
     */
    public function __construct(public int $from, public int $to, public float $factor, public int $ramp = 0)
    {
        $problems = new Problems();
        $problems->unlessBetween($from, 1, Clip::MOST_PHOTOS, '/from', new Message('what.photo_number'));
        $problems->unlessBetween($to, $from, Clip::MOST_PHOTOS, '/to', new Message('what.last_photo'));
        $problems->unlessBetween($factor, self::SLOWEST, self::FASTEST, '/factor', new Message('clip.speed.rate'));
        $problems->unlessBetween($ramp, 0, max(0, intdiv($to - $from + 1, 2)), '/ramp_photos', new Message('clip.speed.ramp'));
        $problems->throwIfAny();
    }

    /**
     * @param float $at a place among the photos, by their numbers
     *
     * @return ?float photos a frame there; null outside
     */
    public function at(float $at): ?float
    {
        if ($at < $this->from || $at >= $this->to + 1.0) {
            return null;
        }
        $in = min($at - $this->from, $this->to + 1.0 - $at);
        $share = $this->ramp === 0 ? 1.0 : min(1.0, ($in + 0.5) / $this->ramp);

        // By equal factors, so that a ramp looks even.
        return $this->factor ** $share;
    }
}
