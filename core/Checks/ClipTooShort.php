<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\PlainText;

/**
 * T8: the clip is too short to trim, or has no standing photos at its ends for the editor to cut in.
 */
final class ClipTooShort implements Check
{
    /** A standing second at each end is what a cut or a fade takes. */
    private const HANDLE_SECONDS = 1.0;

    private const TOLERANCE_SECONDS = 1e-9;

    public static function about(): About
    {
        return new About(
            [Stage::Time],
            unmended: 'More photos do not fit here: plan the edit around the clip as it is.',
        );
    }

    public function find(Shot $shot): ?Finding
    {
        $timing = $shot->plan->timing;
        $clip = $shot->schedule->summary->clipSeconds;
        $tight = $shot->plan->thresholds->clipSeconds;
        $short = $tight - $clip > self::TOLERANCE_SECONDS;
        // On legs alone every photo stands still.
        $moves = $shot->plan->rig->axes !== [];
        $missing = array_keys(array_filter(['before' => $moves && $timing->headPhotos === 0, 'after' => $moves && $timing->tailPhotos === 0]));
        if (!$short && $missing === []) {
            return null;
        }
        $ends = implode(' or ', $missing);

        return new Finding(
            FindingId::ClipTooShort,
            $short ? Severity::Look : Severity::Know,
            $short ? 'The clip is too short to trim' : 'The clip has no standing photos to cut in',
            $short
                ? PlainText::seconds($tight - $clip) . ' under ' . PlainText::seconds($tight)
                : "none {$ends} the move",
            trim(
                ($short ? sprintf(
                    '%s at %s fps play for %s. ',
                    PlainText::photos($shot->schedule->photosTotal()),
                    PlainText::number($timing->framesPerSecond),
                    PlainText::seconds($clip),
                ) : '')
                . ($missing === [] ? '' : "No photos stand still {$ends} the move: an editor has nothing to cut or fade in."),
            ),
            null,
            0,
            static fn (): array => array_filter([self::remedy($shot)]),
        );
    }

    private static function remedy(Shot $shot): ?Remedy
    {
        $plan = $shot->plan;
        $timing = $plan->timing;
        $handle = (int) ceil($timing->framesPerSecond * self::HANDLE_SECONDS);
        $moves = $plan->rig->axes !== [];
        $head = $moves && $timing->headPhotos === 0 ? $handle : $timing->headPhotos;
        $tail = $moves && $timing->tailPhotos === 0 ? $handle : $timing->tailPhotos;
        $least = (int) ceil(round($timing->framesPerSecond * $shot->plan->thresholds->clipSeconds, 6));
        $others = $plan->photosTotal() - $timing->photos - $timing->headPhotos - $timing->tailPhotos + $head + $tail;
        $photos = max($timing->photos, $least - $others);
        try {
            $mended = $plan->withTiming($timing->withPhotos($photos, $head, $tail));
        } catch (InvalidInput) {
            return null;
        }
        $added = array_filter([
            $photos > $timing->photos ? PlainText::photos($photos - $timing->photos) . ($moves ? ' to the move' : '') : '',
            $head > $timing->headPhotos ? "{$head} before it" : '',
            $tail > $timing->tailPhotos ? "{$tail} after it" : '',
        ], static fn (string $part): bool => $part !== '');

        return new Remedy(
            'photos',
            'Add ' . implode(' and ', $added),
            '',
            $mended,
        );
    }
}
