<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\KitItem;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\LightToBegin;
use Evrent\Core\Words\PlainText;

/**
 * What lens, body and filters of a shot's kit are known to have, for the light that it begins with.
 */
final readonly class KitLight
{
    /**
     * @param list<float> $filters stops of each
     */
    private function __construct(private ?float $widestAperture, private ?float $highestIso, private array $filters)
    {
    }

    public static function of(Plan $plan): self
    {
        $found = ['widest_aperture' => null, 'highest_iso' => null];
        $filters = [];
        foreach ($plan->kit as $picked) {
            $piece = KitItem::query()->where('kind', $picked->kind->value)->where('name', $picked->name)->first()?->piece();
            foreach (array_keys($found) as $name) {
                $found[$name] = $piece?->value($name) ?? $found[$name];
            }
            $filters[] = $piece?->value('nd_stops');
        }

        return new self($found['widest_aperture'], $found['highest_iso'], array_values(array_filter($filters, is_float(...))));
    }

    public function toBegin(): LightToBegin
    {
        return new LightToBegin($this->widestAperture, $this->highestIso, $this->filters);
    }

    /**
     * @return array<string, string> to go with an edit that describes the light
     */
    public function texts(): array
    {
        $number = static fn (?float $value): string => $value === null ? '' : PlainText::number($value);

        return array_filter([
            'widest_aperture' => $number($this->widestAperture), 'highest_iso' => $number($this->highestIso),
            'filters' => implode(' ', array_map($number, $this->filters)),
        ], static fn (string $text): bool => $text !== '');
    }
}
