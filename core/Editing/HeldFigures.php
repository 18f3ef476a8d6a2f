<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Timing\Solution;
use Evrent\Core\Timing\Solver;
use Evrent\Core\Timing\Timing;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * A plan in which two of photos (or clip), interval and shooting time are held, and the third follows.
 */
final readonly class HeldFigures
{
    private const NOTICEABLE_SECONDS = 0.05;
    /** Rounds of counting before it is done one by one. */
    private const MOST_COUNTS = 8;
    /** Keys are kept to the millisecond: a mean that is nearer than this is there. */
    private const SETTLED_SECONDS = 0.001;

    /**
     * @param string $rounding what had to be rounded, and by how much, in words; empty when nothing
     */
    private function __construct(public Plan $plan, public Text|string $rounding)
    {
    }

    /**
     * @param Figure $free            the one that follows
     * @param ?int   $photos          all photos wanted; null for as many as the plan has
     * @param ?float $clipSeconds     wanted instead of photos
     * @param ?float $shootingSeconds wanted; null for what the plan has
     *
     * @throws InvalidInput by the pointers /held/photos, /held/clip, /held/shooting, /timing/interval_s
     */
    public static function solve(Plan $plan, Figure $free, ?int $photos, ?float $clipSeconds, ?float $shootingSeconds): self
    {
        if ($free === Figure::Shooting && $photos === null && $clipSeconds === null) {
            return new self($plan, '');
        }
        $booked = Schedule::bookedSeconds($plan);
        $interval = $booked / $plan->photosTotal();
        $wanted = $clipSeconds === null ? $photos ?? $plan->photosTotal() : null;
        $fps = $plan->timing->framesPerSecond;
        $shooting = $shootingSeconds ?? $booked;
        try {
            $solution = match ($free) {
                Figure::Shooting => Solver::solve($fps, $clipSeconds, $wanted, $interval),
                Figure::Interval => Solver::solve($fps, $clipSeconds, $wanted, null, $shooting, $plan->trigger->resolutionSeconds()),
                Figure::Photos => Solver::solve($fps, null, null, $interval, $shooting),
            };
        } catch (InvalidInput $invalid) {
            throw new InvalidInput(array_map(
                static fn (Problem $problem): Problem => new Problem('/held' . $problem->pointer, $problem->message),
                $invalid->problems,
            ));
        }
        $given = $free === Figure::Photos ? '/held/shooting' : ($clipSeconds === null ? '/held/photos' : '/held/clip');
        $isKeyed = !$plan->timing->interval->isConstant() || !$plan->timing->exposure->isConstant();
        $total = $free === Figure::Photos && $isKeyed ? self::mostThatFit($plan, $solution->photos, $shooting) : $solution->photos;
        $mended = self::withPhotosTotal($plan, $total, $given);
        if ($free === Figure::Interval) {
            $mended = $mended->withInterval(self::lengthened($mended, $solution->intervalSeconds));
        }

        return new self($mended, self::rounding($solution, $clipSeconds, $shooting, Schedule::bookedSeconds($mended)));
    }

    /**
     * The photos that fill a time. Keys stand at shares of the run, so their mean hangs on how many there are: counted by that, and
     * then one by one.
     */
    private static function mostThatFit(Plan $plan, int $photos, float $seconds): int
    {
        $fits = static fn (int $count): bool => Schedule::bookedSeconds($plan, $count) <= $seconds + self::SETTLED_SECONDS;
        $photos = max(2, $photos);
        for ($try = 0; $try < self::MOST_COUNTS; $try++) {
            $before = $photos;
            $photos = max(2, min(Timing::MOST_PHOTOS, (int) floor($seconds * $photos / Schedule::bookedSeconds($plan, $photos) + 1e-9)));
            if ($photos === $before) {
                break;
            }
        }
        while ($photos > 2 && !$fits($photos)) {
            $photos--;
        }
        while ($photos < Timing::MOST_PHOTOS && $fits($photos + 1)) {
            $photos++;
        }

        return $photos;
    }

    /** Standing and held photos stay: those on the way make up the rest. */
    private static function withPhotosTotal(Plan $plan, int $total, string $pointer): Plan
    {
        $standing = $plan->photosTotal() - $plan->timing->photos;
        if ($total - $standing < 2) {
            throw new InvalidInput(
                [
                    new Problem(
                        $pointer,
                        new Message('editing.held_figures.standing', ['photos' => Quantity::photos($total), 'standing' => $standing]),
                    ),
                ],
            );
        }

        return $total === $plan->photosTotal() ? $plan : $plan->withTiming($plan->timing->withPhotos($total - $standing));
    }

    /** Start to start becomes what was solved; a gap leaves the exposure out, and keys keep their proportions. */
    private static function lengthened(Plan $plan, float $to): KeyedSeconds
    {
        $interval = $plan->timing->interval;
        $photos = $plan->photosTotal();
        $from = Schedule::bookedSeconds($plan) / $photos;
        if (abs($to - $from) < self::SETTLED_SECONDS) {
            return $interval;
        }
        $open = $plan->timing->intervalMeans === IntervalMeaning::StartToStart ? 0.0 : array_sum($plan->timing->exposure->column($photos)) / $photos;
        $gap = $to - $open;
        $finest = $plan->trigger->resolutionSeconds();
        if ($gap < $finest / 2.0) {
            $message = new Message('editing.held_figures.too_short', ['to' => Quantity::seconds($to)]);
            throw new InvalidInput([new Problem('/held/shooting', $message)]);
        }

        return $interval->isConstant()
            ? $interval->map(static fn (): float => $open === 0.0 ? $to : max($finest, self::downTo($finest, $gap)))
            : $interval->map(static fn (float $seconds): float => self::downTo(0.001, $seconds * $gap / ($from - $open)));
    }

    /** Never up: it would overrun. */
    private static function downTo(float $resolution, float $seconds): float
    {
        return round(floor($seconds / $resolution + 1e-6) * $resolution, 9);
    }

    private static function rounding(Solution $solution, ?float $clipSeconds, float $shootingSeconds, float $booked): Message|string
    {
        $said = [];
        if ($clipSeconds !== null && $solution->clipSeconds - $clipSeconds > 1e-6) {
            $said[] = new Message('editing.held_figures.rounded', [
                'photos' => Quantity::photos($solution->photos),
                'clipSeconds' => Quantity::rounded($solution->clipSeconds, 3),
            ]);
        }
        if ($solution->solved !== 'shooting') {
            $left = $shootingSeconds - $booked;
            if ($left < -self::NOTICEABLE_SECONDS) {
                $said[] = new Message('editing.held_figures.least', ['booked' => Quantity::duration($booked)]);
            } elseif ($left > self::NOTICEABLE_SECONDS) {
                $said[] = new Message('editing.held_figures.left', [
                    'left' => Quantity::duration($left),
                    'shootingSeconds' => Quantity::duration($shootingSeconds),
                ]);
            }
        }
        if ($solution->solved === 'interval') {
            array_unshift($said, new Message('editing.held_figures.setting', ['intervalSeconds' => Quantity::number($solution->intervalSeconds)]));
        }

        return count($said) > 1 || $solution->solved !== 'interval' ? Joined::capital(Joined::of($said)) : '';
    }
}
