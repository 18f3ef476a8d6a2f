<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Preset;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;
use Evrent\Core\Presets\AppliedRecipe;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Presets\Recipe;
use Evrent\Core\Presets\RecipeText;
use Evrent\Core\Presets\Transfer;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\PlainText;
use Evrent\Words\Words;

/**
 * What stored presets do to a plan.
 */
final class Presets
{
    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public static function applied(Preset $preset, PinnedPlan $pinned): Edited
    {
        $told = new Message('presets.applied.what', ['kind' => $preset->kind->label(), 'name' => $preset->name]);

        return match ($preset->kind) {
            PresetKind::Move => self::transferred($pinned, $preset, $told, Transfer::move(...)),
            PresetKind::Shot => self::transferred($pinned, $preset, $told, Transfer::shot(...)),
            PresetKind::Recipe => AppliedRecipe::edited($pinned, self::recipe($preset), $told, KitLight::of($pinned->plan)->toBegin()),
        };
    }

    /**
     * @param callable(Plan, Plan): Plan $transfer
     *
     * @throws InvalidInput
     */
    private static function transferred(PinnedPlan $pinned, Preset $preset, Text|string $told, callable $transfer): Edited
    {
        $from = PlanReader::kept($preset->content);

        return $pinned->became($transfer($from, $pinned->plan), $told, Source::Preset, $from->provenance);
    }

    /**
     * @param string $id as chosen from a list that may be old
     *
     * @throws InvalidInput with the pointer /recipe
     */
    public static function recipeNumbered(string $id): Recipe
    {
        $preset = preg_match('/^\d{1,15}$/D', $id) === 1 ? Preset::query()->where('kind', PresetKind::Recipe)->find((int) $id) : null;

        return $preset === null ? throw new InvalidInput([new Problem('/recipe', Words::of('app.presets.gone'))]) : self::recipe($preset);
    }

    /**
     * @return array<string, string> what stands in the fields of a preset
     */
    public static function texts(Preset $preset): array
    {
        if ($preset->kind !== PresetKind::Recipe) {
            return ['name' => $preset->name, 'note' => $preset->note];
        }
        $recipe = self::recipe($preset);

        return [
            'name' => $preset->name, 'interval_s' => PlainText::span($recipe->intervalSeconds), 'open_share' => PlainText::percent($recipe->openShare),
            'clip_s' => PlainText::span($recipe->clipSeconds), 'note' => $preset->note, 'exposed_for' => $recipe->exposedFor->value ?? '',
            'follows_light' => $recipe->followsLight ? '1' : '', 'on_mains' => $recipe->onMains ? '1' : '',
        ];
    }

    /**
     * @param array<string, string> $typed a recipe's fields as a form has them
     *
     * @throws InvalidInput with pointers such as /interval_s
     */
    public static function typed(array $typed): Recipe
    {
        return RecipeText::read(
            $typed['interval_s'],
            $typed['open_share'],
            $typed['clip_s'],
            $typed['note'],
            $typed['exposed_for'],
            $typed['follows_light'] === '1',
            $typed['on_mains'] === '1',
        );
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public static function recipe(Preset $preset): Recipe
    {
        return RecipeText::fromJson($preset->content, $preset->note);
    }
}
