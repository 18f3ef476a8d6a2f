<?php

declare(strict_types=1);

namespace Evrent\Core\Findings;

use Evrent\Core\Messages\Message;

/**
 * What is the same for all findings of one id.
 */
final readonly class About
{
    /** What decides how long rig and camera take for a photo. */
    public const CYCLE = [
        '/rig/settle_s', ...self::CAMERA, '/rig/post_exposure_delay_s',
        '/rig/axes/*/max_speed', '/rig/axes/*/max_acceleration', '/rig/axes/*/backlash', '/rig/axes/*/min_speed', '/rig/axes/*/quiet_speed', '/rig/quiet',
        '/rig/axes/*/steps_per_unit',
    ];
    public const CAMERA = [
        '/camera/shutter_lag_s', '/camera/write_s', '/camera/set_s', '/camera/buffer_frames', '/camera/long_exposure_noise_reduction',
        '/camera/exposure_timed_by', '/trigger/drift_ppm', '/trigger/camera_starts_s', '/trigger/camera_interval_s', '/trigger/camera_photos',
    ];

    /** What decides how large something is in the clip. */
    public const SCALE = [
        '/optics/sensor_width_mm', '/optics/sensor_height_mm', '/optics/image_width_px', '/optics/image_height_px', '/optics/focal_mm',
        '/optics/output_width_px', '/optics/output_height_px',
    ];
    public const FACING = ['/rig/base/zero_bearing_deg'];
    public const LIGHT = [
        '/light/kind', '/site/elevation_m', '/site/sky_glow_lux', '/site/sky_mag',
        '/light/aperture', '/light/iso', '/light/nd_stops', '/light/cloud', '/light/control',
        '/light/longest_s', '/light/shortest_s', '/light/exposed_for', '/light/lamps_lux', '/light/lamps_on', '/light/bias_stops',
        '/light/narrowest_aperture', '/light/widest_aperture', ...self::FACING,
    ];
    public const POWER = ['/power/camera', '/power/rig', '/power/bank', '/power/temperature_c', '/power/cold'];
    public const LOAD = ['/load/camera_kg', '/load/lens_kg', '/load/head_kg', '/load/rig_kg'];

    /**
     * @param list<Stage>  $stages  where what it concerns is set
     * @param list<string> $restsOn JSON pointers of what it takes for known, * for any axis
     * @param ?Cause       $cause    that it shares with other checks
     * @param ?Message     $unmended what to do where no change of the plan mends it
     */
    public function __construct(public array $stages, public array $restsOn = [], public ?Cause $cause = null, public ?Message $unmended = null)
    {
    }
}
