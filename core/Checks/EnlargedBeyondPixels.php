<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

/**
 * F2: the clip, or a zoom into it in the edit, asks for more pixels than the photos have.
 */
final class EnlargedBeyondPixels implements Check
{
    private const TOLERANCE = 1e-6;

    public static function about(): About
    {
        return new About(
            [Stage::Frame],
            [...About::SCALE, '/optics/later_zoom'],
            unmended: 'Deliver a smaller clip, or zoom less in the edit.',
        );
    }

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
        $times = PlainText::rounded($zoom / $carries, 2);

        return new Finding(
            FindingId::EnlargedBeyondPixels,
            Severity::Look,
            'The clip is enlarged beyond its pixels',
            "{$times} times",
            sprintf(
                'Of each photo %s px of width are left%s; a clip of %d px draws them %s times as large, and it goes soft.',
                number_format((int) round($optics->croppedWidthPixels() / $zoom)),
                $zoom > 1.0 ? ' when it is zoomed in ' . PlainText::rounded($zoom, 2) . ' times' : '',
                $optics->outputWidthPixels,
                $times,
            ),
            null,
            0,
            static fn (): array => array_values(array_filter([
                self::lessZoom($shot->plan, $optics, $carries), self::smallerClip($shot->plan, $optics, $zoom),
            ])),
        );
    }

    /** How far the photos' pixels carry a zoom in the edit, as a sentence. */
    public static function told(Plan $plan): string
    {
        $carries = $plan->optics === null ? 0.0 : self::carries($plan->optics);
        $times = PlainText::rounded(floor($carries * 100.0) / 100.0, 2);

        return $carries > 1.0 ? "The photos’ pixels carry a zoom or a drift of {$times} times in the edit." : '';
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
            $zoom > 1.0 ? 'Zoom in ' . PlainText::rounded($zoom, 2) . ' times' : 'Do not zoom in',
            'as far as the pixels carry',
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
            "Make the clip {$width} × {$height}",
            'smaller than asked for',
            $plan->withOptics($optics->with(['outputWidthPixels' => $width, 'outputHeightPixels' => $height])),
        );
    }
}
