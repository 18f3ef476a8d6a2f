<?php

declare(strict_types=1);

namespace Evrent\Core\Format\Parts;

use Evrent\Core\Format\Fields;
use Evrent\Core\Format\SkyJson;
use Evrent\Core\Light\Cloud;
use Evrent\Core\Light\Control;
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
    public static function read(Fields $fields, Problems $problems): ?Light
    {
        $metered = $fields->has('metered') ? self::metered($fields->child('metered')) : null;
        $read = [
            $fields->number('aperture', 8, 8),
            $fields->number('iso', 100, 100),
            $fields->has('iso_changes') ? $fields->items('iso_changes', Light::MOST_CHANGES, static function (
                mixed $item,
                string $pointer,
            ) use ($problems): array {
                $change = new Fields($item, $pointer, $problems);
                $read = ['frame' => $change->whole('frame', 2), 'iso' => $change->number('iso', 100)];
                $change->refuseTheRest();

                return $read;
            }) : [],
            $fields->number('nd_stops', 0, 0),
            $fields->choice('cloud', Cloud::class, Cloud::Clear, Cloud::Clear),
            $metered,
            $fields->choice('control', Control::class, Control::Manual, Control::Manual),
            $fields->number('longest_s', 30, 30),
            $fields->number('shortest_s', 0.000125, 0.000125),
            $fields->numbers('isos', Light::MOST_ISOS, Light::USUAL_ISOS),
            $fields->flag('stepless', true),
            $fields->has('bias') ? $fields->items('bias', Light::MOST_BIAS_KEYS, static function (mixed $item, string $pointer) use ($problems): array {
                $key = new Fields($item, $pointer, $problems);
                $read = ['ev' => $key->number('ev', 0), 'stops' => $key->number('stops', 0)];
                $key->refuseTheRest();

                return $read;
            }) : [],
            $fields->numbers('filters', Light::MOST_FILTERS, []),
        ];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Light => new Light(...$read));
    }

    /**
     * @return array<string, mixed>
     */
    public static function write(Light $light): array
    {
        $metered = $light->metered;

        return [
            'aperture' => $light->aperture,
            'iso' => $light->iso,
            'iso_changes' => $light->isoChanges,
            'nd_stops' => $light->ndStops,
            'cloud' => $light->cloud->value,
            ...($metered === null ? [] : ['metered' => [
                'at' => $metered->at->utcText(),
                'exposure_s' => $metered->exposure->seconds,
                'aperture' => $metered->exposure->aperture,
                'iso' => $metered->exposure->iso,
            ]]),
            'control' => $light->control->value,
            'longest_s' => $light->longestSeconds,
            'shortest_s' => $light->shortestSeconds,
            'isos' => $light->isos,
            'stepless' => $light->stepless,
            'bias' => $light->bias,
            'filters' => $light->filters,
        ];
    }

    private static function metered(Fields $fields): ?Metered
    {
        $at = $fields->text('at', '2026-01-01T00:00:00Z');
        $read = [$fields->number('exposure_s', 1), $fields->number('aperture', 8), $fields->number('iso', 100)];
        $fields->refuseTheRest();

        return $fields->make(static function () use ($at, $read): Metered {
            $problems = new Problems();
            foreach ([static fn () => SkyJson::instant($at), static fn () => new Exposure(...$read)] as $make) {
                try {
                    $make();
                } catch (InvalidInput $invalid) {
                    $problems->addAllUnder('', $invalid);
                }
            }
            $problems->throwIfAny();

            return new Metered(SkyJson::instant($at), new Exposure(...$read));
        });
    }
}
