<?php

declare(strict_types=1);

namespace Evrent\Core\Optics;

/**
 * What the camera's finder takes in: a pinhole camera, with the output's frame cut out of the photo.
 */
final readonly class Finder
{
    /** Tangents of half the angle that the photo takes in, across and up. */
    public float $halfWidth;
    public float $halfHeight;

    /** What is left of the photo in the clip, as shares of its width and height. */
    public float $cropWidth;
    public float $cropHeight;

    public function __construct(public Optics $optics)
    {
        $this->halfWidth = $optics->imageWidthPixels / 2.0 / $optics->focalPixels();
        $this->halfHeight = $optics->imageHeightPixels / 2.0 / $optics->focalPixels();
        $this->cropWidth = $optics->croppedWidthPixels() / $optics->imageWidthPixels;
        $this->cropHeight = $optics->croppedHeightPixels() / $optics->imageHeightPixels;
    }

    /**
     * @return array<string, float|string|null>
     */
    public function toArray(): array
    {
        return [
            'half_width' => $this->halfWidth,
            'half_height' => $this->halfHeight,
            'crop_width' => $this->cropWidth,
            'crop_height' => $this->cropHeight,
            'foreground_m' => $this->optics->foregroundMetres,
            'subject_m' => $this->optics->subjectMetres,
            'background_m' => $this->optics->backgroundMetres,
            'subject_speed_m_s' => $this->optics->subjectMetresPerSecond,
            'scene' => $this->optics->scene->value,
            'subject_pan_deg' => $this->optics->subjectPanDegrees,
        ];
    }
}
