<?php

declare(strict_types=1);

namespace Evrent\Core\Sums;

use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\NeutralDensity;
use Evrent\Core\Messages\Message;
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
            new Message('sums.light.exposure', ['n' => $n + 1]),
            '{light} + log2({exposure} × {iso} ÷ 100) − 2 × log2({aperture}) − {filter} − {wanted}',
            [
                'light' => new Term(
                    $light->light->kind->daylightEnters() ? new Message('sums.light.ev_metered') : new Message('sums.light.ev_there'),
                    $light->exposureValues[$n],
                ),
                'exposure' => new Term(new Message('sums.term.exposure'), $light->exposures[$n], 's'),
                'iso' => new Term(new Message('sums.term.iso'), Exposure::trueIso($light->isos[$n])),
                'aperture' => new Term(new Message('sums.term.f_number'), $light->apertures[$n]),
                'filter' => $given->of(new Message('sums.term.nd'), $light->light->ndStops, 'stops', '/light/nd_stops'),
                'wanted' => new Term(new Message('sums.light.brighter'), $light->light->wantedStops($light->exposureValues[$n]), 'stops'),
            ],
            new Term($light->errors[$n] < 0.0 ? new Message('sums.light.dark') : new Message('sums.light.bright'), $light->errors[$n], 'stops'),
            new Message('sums.light.ev'),
            new Message('sums.light.ev_source'),
            new Term(new Message('sums.light.allowed'), $shot->plan->thresholds->lightStops, 'stops'),
        );
    }

    private static function density(ShotLight $light): ?Sum
    {
        $over = $light->brightest();

        return $over <= 0.0 ? null : new Sum(
            'nd',
            new Message('sums.light.filter'),
            '{over} × log10(2)',
            ['over' => new Term(new Message('sums.term.over'), $over, 'stops')],
            new Term(new Message('sums.term.density'), NeutralDensity::density($over)),
            new Message('sums.light.density'),
            new Message('sums.light.density_source'),
        );
    }
}
