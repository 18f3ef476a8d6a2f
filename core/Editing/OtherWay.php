<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\PlainText;

/**
 * A figure that was typed before, and gave way, can be kept: another one follows then.
 */
final readonly class OtherWay
{
    /**
     * @param string $label   "Keep 240 photos: interval 3.7 s"
     * @param string $pointer of the field that is typed anew
     * @param string $text    what is typed
     */
    private function __construct(public Text|string $label, public string $pointer, public string $text)
    {
    }

    /**
     * @param PinnedPlan   $before as it was
     * @param Plan         $plan   as it was typed, before anything followed
     * @param Pins         $pins   as they are now
     * @param list<Figure> $given  what was typed
     *
     * @return list<self>
     */
    public static function than(PinnedPlan $before, Plan $plan, Pins $pins, array $given): array
    {
        $gone = $pins->follows;
        $kept = $before->pins->isTyped($gone) ? self::kept($before, $gone) : null;
        if ($kept === null) {
            return [];
        }
        [$pointer, $text, $keeps] = $kept;
        $ways = [];
        foreach (Figure::cases() as $instead) {
            if ($instead === $gone || in_array($instead, $given, true) || $pins->isPinned($instead)) {
                continue;
            }
            try {
                $held = self::heldAgain($before, $pins->following($instead), $gone);
                $follows = PinnedPlan::following($gone === Figure::Interval ? $plan->withInterval($before->plan->timing->interval) : $plan, $held);
                $ways[] = new self(
                    new Message('editing.other_way.keep', ['keeps' => $keeps, 'told' => self::told($follows, $instead)]),
                    $pointer,
                    $text,
                );
            } catch (InvalidInput) {
                // There is no such way.
                continue;
            }
        }

        return $ways;
    }

    /**
     * @return ?array{string, string, Text} pointer and text of the field, and what it keeps in words; null where it is not one number
     */
    private static function kept(PinnedPlan $before, Figure $figure): ?array
    {
        [$plan, $pins] = [$before->plan, $before->pins];

        return match (true) {
            $figure === Figure::Photos && $pins->clipSeconds !== null => [
                '/held/clip', PlainText::span($pins->clipSeconds), new Message(
                    'editing.other_way.clip',
                    ['clipSeconds' => Quantity::span($pins->clipSeconds)],
                ),
            ],
            $figure === Figure::Photos => ['/held/photos', (string) $plan->photosTotal(), Quantity::photos($plan->photosTotal())],
            $figure === Figure::Shooting => [
                '/held/shooting', PlainText::span(self::shooting($before)), new Message(
                    'editing.other_way.run',
                    ['shooting' => Quantity::span(self::shooting($before))],
                ),
            ],
            $plan->timing->interval->isConstant() => [
                '/timing/interval_s',
                PlainText::number($plan->timing->interval->longest()),
                new Message('editing.other_way.interval', ['longest' => Quantity::seconds($plan->timing->interval->longest())]),
            ],
            default => null,
        };
    }

    private static function heldAgain(PinnedPlan $before, Pins $pins, Figure $figure): Pins
    {
        return match ($figure) {
            Figure::Photos => $before->pins->clipSeconds === null
                ? $pins->withPhotos($before->plan->photosTotal())
                : $pins->withClip($before->pins->clipSeconds),
            Figure::Shooting => $pins->withShooting(self::shooting($before)),
            Figure::Interval => $pins,
        };
    }

    private static function shooting(PinnedPlan $before): float
    {
        return $before->pins->shootingSeconds ?? Schedule::bookedSeconds($before->plan);
    }

    private static function told(Plan $plan, Figure $figure): Text
    {
        return match ($figure) {
            Figure::Photos => Quantity::photos($plan->photosTotal()),
            Figure::Interval => new Message('editing.other_way.interval', ['longest' => Quantity::seconds($plan->timing->interval->longest())]),
            Figure::Shooting => new Message('editing.other_way.booked', ['bookedSeconds' => Quantity::duration(Schedule::bookedSeconds($plan))]),
        };
    }
}
