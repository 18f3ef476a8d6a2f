<?php

declare(strict_types=1);

namespace Evrent\Core\Optics;

use Evrent\Core\Motion\AxisRole;

/**
 * What the rig's and the subject's motion does to the picture, in output pixels after the crop. Small angles: the shift
 * of the image's centre.
 *
 * Pan f·Δpan·cos(tilt), tilt f·Δtilt (angles in radians), slide f·Δslide/distance, with f the focal length in pixels.
 */
final readonly class Picture
{
    private const MILLIMETRES_PER_METRE = 1_000.0;

    /** Output pixels for one radian at the centre. */
    private float $focal;

    public function __construct(public Optics $optics)
    {
        $this->focal = $optics->focalPixels() * $optics->outputScale();
    }

    /**
     * @param AxisRole $role        of the axis that moves
     * @param float    $travel      mm or degrees
     * @param float    $tiltDegrees where the tilt stands
     * @param float    $metres      distance of what is looked at; a slide shifts near things more
     *
     * @return float output pixels, 0 for an axis that is not known to do anything
     */
    public function shift(AxisRole $role, float $travel, float $tiltDegrees, float $metres): float
    {
        return match ($role) {
            AxisRole::Pan => $this->focal * deg2rad($travel) * cos(deg2rad($tiltDegrees)),
            AxisRole::Tilt => $this->focal * deg2rad($travel),
            AxisRole::Slide => $this->focal * $travel / ($metres * self::MILLIMETRES_PER_METRE),
            default => 0.0,
        };
    }

    /**
     * How much farther the foreground moves across the picture than the background: what makes a slide show.
     *
     * @param float $slideMillimetres
     */
    public function parallax(float $slideMillimetres): float
    {
        return $this->shift(AxisRole::Slide, $slideMillimetres, 0.0, $this->optics->foregroundMetres)
            - $this->shift(AxisRole::Slide, $slideMillimetres, 0.0, $this->optics->backgroundMetres);
    }

    /** How far the subject's own motion carries it across the picture in some seconds. */
    public function subjectTravel(float $seconds): float
    {
        return $this->focal * $this->optics->subjectMetresPerSecond * $seconds / $this->optics->subjectMetres;
    }

    /**
     * How long something takes to cross the frame at playback.
     *
     * @param float $shiftPerPhoto output pixels from photo to photo
     *
     * @return float seconds, INF when it does not move
     */
    public function crossingSeconds(float $shiftPerPhoto, float $framesPerSecond): float
    {
        return $shiftPerPhoto === 0.0 ? INF : $this->optics->outputWidthPixels / (abs($shiftPerPhoto) * $framesPerSecond);
    }
}
