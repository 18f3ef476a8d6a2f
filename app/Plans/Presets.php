<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Preset;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\RecipeText;
use Evrent\Core\Plan;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Presets\Recipe;
use Evrent\Core\Presets\Transfer;

/**
 * What stored presets do to a plan.
 */
final class Presets
{
    /**
     * @throws \Evrent\Core\InvalidInput
     */
    public static function applied(Preset $preset, Plan $plan): Plan
    {
        return match ($preset->kind) {
            PresetKind::Move => Transfer::move(PlanReader::fromJson($preset->content), $plan),
            PresetKind::Shot => Transfer::shot(PlanReader::fromJson($preset->content), $plan),
            PresetKind::Recipe => self::recipe($preset)->applied($plan),
        };
    }

    /**
     * @throws \Evrent\Core\InvalidInput
     */
    public static function recipe(Preset $preset): Recipe
    {
        return RecipeText::fromJson($preset->content, $preset->note);
    }
}
