<?php

declare(strict_types=1);

namespace Evrent\Core\Presets;

use Evrent\Core\Format\Fields;
use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\TypedText;
use JsonException;

/**
 * Recipes as they are typed and as they are kept.
 */
final class RecipeText
{
    /**
     * @param string $intervalText from trigger to trigger, such as "8" or "2 min"
     * @param string $openText     exposure as a share of the interval, such as "40 %"
     * @param string $clipText     such as "20 s"
     *
     * @param string $exposedFor  land, sky or lamps; empty to leave the light as it is
     * @param bool   $followsLight whether the exposures follow the light
     * @param bool   $onMains      whether it needs no batteries
     *
     * @throws InvalidInput with pointers /interval_s, /open_share, /clip_s, /reason, /exposed_for
     */
    public static function read(
        string $intervalText,
        string $openText,
        string $clipText,
        string $reason,
        string $exposedFor = '',
        bool $followsLight = false,
        bool $onMains = false,
    ): Recipe {
        $problems = new Problems();
        $interval = TypedText::seconds($intervalText);
        $open = TypedText::percent($openText);
        $clip = TypedText::seconds($clipText);
        foreach (
            [
                '/interval_s' => [$interval, new Message('presets.recipe_text.interval')],
                '/open_share' => [$open, new Message('presets.recipe_text.share')],
                '/clip_s' => [$clip, new Message('presets.recipe_text.clip')],
            ] as $pointer => [$number, $message]
        ) {
            if ($number === null) {
                $problems->add($pointer, $message);
            }
        }
        if ($exposedFor !== '' && ExposedFor::tryFrom($exposedFor) === null) {
            $problems->add('/exposed_for', new Message('presets.recipe_text.exposed_for'));
        }
        $recipe = null;
        try {
            $recipe = new Recipe(
                $interval ?? 1.0,
                $open ?? 0.5,
                $clip ?? 1.0,
                $reason,
                ExposedFor::tryFrom($exposedFor),
                $followsLight,
                $onMains,
            );
        } catch (InvalidInput $invalid) {
            $problems->addAllUnder('', $invalid);
        }
        $problems->throwIfAny();
        assert($recipe !== null);

        return $recipe;
    }

    /**
     * @param string $json {"interval_s", "open_share", "clip_s"}, and where it has them "exposed_for", "follows_light", "on_mains"
     *
     * @throws InvalidInput
     */
    public static function fromJson(string $json, string $reason): Recipe
    {
        $problems = new Problems();
        try {
            $fields = new Fields(json_decode($json, false, 4, JSON_THROW_ON_ERROR), '', $problems);
        } catch (JsonException) {
            throw new InvalidInput([new Problem('', new Message('presets.recipe_text.not_one'))]);
        }
        $read = [$fields->number('interval_s', 1), $fields->number('open_share', 0.5), $fields->number('clip_s', 1)];
        $more = [
            $fields->has('exposed_for') ? $fields->choice('exposed_for', ExposedFor::class, ExposedFor::Land) : null,
            $fields->flag('follows_light', false),
            $fields->flag('on_mains', false),
        ];
        $fields->refuseTheRest();
        $problems->throwIfAny();

        return new Recipe($read[0], $read[1], $read[2], $reason, ...$more);
    }

    public static function toJson(Recipe $recipe): string
    {
        return json_encode([
            'interval_s' => $recipe->intervalSeconds, 'open_share' => $recipe->openShare, 'clip_s' => $recipe->clipSeconds,
            ...($recipe->exposedFor === null ? [] : ['exposed_for' => $recipe->exposedFor->value]),
            ...($recipe->followsLight ? ['follows_light' => true] : []),
            ...($recipe->onMains ? ['on_mains' => true] : []),
        ], JSON_THROW_ON_ERROR);
    }
}
