<?php

declare(strict_types=1);

namespace Evrent\Core\Clip;

use Evrent\Core\Values\Problems;

/**
 * A clip as it is to be made of a shot's photos: a list that says everything, and touches no photo. Its length and what it shows are known from it
 * before anything is made (`Frames`).
 */
final readonly class Clip
{
    /**
     * @param ?int        $in     number of the first photo; null for the first of the shot
     * @param ?int        $out    of the last
     * @param list<Speed> $speeds spans that do not touch each other, in order
     * @param ?Crop       $endCrop where the crop has come to at the end; null where it stays
     * @param float       $shape  width over height
     *
     * @throws \Evrent\Core\Values\InvalidInput with pointers /in, /out, /speeds/…, /shape
     */
    public function __construct(
        public Holes $holes = Holes::Held,
        public bool $isReversed = false,
        public ?int $in = null,
        public ?int $out = null,
        public array $speeds = [],
        public Crop $crop = new Crop(),
        public ?Crop $endCrop = null,
        public bool $isDeflickered = false,
        public Size $size = Size::P1080,
        public FrameRate $rate = FrameRate::R24,
        public Codec $codec = Codec::H264,
        public float $shape = 16 / 9,
    ) {
        $problems = new Problems();
        $problems->unlessBetween($in ?? 1, 1, PHP_INT_MAX, '/in', 'the number of a photo');
        $problems->unlessBetween($out ?? PHP_INT_MAX, $in ?? 1, PHP_INT_MAX, '/out', 'the number of a photo that is not before the first');
        $problems->unlessBetween($shape, 0.25, 4.0, '/shape', 'width over height');
        foreach ($speeds as $n => $speed) {
            if ($n > 0 && $speed->from <= $speeds[$n - 1]->to) {
                $problems->add("/speeds/{$n}/from", sprintf('Begin after photo %d, where the span before it ends.', $speeds[$n - 1]->to));
            }
        }
        $problems->throwIfAny();
    }
}
