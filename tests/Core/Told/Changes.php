<?php

declare(strict_types=1);

namespace Tests\Core\Told;

use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\Jog;
use Evrent\Core\Editing\Picking;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Kit\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Values\InvalidInput;

/**
 * What is told of changes: every edit there is, figures that are typed and held, and pieces of kit that are picked.
 */
final class Changes
{
    /** What goes along with the edits, once with sense and once with little. */
    private const GIVEN = [
        'keyframe-drag' => [['place' => '1', 'photo' => '150', 'positions' => ['slide' => '700']], ['place' => '0', 'positions' => ['pan' => '400']]],
        'keyframe-add' => [['photo' => '60'], ['photo' => '1'], ['photo' => '9999']],
        'keyframe-after' => [['place' => '0'], ['place' => '1'], ['place' => '7']],
        'keyframe-out' => [['place' => '0'], ['place' => '1'], ['place' => '-1']],
        'keyframe-pass' => [['place' => '0'], ['place' => '1']],
        'keyframe-hold' => [['place' => '0', 'photos' => '12'], ['place' => '1', 'photos' => '0'], ['place' => '1', 'photos' => '-3']],
        'keyframe-here' => [['place' => '1', 'positions' => ['slide' => '400', 'pan' => '5', 'tilt' => '-2']], ['place' => '9', 'positions' => ['slide' => '1']]],
        'run-ease' => [['place' => '0'], ['place' => '1']],
        'swap' => [[]],
        'flip' => [['axis' => 'pan'], ['axis' => 'roll']],
        'scale' => [['factor' => '0.5'], ['factor' => '1.1'], ['factor' => 'half']],
        'nudge' => [['axis' => 'slide', 'by' => '-12.5'], ['axis' => 'tilt', 'by' => '90'], ['axis' => 'tilt', 'by' => 'up']],
        'fit' => [[]],
        'pan-frames' => [['widths' => '1.5'], ['widths' => '-0.25'], ['widths' => '99'], ['widths' => '50'], ['widths' => '50.5'], ['widths' => '-50']],
        'aim' => [['bearing_a' => '245', 'height_a' => '4', 'bearing_b' => '262'], ['bearing_b' => '10'], ['bearing_a' => 'west'], ['bearing_a' => '360', 'height_a' => '90'], ['bearing_a' => '360.5', 'height_a' => '90.5'], ['bearing_a' => '-179']],
        'compass' => [['compass' => '238', 'variation' => '1.5'], ['compass' => '359'], ['compass' => 'north'], ['compass' => '360.5'], ['compass' => '360', 'variation' => '180'], ['compass' => '1', 'variation' => '180.5'], ['compass' => '-1']],
        'optics-in' => [[]],
        'optics-out' => [[]],
        'interval-keys' => [['do' => 'vary'], ['do' => 'steady'], ['do' => 'add', 'place' => '0'], ['do' => 'out', 'place' => '1']],
        'exposure-keys' => [['do' => 'vary'], ['do' => 'steady'], ['do' => 'add', 'place' => '1'], ['do' => 'out', 'place' => '1']],
        'aim-body' => [
            ['place' => '0', 'target' => 'sun'], ['place' => '1', 'target' => 'moon', 'at' => '21:30'], ['place' => '1', 'target' => 'galactic_centre', 'at' => 'sunset'],
        ],
        'track-body' => [['target' => 'sun'], ['target' => 'moon'], ['target' => 'comet']],
        'blur-share' => [['share' => '50'], ['share' => '5'], ['share' => '100']],
        'smear' => [['pixels' => '4'], ['pixels' => '0']],
        'light-by' => [['school' => 'fixed'], ['school' => 'aperture_priority'], ['school' => 'third_stops'], ['school' => 'stepless'], ['school' => 'guess']],
        'metered' => [['metered_at' => '18:20', 'metered_s' => '1/30', 'metered_aperture' => '5.6', 'metered_iso' => '200'], ['metered_at' => 'sunset', 'metered_s' => '']],
        'metered-out' => [[]],
        'night-bias' => [['night_stops' => '1.5'], ['night_stops' => '0'], ['night_stops' => '99']],
        'part-in' => [['part' => 'light'], ['part' => 'storage'], ['part' => 'load'], ['part' => 'power-camera'], ['part' => 'power-rig'], ['part' => 'power-bank'], ['part' => 'soup']],
        'part-out' => [['part' => 'light'], ['part' => 'storage'], ['part' => 'load'], ['part' => 'power-camera'], ['part' => 'power-rig'], ['part' => 'power-bank']],
        'kit-out' => [['place' => '0'], ['place' => '5']],
    ];

