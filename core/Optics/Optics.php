<?php

declare(strict_types=1);

namespace Evrent\Core\Optics;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Values\Copy;
use Evrent\Core\Values\Problems;

/**
 * What the picture is made with and of: sensor, lens, output, and how far away things are.
 */
final readonly class Optics
{
    private const MOST_MILLIMETRES = 10_000;
    private const MOST_PIXELS = 100_000;
    private const MOST_METRES = 1_000_000;
    private const MOST_ZOOM = 50;

    /**
     * @param float $foregroundMetres       nearest thing that matters
     * @param float $subjectMetres          what the shot is of
     * @param float $backgroundMetres       farthest thing that matters
     * @param float $subjectMetresPerSecond how fast the subject moves across the view
     * @param SubjectKind $subjectKind      what the subject is to the eye
     * @param Scene       $scene            what the finder draws
     * @param ?float      $focusMetres       where the lens is focused; null where nobody said
     * @param ?float      $circleMillimetres circle of confusion; null for the sensor's diagonal / 1,500
     * @param ?ForegroundFocus $foregroundIs how the foreground is to come out; null where nobody said, and then sharp
     * @param ?float      $laterZoom         how far the clip is zoomed in at the most in the edit, times; null for not at all
     * @param ?float      $subjectPanDegrees where the pan stands when the subject is ahead; null for the middle of the move
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public float $sensorWidthMillimetres,
        public float $sensorHeightMillimetres,
        public int $imageWidthPixels,
        public int $imageHeightPixels,
        public float $focalMillimetres,
        public int $outputWidthPixels,
        public int $outputHeightPixels,
        public float $foregroundMetres,
        public float $subjectMetres,
        public float $backgroundMetres,
        public float $subjectMetresPerSecond = 0.0,
        public SubjectKind $subjectKind = SubjectKind::One,
        public Scene $scene = Scene::Example,
        public ?float $subjectPanDegrees = null,
        public ?float $focusMetres = null,
        public ?float $circleMillimetres = null,
        public ?float $laterZoom = null,
        public ?ForegroundFocus $foregroundIs = null,
    ) {
        $problems = new Problems();
        $lengths = ['sensor_width_mm' => $sensorWidthMillimetres, 'sensor_height_mm' => $sensorHeightMillimetres, 'focal_mm' => $focalMillimetres];
        foreach ($lengths as $field => $value) {
            $problems->unlessPositive($value, self::MOST_MILLIMETRES, "/{$field}", new Message('what.millimetres'));
        }
        $pixels = [
            'image_width_px' => $imageWidthPixels, 'image_height_px' => $imageHeightPixels,
            'output_width_px' => $outputWidthPixels, 'output_height_px' => $outputHeightPixels,
        ];
        foreach ($pixels as $field => $value) {
            $problems->unlessBetween($value, 1, self::MOST_PIXELS, "/{$field}", new Message('optics.optics.pixels'));
        }
        foreach (['foreground_m' => $foregroundMetres, 'subject_m' => $subjectMetres, 'background_m' => $backgroundMetres] as $field => $value) {
            $problems->unlessPositive($value, self::MOST_METRES, "/{$field}", new Message('what.distance'));
        }
        if ($focusMetres !== null) {
            $problems->unlessPositive($focusMetres, self::MOST_METRES, '/focus_m', new Message('what.distance'));
        }
        if ($circleMillimetres !== null) {
            $problems->unlessPositive($circleMillimetres, 1, '/circle_mm', new Message('optics.optics.circle'));
        }
        $problems->unlessBetween($laterZoom ?? 1.0, 1, self::MOST_ZOOM, '/later_zoom', new Message('optics.optics.zoom'));
        $problems->unlessBetween($subjectMetresPerSecond, 0, 10_000, '/subject_speed_m_s', new Message('optics.optics.speed'));
        $problems->unlessBetween($subjectPanDegrees ?? 0.0, -360, 360, '/subject_pan_deg', new Message('optics.optics.pan'));
        if (!$problems->any() && ($foregroundMetres > $subjectMetres || $subjectMetres > $backgroundMetres)) {
            $problems->add('/subject_m', new Message('optics.optics.order'));
        }
        $problems->throwIfAny();
    }

    /** To start from: a sensor of 36 by 24 mm, a wide lens, and a foreground that a slide shows against. */
    public static function usual(): self
    {
        return new self(36, 24, 6000, 4000, 24, 1920, 1080, 2, 20, 400);
    }

    /**
     * Lens, frame and distances in a line.
     *
     * @param 'm'|'ft' $unit of the distances
     */
    public function inShort(string $unit = 'm'): Message
    {
        $metres = static fn (float $metres): Quantity => Quantity::withUnit($unit === 'ft' ? $metres / 0.3048 : $metres, $unit);

        return new Message('optics.optics.short', [
            'focalMillimetres' => Quantity::rounded($this->focalMillimetres, 1),
            'sensorWidthMillimetres' => Quantity::rounded($this->sensorWidthMillimetres, 1),
            'sensorHeightMillimetres' => Quantity::rounded($this->sensorHeightMillimetres, 1),
            'foregroundMetres' => $metres($this->foregroundMetres),
            'subjectMetres' => $metres($this->subjectMetres),
            'backgroundMetres' => $metres($this->backgroundMetres),
        ]);
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withFocal(float $millimetres): self
    {
        return Copy::of($this, get_object_vars($this), ['focalMillimetres' => $millimetres]);
    }

    /**
     * The same but for what is named.
     *
     * @param array{
     *     foregroundMetres?: float, focusMetres?: ?float, laterZoom?: ?float, foregroundIs?: ?ForegroundFocus, outputWidthPixels?: int,
     *     outputHeightPixels?: int,
     * } $changes
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function with(array $changes): self
    {
        return Copy::of($this, get_object_vars($this), $changes);
    }

    /** Focal length in pixels of the image: what one radian at the centre covers. */
    public function focalPixels(): float
    {
        return $this->focalMillimetres * $this->imageWidthPixels / $this->sensorWidthMillimetres;
    }

    /** Width of what is left of the image after the crop to the output's aspect, in pixels of the image. */
    public function croppedWidthPixels(): float
    {
        return min((float) $this->imageWidthPixels, $this->imageHeightPixels * $this->outputWidthPixels / $this->outputHeightPixels);
    }

    /** Height of what is left of the image after the crop, in pixels of the image. */
    public function croppedHeightPixels(): float
    {
        return min((float) $this->imageHeightPixels, $this->imageWidthPixels * $this->outputHeightPixels / $this->outputWidthPixels);
    }

    /** The angle that the cropped frame takes in from left to right: 2·atan(width / 2f). */
    public function frameWidthDegrees(): float
    {
        return 2.0 * rad2deg(atan($this->croppedWidthPixels() / 2.0 / $this->focalPixels()));
    }

    /** Share of the image's area that the crop to the output's aspect cuts off, 0…1. */
    public function croppedAway(): float
    {
        $image = $this->imageWidthPixels / $this->imageHeightPixels;
        $output = $this->outputWidthPixels / $this->outputHeightPixels;

        return 1.0 - min($image, $output) / max($image, $output);
    }

    /** By how many pixels of the clip a horizon that leans stands higher or lower at the frame's edge than in its middle. */
    public function edgePixels(float $leanDegrees): float
    {
        return tan(deg2rad($leanDegrees)) * $this->outputWidthPixels / 2.0;
    }

    /**
     * What is left of the clip's width when a lean is turned out of it and the rest is cropped to the same shape: of w × h with w ≥ h turned
     * by θ, 1 / (cos θ + w/h · sin θ).
     */
    public function shareLeftUpright(float $leanDegrees): float
    {
        $long = max($this->outputWidthPixels, $this->outputHeightPixels) / min($this->outputWidthPixels, $this->outputHeightPixels);
        $lean = deg2rad(abs($leanDegrees));

        return 1.0 / (cos($lean) + $long * sin($lean));
    }

    /** Output pixels for one pixel of the image. */
    public function outputScale(): float
    {
        return $this->outputWidthPixels / $this->croppedWidthPixels();
    }
}
