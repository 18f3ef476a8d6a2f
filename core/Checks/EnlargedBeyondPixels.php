<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;

/**
 * F2: the clip, or a zoom into it in the edit, asks for more pixels than the photos have.
 */
final class EnlargedBeyondPixels implements Check
{
    private const TOLERANCE = 1e-6;

    public function find(Shot $shot): ?Finding
    {
        $optics = $shot->plan->optics;
        if ($optics === null) {
            return null;
        }
        $zoom = $optics->laterZoom ?? 1.0;
        $carries = self::carries($optics);
        if ($zoom <= $carries * (1.0 + self::TOLERANCE)) {
            return null;
        }
        $times = Quantity::rounded($zoom / $carries, 2);

        return new Finding(
            FindingId::EnlargedBeyondPixels,
            new Message('checks.enlarged_beyond_pixels.title'),
            new Message('checks.enlarged_beyond_pixels.shortfall', ['times' => $times]),
            new Message('checks.enlarged_beyond_pixels.sentence', [
                'croppedWidthPixels' => (int) round($optics->croppedWidthPixels() / $zoom),
                'part' => $zoom > 1.0 ? new Message('checks.enlarged_beyond_pixels.zoomed', ['zoom' => Quantity::rounded($zoom, 2)]) : '',
                'outputWidthPixels' => $optics->outputWidthPixels,
                'times' => $times,
            ]),
            null,
            0,
            static fn (): array => array_values(array_filter([
                self::lessZoom($shot->plan, $optics, $carries), self::smallerClip($shot->plan, $optics, $zoom),
            ])),
        );
    }

    /** How far the photos' pixels carry a zoom in the edit, as a sentence. */
    public static function told(Plan $plan): Message|string
    {
        $carries = $plan->optics === null ? 0.0 : self::carries($plan->optics);
        $times = Quantity::rounded(floor($carries * 100.0) / 100.0, 2);

        return $carries > 1.0 ? new Message('checks.enlarged_beyond_pixels.room', ['times' => $times]) : '';
    }

    private static function carries(Optics $optics): float
    {
        return $optics->croppedWidthPixels() / $optics->outputWidthPixels;
    }

    private static function lessZoom(Plan $plan, Optics $optics, float $carries): ?Remedy
    {
        $zoom = floor($carries * 100.0) / 100.0;

        return $optics->laterZoom === null || $zoom < 1.0 ? null : new Remedy(
            'zoom',
            $zoom > 1.0 ? new Message(
                'checks.enlarged_beyond_pixels.zoom',
                ['zoom' => Quantity::rounded($zoom, 2)],
            ) : new Message('checks.enlarged_beyond_pixels.no_zoom'),
            new Message('checks.enlarged_beyond_pixels.as_far'),
            $plan->withOptics($optics->with(['laterZoom' => $zoom])),
        );
    }

    /** In the same shape, on whole even pixels, as codecs want them. */
    private static function smallerClip(Plan $plan, Optics $optics, float $zoom): ?Remedy
    {
        $width = 2 * (int) floor($optics->croppedWidthPixels() / $zoom / 2.0 + self::TOLERANCE);
        $height = 2 * (int) floor($width * $optics->outputHeightPixels / $optics->outputWidthPixels / 2.0 + self::TOLERANCE);

        return $width < 16 || $height < 16 ? null : new Remedy(
            'clip',
            new Message('checks.enlarged_beyond_pixels.smaller', ['width' => $width, 'height' => $height]),
            new Message('checks.enlarged_beyond_pixels.smaller_than'),
            $plan->withOptics($optics->with(['outputWidthPixels' => $width, 'outputHeightPixels' => $height])),
        );
    }
}
