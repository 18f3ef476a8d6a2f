<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\Picked;
use Evrent\Core\Light\NeutralDensity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;

/**
 * What to take to a shoot: what, how many, and why. What shots share is packed once; what they use up adds up.
 */
final class PackingList
{
    private const JOULES_PER_WATT_HOUR = 3_600.0;
    private const LONG_SECONDS = 7_200.0;
    private const WARM_CELSIUS = 20.0;
    private const COOL_CELSIUS = 15.0;
    private const DEGREES_PER_LAYER = 10.0;

    /**
     * @param list<ShotFigures> $shots in the order in which they run
     * @param list<Hazard>   $hazards   that fit the day
     * @param float          $onSiteSeconds from the first arrival until the last case is closed; 0 when that is not known
     *
     * @return list<Packed>
     */
    public static function of(array $shots, array $hazards, float $onSiteSeconds = 0.0): array
    {
        $onSiteSeconds = $onSiteSeconds > 0.0 ? $onSiteSeconds : array_sum(array_map(
            static fn (ShotFigures $shot): float => $shot->runSeconds,
            $shots,
        ));

        return [
            ...self::picked($shots),
            ...self::cards($shots),
            ...self::batteries($shots, 'camera', KitKind::CameraBattery),
            ...self::batteries($shots, 'rig', KitKind::RigBattery),
            ...self::filters($shots),
            ...self::usual($shots, $hazards, $onSiteSeconds),
        ];
    }

    /**
     * @param list<ShotFigures> $shots
     *
     * @return list<Packed>
     */
    private static function picked(array $shots): array
    {
        $found = [];
        foreach ($shots as $shot) {
            foreach ($shot->kit as $picked) {
                // Counted below from what the shots use up.
                if (in_array($picked->kind, [KitKind::Card, KitKind::CameraBattery, KitKind::RigBattery], true)) {
                    continue;
                }
                $key = "{$picked->kind->value} {$picked->name}";
                $found[$key]['piece'] = $picked;
                $found[$key]['count'] = max($found[$key]['count'] ?? 0, $picked->count);
                $found[$key]['for'][] = $shot->title;
            }
        }
        uasort($found, static fn (array $a, array $b): int => self::order($a['piece']->kind) <=> self::order($b['piece']->kind));

        return array_values(array_map(
            static fn (array $one): Packed => new Packed(
                $one['piece']->kind->value,
                $one['piece']->name,
                $one['count'],
                new Message('day.packing_list.for', ['shots' => array_values(array_unique($one['for']))]),
            ),
            $found,
        ));
    }

    private static function order(KitKind $kind): int
    {
        return (int) array_search($kind, KitKind::cases(), true);
    }

    /**
     * @param list<ShotFigures> $shots
     *
     * @return list<Packed>
     */
    private static function cards(array $shots): array
    {
        $gigabytes = 0.0;
        $photos = 0;
        $seconds = 0.0;
        $copies = 1;
        $size = 0.0;
        foreach ($shots as $shot) {
            if ($shot->storage === null) {
                continue;
            }
            $photos += $shot->recordingSeconds > 0.0 ? 0 : $shot->photosProgrammed;
            $seconds += $shot->recordingSeconds;
            $copies = max($copies, $shot->storage['copies']);
            $gigabytes += $shot->storage['gigabytes'];
            $size = max($size, $shot->storage['card_gb']);
        }
        if ($photos === 0 && $seconds <= 0.0 || $size <= 0.0) {
            return [];
        }
        $named = self::named($shots, KitKind::Card);

        return [new Packed(
            'card',
            $named === '' ? new Message('day.packing_list.cards', ['size' => Quantity::rounded($size, 1)]) : $named,
            max($copies, self::pickedOf($shots, KitKind::Card), (int) ceil($gigabytes / $size - 1e-9)),
            new Message('day.packing_list.come_to', [
                'what' => [
                    ...($photos > 0 ? [Quantity::photos($photos)] : []),
                    ...($seconds > 0.0 ? [new Message('day.packing_list.video', ['seconds' => Quantity::duration($seconds)])] : []),
                ],
                'gigabytes' => Quantity::rounded($gigabytes, 1),
                'copies' => $copies > 1 ? new Message('day.packing_list.two_cards') : '',
            ]),
        )];
    }

    /**
     * @param list<ShotFigures> $shots
     *
     * @return list<Packed>
     */
    private static function batteries(array $shots, string $device, KitKind $kind): array
    {
        $joules = 0.0;
        $one = 0.0;
        $together = 1;
        $celsius = 20.0;
        foreach ($shots as $shot) {
            $drain = $shot->drains[$device] ?? null;
            if ($drain === null) {
                continue;
            }
            $joules += $drain['needed_j'];
            $one = $one > 0.0 ? min($one, $drain['one_j']) : $drain['one_j'];
            $together = max($together, $drain['batteries']);
            $celsius = min($celsius, $shot->celsius);
        }
        if ($one <= 0.0) {
            return [];
        }
        $named = self::named($shots, $kind);

        return [new Packed(
            $kind->value,
            $named === '' ? new Message('day.packing_list.charged') : $named,
            max($together, self::pickedOf($shots, $kind), (int) ceil($joules / $one - 1e-9)),
            new Message('day.packing_list.energy', [
                'joules' => Quantity::rounded($joules / self::JOULES_PER_WATT_HOUR, 1),
                'one' => Quantity::rounded($one / self::JOULES_PER_WATT_HOUR, 1),
                'celsius' => Quantity::rounded($celsius, 0),
            ]),
        )];
    }

