<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Budget\Battery;
use Evrent\Core\Budget\CameraPower;
use Evrent\Core\Budget\Feeds;
use Evrent\Core\Budget\Load;
use Evrent\Core\Budget\Power;
use Evrent\Core\Budget\PowerBank;
use Evrent\Core\Budget\RigPower;
use Evrent\Core\Budget\Storage;
use Evrent\Core\Format\PlanProvenance;
use Evrent\Core\Kit\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\Picked;
use Evrent\Core\Light\Light;
use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;
use Evrent\Core\Timing\TriggeredBy;
use Evrent\Core\Values\Copy;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Puts a piece of kit into a shot: its numbers go into the plan's own parts, where they stay as they are whatever becomes of the
 * kit later.
 */
final class Picking
{
    /** Where a piece's numbers go: pointers by kind, and by the name of its field. */
    private const INTO = [
        'body' => [
            'write_s' => ['/camera/write_s'], 'buffer_frames' => ['/camera/buffer_frames'], 'shutter_lag_s' => ['/camera/shutter_lag_s'],
            'set_s' => ['/camera/set_s'], 'sensor_width_mm' => ['/optics/sensor_width_mm'], 'sensor_height_mm' => ['/optics/sensor_height_mm'],
            'image_width_px' => ['/optics/image_width_px'], 'image_height_px' => ['/optics/image_height_px'],
            'raw_mb' => ['/storage/raw_mb', '/storage/jpeg_mb'],
            'jpeg_mb' => ['/storage/raw_mb', '/storage/jpeg_mb'], 'battery_wh' => ['/power/camera/battery_wh'], 'idle_w' => ['/power/camera/idle_w'],
            'exposing_w' => ['/power/camera/exposing_w'], 'photo_j' => ['/power/camera/photo_j'], 'mass_kg' => ['/load/camera_kg'],
            'lowest_iso' => ['/light/isos'], 'highest_iso' => ['/light/isos', '/light/highest_iso'],
            'interval_step_s' => ['/trigger/interval_step_s'], 'counts_to' => ['/trigger/count_limit'],
        ],
        'lens' => ['focal_mm' => ['/optics/focal_mm'], 'mass_kg' => ['/load/lens_kg'], 'widest_aperture' => ['/light/widest_aperture']],
        'rig' => [
            'settle_s' => ['/rig/settle_s'], 'head_kg' => ['/load/head_kg'], 'rig_kg' => ['/load/rig_kg'], 'carriage_rating_kg' => ['/load/carriage_rating_kg'],
            'thrust_n' => ['/load/thrust_n'], 'battery_wh' => ['/power/rig/battery_wh'], 'moving_w' => ['/power/rig/moving_w'],
            'holding_w' => ['/power/rig/holding_w'], 'idle_w' => ['/power/rig/idle_w'],
            'mains' => ['/power/rig/mains'], 'counterweight_kg' => ['/load/counterweight_kg'],
        ],
        'legs' => ['rating_kg' => ['/load/legs_rating_kg']],
        'filter' => ['nd_stops' => ['/light/filters']],
        'card' => ['capacity_gb' => ['/storage/cards_gb']],
        'camera_battery' => ['battery_wh' => ['/power/camera/battery_wh']],
        'rig_battery' => ['battery_wh' => ['/power/rig/battery_wh']],
        'power_bank' => ['capacity_wh' => ['/power/bank/capacity_wh'], 'efficiency' => ['/power/bank/efficiency']],
        'cable' => [],
        'timer' => ['interval_step_s' => ['/trigger/interval_step_s'], 'counts_to' => ['/trigger/count_limit']],
    ];

    /** What a rig on mains has besides is of no matter. */
    private const USUAL_RIG_BATTERY = 50.0;

