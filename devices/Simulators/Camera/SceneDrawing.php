<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

use Evrent\Core\Optics\Optics;
use GdImage;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use RuntimeException;

/**
 * What the simulated camera sees: the estuary's shore as flat shapes, seen from where the rig really stands, as bright as the exposure makes
 * it, smeared where the rig moved while the shutter was open, with the photo's number in a corner.
 */
final class SceneDrawing
{
    private const EYE_METRES = 1.6;
    private const QUALITY = 82;

    /** Pictures are laid over each other where the rig moved meanwhile. */
    private const SMEARS = 5;

    /** Of 255, at ISO 100 and at the most; and the size of the piece that is repeated. */
    private const NOISE = 1.0;
    private const MOST_NOISE = 40;
    private const NOISE_PIXELS = 24;

    /** As bright as a middle grey comes out, of 255. */
    private const MIDDLE = 118.0;

    /** Shapes in units of their own size, from their foot. */
    private const STAKE = [[-0.05, 0], [-0.05, 1], [0, 1.08], [0.05, 1], [0.05, 0]];
    private const MILL = [[-0.9, 0], [-0.9, 0.55], [-0.55, 0.8], [-0.2, 0.55], [-0.2, 0.95], [0.25, 1.3], [0.7, 0.95], [0.7, 0]];
    private const PUMP_HOUSE = [[-0.4, 0], [-0.4, 0.6], [0.1, 0.6], [0.1, 1.6], [0.22, 1.6], [0.22, 0.6], [0.4, 0.6], [0.4, 0]];

    public function __construct(private readonly Optics $optics)
    {
    }

    /**
     * @return string a JPEG without anything said of it
     */
    public function jpeg(Taken $photo): string
    {
        $image = $this->seen($photo, $photo->opens);
        if ($photo->opens->isElsewhereThan($photo->closes)) {
            for ($n = 1; $n < self::SMEARS; $n++) {
                $other = $this->seen($photo, $photo->opens->towards($photo->closes, $n / (self::SMEARS - 1)));
                imagecopymerge($image, $other, 0, 0, 0, 0, $photo->width, $photo->height, intdiv(100, $n + 1));
            }
        }
        $this->noise($image, $photo);
        $this->number($image, $photo);
        ob_start();
        imagejpeg($image, null, self::QUALITY);

        return (string) ob_get_clean();
    }

    /**
     * @param int   $magnified how many times; the picture is as much larger, and this part of it is sent
     * @param float $x         middle of the part, as a share of the width; $y of the height
     *
     * @return string a JPEG without anything said of it
     */
    public function live(Taken $seen, int $magnified, float $x, float $y): string
    {
        $image = $this->seen($seen, $seen->opens);
        [$width, $height] = [intdiv($seen->width, $magnified), intdiv($seen->height, $magnified)];
        $left = max(0, min($seen->width - $width, (int) round($x * $seen->width - $width / 2)));
        $top = max(0, min($seen->height - $height, (int) round($y * $seen->height - $height / 2)));
        $part = $magnified === 1 ? $image : imagecrop($image, ['x' => $left, 'y' => $top, 'width' => $width, 'height' => $height]);
        $part = $part === false ? $image : $part;
        $this->noise($part, $seen);
        ob_start();
        imagejpeg($part, null, self::QUALITY);

        return (string) ob_get_clean();
    }

    private function seen(Taken $photo, Pose $pose): GdImage
    {
        $image = imagecreatetruecolor(max(1, $photo->width), max(1, $photo->height));
        if ($image === false) {
            throw new RuntimeException('no room for a picture');
        }
        $middle = $this->optics->subjectMetres;
        $horizon = $this->point($photo, $pose, 0.0, 1e6, 0.0)[1] ?? $photo->height / 2;
        imagefilledrectangle($image, 0, 0, $photo->width, $photo->height, $this->shade($image, $photo, 1.5));
        imagefilledrectangle($image, 0, (int) $horizon, $photo->width, $photo->height, $this->shade($image, $photo, 0.7));
        foreach ([-75, -28, 22, 70] as $bearing) {
            $this->stand($image, $photo, $pose, self::PUMP_HOUSE, $bearing, $this->optics->backgroundMetres, 0.05, 1.0, 0.0);
        }
        $this->stand($image, $photo, $pose, self::MILL, 0, $middle, 0.22, 1.1, -self::EYE_METRES);
        for ($bearing = -84; $bearing <= 84; $bearing += 14) {
            $near = $this->optics->foregroundMetres;
            $this->stand($image, $photo, $pose, self::STAKE, $bearing + 7, $near, 0.36, 0.3, -max($near * 0.34, 0.05));
        }

        return $image;
    }

