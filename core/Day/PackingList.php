<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\Picked;
use Evrent\Core\Light\NeutralDensity;
use Evrent\Core\Words\PlainText;

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
                $one['piece']->kind->label(),
                $one['piece']->name,
                $one['count'],
                'for ' . implode(', ', array_unique($one['for'])),
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
            $named === '' ? sprintf('cards of %s GB', PlainText::rounded($size, 1)) : $named,
            max($copies, self::pickedOf($shots, KitKind::Card), (int) ceil($gigabytes / $size - 1e-9)),
            sprintf('%s come to %s GB%s', PlainText::listed([
                ...($photos > 0 ? [PlainText::photos($photos)] : []),
                ...($seconds > 0.0 ? [PlainText::duration($seconds) . ' of video'] : []),
            ]), PlainText::rounded($gigabytes, 1), $copies > 1 ? ', each on two cards' : ''),
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
            $kind->label(),
            $named === '' ? 'fully charged' : $named,
            max($together, self::pickedOf($shots, $kind), (int) ceil($joules / $one - 1e-9)),
            sprintf(
                'the shots take %s Wh, and one gives %s Wh at %s °C',
                PlainText::rounded($joules / self::JOULES_PER_WATT_HOUR, 1),
                PlainText::rounded($one / self::JOULES_PER_WATT_HOUR, 1),
                PlainText::rounded($celsius, 0),
            ),
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
            $packed[] = new Packed('ND filter', sprintf('%s stops of ND', PlainText::rounded($stops, 1)), 1, sprintf(
                'density %s for %s',
                PlainText::rounded(NeutralDensity::density($stops), 1),
                $shot->title,
            ));
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
            $shots === [] ? null : new Packed('care', 'blower and lens cloth', 1, 'dust and spray on either end of the lens stay in every photo'),
            $shots === [] ? null : new Packed('care', 'spirit level and compass', 1, 'a level base, and the bearing of pan 0 typed in'),
            $weight > 0.0 ? new Packed('rig', 'weight to hang, and pegs', 1, sprintf('%s kg on the legs, in wind', PlainText::rounded($weight, 1))) : null,
            $has(Hazard::Night) ? new Packed('light', 'red lamp and a spare', 2, 'it is dark during a shot or on the way back') : null,
            self::clothes(min([self::WARM_CELSIUS, ...array_map(static fn (ShotFigures $shot): float => $shot->celsius, $shots)]), $onSiteSeconds),
            $has(Hazard::Tide) ? new Packed('safety', 'tide table and a second way off', 1, 'water comes back whatever the plan says') : null,
            $has(Hazard::Road) ? new Packed('clothes', 'something that is seen', 1, 'a road or rails near by') : null,
            $has(Hazard::Edge) ? new Packed('safety', 'line to tie rig and bag', 1, 'an edge near by') : null,
            $has(Hazard::Incline) ? new Packed('safety', 'line on the carriage', 1, 'the slide stands at an incline') : null,
            $has(Hazard::Public) ? new Packed('safety', 'tape and a lamp for cables and legs', 1, 'people pass') : null,
            $onSiteSeconds > self::LONG_SECONDS
                ? new Packed('clothes', 'water, food, something to sit on', 1, sprintf('%s on site', PlainText::duration($onSiteSeconds)))
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
            $celsius <= 0.0 => ', warm boots, two pairs of gloves and hand warmers, something hot; spare batteries in an inner pocket',
            $celsius <= Cautions::COLD_CELSIUS => ', gloves that work buttons, something hot; spare batteries in an inner pocket',
            default => ', gloves that work buttons',
        };

        return new Packed('clothes', "{$layers} warm layers{$also}", 1, sprintf(
            '%sat %s °C, standing still',
            $onSiteSeconds > 0.0 ? PlainText::duration($onSiteSeconds) . ' ' : '',
            PlainText::rounded($celsius, 0),
        ));
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
    private static function named(array $shots, KitKind $kind): string
    {
        $names = [];
        foreach ($shots as $shot) {
            foreach (array_filter($shot->kit, static fn (Picked $picked): bool => $picked->kind === $kind) as $picked) {
                $names[$picked->name] = true;
            }
        }

        return implode(' or ', array_keys($names));
    }
}
