<?php

declare(strict_types=1);

namespace App\Pages;

use App\Devices\Simulated;
use App\Models\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Words\Words;
use Illuminate\Database\Eloquent\Collection;

/**
 * The rigs and cameras of the kit, with the address that each answers at.
 */
final readonly class ReachedKit
{
    /** The camera runs on its own timer and never reports. */
    private const BY_ITSELF = 'own';

    /** @var Collection<int, KitItem> by name */
    private Collection $items;

    /** @var array<int, string> by id; '' where it has none */
    private array $addresses;

    public function __construct()
    {
        $this->items = KitItem::query()->whereIn('kind', [KitKind::Rig->value, KitKind::Body->value])->orderBy('name')->get();
        $this->addresses = $this->items->mapWithKeys(static fn (KitItem $item): array => [$item->id => $item->piece()->address])->all();
    }

    /**
     * @return array<int, string> names by id: those that answer first, and after them what runs on its own timer and never reports
     */
    public function of(KitKind $kind): array
    {
        $reached = $byThemselves = [];
        foreach ($this->items->where('kind', $kind->value) as $item) {
            $address = $this->addresses[$item->id];
            if ($address === self::BY_ITSELF) {
                $byThemselves[$item->id] = Words::of('app.take_start.intervalometer', item: $item->name);
            } elseif ($address !== '') {
                $reached[$item->id] = $address === Simulated::NAME ? $item->name : Words::of(
                    'app.take_start.address',
                    item: $item->name,
                    address: $address,
                );
            }
        }

        return array_replace($reached, $byThemselves);
    }

    /** The id of what answers there; null where nothing does. */
    public function at(KitKind $kind, ?string $address): ?string
    {
        return $address === null ? null : $this->first($kind, fn (KitItem $item): bool => $this->addresses[$item->id] === $address);
    }

    /**
     * @param list<string> $names
     *
     * @return ?string the id of the first of these that has an address
     */
    public function named(KitKind $kind, array $names): ?string
    {
        return $this->first($kind, fn (KitItem $item): bool => $this->addresses[$item->id] !== '' && in_array($item->name, $names, true));
    }

    /** @param callable(KitItem): bool $isIt */
    private function first(KitKind $kind, callable $isIt): ?string
    {
        $item = $this->items->first(static fn (KitItem $item): bool => $item->kind === $kind->value && $isIt($item));

        return $item === null ? null : (string) $item->id;
    }
}
