<?php

declare(strict_types=1);

namespace Evrent\Core\Clip;

use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Values\Problems;

/**
 * A clip as it is to be made of a shot's photos: a list that says everything, and touches no photo. Its length and what it shows are known from it
 * before anything is made (`Frames`).
 */
final readonly class Clip
{
    public const MOST_PHOTOS = 1_000_000;
    public const NARROWEST = 0.25;
    public const WIDEST = 4.0;

    /** What a shot's clip begins with: all photos, one a frame, at the rate and in the shape that its plan has. */
    public static function begun(Plan $plan): self
    {
        $optics = $plan->optics;
        $shape = $optics === null ? 16 / 9 : Crop::shape($optics->outputWidthPixels, $optics->outputHeightPixels);

        return new self(
            rate: FrameRate::nearest($plan->timing->framesPerSecond),
            isReversed: $plan->timing->playsBackwards,
            shape: max(self::NARROWEST, min(self::WIDEST, $shape)),
        );
    }

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
        $problems->unlessBetween($in ?? 1, 1, self::MOST_PHOTOS, '/in', new Message('what.photo_number'));
        $problems->unlessBetween($out ?? self::MOST_PHOTOS, $in ?? 1, self::MOST_PHOTOS, '/out', new Message('what.last_photo'));
        $problems->unlessBetween($shape, self::NARROWEST, self::WIDEST, '/shape', new Message('clip.clip.shape'));
        foreach ($speeds as $n => $speed) {
            if ($n > 0 && $speed->from <= $speeds[$n - 1]->to) {
                $problems->add("/speeds/{$n}/from", new Message('clip.clip.overlap', ['to' => $speeds[$n - 1]->to]));
            }
        }
        $problems->throwIfAny();
    }

    /** The span that begins at a photo goes at one a frame again. */
    public function withoutSpan(int $from): self
    {
        return new self(
            $this->holes,
            $this->isReversed,
            $this->in,
            $this->out,
            array_values(array_filter($this->speeds, static fn (Speed $speed): bool => $speed->from !== $from)),
            $this->crop,
            $this->endCrop,
            $this->isDeflickered,
            $this->size,
            $this->rate,
            $this->codec,
            $this->shape,
        );
    }
}
