<?php

declare(strict_types=1);

namespace Evrent\Core\Format\Parts;

use Evrent\Core\Budget\Battery;
use Evrent\Core\Budget\CameraPower;
use Evrent\Core\Budget\Power;
use Evrent\Core\Budget\PowerBank;
use Evrent\Core\Budget\RigPower;
use Evrent\Core\Format\Fields;
use Evrent\Core\Format\PlanPart;

/**
 * What feeds a shot, in the open format: the part `power`.
 */
final class PowerFormat
{
    private const BATTERY = ['wattHours' => 0, 'count' => 0, 'charge' => 0];

    public static function read(Fields $fields): ?Power
    {
        return PlanPart::read($fields, '/power', Power::class, [
            'camera' => $fields->has('camera') ? self::fed($fields->child('camera'), '/power/camera', CameraPower::class) : null,
            'rig' => $fields->has('rig') ? self::fed($fields->child('rig'), '/power/rig', RigPower::class) : null,
            'bank' => $fields->has('bank') ? PlanPart::read($fields->child('bank'), '/power/bank', PowerBank::class) : null,
            'cold' => PlanPart::listed($fields, 'cold', '/power/cold/*', Power::MOST_COLD_KEYS, Power::USUAL_COLD),
        ]);
    }

    /**
     * @return array<string, mixed>
     */
    public static function write(Power $power): array
    {
        return PlanPart::written('/power', [
            'camera' => $power->camera === null ? null : PlanPart::written('/power/camera', [], $power->camera, $power->camera->battery),
            'rig' => $power->rig === null ? null : PlanPart::written('/power/rig', [], $power->rig, $power->rig->battery),
            'bank' => $power->bank === null ? null : PlanPart::written('/power/bank', [], $power->bank),
        ], $power);
    }

    /**
     * What has batteries of its own: the fields of the battery stand beside its own.
     *
     * @template T of CameraPower|RigPower
     *
     * @param class-string<T> $class
     *
     * @return ?T
     */
    private static function fed(Fields $fields, string $part, string $class): CameraPower|RigPower|null
    {
        $values = PlanPart::values($fields, $part);
        $fields->refuseTheRest();
        $battery = $fields->make(static fn (): Battery => PlanPart::made(Battery::class, array_intersect_key($values, self::BATTERY)));

        return $battery === null
            ? null
            : $fields->make(static fn (): object => PlanPart::made($class, ['battery' => $battery] + array_diff_key($values, self::BATTERY)));
    }
}