    /**
     * @throws InvalidInput
     */
    public static function pick(Plan $plan, KitItem $item, int $count = 1): Plan
    {
        $changed = match ($item->kind) {
            KitKind::Body => self::body($plan, $item),
            KitKind::Lens => self::lens($plan, $item),
            KitKind::Rig => self::rig($plan, $item),
            KitKind::Legs => $plan->with(['load' => self::load($plan)->with(['legsRatingKilograms' => $item->value('rating_kg')])]),
            KitKind::Filter => self::filter($plan, $item, $count),
            KitKind::Card => self::card($plan, $item, $count),
            KitKind::CameraBattery => self::battery($plan, $item),
            KitKind::RigBattery => self::battery($plan, $item),
            KitKind::PowerBank => self::bank($plan, $item),
            KitKind::Cable => $plan,
            KitKind::Timer => self::timer($plan, $item, TriggeredBy::Rig),
        };
        $others = array_filter(
            $plan->kit,
            static fn (Picked $picked): bool => $picked->kind !== $item->kind || !$item->kind->isSingle() && $picked->name !== $item->name,
        );

        return self::sourced($plan, $changed->with(['kit' => [...array_values($others), new Picked($item->kind, $item->name, $count)]]), $item);
    }

    /** What the piece knows comes from the kit; what came along with a part is assumed. */
    private static function sourced(Plan $before, Plan $after, KitItem $item): Plan
    {
        $into = array_intersect_key(self::INTO[$item->kind->value], $item->values);
        $known = array_merge(
            $item->kind === KitKind::Rig ? ['/rig/axes'] : [],
            $item->intervals === [] ? [] : ['/trigger/intervals_s', '/trigger/by'],
            ...array_values($into),
        );

        return PlanProvenance::confirmed(PlanProvenance::after($before, $after, null), $known, Source::Kit);
    }

    /**
     * Takes a piece out of what is carried. What it brought into the plan stays, for the shooter to change: a shot has a sensor
     * and an axis whatever they are called.
     *
     * @param int $place in the plan's kit, from 0
     *
     * @throws InvalidInput
     */
    public static function out(Plan $plan, int $place): Plan
    {
        if (!isset($plan->kit[$place])) {
            throw new InvalidInput([new Problem('/edit/place', new Message('editing.picking.none'))]);
        }
        $kit = $plan->kit;
        unset($kit[$place]);

        return $plan->with(['kit' => array_values($kit)]);
    }

    private static function body(Plan $plan, KitItem $body): Plan
    {
        $optics = $plan->optics ?? Optics::usual();
        $camera = $plan->camera->with(array_filter([
            'writeSeconds' => $body->value('write_s'),
            'bufferFrames' => $body->value('buffer_frames') === null ? null : (int) $body->value('buffer_frames'),
            'shutterLagSeconds' => $body->value('shutter_lag_s'),
            'setSeconds' => $body->value('set_s'),
        ], static fn (float|int|null $value): bool => $value !== null));
        $changed = $plan->with(['camera' => $camera, 'optics' => Copy::of($optics, get_object_vars($optics), [
            'sensorWidthMillimetres' => $body->value('sensor_width_mm') ?? $optics->sensorWidthMillimetres,
            'sensorHeightMillimetres' => $body->value('sensor_height_mm') ?? $optics->sensorHeightMillimetres,
            'imageWidthPixels' => (int) ($body->value('image_width_px') ?? $optics->imageWidthPixels),
            'imageHeightPixels' => (int) ($body->value('image_height_px') ?? $optics->imageHeightPixels),
        ])]);
        if ($body->value('raw_mb') !== null || $body->value('jpeg_mb') !== null) {
            $storage = $plan->storage ?? new Storage();
            $files = ['raw_mb' => $body->value('raw_mb') ?? 0.0, 'jpeg_mb' => $body->value('jpeg_mb') ?? 0.0];
            // What was taken out by hand stays out: who wants JPEG alone wants it of the next body too.
            foreach (['raw_mb' => $storage->rawMegabytes, 'jpeg_mb' => $storage->jpegMegabytes] as $file => $megabytes) {
                $isOut = $plan->storage !== null && $megabytes === 0.0 && $plan->provenance->of("/storage/{$file}") === Source::Typed;
                $files[$file] = $isOut ? 0.0 : $files[$file];
            }
            $isNone = array_sum($files) <= 0.0;
            $changed = $changed->with(['storage' => new Storage(
                $isNone ? $storage->rawMegabytes : $files['raw_mb'],
                $isNone ? $storage->jpegMegabytes : $files['jpeg_mb'],
                $storage->cardsGigabytes,
                $storage->slots,
            )]);
        }
        if ($body->value('battery_wh') !== null) {
            $usual = new CameraPower(new Battery($body->value('battery_wh')));
            $changed = self::withCameraPower($changed, new CameraPower(
                $usual->battery,
                $body->value('idle_w') ?? $usual->idleWatts,
                $body->value('exposing_w') ?? $usual->exposingWatts,
                $body->value('photo_j') ?? $usual->photoJoules,
            ));
        }
        if ($body->value('mass_kg') !== null) {
            $changed = $changed->with(['load' => self::load($changed)->with(['cameraKilograms' => $body->value('mass_kg')])]);
        }

        if (self::goesByItself($plan, $body)) {
            $changed = self::timer($changed, $body, TriggeredBy::CameraTimer);
        } elseif (self::hasTimerOfABody($plan)) {
            // The timer of the body before it goes with that.
            $changed = $changed->withTrigger($plan->trigger->with([
                'by' => TriggeredBy::Rig, 'countLimit' => null, 'intervalStepSeconds' => null, 'intervals' => [],
            ]));
        }

        return $changed->light === null ? $changed : $changed->with(['light' => self::isosWithin($changed->light, $body)]);
    }

