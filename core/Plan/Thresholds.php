<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problems;

/**
 * From where on a shooter wants to be told. The constants are what experience says for most shots; a shot may differ.
 */
final readonly class Thresholds
{
    /** Under ten seconds a clip is tight to cut; about twenty leaves room. */
    public const CLIP_SECONDS = 10.0;

    /** A subject that moves by more than a tenth of the frame from photo to photo is seen a few times and gone. */
    public const SUBJECT_STEP_SHARE = 0.1;

    /** A pan is easy on the eye when an object takes this long or longer to cross the frame. */
    public const CROSSING_SECONDS = 7.0;

    /** Open for less than about a tenth of the interval, fast subjects look staccato; around half is the cine look. */
    public const BLUR_SHARE = 0.1;

    /** Open for this share of the interval, an exposure is called dragged. */
    public const DRAGGED_SHARE = 0.25;

    /** More smear than this, in pixels of the clip, looks soft on a still frame. */
    public const SMEAR_PIXELS = 1.5;

    /** A carriage on legs rings on for some tenths of a second after it stops. */
    public const SETTLE_SECONDS = 0.3;

    /** Foreground and background part by less than this share of the width: the eye sees no depth. */
    public const PARALLAX_SHARE = 0.03;

    /** A motor step that moves the picture by more than half a pixel of the clip is seen as a jump. */
    public const MOTOR_STEP_PIXELS = 0.5;

    /** A crop that takes less than this share of the photo is lost in any finder's own inaccuracy. */
    public const CROP_SHARE = 0.02;

    /** A raw file can be pushed or pulled by about a stop before it is seen. */
    public const LIGHT_STOPS = 1.0;

    /** A star that moves by more pixels of the clip while the shutter is open is a dash, not a dot. */
    public const TRAIL_PIXELS = 2.0;

    /** A horizon that leans by more pixels of the clip from the middle to the edge is seen to lean. */
    public const HORIZON_PIXELS = 3.0;

    private const MOST = 10_000;

    /**
     * Seconds, pixels of the clip, stops or shares, as the names say.
     *
     * @throws InvalidInput
     */
    public function __construct(
        public float $clipSeconds = self::CLIP_SECONDS,
        public float $subjectStepShare = self::SUBJECT_STEP_SHARE,
        public float $crossingSeconds = self::CROSSING_SECONDS,
        public float $blurShare = self::BLUR_SHARE,
        public float $draggedShare = self::DRAGGED_SHARE,
        public float $smearPixels = self::SMEAR_PIXELS,
        public float $settleSeconds = self::SETTLE_SECONDS,
        public float $parallaxShare = self::PARALLAX_SHARE,
        public float $motorStepPixels = self::MOTOR_STEP_PIXELS,
        public float $cropShare = self::CROP_SHARE,
        public float $lightStops = self::LIGHT_STOPS,
        public float $trailPixels = self::TRAIL_PIXELS,
        public float $horizonPixels = self::HORIZON_PIXELS,
    ) {
        $problems = new Problems();
        foreach (['clip_s' => $clipSeconds, 'crossing_s' => $crossingSeconds, 'settle_s' => $settleSeconds] as $field => $seconds) {
            $problems->unlessBetween($seconds, 0, self::MOST, "/{$field}", new Message('what.seconds'));
        }
        $inPixels = ['smear_px' => $smearPixels, 'motor_step_px' => $motorStepPixels, 'trail_px' => $trailPixels, 'horizon_px' => $horizonPixels];
        foreach ($inPixels as $field => $pixels) {
            $problems->unlessPositive($pixels, self::MOST, "/{$field}", new Message('what.pixels'));
        }
        $shares = ['blur_share' => $blurShare, 'dragged_share' => $draggedShare, 'parallax_share' => $parallaxShare, 'crop_share' => $cropShare];
        foreach ($shares as $field => $share) {
            $problems->unlessBetween($share, 0, 1, "/{$field}", new Message('what.share'));
        }
        $problems->unlessPositive($lightStops, 20, '/light_stops', new Message('what.stops'));
        $problems->unlessPositive($subjectStepShare, 10, '/subject_step_share', new Message('what.share'));
        $problems->throwIfAny();
    }
}