    /**
     * Filters that are on the lens in some shot, by stops; those picked by name are listed with the kit.
     *
     * @param list<ShotFigures> $shots
     *
     * @return list<Packed>
     */
    private static function filters(array $shots): array
    {
        $packed = [];
        foreach ($shots as $shot) {
            $stops = $shot->ndStops;
            if ($stops === null || self::named([$shot], KitKind::Filter) !== '') {
                continue;
            }
            $nd = new Message('day.packing_list.nd', ['stops' => Quantity::rounded($stops, 1)]);
            $packed[] = new Packed('filter', $nd, 1, new Message('day.packing_list.density', [
                'density' => Quantity::rounded(NeutralDensity::density($stops), 1),
                'title' => $shot->title,
            ]));
        }

        return $packed;
    }

    /**
     * @param list<ShotFigures> $shots
     * @param list<Hazard>   $hazards
     *
     * @return list<Packed>
     */
    private static function usual(array $shots, array $hazards, float $onSiteSeconds): array
    {
        $weight = max([0.0, ...array_map(static fn (ShotFigures $shot): float => $shot->onLegsKilograms, $shots)]);
        $has = static fn (Hazard $hazard): bool => in_array($hazard, $hazards, true);

        return array_values(array_filter([
            $shots === [] ? null : new Packed('care', new Message('day.packing_list.blower'), 1, new Message('day.packing_list.blower_why')),
            $shots === [] ? null : new Packed('care', new Message('day.packing_list.level'), 1, new Message('day.packing_list.level_why')),
            $weight > 0.0
                ? new Packed('rig', new Message('day.packing_list.weight'), 1, new Message('day.packing_list.weight_why', [
                    'weight' => Quantity::rounded($weight, 1),
                ]))
                : null,
            $has(Hazard::Night) ? new Packed('light', new Message('day.packing_list.lamp'), 2, new Message('day.packing_list.lamp_why')) : null,
            self::clothes(min([self::WARM_CELSIUS, ...array_map(static fn (ShotFigures $shot): float => $shot->celsius, $shots)]), $onSiteSeconds),
            $has(Hazard::Tide) ? new Packed('safety', new Message('day.packing_list.tide'), 1, new Message('day.packing_list.tide_why')) : null,
            $has(Hazard::Road) ? new Packed('clothes', new Message('day.packing_list.visible'), 1, new Message('day.packing_list.visible_why')) : null,
            $has(Hazard::Edge) ? new Packed('safety', new Message('day.packing_list.line'), 1, new Message('day.packing_list.line_why')) : null,
            $has(Hazard::Incline) ? new Packed('safety', new Message('day.packing_list.carriage'), 1, new Message('day.packing_list.carriage_why')) : null,
            $has(Hazard::Public) ? new Packed('safety', new Message('day.packing_list.tape'), 1, new Message('day.packing_list.tape_why')) : null,
            $onSiteSeconds > self::LONG_SECONDS
                ? new Packed('clothes', new Message('day.packing_list.food'), 1, new Message('day.packing_list.food_why', [
                    'onSiteSeconds' => Quantity::duration($onSiteSeconds),
                ]))
                : null,
        ]));
    }

    /** Layers for standing still: one more for every ten degrees below 20, and one in reserve for hours of it. */
    private static function clothes(float $celsius, float $onSiteSeconds): ?Packed
    {
        if ($celsius > self::COOL_CELSIUS) {
            return null;
        }
        $layers = 1 + (int) ceil((self::WARM_CELSIUS - $celsius) / self::DEGREES_PER_LAYER) + ($onSiteSeconds > self::LONG_SECONDS ? 1 : 0);
        $also = match (true) {
            $celsius <= 0.0 => new Message('day.packing_list.also_freezing'),
            $celsius <= Cautions::COLD_CELSIUS => new Message('day.packing_list.also_cold'),
            default => new Message('day.packing_list.also_cool'),
        };

        return new Packed('clothes', new Message('day.packing_list.layers', ['layers' => $layers, 'also' => $also]), 1, $onSiteSeconds > 0.0
            ? new Message('day.packing_list.layers_hours', ['seconds' => Quantity::duration($onSiteSeconds), 'celsius' => Quantity::rounded($celsius, 0)])
            : new Message('day.packing_list.layers_why', ['celsius' => Quantity::rounded($celsius, 0)]));
    }

    /**
     * How many of a kind some shot wants along.
     *
     * @param list<ShotFigures> $shots
     */
    private static function pickedOf(array $shots, KitKind $kind): int
    {
        $most = 0;
        foreach ($shots as $shot) {
            $ofKind = array_filter($shot->kit, static fn (Picked $picked): bool => $picked->kind === $kind);
            $most = max($most, array_sum(array_map(static fn (Picked $picked): int => $picked->count, $ofKind)));
        }

        return $most;
    }

    /**
     * @param list<ShotFigures> $shots
     */
    private static function named(array $shots, KitKind $kind): Text|string
    {
        $names = [];
        foreach ($shots as $shot) {
            foreach (array_filter($shot->kit, static fn (Picked $picked): bool => $picked->kind === $kind) as $picked) {
                $names[$picked->name] = true;
            }
        }

        return count($names) < 2
            ? (string) array_key_first($names)
            : new Message('units.or', ['first' => array_slice(array_keys($names), 0, -1), 'last' => array_key_last($names)]);
    }
}
