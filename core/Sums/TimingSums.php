<?php

declare(strict_types=1);

namespace Evrent\Core\Sums;

use Evrent\Core\Messages\Message;
use Evrent\Core\Shot\Shot;

/**
 * Photos, clip, what a photo takes of its interval, and how far a timer runs away.
 */
final class TimingSums
{
    /**
     * @return list<Sum>
     */
    public static function of(Shot $shot): array
    {
        return array_values(array_filter([self::photos($shot), self::clip($shot), self::cycle($shot), self::blur($shot), self::drift($shot)]));
    }

    private static function photos(Shot $shot): Sum
    {
        $given = new GivenTerms($shot->plan);
        $timing = $shot->plan->timing;
        $held = $shot->plan->heldPhotos();
        $terms = [
            'head' => $given->of(new Message('sums.term.before'), $timing->headPhotos, '', '/timing/head_photos'),
            'way' => $given->of(new Message('sums.timing.during'), $timing->photos, '', '/timing/photos'),
            ...($held === 0 ? [] : ['held' => new Term(new Message('sums.timing.held'), $held)]),
            'tail' => $given->of(new Message('sums.term.after'), $timing->tailPhotos, '', '/timing/tail_photos'),
        ];

        return new Sum(
            'photos',
            new Message('sums.timing.photos'),
            implode(' + ', array_map(static fn (string $name): string => "{{$name}}", array_keys($terms))),
            $terms,
            new Term(new Message('sums.term.photos'), $shot->plan->photosTotal()),
            new Message('sums.timing.count'),
            new Message('sums.timing.count_source'),
        );
    }

    private static function clip(Shot $shot): Sum
    {
        return new Sum(
            'clip',
            new Message('sums.timing.clip'),
            '{photos} ÷ {rate}',
            [
                'photos' => new Term(new Message('sums.term.photos'), $shot->plan->photosTotal()),
                'rate' => (new GivenTerms($shot->plan))
                    ->of(new Message('sums.timing.rate'), $shot->plan->timing->framesPerSecond, 'fps', '/timing/frames_per_second'),
            ],
            new Term(new Message('sums.term.clip'), $shot->schedule->summary->clipSeconds, 's'),
            new Message('sums.timing.playback'),
            new Message('sums.timing.one_frame'),
        );
    }

    private static function cycle(Shot $shot): ?Sum
    {
        $schedule = $shot->schedule;
        $n = $schedule->summary->tightestPhoto - 1;
        $needed = $schedule->timeline->requiredSeconds[$n] ?? null;
        if ($needed === null) {
            return null;
        }
        $rig = $schedule->timeline->rigSeconds[$n] ?? 0.0;
        [$formula, $terms] = $rig >= $needed - 1e-9 ? self::ofRig($shot, $n) : self::ofCamera($shot, $n, $needed);

        return new Sum(
            'cycle',
            new Message('sums.timing.tightest', ['n' => $n + 1]),
            $formula,
            $terms,
            new Term(new Message('sums.term.needed'), $needed, 's'),
            new Message('sums.timing.cycle'),
            new Message('sums.timing.model'),
            $shot->plan->timing->mode->hasClock() ? new Term(new Message('sums.term.interval'), $schedule->intervalSeconds[$n], 's') : null,
        );
    }

    /**
     * @return array{string, array<string, Term>}
     */
    private static function ofRig(Shot $shot, int $n): array
    {
        $given = new GivenTerms($shot->plan);
        $move = $shot->schedule->moves->moveSeconds[$n] ?? 0.0;
        $terms = self::exposed($shot, $n);
        $delay = $shot->plan->rig->postExposureDelaySeconds;
        if ($shot->plan->timing->mode->stops() && ($delay > 0.0 || $move > 0.0)) {
            $terms['delay'] = $given->of(new Message('sums.term.delay'), $delay, 's', '/rig/post_exposure_delay_s');
        }
        if ($shot->plan->timing->mode->stops() && $move > 0.0) {
            $terms['move'] = new Term(new Message('sums.term.move'), $move, 's');
            $terms['settle'] = $given->of(new Message('sums.term.settling'), $shot->plan->rig->settleSeconds, 's', '/rig/settle_s');
        }

        return [implode(' + ', array_map(static fn (string $name): string => "{{$name}}", array_keys($terms))), $terms];
    }

    /**
     * @return array{string, array<string, Term>}
     */
    private static function ofCamera(Shot $shot, int $n, float $needed): array
    {
        $terms = self::exposed($shot, $n);
        $camera = $shot->plan->camera;
        if ($camera->longExposureNoiseReduction) {
            $terms['dark'] = new Term(new Message('sums.timing.dark'), $shot->schedule->exposureSeconds[$n], 's');
        }
        $rest = $needed - array_sum(array_map(static fn (Term $term): float => $term->value, $terms));
        if ($rest > 1e-9) {
            $terms['wait'] = new Term(new Message('sums.timing.ready'), $rest, 's');
        }

        return [implode(' + ', array_map(static fn (string $name): string => "{{$name}}", array_keys($terms))), $terms];
    }

    /**
     * @return array<string, Term>
     */
    private static function exposed(Shot $shot, int $n): array
    {
        $given = new GivenTerms($shot->plan);
        $isConstant = $shot->plan->timing->exposure->isConstant();

        return [
            'lag' => $given->of(new Message('sums.term.lag'), $shot->plan->camera->shutterLagSeconds, 's', '/camera/shutter_lag_s'),
            'exposure' => $isConstant
                ? $given->of(new Message('sums.term.exposure'), $shot->schedule->exposureSeconds[$n], 's', '/timing/exposure_s')
                : new Term(new Message('sums.term.exposure'), $shot->schedule->exposureSeconds[$n], 's'),
        ];
    }

    private static function blur(Shot $shot): ?Sum
    {
        if (!$shot->plan->timing->mode->hasClock()) {
            return null;
        }
        $exposures = $shot->schedule->exposureSeconds;
        $n = (int) array_search(max([0.0, ...$exposures]), $exposures, true);

        return new Sum(
            'blur',
            new Message('sums.timing.blur', ['n' => $n + 1]),
            '100 × {exposure} ÷ {interval}',
            ['exposure' => self::exposed($shot, $n)['exposure'],
                'interval' => new Term(new Message('sums.term.interval'), $shot->schedule->intervalSeconds[$n], 's')],
            new Term(new Message('sums.timing.blur_share'), 100.0 * $exposures[$n] / $shot->schedule->intervalSeconds[$n], '%'),
            new Message('sums.timing.open_share'),
            new Message('sums.timing.shutter_angle'),
        );
    }

    private static function drift(Shot $shot): ?Sum
    {
        if (!$shot->plan->trigger->isCamera()) {
            return null;
        }
        $ppm = $shot->plan->trigger->driftPpm;
        $run = $shot->schedule->summary->bookedSeconds;

        return new Sum(
            'drift',
            new Message('sums.timing.drift'),
            '{time} × {slow} ÷ 1000000',
            ['time' => new Term(new Message('sums.timing.shooting'), $run, 's'),
                'slow' => (new GivenTerms($shot->plan))->of(new Message('sums.term.slow'), $ppm, 'ppm', '/trigger/drift_ppm')],
            new Term(new Message('sums.term.drift'), $run * $ppm / 1e6, 's'),
            new Message('sums.timing.clock_drift'),
            new Message('sums.timing.ppm'),
        );
    }
}
