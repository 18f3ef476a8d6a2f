<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;

/**
 * T8: the clip is too short to trim, or has no standing photos at its ends for the editor to cut in.
 */
final class ClipTooShort implements Check
{
    /** A standing second at each end is what a cut or a fade takes. */
    private const HANDLE_SECONDS = 1.0;

    private const TOLERANCE_SECONDS = 1e-9;

    public function find(Shot $shot): ?Finding
    {
        $timing = $shot->plan->timing;
        $clip = $shot->schedule->summary->clipSeconds;
        $tight = $shot->plan->thresholds->clipSeconds;
        $short = $tight - $clip > self::TOLERANCE_SECONDS;
        // On a tripod every photo stands still.
        $moves = $shot->plan->rig->axes !== [];
        $missing = array_keys(array_filter(['before' => $moves && $timing->headPhotos === 0, 'after' => $moves && $timing->tailPhotos === 0]));
        if (!$short && $missing === []) {
            return null;
        }
        $ends = new Message('checks.clip_too_short.' . implode('_or_', $missing));

        return (new Finding(
            FindingId::ClipTooShort,
            $short ? new Message('checks.clip_too_short.too_short') : new Message('checks.clip_too_short.no_holds'),
            $short
                ? new Message('checks.clip_too_short.under', [
                    'tight' => Quantity::seconds($tight - $clip),
                    'tight2' => Quantity::seconds($tight),
                ])
                : new Message('checks.clip_too_short.none', ['ends' => $ends]),
            Joined::of([
                $short ? new Message('checks.clip_too_short.plays', [
                    'photos' => Quantity::photos($shot->schedule->photosTotal()),
                    'framesPerSecond' => Quantity::number($timing->framesPerSecond),
                    'clip' => Quantity::seconds($clip),
                ]) : '',
                $missing === [] ? '' : new Message('checks.clip_too_short.cannot_cut', ['ends' => $ends]),
            ], Joined::SENTENCES),
            null,
            0,
            static fn (): array => array_filter([self::remedy($shot)]),
        ))->withSeverity($short ? Severity::Warning : Severity::Info);
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
        $added = [
            $photos <= $timing->photos ? '' : (
                $moves ? new Message(
                    'checks.clip_too_short.to_move',
                    ['photos' => Quantity::photos($photos - $timing->photos)],
                ) : Quantity::photos($photos - $timing->photos)
            ),
            $head > $timing->headPhotos ? new Message('checks.clip_too_short.head', ['head' => $head]) : '',
            $tail > $timing->tailPhotos ? new Message('checks.clip_too_short.tail', ['tail' => $tail]) : '',
        ];

        return new Remedy(
            'photos',
            new Message('checks.clip_too_short.add', ['x' => Joined::of($added, Joined::AND)]),
            '',
            $mended,
        );
    }
}
