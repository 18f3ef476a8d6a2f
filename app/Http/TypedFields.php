<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\PlanRevision;
use App\Models\Shot;
use App\Pages\Settings;
use App\Pages\ShotPage;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\TypedStart;
use Evrent\Words\Words;
use Illuminate\Http\Request;

/**
 * What was typed into a shot's fields: those alone that say something else than they said on the page.
 */
final readonly class TypedFields
{
    /**
     * @param array<array-key, mixed> $plan  text by name, nested as the plan document is
     * @param array<string, string>   $held  the sentence's figures
     * @param array<string, string>   $typed all of it by JSON pointer
     */
    private function __construct(public array $plan, public array $held, public array $typed)
    {
    }

    /**
     * @throws InvalidInput when the form was cut short on its way
     */
    public static function of(Request $request, Shot $shot): self
    {
        // The last field of the form says that all before it are there: PHP drops what exceeds its limit without a word.
        if ($request->input('end') !== '1') {
            throw new InvalidInput([new Problem('', Words::of('app.typed.part'))]);
        }
        $asked = $request->integer('revision');
        $shown = $asked === $shot->current_revision_id ? $shot->currentRevision() : $shot->revisions()->find($asked);
        $shown = $shown instanceof PlanRevision ? $shown : $shot->currentRevision();
        $stood = ShotPage::textsOf($shown->toPlan(), $shown->toPins());
        $units = app(Settings::class)->units;
        $metric = static fn (string $pointer, string $text): string => match (true) {
            in_array($pointer, ShotPage::STARTS, true) => TypedStart::kept($text),
            $pointer === ShotPage::LAMPS_ON => TypedStart::lampsKept($text),
            default => $units->typed($shown->toPlan(), $pointer, $text),
        };
        $plan = [];
        $typed = self::collected($request->input('plan'), '', $stood, $plan, $metric);
        $held = [];
        $steps = array_map(static fn (string $axisId): string => "step_{$axisId}", $shown->toPlan()->rig->axisIds());
        foreach (['photos', 'clip', 'shooting', 'pin', ...$steps] as $name) {
            $text = $request->input("held.{$name}");
            if (is_string($text) && trim($text) !== ($stood["/held/{$name}"] ?? null)) {
                $held[$name] = trim($metric("/held/{$name}", $text));
                if ($name !== 'pin') {
                    $typed["/held/{$name}"] = trim($text);
                }
            }
        }

        return new self($plan, $held, $typed);
    }

    /**
     * @param array<string, string>   $stood   what stood in the fields
     * @param array<array-key, mixed> $changed what is left of the nested texts
     * @param callable(string, string): string $metric what a text means in the plan's own unit
     *
     * @return array<string, string> by pointer
     */
    private static function collected(mixed $texts, string $pointer, array $stood, array &$changed, callable $metric): array
    {
        $typed = [];
        foreach (is_array($texts) ? $texts : [] as $name => $value) {
            $own = "{$pointer}/{$name}";
            if (is_array($value)) {
                $inner = [];
                $typed = [...$typed, ...self::collected($value, $own, $stood, $inner, $metric)];
                if ($inner !== []) {
                    $changed[$name] = $inner;
                }
            } elseif (is_string($value) && trim($value) !== ($stood[$own] ?? null)) {
                $changed[$name] = $metric($own, $value);
                $typed[$own] = trim($value);
            }
        }

        return $typed;
    }
}
