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

    private float $fieldDegrees;

    public function __construct(public Optics $optics)
    {
        $this->focal = $optics->focalPixels() * $optics->outputScale();
        $this->fieldDegrees = $optics->frameWidthDegrees();
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
     * How much of the frame's width a step of an axis carries the picture past: turned by the angle that the frame takes in, all of it.
     * Pan |Δpan|·cos(tilt) / field, tilt |Δtilt| / field, slide its shift at the distance / width.
     *
     * @param AxisRole $role        of the axis that moves
     * @param float    $travel      mm or degrees
     * @param float    $tiltDegrees where the tilt stands
     *
     * @return float share of the frame, 0 for an axis that is not known to do anything
     */
    public function passed(AxisRole $role, float $travel, float $tiltDegrees): float
    {
        return match ($role) {
            AxisRole::Pan => abs($travel) * cos(deg2rad($tiltDegrees)) / $this->fieldDegrees,
            AxisRole::Tilt => abs($travel) / $this->fieldDegrees,
            default => abs($this->shift($role, $travel, $tiltDegrees, $this->optics->subjectMetres)) / $this->optics->outputWidthPixels,
        };
    }

    /**
     * How long something takes to cross the frame at playback.
     *
     * @param float $sharePerPhoto of the frame's width that it goes from photo to photo
     *
     * @return float seconds, INF when it does not move
     */
    public static function crossingSeconds(float $sharePerPhoto, float $framesPerSecond): float
    {
        return $sharePerPhoto === 0.0 ? INF : 1.0 / ($sharePerPhoto * $framesPerSecond);
    }
}
