<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Light\Flicker;
use Evrent\Core\Words\PlainText;

/**
 * What the log of a take shows of the things that spoil a shoot, each with its photos and what is to be done about it.
 */
final class TakeFindings
{
    /** A darkest picture that still says something. */
    private const LEAST_LUMA = 1e-4;
    private const HALF_THE_COUNTER = 5_000;

    /**
     * @return list<TakeFinding>
     */
    public static function of(TakeReport $report): array
    {
        return array_values(array_filter([
            self::notTaken($report),
            self::outOfPlace($report),
            self::wronglyExposed($report),
            self::spoilt($report),
            self::stoppedByItself($report),
            self::interrupted($report),
            TimeFindings::paused($report),
            TimeFindings::stretched($report),
            TimeFindings::drifted($report),
            self::rolledOver($report),
            self::missingOrExtra($report),
            self::flickers($report),
        ]));
    }

    private static function notTaken(TakeReport $report): ?TakeFinding
    {
        $missing = $report->which(PhotoState::Missing);
        if ($missing === [] || $report->state->isTimerStarted) {
            return null;
        }
        $spans = TakeFinding::spans($missing);

        return new TakeFinding(
            FindingId::TriggerCableLoose,
            'The rig moved, and no photo was taken',
            sprintf('%s triggered and not on the card: %s.', TakeFinding::many(count($missing), 'photo was', 'photos were'), TakeFinding::photos($spans)),
            'Seat the trigger cable at both ends, and take a test photo through it. In the edit a single hole is filled by blending its neighbours.',
            $spans,
        );
    }

    private static function wronglyExposed(TakeReport $report): ?TakeFinding
    {
        $spans = TakeFinding::spans($report->which(PhotoState::WrongExposure));
        if ($spans === []) {
            return null;
        }
        $stops = $report->offStops === [] ? 0.0 : max(array_map(abs(...), $report->offStops));

        return new TakeFinding(
            FindingId::ExposureNotAsPlanned,
            'Exposed otherwise than planned',
            ucfirst(TakeFinding::named($spans)) . ($stops <= 0.0 ? ', as the camera was set.' : ', by up to ' . PlainText::stops(min(9.9, $stops)) . '.'),
            'Level raw files in the edit. Before the next take see that the camera’s dial stands on M, and that it takes what it is set to.',
            $spans,
        );
    }

    private static function outOfPlace(TakeReport $report): ?TakeFinding
    {
        $moved = $report->which(PhotoState::Moved);
        $axes = [];
        foreach ($report->events as $event) {
            $about = $event->text('about') ?? '';
            if ($event->kind === LogKind::Alarm && str_starts_with($about, 'axis ')) {
                $axes[substr($about, strlen('axis '))] ??= (int) $event->photo;
            }
        }
        if ($axes === []) {
            return null;
        }
        $said = [];
        foreach ($axes as $axis => $photo) {
            $said[] = "the {$axis} from photo {$photo} on";
        }
        $spans = TakeFinding::spans($moved);

        return new TakeFinding(
            FindingId::AxisStalls,
            'An axis stalled or lost steps',
            'Out of place: ' . implode(', ', $said) . '.'
                . ($moved === [] ? '' : ' ' . ucfirst(TakeFinding::named($spans)) . (count($moved) === 1 ? ' jumps' : ' jump') . ' in the clip.'),
            'Look for what dragged: a cable, a load, a slope. Home the rig before the next take; slower moves have more force.',
            $spans,
        );
    }

    private static function spoilt(TakeReport $report): ?TakeFinding
    {
        $spoilt = $report->which(PhotoState::Spoilt);
        if ($spoilt === []) {
            return null;
        }
        $spans = TakeFinding::spans($spoilt);
        $whys = array_unique(array_diff(array_map(static fn (int $photo): string => $report->photos[$photo]['why'] ?? '', $spoilt), ['']));

        return new TakeFinding(
            FindingId::PhotosSpoilt,
            'Photos were marked spoilt',
            ucfirst(TakeFinding::named($spans)) . ($whys === [] ? '.' : ': ' . implode(', ', $whys) . '.'),
            'Leave them out, or blend across them. A stretch longer than a second or so shows: shoot that span again while the light is the same.',
            $spans,
        );
    }

    private static function stoppedByItself(TakeReport $report): ?TakeFinding
    {
        $last = array_key_last($report->photos);
        $state = $report->state;
        $trailing = TakeFinding::spans($report->which(PhotoState::Missing));
        $end = $trailing === [] ? null : $trailing[count($trailing) - 1];
        if (!$state->isTimerStarted || $end === null || $end[1] !== $last) {
            return null;
        }

        return new TakeFinding(
            FindingId::TimerStopped,
            'The camera’s timer stopped by itself',
            sprintf('After photo %d of %d its own timer took none.', $end[0] - 1, $state->schedule->photosTotal()),
            'Look for its count limit, a full card, an empty battery. What was taken before it is whole.',
            [$end],
        );
    }

