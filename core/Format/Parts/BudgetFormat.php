<?php

declare(strict_types=1);

namespace Evrent\Core\Format\Parts;

use Evrent\Core\Budget\Battery;
use Evrent\Core\Budget\CameraPower;
use Evrent\Core\Budget\Feeds;
use Evrent\Core\Budget\Load;
use Evrent\Core\Budget\Power;
use Evrent\Core\Budget\PowerBank;
use Evrent\Core\Budget\RigPower;
use Evrent\Core\Budget\SlotUse;
use Evrent\Core\Budget\Storage;
use Evrent\Core\Format\Fields;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\Picked;
use Evrent\Core\Values\Problems;

/**
 * What a shot takes along and has to carry, feed and store, in the open format: the parts `storage`, `power`, `load` and `kit`.
 */
final class BudgetFormat
{
    public static function storage(Fields $fields): ?Storage
    {
        $read = [
            $fields->number('raw_mb', 30, 30),
            $fields->number('jpeg_mb', 0, 0),
            $fields->numbers('cards_gb', 100, [64.0]),
            $fields->choice('slots', SlotUse::class, SlotUse::Overflow, SlotUse::Overflow),
        ];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Storage => new Storage(...$read));
    }

    /**
     * @return array<string, mixed>
     */
    public static function writeStorage(Storage $storage): array
    {
        return [
            'raw_mb' => $storage->rawMegabytes, 'jpeg_mb' => $storage->jpegMegabytes, 'cards_gb' => $storage->cardsGigabytes,
            'slots' => $storage->slots->value,
        ];
    }

    public static function power(Fields $fields, Problems $problems): ?Power
    {
        $read = [
            $fields->has('camera') ? self::cameraPower($fields->child('camera')) : null,
            $fields->has('rig') ? self::rigPower($fields->child('rig')) : null,
            $fields->has('bank') ? self::bank($fields->child('bank')) : null,
            $fields->number('temperature_c', 20, 20),
            $fields->has('cold') ? $fields->items('cold', Power::MOST_COLD_KEYS, static function (mixed $item, string $pointer) use ($problems): array {
                $key = new Fields($item, $pointer, $problems);
                $read = ['celsius' => $key->number('celsius', 0), 'share' => $key->number('share', 1)];
                $key->refuseTheRest();

                return $read;
            }) : Power::USUAL_COLD,
        ];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Power => new Power(...$read));
    }

    /**
     * @return array<string, mixed>
     */
    public static function writePower(Power $power): array
    {
        $battery = static fn (Battery $battery): array => [
            'battery_wh' => $battery->wattHours, 'batteries' => $battery->count, 'charge' => $battery->charge,
        ];

        return [
            ...($power->camera === null ? [] : ['camera' => [
                ...$battery($power->camera->battery),
                'idle_w' => $power->camera->idleWatts, 'exposing_w' => $power->camera->exposingWatts, 'photo_j' => $power->camera->photoJoules,
            ]]),
            ...($power->rig === null ? [] : ['rig' => [
                ...$battery($power->rig->battery),
                'moving_w' => $power->rig->movingWatts, 'holding_w' => $power->rig->holdingWatts, 'idle_w' => $power->rig->idleWatts,
            ]]),
            ...($power->bank === null ? [] : ['bank' => [
                'capacity_wh' => $power->bank->wattHours, 'feeds' => $power->bank->feeds->value, 'efficiency' => $power->bank->efficiency,
                'charge' => $power->bank->charge,
            ]]),
            'temperature_c' => $power->celsius,
            'cold' => $power->cold,
        ];
    }

    public static function load(Fields $fields): ?Load
    {
        $usual = new Load();
        $read = [
            $fields->number('camera_kg', 1, $usual->cameraKilograms),
            $fields->number('lens_kg', 1, $usual->lensKilograms),
            $fields->number('head_kg', 1, $usual->headKilograms),
            $fields->number('rig_kg', 0, $usual->rigKilograms),
            $fields->numberOrNull('legs_rating_kg', 1),
            $fields->numberOrNull('carriage_rating_kg', 1),
            $fields->number('incline_deg', 0, 0),
            $fields->number('friction', 0, $usual->friction),
            $fields->numberOrNull('thrust_n', 1),
        ];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Load => new Load(...$read));
    }

    /**
     * @return array<string, float>
     */
    public static function writeLoad(Load $load): array
    {
        return array_filter([
            'camera_kg' => $load->cameraKilograms, 'lens_kg' => $load->lensKilograms, 'head_kg' => $load->headKilograms, 'rig_kg' => $load->rigKilograms,
            'legs_rating_kg' => $load->legsRatingKilograms, 'carriage_rating_kg' => $load->carriageRatingKilograms,
            'incline_deg' => $load->inclineDegrees, 'friction' => $load->friction, 'thrust_n' => $load->thrustNewtons,
        ], static fn (?float $value): bool => $value !== null);
    }

    public static function picked(mixed $item, string $pointer, Problems $problems): ?Picked
    {
        $fields = new Fields($item, $pointer, $problems);
        $read = [$fields->choice('kind', KitKind::class, KitKind::Cable), $fields->text('name'), $fields->whole('count', 1, 1)];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Picked => new Picked(...$read));
    }

    /**
     * @return array<string, int|string>
     */
    public static function writePicked(Picked $picked): array
    {
        return ['kind' => $picked->kind->value, 'name' => $picked->name, 'count' => $picked->count];
    }

    private static function cameraPower(Fields $fields): ?CameraPower
    {
        $battery = self::battery($fields);
        $read = [$fields->number('idle_w', 1, 1), $fields->number('exposing_w', 2.5, 2.5), $fields->number('photo_j', 3, 3)];
        $fields->refuseTheRest();

        return $battery === null ? null : $fields->make(static fn (): CameraPower => new CameraPower($battery, ...$read));
    }

    private static function rigPower(Fields $fields): ?RigPower
    {
        $battery = self::battery($fields);
        $read = [$fields->number('moving_w', 12, 12), $fields->number('holding_w', 4, 4), $fields->number('idle_w', 1, 1)];
        $fields->refuseTheRest();

        return $battery === null ? null : $fields->make(static fn (): RigPower => new RigPower($battery, ...$read));
    }

    private static function battery(Fields $fields): ?Battery
    {
        $read = [$fields->number('battery_wh', 1), $fields->whole('batteries', 1, 1), $fields->number('charge', 1, 1)];

        return $fields->make(static fn (): Battery => new Battery(...$read));
    }

    private static function bank(Fields $fields): ?PowerBank
    {
        $read = [
            $fields->number('capacity_wh', 1),
            $fields->choice('feeds', Feeds::class, Feeds::Camera, Feeds::Camera),
            $fields->number('efficiency', 0.85, 0.85),
            $fields->number('charge', 1, 1),
        ];
        $fields->refuseTheRest();

        return $fields->make(static fn (): PowerBank => new PowerBank(...$read));
    }
}
