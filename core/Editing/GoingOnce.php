<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Motion\Move;
use Evrent\Core\Motion\Path;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * A move that goes back and forth, written as one that goes once through all its keyframes: part of that can be a shot by itself.
 */
final class GoingOnce
{
    /**
     * @throws InvalidInput where that takes more keyframes than a move can have
     */
    public static function through(Plan $plan): Plan
    {
        if ($plan->move->oneWayPhotos === null) {
            return $plan;
        }
        $last = $plan->timing->photos - 1;
        $indices = Path::travelIndices($plan->move, $plan->timing->photos);
        $backwards = array_map(static fn (int $index): int => $plan->oneWayPhotos() - 1 - $index, array_reverse($indices));
        $ways = [self::way($plan->move, $indices), self::way($plan->reversed()->move, $backwards)];
        $keyframes = [];
        foreach ($plan->path->ways() as [$begins, $isBack]) {
            foreach ($ways[(int) $isBack] as $index => $keyframe) {
                // Where it turns round, the keyframe that starts the next way takes the place of the one that ended this.
                $keyframes[$begins + $index] = $keyframe;
            }
        }
        ksort($keyframes);
        $keyframes = isset($keyframes[$last])
            ? array_filter($keyframes, static fn (int $index): bool => $index <= $last, ARRAY_FILTER_USE_KEY)
            : self::cutShort($plan, $keyframes, $last);
        if (count($keyframes) > Move::MOST_KEYFRAMES) {
            throw new InvalidInput(
                [
                    new Problem(
                        '/from',
                        new Message('editing.going_once.too_many', ['keyframes' => count($keyframes), 'most_keyframes' => Move::MOST_KEYFRAMES]),
                    ),
                ],
            );
        }
        $placed = [];
        $isMarked = false;
        foreach ($keyframes as $index => $keyframe) {
            $placed[] = $keyframe->with(['at' => $index / $last, 'mattersMost' => $keyframe->mattersMost && !$isMarked]);
            $isMarked = $isMarked || $keyframe->mattersMost;
        }

        return $plan->withMove(new Move($placed, $plan->move->easing));
    }

    /**
     * @param list<int> $indices photo of the way for each keyframe
     *
     * @return array<int, Keyframe> by photo of the way, each with the ease of the run that it starts
     */
    private static function way(Move $move, array $indices): array
    {
        return array_combine($indices, array_map(
            static fn (Keyframe $keyframe): Keyframe => $keyframe->pass ? $keyframe : $keyframe->withEasing($keyframe->easing ?? $move->easing),
            $move->keyframes,
        ));
    }

    /**
     * @param array<int, Keyframe> $keyframes by travelling photo, in order
     *
     * @return array<int, Keyframe> up to a last photo that lies between two of them
     */
    private static function cutShort(Plan $plan, array $keyframes, int $last): array
    {
        $whole = array_filter($keyframes, static fn (int $index): bool => $index < $last, ARRAY_FILTER_USE_KEY);
        $rests = array_keys(array_filter($whole, static fn (Keyframe $keyframe): bool => !$keyframe->pass));
        $from = $rests[count($rests) - 1];
        $kept = array_filter($whole, static fn (int $index): bool => $index < $from, ARRAY_FILTER_USE_KEY);
        $kept[$from] = $whole[$from]->withEasing(new Easing());
        foreach ([...Knots::between($plan, $from, $last), $last] as $index) {
            $kept[$index] = new Keyframe(0.0, $plan->path->positionsAt($index), easing: new Easing());
        }

        return $kept;
    }
}