    private static function interrupted(TakeReport $report): ?TakeFinding
    {
        $gaps = array_values(array_filter($report->events, static fn (LogLine $line): bool => $line->kind === LogKind::Gap));
        if ($gaps === []) {
            return null;
        }
        $lost = count(array_filter($gaps, static fn (LogLine $line): bool => $line->text('rig') === 'lost'));
        $uncertain = $report->which(PhotoState::Uncertain);
        $spans = TakeFinding::spans($uncertain);

        return new TakeFinding(
            FindingId::RunInterrupted,
            'It was interrupted, and went on',
            TakeFinding::many(count($gaps), 'interruption', 'interruptions')
                . ($lost === 0 ? '' : sprintf(', %s the rig had to home', $lost === count($gaps) ? 'after which' : "after {$lost} of which"))
                . ($uncertain === [] ? '. No photo was lost or doubled.' : '. Nobody knows whether these were taken: ' . TakeFinding::named($spans) . '.'),
            $uncertain === [] ? 'Look at the clip there: light and water went on meanwhile.' : 'The photos on the card settle it.',
            $spans,
        );
    }

    private static function rolledOver(TakeReport $report): ?TakeFinding
    {
        $before = null;
        foreach ($report->photos as $photo => ['object' => $object]) {
            $number = $object !== null && preg_match('/(\d{4})\.\w+$/D', $object, $found) === 1 ? (int) $found[1] : null;
            // A counter goes back to the start; a file that is only out of order is none of that.
            if ($before !== null && $number !== null && $before - $number > self::HALF_THE_COUNTER && !isset($report->replaced[$photo])) {
                return new TakeFinding(
                    FindingId::FileCounterRollsOver,
                    'The file counter rolled over',
                    sprintf('Photo %d is %s, after %04d.', $photo, basename($object), $before),
                    'Sorted by name the clip is out of order. Sort by folder or by time; Evrent’s own lists do.',
                    [[$photo, $photo]],
                );
            }
            $before = $number ?? $before;
        }

        return null;
    }

    private static function missingOrExtra(TakeReport $report): ?TakeFinding
    {
        $missing = $report->which(PhotoState::Missing);
        $said = array_filter([
            $missing === [] ? '' : TakeFinding::many(count($missing), 'photo is missing', 'photos are missing'),
            $report->extras === [] ? '' : TakeFinding::many(count($report->extras), 'file that nobody asked for', 'files that nobody asked for')
                . ' (' . self::names($report->extras) . ')',
            $report->replaced === [] ? '' : TakeFinding::many(count($report->replaced), 'photo was', 'photos were') . ' shot again ('
                . self::names(array_values($report->replaced)) . ' out)',
        ], static fn (string $one): bool => $one !== '');

        return $said === [] ? null : new TakeFinding(
            FindingId::PhotosMissingOrExtra,
            'The card does not hold just the plan’s photos',
            ucfirst(implode('; ', $said)) . '.',
            'Take the extra files out before the clip is made, and keep a hole where one is missing: each photo stays at its place then.',
            TakeFinding::spans($missing),
        );
    }

    private static function flickers(TakeReport $report): ?TakeFinding
    {
        $flicker = Flicker::of(array_map(static fn (float $luma): float => log(max(self::LEAST_LUMA, $luma), 2), $report->lumas));
        if ($flicker === null || $flicker->stops <= Flicker::SEEN_STOPS && $flicker->jumps === []) {
            return null;
        }
        $photos = array_keys($flicker->jumps);
        sort($photos);
        $jumps = TakeFinding::many(count($photos), 'jump', 'jumps') . ' over ' . PlainText::rounded(Flicker::JUMP_STOPS) . ' stops';
        $says = PlainText::rounded($flicker->stops) . ' stops from photo to photo' . ($photos === [] ? '.' : "; {$jumps}.");

        $spans = TakeFinding::spans($photos);
        if ($flicker->isOfTheCamera()) {
            $mend = 'Even the brightness out in the edit. Next time fix the aperture: wide open, twisted free, or a manual lens.';

            return new TakeFinding(FindingId::ApertureFlicker, 'The aperture does not close alike', $says, $mend, $spans);
        }
        $mend = 'Look at the photos named: a lamp or a cloud is left out or blended; slow flicker is evened out in the edit.';

        return new TakeFinding(FindingId::Flicker, 'Brightness jumps from photo to photo', $says, $mend, $spans);
    }

    /**
     * @param list<string> $files
     */
    private static function names(array $files): string
    {
        $first = array_map(basename(...), array_slice($files, 0, 3));

        return implode(', ', $first) . (count($files) > 3 ? ' and ' . (count($files) - 3) . ' more' : '');
    }
}
