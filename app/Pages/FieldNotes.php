<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;

/**
 * What is said beside fields though the plan holds what stands in them.
 */
final class FieldNotes
{
    /**
     * What to say beside each position that an axis cannot reach. The plan holds it all the same, and a finding offers
     * to mend it.
     *
     * @return array<string, Text|string> by JSON pointer
     */
    public static function beyondTravel(Plan $plan): array
    {
        $messages = [];
        foreach ($plan->move->keyframes as $k => $keyframe) {
            foreach ($plan->rig->axes as $axis) {
                if (!$axis->holds($keyframe->positions[$axis->id])) {
                    $messages["/move/keyframes/{$k}/{$axis->id}"] = $axis->travelProblem();
                }
            }
        }

        return $messages;
    }
}
