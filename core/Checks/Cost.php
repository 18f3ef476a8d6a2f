<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;

/**
 * What a change of plan keeps and what it costs, told from the two plans themselves, so that nothing is promised that does not hold.
 * Time is counted from what was asked for: a run that overruns takes longer anyway, and nobody asked for that.
 */
final class Cost
{
    /** Less than this is how intervals are rounded. */
    private const NOTICEABLE_SECONDS = 0.5;

    /**
     * @param Text|string $remark what else is to be said of it; may be empty
     */
    public static function told(Plan $before, Plan $after, Text|string $remark): Text|string
    {
        $same = self::same($before, $after);
        $kept = array_map(static fn (string $one): Message => new Message("checks.cost.kept_{$one}"), array_keys(array_filter($same)));
        $clip = static fn (Plan $plan): float => $plan->photosTotal() / $plan->timing->framesPerSecond;

        return Joined::of([
            count($kept) === count($same) ? new Message('checks.cost.all') : (
                $kept === [] ? '' : new Message('checks.cost.keeps', ['kept' => $kept])
            ),
            $same['clip'] ? '' : new Message('checks.cost.clip', [
                'after' => Quantity::seconds($clip($after)),
                'before' => Quantity::seconds($clip($before)),
            ]),
            $same['shooting'] ? '' : self::shooting(self::extraSeconds($before, $after)),
            $same['framing'] ? '' : new Message('checks.cost.framing'),
            $remark,
        ]);
    }

    /** How much longer than asked for it takes. */
    public static function extraSeconds(Plan $before, Plan $after): float
    {
        return Schedule::bookedSeconds($after) - Schedule::bookedSeconds($before);
    }

    private static function shooting(float $extra): Message
    {
        return new Message($extra > 0.0 ? 'checks.cost.more' : 'checks.cost.less', ['extra' => Quantity::duration(abs($extra))]);
    }

    /**
     * @return array{clip: bool, shooting: bool, interval: bool, exposure: bool, framing: bool}
     */
    private static function same(Plan $before, Plan $after): array
    {
        $framing = static fn (Plan $plan): array => array_map(static fn (Keyframe $keyframe): array => $keyframe->positions, $plan->move->keyframes);

        return [
            'clip' => abs(
                $before->photosTotal() / $before->timing->framesPerSecond - $after->photosTotal() / $after->timing->framesPerSecond,
            ) < 0.005,
            'shooting' => abs(self::extraSeconds($before, $after)) <= self::NOTICEABLE_SECONDS,
            'interval' => $before->timing->interval->keys === $after->timing->interval->keys
                && $before->timing->intervalMeans === $after->timing->intervalMeans,
            'exposure' => $before->timing->exposure->keys === $after->timing->exposure->keys,
            // A slide that stands otherwise sees otherwise, wherever its carriage is.
            'framing' => $framing($before) === $framing($after) && $before->load?->inclineDegrees === $after->load?->inclineDegrees,
        ];
    }
}