    /** Fields and held figures, one after another on what came before. */
    private const TYPED = [
        [['timing' => ['interval_s' => '7.5']], []],
        [[], ['photos' => '300']],
        [[], ['clip' => '12.5 s']],
        [[], ['shooting' => '45 min']],
        [[], ['pin' => 'interval']],
        [['timing' => ['photos' => '180', 'exposure_s' => '1/3']], []],
        [[], ['clip' => '20', 'shooting' => '1 h 10 min']],
        [['timing' => ['frames_per_second' => '30']], ['pin' => 'photos']],
        [['timing' => ['interval_s' => '0.4']], []],
        [[], ['photos' => '12', 'clip' => '3', 'shooting' => '9 s']],
        [['rig' => ['settle_s' => '1.25'], 'move' => ['keyframes' => ['1' => ['slide' => '500', 'at' => '100']]]], []],
        [['timing' => ['photos' => 'many']], ['shooting' => 'soon']],
    ];

    /**
     * @return array<string, mixed> by edit
     */
    public static function edits(Plan $plan): array
    {
        $told = [];
        foreach (TypedEdit::EDITS as $edit) {
            foreach (self::GIVEN[$edit::name()] ?? [[]] as $with) {
                $told[$edit::name() . ' ' . json_encode($with)] = self::made($plan, static fn (): Edited => (new PinnedPlan($plan))->named($edit::name(), $with));
            }
        }

        return $told;
    }

    /**
     * @return array<string, mixed>
     */
    public static function figures(Plan $plan): array
    {
        $told = [];
        $pinned = new PinnedPlan($plan);
        foreach (self::TYPED as [$fields, $held]) {
            $made = self::made($pinned->plan, static function () use (&$pinned, $fields, $held): Edited {
                $edited = $pinned->typed($fields, $held);
                $pinned = new PinnedPlan($edited->plan, $edited->pins);

                return $edited;
            });
            $told[json_encode([$fields, $held], JSON_THROW_ON_ERROR)] = [$made, $pinned->rounding(), $pinned->pins];
        }
        foreach (['shooting', 'interval', 'photos'] as $pin) {
            foreach (['photos' => ['50', '333', '2', '2.5', '0'], 'clip' => ['7.7', '0.1', '100 s', '-1'], 'shooting' => ['13 min', '5 s', '26 h']] as $held => $texts) {
                foreach ($texts as $text) {
                    $told["{$pin} pinned, {$held} {$text}"] = self::made($plan, static fn (): Edited => (new PinnedPlan((new PinnedPlan($plan))->typed([], ['pin' => $pin])->plan))
                        ->typed([], [$held => $text] + ($pin === 'interval' && $held !== 'shooting' ? ['shooting' => '50 min'] : [])));
                }
            }
        }
        $jogged = array_map(static fn (string $size): array => Jog::moved($plan, Jog::within($plan, []), $plan->rig->axes[0]->id, -3, $size), ['fine', 'coarse']);

        return $told + ['jog' => $jogged];
    }

    /**
     * @return array<string, mixed> by kind of kit
     */
    public static function picked(Plan $plan): array
    {
        $told = [];
        foreach (KitKind::cases() as $kind) {
            foreach ([0.15, 0.6] as $share) {
                $values = [];
                foreach ($kind->fields() as $name => $field) {
                    $most = min($field->most, 400.0);
                    $least = max($field->least, str_ends_with($name, '_min') ? -300.0 : 0.0);
                    $values[$name] = $field->whole ? round($least + $share * ($most - $least)) : round($least + $share * ($most - $least), 3);
                }
                $item = new KitItem($kind, "{$kind->label()} {$share}", self::upright($values), 2, 'made up');
                $told["{$kind->value} {$share}"] = [
                    $item->inShort(),
                    self::made($plan, static fn (): Edited => (new PinnedPlan($plan))->became(Picking::pick($plan, $item, 2), $item->name)),
                ];
            }
        }

        return $told;
    }

    /**
     * @return array<string, mixed>
     */
    public static function kit(): array
    {
        $told = [];
        foreach (KitKind::cases() as $kind) {
            $told[$kind->value] = [$kind->label(), $kind->plural(), $kind->isSingle(), array_map('array_values', array_map('get_object_vars', $kind->fields()))];
        }

        return $told;
    }

    /**
     * @param array<string, float> $values
     *
     * @return array<string, float> with every highest above its lowest
     */
    private static function upright(array $values): array
    {
        foreach ($values as $name => $value) {
            $lowest = $values[str_replace(['_max', 'highest'], ['_min', 'lowest'], $name)] ?? $value;
            $values[$name] = $name !== str_replace(['_max', 'highest'], '', $name) && $lowest >= $value ? $lowest + 1.0 : $value;
        }

        return $values;
    }

    /**
     * @param callable(): Edited $make
     */
    private static function made(Plan $before, callable $make): mixed
    {
        try {
            $edited = $make();
        } catch (InvalidInput $refused) {
            return array_column($refused->problems, 'message', 'pointer');
        }

        return Told::plain([$edited->told, PlanChanges::values($before, $edited->plan), $edited->givesWay, $edited->pins]);
    }
}
