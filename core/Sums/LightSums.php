<?php

declare(strict_types=1);

namespace Evrent\Core\Sums;

use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\NeutralDensity;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\ShotLight;

/**
 * How bright the worst photo comes out, and the filter that it takes.
 */
final class LightSums
{
    /**
     * @return list<Sum>
     */
    public static function of(Shot $shot): array
    {
        $light = $shot->light();
        if ($light === null) {
            return [];
        }
        $worst = abs($light->brightest()) >= abs($light->darkest()) ? $light->brightest() : $light->darkest();

        $density = self::density($light);

        return [self::exposure($shot, $light, (int) array_search($worst, $light->errors, true)), ...($density === null ? [] : [$density])];
    }

    private static function exposure(Shot $shot, ShotLight $light, int $n): Sum
    {
        $given = new GivenTerms($shot->plan);

        return new Sum(
            'exposure',
            'Exposure of photo ' . ($n + 1) . ', the farthest out',
            '{light} + log2({exposure} × {iso} ÷ 100) − 2 × log2({aperture}) − {filter} − {wanted}',
            [
                'light' => new Term($light->light->kind->daylightEnters() ? 'EV of the light then' : 'EV of the light there', $light->exposureValues[$n]),
                'exposure' => new Term('exposure', $light->exposures[$n], 's'),
                'iso' => new Term('ISO', Exposure::trueIso($light->isos[$n])),
                'aperture' => new Term('f-number', $light->apertures[$n]),
                'filter' => $given->of('ND', $light->light->ndStops, 'stops', '/light/nd_stops'),
                'wanted' => new Term('brighter than metered is wanted', $light->light->wantedStops($light->exposureValues[$n]), 'stops'),
            ],
            new Term($light->errors[$n] < 0.0 ? 'too dark where below zero' : 'too bright', $light->errors[$n], 'stops'),
            'Exposure value',
            'EV = log2(N² / t) at ISO 100; the light by Evrent’s model of sun, moon and sky, or as metered',
            new Term('is let pass', $shot->plan->thresholds->lightStops, 'stops'),
        );
    }

    private static function density(ShotLight $light): ?Sum
    {
        $over = $light->brightest();

        return $over <= 0.0 ? null : new Sum(
            'nd',
            'Filter that takes the brightest photo down',
            '{over} × log10(2)',
            ['over' => new Term('over', $over, 'stops')],
            new Term('density', NeutralDensity::density($over)),
            'Density of a filter',
            'log10 of how many times it darkens; a stop is twice',
        );
    }
}
