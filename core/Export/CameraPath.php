<?php

declare(strict_types=1);

namespace Evrent\Core\Export;

use Evrent\Core\Clip\Frames;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Schedule\Schedule;

/**
 * Where the camera stands and looks for each frame of a clip: for 3-D work, and for a pass in real time that matches.
 */
final readonly class CameraPath
{
    private const MILLIMETRES_PER_METRE = 1_000.0;

    /**
     * @param list<array{number: int, clip: float, real: float, slide: float, pan: float, tilt: float, focal: ?float}> $points number of the photo;
     *        seconds in the clip and from the first trigger; metres to the right; degrees to the right and up; millimetres, null where the lens is
     *        not known
     * @param ?float $heightDegrees that the clip's frame takes in from top to bottom; null where the lens is not known
     */
    private function __construct(public array $points, public ?float $heightDegrees, public ?float $shape)
    {
    }

    /** @param ?Frames $frames null for the plan's photos one after another, at the plan's frame rate */
    public static function of(Schedule $schedule, ?Frames $frames = null): self
    {
        $optics = $schedule->plan->optics;
        $slide = $schedule->positionsFor(AxisRole::Slide);
        $pan = $schedule->positionsFor(AxisRole::Pan);
        $tilt = $schedule->positionsFor(AxisRole::Tilt);
        $perSecond = $frames === null ? $schedule->plan->timing->framesPerSecond : $frames->clip->rate->framesPerSecond();
        $numbers = $frames === null ? range(1, $schedule->photosTotal()) : array_map(Ffconcat::nearer(...), $frames->frames);
        $points = [];
        foreach ($numbers as $n => $number) {
            $points[] = [
                'number' => $number,
                'clip' => $n / $perSecond,
                'real' => $schedule->timeline->triggerSeconds[$number - 1],
                'slide' => ($slide[$number - 1] ?? 0.0) / self::MILLIMETRES_PER_METRE,
                'pan' => $pan[$number - 1] ?? 0.0,
                'tilt' => $tilt[$number - 1] ?? 0.0,
                'focal' => $optics?->focalMillimetres,
            ];
        }
        if ($optics === null) {
            return new self($points, null, null);
        }
        $shape = (float) ($optics->outputWidthPixels / $optics->outputHeightPixels);

        return new self($points, 2.0 * rad2deg(atan(tan(deg2rad($optics->frameWidthDegrees() / 2.0)) / $shape)), $shape);
    }

    /** A line for each frame, with its head; CRLF as RFC 4180 has it. */
    public function csv(): string
    {
        $lines = ['frame,photo,clip_s,real_s,slide_m,pan_deg,tilt_deg,focal_mm'];
        foreach ($this->points as $n => $point) {
            $lines[] = sprintf(
                '%d,%d,%.6F,%.6F,%.6F,%.6F,%.6F,%s',
                $n + 1,
                $point['number'],
                $point['clip'],
                $point['real'],
                $point['slide'],
                $point['pan'],
                $point['tilt'],
                $point['focal'] === null ? '' : sprintf('%.3F', $point['focal']),
            );
        }

        return implode("\r\n", $lines) . "\r\n";
    }
}
