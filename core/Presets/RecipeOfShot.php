<?php

declare(strict_types=1);

namespace Evrent\Core\Presets;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Schedule\Schedule;

/**
 * A shot that came out well, as where to start the next time.
 */
final class RecipeOfShot
{
    /** A shutter that is open for more than this share of its interval leaves no room to move. */
    private const MOST_OPEN = 0.95;
    private const LEAST_OPEN = 0.0001;

    /** A recipe is for a clip of an hour at the most. */
    private const MOST_CLIP_SECONDS = 3_600.0;

    /**
     * @param float  $clipSeconds how long the clip was that came of it
     * @param string $reason      what was learnt, in a sentence
     *
     * @throws \Evrent\Core\Values\InvalidInput with the pointer /reason
     */
    public static function of(Schedule $schedule, float $clipSeconds, string $reason): Recipe
    {
        // Of times that change on the way, those of the middle.
        $middle = intdiv($schedule->photosTotal(), 2);
        $interval = $schedule->intervalSeconds[$middle];
        $open = max(self::LEAST_OPEN, min(self::MOST_OPEN, $schedule->exposureSeconds[$middle] / $interval));
        $light = $schedule->plan->light;
        $follows = count($schedule->plan->timing->exposure->keys) > 1;

        $clip = round(max(0.1, min(self::MOST_CLIP_SECONDS, $clipSeconds)), 1);

        return new Recipe(round($interval, 2), round($open, 4), $clip, trim($reason), $light?->exposedFor, $follows);
    }

    /**
     * A recipe with a warning: its numbers stay, and what it was tried with to no good is said after why it is as it is.
     *
     * @throws \Evrent\Core\Values\InvalidInput with the pointer /reason when there is no room left for it
     */
    public static function warned(Recipe $recipe, string $warning): Recipe
    {
        // Sent twice, it is said once.
        if (str_contains($recipe->reason, $warning)) {
            return $recipe;
        }

        return new Recipe(
            $recipe->intervalSeconds,
            $recipe->openShare,
            $recipe->clipSeconds,
            rtrim($recipe->reason) . ' ' . $warning,
            $recipe->exposedFor,
            $recipe->followsLight,
            $recipe->onMains,
        );
    }

    /** What is said of a recipe after a shot that it served badly. */
    public static function warning(Recipe $poor): Message
    {
        return new Message('presets.recipe_of_shot.warned', [
            'intervalSeconds' => Quantity::seconds($poor->intervalSeconds),
            'reason' => $poor->reason,
        ]);
    }
}