    /** A phone or a pocket camera fires by its own timer where the kit says so, and where there is nothing else to fire it. */
    private static function goesByItself(Plan $plan, KitItem $body): bool
    {
        $isOwn = $body->address === 'own' || str_starts_with($body->address, 'own:');
        $hasOther = $plan->rig->axes !== [] || in_array(KitKind::Timer, array_column($plan->kit, 'kind'), true);

        return $isOwn || !$hasOther && ($body->intervals !== [] || $body->value('interval_step_s') !== null);
    }

    /** Whether its intervals came with a body: from the kit, and with no timer picked that they could be of. */
    private static function hasTimerOfABody(Plan $plan): bool
    {
        $sources = array_map($plan->provenance->of(...), ['/trigger/intervals_s', '/trigger/interval_step_s']);

        return $plan->trigger->isCamera() && in_array(Source::Kit, $sources, true) && !in_array(KitKind::Timer, array_column($plan->kit, 'kind'), true);
    }

    /** What fires the shutter, with the intervals that it has and how far it counts. */
    private static function timer(Plan $plan, KitItem $item, TriggeredBy $by): Plan
    {
        return $plan->withTrigger($plan->trigger->with([
            'by' => $by,
            'countLimit' => $item->value('counts_to') === null ? null : (int) $item->value('counts_to'),
            'intervalStepSeconds' => $item->value('interval_step_s'),
            'intervals' => $item->intervals,
        ]));
    }

    private static function isosWithin(Light $light, KitItem $body): Light
    {
        $isos = array_values(array_filter(
            Light::USUAL_ISOS,
            static fn (float $iso): bool => $iso >= ($body->value('lowest_iso') ?? 0.0) && $iso <= ($body->value('highest_iso') ?? INF),
        ));

        return $light->with(($isos === [] ? [] : ['isos' => $isos]) + ['highestIso' => $body->value('highest_iso')]);
    }

    private static function lens(Plan $plan, KitItem $lens): Plan
    {
        $optics = $plan->optics ?? Optics::usual();
        $changed = $plan->with(['optics' => $optics->withFocal($lens->value('focal_mm') ?? $optics->focalMillimetres)]);
        if ($lens->value('mass_kg') !== null) {
            $changed = $changed->with(['load' => self::load($changed)->with(['lensKilograms' => $lens->value('mass_kg')])]);
        }
        $widest = $lens->value('widest_aperture');

        return $changed->light === null || $widest === null
            ? $changed
            : $changed->with(
                ['light' => $changed->light->with(['widestAperture' => $widest, 'aperture' => max($widest, $changed->light->aperture)])],
            );
    }

