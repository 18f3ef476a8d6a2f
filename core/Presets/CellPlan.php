<?php

declare(strict_types=1);

namespace Evrent\Core\Presets;

use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\Knots;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Light\Control;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Motion\Move;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Timing\Between;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Timing\Mode;
use Evrent\Core\Timing\Timing;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * One cell of a test shoot as a plan: its interval and shutter time over the middle of a shot's move, each step as long as there, so that its short clip
 * looks as the shot's would.
 */
final class CellPlan
{
    /**
     * @throws InvalidInput where this shot cannot be tried so
     */
    public static function of(Plan $plan, Trial $trial, string $cell): Plan
    {
        if ($plan->trigger->isCamera()) {
            throw new InvalidInput([new Problem(
                '/shot',
                new Message('presets.cell.own_timer'),
            )]);
        }
        $photos = min($trial->photos, $plan->timing->photos);
        $from = intdiv($plan->timing->photos - $photos, 2);

        return $plan->with([
            'timing' => new Timing(
                mode: $plan->timing->mode->hasClock() ? $plan->timing->mode : Mode::ShootMoveShoot,
                framesPerSecond: $plan->timing->framesPerSecond,
                photos: $photos,
                headPhotos: 0,
                tailPhotos: 0,
                interval: self::interval($trial, $cell),
                intervalMeans: IntervalMeaning::StartToStart,
                exposure: self::exposure($trial, $cell),
            ),
            'move' => self::part($plan, $from, $from + $photos - 1),
            'trigger' => $plan->trigger->with(['cameraPhotos' => null]),
            'start' => null, 'end' => null, 'window' => null,
            // Aperture and ISO are those of the shot; the shutter time is the cell's, whoever sets it in the shot.
            'light' => $plan->light?->with(['control' => Control::Manual, 'isoChanges' => []]),
        ]);
    }

    /** Why rig and camera do not keep to the cell's interval; null where they do. */
    public static function whyNot(Schedule $schedule): ?Message
    {
        return $schedule->summary->stretchedPhotos === 0 ? null : new Message('presets.cell.too_short', [
            'x' => Quantity::seconds(max([0.0, ...array_map(floatval(...), $schedule->timeline->requiredSeconds)])),
        ]);
    }

    /** How many stops a cell is brighter than the shot as it is planned, with the same aperture and ISO. */
    public static function stopsBrighter(Plan $plan, Trial $trial, string $cell): float
    {
        return log($trial->shutter($cell) / $plan->timing->exposure->at(intdiv($plan->photosTotal(), 2), $plan->photosTotal()), 2.0);
    }

    /**
     * The cell's interval and shutter time in a shot's own plan.
     *
     * @throws InvalidInput
     */
    public static function taken(PinnedPlan $pinned, Trial $trial, string $cell): Edited
    {
        $plan = $pinned->plan->withInterval(self::interval($trial, $cell))->withExposure(self::exposure($trial, $cell));

        return $pinned->became($plan, new Message('presets.cell.taken', [
            'interval' => Quantity::seconds($trial->interval($cell)),
            'shutter' => Quantity::shutter($trial->shutter($cell)),
            'subject' => $trial->subject,
        ]));
    }

    private static function interval(Trial $trial, string $cell): KeyedSeconds
    {
        return KeyedSeconds::constant($trial->interval($cell), Between::Linear, new Message('what.an_interval'));
    }

    private static function exposure(Trial $trial, string $cell): KeyedSeconds
    {
        return KeyedSeconds::constant($trial->shutter($cell), Between::Stops, new Message('what.exposure'));
    }

    private static function part(Plan $plan, int $from, int $to): Move
    {
        $keyframes = array_map(
            static fn (int $index): Keyframe => new Keyframe(($index - $from) / ($to - $from), $plan->path->positionsAt($index)),
            [$from, ...Knots::between($plan, $from, $to), $to],
        );

        return new Move($keyframes, new Easing());
    }
}
