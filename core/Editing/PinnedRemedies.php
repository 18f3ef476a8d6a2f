<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Checks\Cost;
use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Remedy;
use Evrent\Core\Checks\Report;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;

/**
 * What mends a finding of a shot whose figures are pinned: those that keep all pins first, and of the others which pin gives way.
 */
final class PinnedRemedies
{
    /** Why no remedy is left, where there would be some without the pins. */
    public static function whyNone(Pins $pins): Message
    {
        $named = array_map(static fn (Figure $figure): Message => $figure->named(), $pins->pinned);

        return $pins->pinned === []
            ? new Message('editing.pinned_remedies.untimed')
            : new Message('editing.pinned_remedies.pinned', ['named' => $named]);
    }

    /**
     * @return list<array{remedy: Remedy, costs: Text|string, givesWay: list<Text|string>}> costs and what gives way with the pins as they are
     */
    public static function of(PinnedPlan $pinned, Finding $finding): array
    {
        $found = [];
        foreach ($finding->remedies() as $remedy) {
            try {
                $edited = $pinned->became($remedy->mended, '');
            } catch (InvalidInput) {
                // The pins leave no room for it.
                continue;
            }
            $asOffered = $edited->plan->timing->photos === $remedy->mended->timing->photos
                && $edited->plan->timing->interval->keys === $remedy->mended->timing->interval->keys;
            if (!$asOffered && Report::on(Shot::of($edited->plan))->finding($finding->id) !== null) {
                continue;
            }
            $found[] = [
                'remedy' => $remedy,
                'costs' => $asOffered ? $remedy->costs : Cost::told($pinned->plan, $edited->plan, $remedy->remark),
                'givesWay' => $edited->givesWay,
            ];
        }
        // Sorting is stable: the likeliest first within each.
        usort($found, static fn (array $a, array $b): int => min(1, count($a['givesWay'])) <=> min(1, count($b['givesWay'])));

        return $found;
    }
}