    /** Axes that the shot has already keep their places; new ones stand at 0, or as near as they come. */
    private static function rig(Plan $plan, KitItem $item): Plan
    {
        $axes = $item->axes();
        $keyframes = array_map(static function (Keyframe $keyframe) use ($axes): Keyframe {
            $positions = [];
            foreach ($axes as $axis) {
                $positions[$axis->id] = $keyframe->positions[$axis->id] ?? max($axis->min, min($axis->max, 0.0));
            }

            return $keyframe->withPositions($positions);
        }, $plan->move->keyframes);
        $changed = $plan->with([
            'rig' => new Rig(
                $axes,
                $plan->rig->postExposureDelaySeconds,
                $item->value('settle_s') ?? $plan->rig->settleSeconds,
                $plan->rig->rampEntry,
                $plan->rig->base,
                $plan->rig->isQuiet,
            ),
            'move' => $plan->move->withKeyframes($keyframes),
        ]);
        $carried = array_filter([
            'headKilograms' => $item->value('head_kg'), 'rigKilograms' => $item->value('rig_kg'),
            'carriageRatingKilograms' => $item->value('carriage_rating_kg'), 'thrustNewtons' => $item->value('thrust_n'),
            'counterweightKilograms' => $item->value('counterweight_kg'),
        ], static fn (?float $value): bool => $value !== null);
        if ($carried !== []) {
            $changed = $changed->with(['load' => self::load($changed)->with($carried)]);
        }
        $isOnMains = $item->value('mains') === 1.0;
        if ($item->value('battery_wh') === null && !$isOnMains) {
            return $changed;
        }
        $usual = new RigPower(new Battery($item->value('battery_wh') ?? self::USUAL_RIG_BATTERY));

        return self::withRigPower($changed, new RigPower(
            $usual->battery,
            $item->value('moving_w') ?? $usual->movingWatts,
            $item->value('holding_w') ?? $usual->holdingWatts,
            $item->value('idle_w') ?? $usual->idleWatts,
            $isOnMains,
        ));
    }

    private static function filter(Plan $plan, KitItem $filter, int $count): Plan
    {
        if ($plan->light === null) {
            return $plan;
        }
        $stops = $filter->value('nd_stops') ?? 0.0;
        $others = array_values(array_filter($plan->light->filters, static fn (float $one): bool => $one !== $stops));
        $filters = [...$others, ...array_fill(0, min($count, 2), $stops)];
        sort($filters);

        return $plan->with(['light' => $plan->light->with(['filters' => array_slice($filters, 0, Light::MOST_FILTERS)])]);
    }

    /** One card or two go into the camera; more are spares. */
    private static function card(Plan $plan, KitItem $card, int $count): Plan
    {
        $storage = $plan->storage ?? new Storage();
        $cards = array_fill(0, min($count, Storage::MOST_CARDS), $card->value('capacity_gb') ?? 1.0);

        return $plan->with(['storage' => new Storage($storage->rawMegabytes, $storage->jpegMegabytes, $cards, $storage->slots)]);
    }

    private static function battery(Plan $plan, KitItem $item): Plan
    {
        $battery = new Battery($item->value('battery_wh') ?? 1.0);
        if ($item->kind === KitKind::CameraBattery) {
            return self::withCameraPower($plan, ($plan->power->camera ?? new CameraPower($battery))->withBattery($battery));
        }

        return self::withRigPower($plan, ($plan->power->rig ?? new RigPower($battery))->withBattery($battery));
    }

    private static function bank(Plan $plan, KitItem $item): Plan
    {
        $power = $plan->power ?? new Power();
        $bank = new PowerBank($item->value('capacity_wh') ?? 1.0, $power->bank->feeds ?? Feeds::Camera, $item->value('efficiency') ?? 0.85);

        return $plan->with(['power' => new Power($power->camera, $power->rig, $bank, $power->celsius, $power->cold)]);
    }

    private static function withCameraPower(Plan $plan, CameraPower $camera): Plan
    {
        $power = $plan->power ?? new Power();

        return $plan->with(['power' => new Power($camera, $power->rig, $power->bank, $power->celsius, $power->cold)]);
    }

    private static function withRigPower(Plan $plan, RigPower $rig): Plan
    {
        $power = $plan->power ?? new Power();

        return $plan->with(['power' => new Power($power->camera, $rig, $power->bank, $power->celsius, $power->cold)]);
    }

    private static function load(Plan $plan): Load
    {
        return $plan->load ?? new Load();
    }
}
