<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\SeenValues;
use App\Pages\Limits;
use App\Pages\Settings;
use App\Pages\StarterPlans;
use Evrent\Core\Format\TypedPlan;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Photos\Decoder;
use Evrent\Words\Words;

/**
 * The settings: what is chosen of each list, minutes, and warning limits as a shot has them.
 */
final class SettingsForm extends Form
{
    private const MOST_MINUTES = 720;

    /** What is decoded at once has to fit into memory. */
    private const MOST_MEGAPIXELS = 400;

    public function named(): string
    {
        return 'settings';
    }

    public function standsAt(): string
    {
        return route('settings.edit');
    }

    /**
     * What is set, where another window may have set other things meanwhile.
     *
     * @param array<string, string> $kept by name
     *
     * @return array<string, string> by name
     *
     * @throws InvalidInput by field
     * @throws \App\Exceptions\FieldsChangedElsewhere by field
     */
    public function values(array $kept): array
    {
        $merged = SeenValues::merged($this, $kept);
        $values = $problems = [];
        foreach (Settings::CHOICES as $name => $choices) {
            $chosen = $merged[$name];
            if (!isset($choices[$chosen])) {
                $problems[] = new Problem("/{$name}", Words::of('app.settings_form.choose'));
            }
            $values[$name] = $chosen;
        }
        foreach (array_keys(Settings::MINUTES) as $name) {
            $minutes = filter_var($merged[$name], FILTER_VALIDATE_INT, ['options' => ['min_range' => 0, 'max_range' => self::MOST_MINUTES]]);
            if ($minutes === false) {
                $problems[] = new Problem("/{$name}", Words::of('app.settings_form.minutes', most_minutes: self::MOST_MINUTES));
            }
            $values[$name] = $merged[$name];
        }
        // An empty one is the usual.
        $typed = $merged[Settings::MEGAPIXELS] === '' ? Decoder::MOST_MEGAPIXELS : $merged[Settings::MEGAPIXELS];
        $megapixels = filter_var($typed, FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => self::MOST_MEGAPIXELS]]);
        if ($megapixels === false) {
            $problems[] = new Problem('/' . Settings::MEGAPIXELS, Words::of('app.settings_form.megapixels', most_megapixels: self::MOST_MEGAPIXELS));
        }
        $values[Settings::MEGAPIXELS] = (string) ($megapixels === false ? $merged[Settings::MEGAPIXELS] : $megapixels);
        foreach (array_filter(array_map(trim(...), explode("\n", $merged[Settings::FOLDERS])), static fn (string $line): bool => $line !== '') as $folder) {
            $why = Settings::roots()->whyNot($folder);
            if ($why !== null) {
                $problems[] = new Problem('/' . Settings::FOLDERS, $why);
            }
        }
        $values[Settings::FOLDERS] = $merged[Settings::FOLDERS];
        $limits = [];
        foreach (array_keys(Limits::FIELDS) as $name) {
            $limits[$name] = $merged["limit_{$name}"];
        }
        try {
            $told = array_filter($limits, static fn (string $text): bool => $text !== '');
            TypedPlan::change(StarterPlans::named(StarterPlans::USUAL), $told === [] ? [] : ['thresholds' => $told]);
        } catch (InvalidInput $invalid) {
            foreach ($invalid->problems as $problem) {
                $problems[] = new Problem(str_replace('/thresholds/', '/limit_', $problem->pointer), $problem->message);
            }
        }
        if ($problems !== []) {
            throw new InvalidInput($problems);
        }
        foreach ($limits as $name => $text) {
            $values["limit_{$name}"] = $text;
        }

        return $values;
    }
}
