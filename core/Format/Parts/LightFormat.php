<?php

declare(strict_types=1);

namespace Evrent\Core\Format\Parts;

use Evrent\Core\Format\Fields;
use Evrent\Core\Format\PlanPart;
use Evrent\Core\Format\SkyJson;
use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Light;
use Evrent\Core\Light\Metered;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problems;

/**
 * The light of a shot in the open format: the part `light`.
 */
final class LightFormat
{
    public static function read(Fields $fields): ?Light
    {
        $metered = $fields->has('metered') ? self::metered($fields->child('metered')) : null;

        return PlanPart::read($fields, '/light', Light::class, [
            'metered' => $metered,
            'isoChanges' => PlanPart::listed($fields, 'iso_changes', '/light/iso_changes/*', Light::MOST_CHANGES, []),
            'bias' => PlanPart::listed($fields, 'bias', '/light/bias/*', Light::MOST_BIAS_KEYS, Light::NIGHT_CURVE),
        ]);
    }

    /**
     * @return array<string, mixed>
     */
    public static function write(Light $light): array
    {
        $metered = $light->metered;

        return PlanPart::written('/light', [
            'iso_changes' => $light->isoChanges,
            'metered' => $metered === null
                ? null
                : PlanPart::written('/light/metered', ['at' => $metered->at->utcText()], $metered->exposure),
        ], $light);
    }

    private static function metered(Fields $fields): ?Metered
    {
        $at = $fields->text('at', '2026-01-01T00:00:00Z');
        $read = PlanPart::values($fields, '/light/metered');
        $fields->refuseTheRest();

        return $fields->make(static function () use ($at, $read): Metered {
            $problems = new Problems();
            foreach ([static fn () => SkyJson::instant($at), static fn () => PlanPart::made(Exposure::class, $read)] as $make) {
                try {
                    $make();
                } catch (InvalidInput $invalid) {
                    $problems->addAllUnder('', $invalid);
                }
            }
            $problems->throwIfAny();

            return new Metered(SkyJson::instant($at), PlanPart::made(Exposure::class, $read));
        });
    }
}
