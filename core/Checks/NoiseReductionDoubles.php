<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

/**
 * T3: long-exposure noise reduction takes every exposure twice, which doubles the busy time and leaves gaps.
 */
final class NoiseReductionDoubles implements Check
{
    public static function about(): About
    {
        return new About(
            [Stage::Time],
            [...About::CYCLE],
            unmended: 'Turn noise reduction off in the camera.',
        );
    }

    public function find(Shot $shot): ?Finding
    {
        $camera = $shot->plan->camera;
        if (!$camera->longExposureNoiseReduction || !$shot->plan->timing->mode->hasClock()) {
            return null;
        }
        $longest = max([0.0, ...$shot->schedule->exposureSeconds]);

        return new Finding(
            FindingId::NoiseReductionDoubles,
            Severity::Look,
            'Noise reduction takes every exposure twice',
            PlainText::seconds($longest) . ' blind after a photo',
            sprintf(
                'After each exposure the camera takes a dark one as long, up to %s: the shutter cannot open meanwhile, and what moves leaves gaps in its path.',
                PlainText::seconds($longest),
            ),
            1,
            $shot->schedule->photosTotal(),
            static fn (): array => [new Remedy(
                'noise_reduction',
                'Turn noise reduction off',
                'take one dark photo at the end to clean the others with',
                $shot->plan->withCamera($camera->withoutNoiseReduction()),
            )],
        );
    }
}
