<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Preset;
use App\Pages\Presets;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Values\InvalidInput;

/**
 * A kept preset, or a new recipe, with its name and numbers.
 */
final class PresetForm extends PresetNameForm
{
    public function named(): string
    {
        return ($this->isRecipe() ? 'recipe.' : 'preset.') . ($this->preset()->id ?? 'new');
    }

    public function standsAt(): string
    {
        return route('presets.index');
    }

    /**
     * @return array<string, string> what a recipe is made of, by field
     */
    public function numbers(): array
    {
        $fields = ['interval_s', 'open_share', 'clip_s', 'note', 'exposed_for', 'follows_light', 'on_mains'];

        return array_combine($fields, array_map($this->text(...), $fields));
    }

    protected function furtherProblems(): array
    {
        try {
            if ($this->isRecipe()) {
                Presets::typed($this->numbers());
            }
        } catch (InvalidInput $invalid) {
            return $invalid->problems;
        }

        return [];
    }

    public function isRecipe(): bool
    {
        return ($this->preset()->kind ?? PresetKind::Recipe) === PresetKind::Recipe;
    }

    public function preset(): ?Preset
    {
        $preset = $this->route('preset');

        return $preset instanceof Preset ? $preset : null;
    }
}
