<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Format\PlainText;
use Evrent\Core\Format\TypedText;
use Evrent\Core\InvalidInput;
use Evrent\Core\Plan;
use Evrent\Core\Problem;
use Evrent\Core\Schedule\Schedule;

/**
 * The sentence's figures as they are typed: two held, one that follows.
 */
final class TypedFigures
{
    /** Fields after whose change the figure that follows is worked out again; any other change leaves all three alone. */
    private const TOUCHED_BY = [
        'held.photos', 'held.clip', 'held.shooting', 'timing.photos', 'timing.head_photos', 'timing.tail_photos', 'timing.interval_s',
        'timing.interval_means', 'timing.exposure_s', 'timing.frames_per_second',
    ];

    /**
     * @return array{photos: string, clip: string, shooting: string} what stands in the fields
     */
    public static function texts(Schedule $schedule): array
    {
        $summary = $schedule->summary;

        return [
            'photos' => (string) $summary->photosTotal,
            'clip' => PlainText::span($summary->clipSeconds),
            'shooting' => PlainText::span($summary->bookedSeconds),
        ];
    }

    /**
     * @param Plan                    $before  as it was before the change
     * @param Plan                    $after   with what was typed into its own fields
     * @param array<array-key, mixed> $held    photos, clip and shooting as typed; free: the figure that follows; count_as: clip
     *                                         where the clip's length is held and not the photos
     * @param string                  $changed the field that was changed, such as held.clip or timing.photos; empty when nobody
     *                                         says, and then found by comparing
     *
     * @return array{Plan, string, Figure} the plan, what was rounded in words, and the figure that followed
     *
     * @throws InvalidInput
     */
    public static function change(Plan $before, Plan $after, array $held, string $changed): array
    {
        $text = static fn (string $name): string => is_string($held[$name] ?? null) ? trim($held[$name]) : '';
        $changed = $changed === '' ? self::compared($before, $text) : $changed;
        $free = Figure::tryFrom($text('free')) ?? Figure::Shooting;
        // What was just typed is held, whatever was to follow.
        $free = match (true) {
            $free === Figure::Photos && in_array($changed, ['held.photos', 'held.clip'], true) => Figure::Shooting,
            $free === Figure::Interval && $changed === 'timing.interval_s' => Figure::Shooting,
            $free === Figure::Shooting && $changed === 'held.shooting' => Figure::Interval,
            default => $free,
        };
        // A key of the interval is the interval: timing.interval_s.1.interval_s.
        if (!in_array((string) preg_replace('/\.\d+\..*$/', '', $changed), self::TOUCHED_BY, true)) {
            return [$after, '', $free];
        }
        $asClip = $changed === 'held.clip' || $text('count_as') === 'clip' && $changed !== 'held.photos' && !self::countsPhotos($changed);
        $solved = HeldFigures::solve(
            $after,
            $free,
            $changed === 'held.photos' ? self::photos($text('photos')) : null,
            $asClip && $free !== Figure::Photos ? self::seconds('clip', $text('clip'), 'Enter how long the clip is to be, such as 10 s.') : null,
            $free === Figure::Shooting ? null : self::seconds('shooting', $text('shooting'), 'Enter a time on site, such as 32 min, 1:30 or 1h30.'),
        );

        return [$solved->plan, $solved->rounding, $free];
    }

    /** Photos typed on the way or standing are meant as they are. */
    private static function countsPhotos(string $changed): bool
    {
        return in_array($changed, ['timing.photos', 'timing.head_photos', 'timing.tail_photos'], true);
    }

    /**
     * @param callable(string): string $text
     */
    private static function compared(Plan $before, callable $text): string
    {
        foreach (self::texts(Schedule::of($before)) as $name => $stood) {
            if ($text($name) !== '' && $text($name) !== $stood) {
                return "held.{$name}";
            }
        }

        return '';
    }

    private static function photos(string $text): int
    {
        $number = TypedText::number($text);
        if ($number === null || floor($number) !== $number || $number < 2 || $number > 1_000_000) {
            throw new InvalidInput([new Problem('/held/photos', 'Enter a whole number of photos, from 2.')]);
        }

        return (int) $number;
    }

    private static function seconds(string $name, string $text, string $message): float
    {
        $seconds = TypedText::seconds($text);
        if ($seconds === null || $seconds <= 0.0) {
            throw new InvalidInput([new Problem("/held/{$name}", $message)]);
        }

        return $seconds;
    }
}
