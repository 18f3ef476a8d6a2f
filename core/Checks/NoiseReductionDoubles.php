<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\Shot;

/**
 * T3: long-exposure noise reduction takes every exposure twice, which doubles the busy time and leaves gaps.
 */
final class NoiseReductionDoubles implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $camera = $shot->plan->camera;
        if (!$camera->longExposureNoiseReduction || !$shot->plan->timing->mode->hasClock()) {
            return null;
        }
        $longest = max([0.0, ...$shot->schedule->exposureSeconds]);

        return new Finding(
            FindingId::NoiseReductionDoubles,
            new Message('checks.noise_reduction_doubles.title'),
            new Message('checks.noise_reduction_doubles.shortfall', ['longest' => Quantity::seconds($longest)]),
            new Message('checks.noise_reduction_doubles.sentence', ['longest' => Quantity::seconds($longest)]),
            1,
            $shot->schedule->photosTotal(),
            static fn (): array => [new Remedy(
                'noise_reduction',
                new Message('checks.noise_reduction_doubles.off'),
                new Message('checks.noise_reduction_doubles.dark_frame'),
                $shot->plan->withCamera($camera->withoutNoiseReduction()),
            )],
        );
    }
}
