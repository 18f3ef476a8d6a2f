<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Light\Flicker;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Axis;

/**
 * What the log of a take shows of the things that spoil a shoot, each with its photos and what is to be done about it.
 */
final class TakeFindings
{
    /** A darkest picture that still says something. */
    private const LEAST_LUMA = 1e-4;
    private const HALF_THE_COUNTER = 5_000;

    /**
     * @return list<Finding>
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

    private static function notTaken(TakeReport $report): ?Finding
    {
        $missing = $report->which(PhotoState::Missing);
        if ($missing === [] || $report->state->isTimerStarted) {
            return null;
        }
        $spans = PhotoSpans::of($missing);

        return Finding::ofPhotos(
            FindingId::TriggerCableLoose,
            new Message('takes.found.not_taken'),
            new Message('takes.found.not_taken_sentence', ['count' => count($missing), 'numbers' => PhotoSpans::numbers($spans)]),
            new Message('takes.found.not_taken_advice'),
            $spans,
        );
    }

    private static function wronglyExposed(TakeReport $report): ?Finding
    {
        $spans = PhotoSpans::of($report->which(PhotoState::WrongExposure));
        if ($spans === []) {
            return null;
        }
        $stops = $report->offStops === [] ? 0.0 : max(array_map(abs(...), $report->offStops));

        return Finding::ofPhotos(
            FindingId::ExposureNotAsPlanned,
            new Message('takes.found.exposure'),
            $stops <= 0.0
                ? new Message('takes.found.exposure_as_set', ['photos' => PhotoSpans::named($spans)])
                : new Message('takes.found.exposure_off', ['photos' => PhotoSpans::named($spans), 'stops' => Quantity::stops(min(9.9, $stops))]),
            new Message('takes.found.exposure_advice'),
            $spans,
        )->withSeverity(Severity::Warning);
    }

    private static function outOfPlace(TakeReport $report): ?Finding
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
            $said[] = new Message('takes.found.axis_from', ['axis' => Axis::labelOf($axis), 'photo' => $photo]);
        }
        $spans = PhotoSpans::of($moved);

        return Finding::ofPhotos(
            FindingId::AxisStalls,
            new Message('takes.found.stalled'),
            Joined::of([
                new Message('takes.found.stalled_axes', ['axes' => $said]),
                $moved === [] ? '' : new Message('takes.found.stalled_jumps', ['count' => count($moved), 'photos' => PhotoSpans::named($spans)]),
            ], Joined::SENTENCES),
            new Message('takes.found.stalled_advice'),
            $spans,
        );
    }

    private static function spoilt(TakeReport $report): ?Finding
    {
        $spoilt = $report->which(PhotoState::Spoilt);
        if ($spoilt === []) {
            return null;
        }
        $spans = PhotoSpans::of($spoilt);
        $whys = [];
        foreach ($spoilt as $photo) {
            $why = $report->photos[$photo]['why'] ?? '';
            $whys[Message::forLog($why)] = $why;
        }
        unset($whys['']);

        return Finding::ofPhotos(
            FindingId::PhotosSpoilt,
            new Message('takes.found.flagged'),
            $whys === []
                ? new Message('takes.found.flagged_photos', ['photos' => PhotoSpans::named($spans)])
                : new Message('takes.found.flagged_why', ['photos' => PhotoSpans::named($spans), 'why' => Joined::of(array_values($whys), Joined::COMMA)]),
            new Message('takes.found.flagged_advice'),
            $spans,
        );
    }

    private static function stoppedByItself(TakeReport $report): ?Finding
    {
        $last = array_key_last($report->photos);
        $state = $report->state;
        $trailing = PhotoSpans::of($report->which(PhotoState::Missing));
        $end = $trailing === [] ? null : $trailing[count($trailing) - 1];
        if (!$state->isTimerStarted || $end === null || $end[1] !== $last) {
            return null;
        }

        return Finding::ofPhotos(
            FindingId::TimerStopped,
            new Message('takes.found.timer'),
            new Message('takes.found.timer_sentence', ['photo' => $end[0] - 1, 'total' => $state->schedule->photosTotal()]),
            new Message('takes.found.timer_advice'),
            [$end],
        );
    }

    private static function interrupted(TakeReport $report): ?Finding
    {
        $gaps = array_values(array_filter($report->events, static fn (LogLine $line): bool => $line->kind === LogKind::Gap));
        if ($gaps === []) {
            return null;
        }
        $lost = count(array_filter($gaps, static fn (LogLine $line): bool => $line->text('rig') === 'lost'));
        $uncertain = $report->which(PhotoState::Uncertain);
        $spans = PhotoSpans::of($uncertain);

        return Finding::ofPhotos(
            FindingId::RunInterrupted,
            new Message('takes.found.interrupted'),
            Joined::of([
                new Message('takes.found.interruptions', ['count' => count($gaps)]),
                $lost === 0 ? '' : new Message('takes.found.homed', ['count' => $lost]),
                $uncertain === [] ? new Message('takes.found.none_lost') : new Message(
                    'takes.found.unconfirmed',
                    ['photos' => PhotoSpans::named($spans)],
                ),
            ], Joined::SENTENCES),
            $uncertain === [] ? new Message('takes.found.interrupted_advice') : new Message('takes.found.unconfirmed_advice'),
            $spans,
        )->withSeverity($uncertain === [] ? Severity::Info : Severity::Warning);
    }

    private static function rolledOver(TakeReport $report): ?Finding
    {
        $before = null;
        foreach ($report->photos as $photo => ['object' => $object]) {
            $number = $object !== null && preg_match('/(\d{4})\.\w+$/D', $object, $found) === 1 ? (int) $found[1] : null;
            // A counter goes back to the start; a file that is only out of order is none of that.
            if ($before !== null && $number !== null && $before - $number > self::HALF_THE_COUNTER && !isset($report->replaced[$photo])) {
                return Finding::ofPhotos(
                    FindingId::FileCounterRollsOver,
                    new Message('takes.found.rolled'),
                    new Message(
                        'takes.found.rolled_sentence',
                        ['photo' => $photo, 'file' => basename($object), 'before' => sprintf('%04d', $before)],
                    ),
                    new Message('takes.found.rolled_advice'),
                    [[$photo, $photo]],
                );
            }
            $before = $number ?? $before;
        }

        return null;
    }

    private static function missingOrExtra(TakeReport $report): ?Finding
    {
        $missing = $report->which(PhotoState::Missing);
        $said = Joined::of([
            $missing === [] ? '' : new Message('takes.found.missing', ['count' => count($missing)]),
            $report->extras === [] ? '' : new Message(
                'takes.found.extra',
                ['count' => count($report->extras), 'files' => self::names($report->extras)],
            ),
            $report->replaced === [] ? '' : new Message('takes.found.reshot', [
                'count' => count($report->replaced), 'files' => self::names(array_values($report->replaced)),
            ]),
        ], Joined::SENTENCES);

        return $said === '' ? null : Finding::ofPhotos(
            FindingId::PhotosMissingOrExtra,
            new Message('takes.found.card'),
            $said,
            new Message('takes.found.card_advice'),
            PhotoSpans::of($missing),
        )->withSeverity($missing === [] ? Severity::Info : Severity::Error);
    }

    private static function flickers(TakeReport $report): ?Finding
    {
        $flicker = Flicker::of(array_map(static fn (float $luma): float => log(max(self::LEAST_LUMA, $luma), 2), $report->lumas));
        if ($flicker === null || $flicker->stops <= Flicker::SEEN_STOPS && $flicker->jumps === []) {
            return null;
        }
        $photos = array_keys($flicker->jumps);
        sort($photos);
        $says = $photos === []
            ? new Message('takes.found.flicker', ['stops' => Quantity::rounded($flicker->stops)])
            : new Message('takes.found.flicker_jumps', [
                'count' => count($photos), 'stops' => Quantity::rounded($flicker->stops), 'jump' => Quantity::rounded(Flicker::JUMP_STOPS),
            ]);
        $kind = $flicker->isOfTheCamera() ? 'aperture' : 'brightness';

        return Finding::ofPhotos(
            $flicker->isOfTheCamera() ? FindingId::ApertureFlicker : FindingId::Flicker,
            new Message("takes.found.{$kind}"),
            $says,
            new Message("takes.found.{$kind}_advice"),
            PhotoSpans::of($photos),
        )->withSeverity(Severity::Warning);
    }

    /**
     * @param list<string> $files
     */
    private static function names(array $files): Message|string
    {
        $first = implode(', ', array_map(basename(...), array_slice($files, 0, 3)));

        return count($files) > 3 ? new Message('takes.found.and_more', ['first' => $first, 'count' => count($files) - 3]) : $first;
    }
}
