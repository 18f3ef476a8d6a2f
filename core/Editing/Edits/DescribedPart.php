<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Budget\Battery;
use Evrent\Core\Budget\CameraPower;
use Evrent\Core\Budget\Load;
use Evrent\Core\Budget\Power;
use Evrent\Core\Budget\PowerBank;
use Evrent\Core\Budget\RigPower;
use Evrent\Core\Budget\Storage;
use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Format\PlanProvenance;
use Evrent\Core\Light\Light;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;
use Evrent\Core\Shot\LightToBegin;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;

/**
 * A part of a plan that may be described or left out.
 */
final class DescribedPart
{
    /**
     * @throws InvalidInput
     */
    public static function made(Plan $plan, GivenWithEdit $given, bool $in): TypedEdit
    {
        $power = $plan->power ?? new Power();
        $changes = match ($given->text('part')) {
            'light' => ['light' => $in ? self::light($plan, $given) : null],
            'storage' => ['storage' => $in ? new Storage() : null],
            'load' => ['load' => $in ? new Load() : null],
            'power-camera' => ['power' => self::orNone(new Power(
                $in ? new CameraPower(new Battery(16.0)) : null,
                $power->rig,
                $power->bank,
                $power->celsius,
                $power->cold,
            ))],
            'power-rig' => ['power' => self::orNone(new Power(
                $power->camera,
                $in ? new RigPower(new Battery(50.0)) : null,
                $power->bank,
                $power->celsius,
                $power->cold,
            ))],
            'power-bank' => [
                'power' => self::orNone(new Power($power->camera, $power->rig, $in ? new PowerBank(70.0) : null, $power->celsius, $power->cold)),
            ],
            default => throw new InvalidInput([new Problem('/edit', new Message('editing.described_part.none'))]),
        };

        $told = new Message($in ? 'editing.described_part.added' : 'editing.described_part.removed', [
            'part' => new Message('editing.described_part.part.' . str_replace('-', '_', $given->text('part'))),
        ]);
        $described = PlanProvenance::after($plan, $plan->with($changes), null);
        $known = array_filter(['widest_aperture', 'highest_iso', 'filters'], $given->has(...));
        $pointers = array_values(array_map(static fn (string $name): string => "/light/{$name}", $known));

        return new TypedEdit($pointers === [] ? $described : PlanProvenance::confirmed($described, $pointers, Source::Kit), $told, isSourced: true);
    }

    /** What lens, body and bag are known to have goes along with it. */
    private static function light(Plan $plan, GivenWithEdit $given): Light
    {
        $number = static fn (string $name): ?float => TypedText::number($given->text($name));
        $filters = array_filter(array_map(TypedText::number(...), explode(' ', $given->text('filters'))), is_float(...));

        return (new LightToBegin($number('widest_aperture'), $number('highest_iso'), array_values($filters)))->for($plan);
    }

    /** Nothing that is fed is nothing to say. */
    private static function orNone(Power $power): ?Power
    {
        return $power->camera === null && $power->rig === null && $power->bank === null ? null : $power;
    }
}