    /**
     * @param list<array{float|int, float|int}> $outline
     */
    private function stand(
        GdImage $image,
        Taken $photo,
        Pose $pose,
        array $outline,
        float $bearing,
        float $metres,
        float $size,
        float $light,
        float $base,
    ): void {
        $points = [];
        foreach ($outline as [$across, $up]) {
            // Square on to the camera's own place: an angle more for what stands aside of the middle.
            $point = $this->point($photo, $pose, $bearing + rad2deg(atan($across * $size)), $metres, $base + $up * $size * $metres);
            if ($point === null) {
                return;
            }
            array_push($points, (int) max(-30_000, min(30_000, $point[0])), (int) max(-30_000, min(30_000, $point[1])));
        }
        imagefilledpolygon($image, $points, $this->shade($image, $photo, $light));
    }

    /**
     * A pinhole camera, as core/Optics/SkyFrame.php has it.
     *
     * @return ?array{float, float} pixels from the left and the top; null behind the camera
     */
    private function point(Taken $photo, Pose $pose, float $bearing, float $metres, float $up): ?array
    {
        [$x, $z] = [sin(deg2rad($bearing)) * $metres - $pose->slide / 1000.0, cos(deg2rad($bearing)) * $metres];
        [$yaw, $pitch] = [deg2rad($pose->pan), deg2rad($pose->tilt)];
        $right = $x * cos($yaw) - $z * sin($yaw);
        $ahead = $x * sin($yaw) + $z * cos($yaw);
        $high = $up * cos($pitch) - $ahead * sin($pitch);
        $depth = $up * sin($pitch) + $ahead * cos($pitch);
        if ($depth < 0.02 * $metres) {
            return null;
        }
        $halfWidth = $this->optics->sensorWidthMillimetres / 2.0 / $this->optics->focalMillimetres;
        $pixels = $photo->width / 2.0 / $halfWidth;

        return [$photo->width * (0.5 + $photo->aside) + $right / $depth * $pixels, $photo->height / 2.0 - $high / $depth * $pixels];
    }

    /** A grey: so many times as bright as the middle, as the eye counts it (gamma 2.2). */
    private function shade(GdImage $image, Taken $photo, float $light): int
    {
        $value = max(0, min(247, (int) (self::MIDDLE * ($light * 2.0 ** $photo->brighterStops) ** (1.0 / 2.2))));
        // The sky is a little blue.
        $blue = $light > 1.2 ? $value + 8 : $value;

        return (int) imagecolorallocate($image, $value, $value, $blue);
    }

    /** The higher the ISO, the coarser: a piece of noise laid over all, which makes nothing brighter or darker on the whole. */
    private function noise(GdImage $image, Taken $photo): void
    {
        $amount = (int) min(self::MOST_NOISE, self::NOISE * sqrt($photo->iso / 100.0));
        $piece = imagecreatetruecolor(self::NOISE_PIXELS, self::NOISE_PIXELS);
        if ($amount < 2 || $piece === false) {
            return;
        }
        $chance = new Randomizer(new Xoshiro256StarStar($photo->number));
        for ($y = 0; $y < self::NOISE_PIXELS; $y++) {
            for ($x = 0; $x < self::NOISE_PIXELS; $x++) {
                $value = 127 + $chance->getInt(-$amount, $amount);
                imagesetpixel($piece, $x, $y, $value << 16 | $value << 8 | $value);
            }
        }
        imagelayereffect($image, IMG_EFFECT_OVERLAY);
        imagesettile($image, $piece);
        imagefilledrectangle($image, 0, 0, $photo->width, $photo->height, IMG_COLOR_TILED);
        imagelayereffect($image, IMG_EFFECT_REPLACE);
    }

    /** Where a crop to a wider frame leaves it. */
    private function number(GdImage $image, Taken $photo): void
    {
        [$x, $y] = [intdiv($photo->width, 8), intdiv($photo->height, 6)];
        $white = (int) imagecolorallocate($image, 255, 255, 255);
        imagefilledrectangle($image, $x, $y, $x + 52, $y + 15, (int) imagecolorallocate($image, 0, 0, 0));
        imagestring($image, 3, $x + 4, $y + 1, sprintf('%06d', $photo->number), $white);
    }
}
