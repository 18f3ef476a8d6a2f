<?php

declare(strict_types=1);

namespace Evrent\Core\Sums;

use Evrent\Core\Shot\Shot;

/**
 * Photos, clip, what a photo takes of its interval, and how far a timer runs away.
 */
final class TimingSums
{
    private const CYCLE = 'Cycle of one photo';
    private const CYCLE_REFERENCE = 'Evrent’s timing model: the rig moves once the shutter has closed, and stands still before it opens again';

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
            'head' => $given->of('before', $timing->headPhotos, '', '/timing/head_photos'),
            'way' => $given->of('on the way', $timing->photos, '', '/timing/photos'),
            ...($held === 0 ? [] : ['held' => new Term('held at keyframes', $held)]),
            'tail' => $given->of('after', $timing->tailPhotos, '', '/timing/tail_photos'),
        ];

        return new Sum(
            'photos',
            'Photos',
            implode(' + ', array_map(static fn (string $name): string => "{{$name}}", array_keys($terms))),
            $terms,
            new Term('photos', $shot->plan->photosTotal()),
            'Count',
            'what stands before, on and after the move is taken too',
        );
    }

    private static function clip(Shot $shot): Sum
    {
        return new Sum(
            'clip',
            'Clip',
            '{photos} ÷ {rate}',
            [
                'photos' => new Term('photos', $shot->plan->photosTotal()),
                'rate' => (new GivenTerms($shot->plan))->of('frame rate', $shot->plan->timing->framesPerSecond, 'fps', '/timing/frames_per_second'),
            ],
            new Term('clip', $shot->schedule->summary->clipSeconds, 's'),
            'Playback',
            'each photo is one frame',
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
            'Photo ' . ($n + 1) . ', the tightest',
            $formula,
            $terms,
            new Term('needed', $needed, 's'),
            self::CYCLE,
            self::CYCLE_REFERENCE,
            $shot->plan->timing->mode->hasClock() ? new Term('interval', $schedule->intervalSeconds[$n], 's') : null,
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
            $terms['delay'] = $given->of('delay', $delay, 's', '/rig/post_exposure_delay_s');
        }
        if ($shot->plan->timing->mode->stops() && $move > 0.0) {
            $terms['move'] = new Term('move', $move, 's');
            $terms['settle'] = $given->of('settling', $shot->plan->rig->settleSeconds, 's', '/rig/settle_s');
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
            $terms['dark'] = new Term('dark exposure', $shot->schedule->exposureSeconds[$n], 's');
        }
        $rest = $needed - array_sum(array_map(static fn (Term $term): float => $term->value, $terms));
        if ($rest > 1e-9) {
            $terms['wait'] = new Term('until the camera is set and its buffer has room', $rest, 's');
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
            'lag' => $given->of('lag', $shot->plan->camera->shutterLagSeconds, 's', '/camera/shutter_lag_s'),
            'exposure' => $isConstant
                ? $given->of('exposure', $shot->schedule->exposureSeconds[$n], 's', '/timing/exposure_s')
                : new Term('exposure', $shot->schedule->exposureSeconds[$n], 's'),
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
            'Blur share of photo ' . ($n + 1),
            '100 × {exposure} ÷ {interval}',
            ['exposure' => self::exposed($shot, $n)['exposure'], 'interval' => new Term('interval', $shot->schedule->intervalSeconds[$n], 's')],
            new Term('blur share', 100.0 * $exposures[$n] / $shot->schedule->intervalSeconds[$n], '%'),
            'Share of the interval that the shutter is open',
            'as a film camera’s shutter angle, over 360°',
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
            'The camera’s timer against the rig',
            '{time} × {slow} ÷ 1000000',
            ['time' => new Term('shooting time', $run, 's'), 'slow' => (new GivenTerms($shot->plan))->of('slow', $ppm, 'ppm', '/trigger/drift_ppm')],
            new Term('drift', $run * $ppm / 1e6, 's'),
            'Drift of a clock',
            'parts in a million of the time that has gone by',
        );
    }
}
