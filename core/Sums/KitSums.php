<?php

declare(strict_types=1);

namespace Evrent\Core\Sums;

use Evrent\Core\Budget\CameraPower;
use Evrent\Core\Budget\Load;
use Evrent\Core\Budget\SlotUse;
use Evrent\Core\Shot\FilmFacts;
use Evrent\Core\Shot\Shot;

/**
 * Cards, camera power and load.
 */
final class KitSums
{
    private const JOULES_PER_WATT_HOUR = 3_600.0;

    /**
     * @return list<Sum>
     */
    public static function of(Shot $shot): array
    {
        return array_values(array_filter([self::card($shot), self::battery($shot), self::load($shot)]));
    }

    private static function card(Shot $shot): ?Sum
    {
        $storage = $shot->plan->storage;
        if ($storage === null || $storage->slots === SlotUse::Split) {
            return null;
        }
        $given = new GivenTerms($shot->plan);
        $photos = $shot->plan->photosProgrammed();
        $room = $storage->gigabytes();
        $film = FilmFacts::of($shot->schedule);
        if ($film !== null) {
            return $film->gigabytes === null ? null : new Sum(
                'card',
                'Room on the cards',
                '{minutes} × {rate}',
                [
                    'minutes' => new Term('of video', $film->recordingMinutes, 'min'),
                    'rate' => $given->of('a minute', $shot->plan->film->gigabytesPerMinute ?? 0.0, 'GB', '/film/gb_per_min'),
                ],
                new Term('needed', $film->gigabytes, 'GB'),
                'Card',
                'a gigabyte is 1,000 megabytes, as cards are sold',
                new Term('on the cards', $room, 'GB'),
            );
        }

        return new Sum(
            'card',
            'Room on the cards',
            '{photos} × ({raw} + {jpeg}) ÷ 1000',
            [
                'photos' => new Term('photos', $photos),
                'raw' => $given->of('raw', $storage->rawMegabytes, 'MB', '/storage/raw_mb'),
                'jpeg' => $given->of('JPEG', $storage->jpegMegabytes, 'MB', '/storage/jpeg_mb'),
            ],
            new Term('needed', $photos * ($storage->rawMegabytes + $storage->jpegMegabytes) / 1_000.0, 'GB'),
            'Card',
            'a gigabyte is 1,000 megabytes, as cards are sold',
            new Term('on the cards', $room, 'GB'),
        );
    }

    private static function battery(Shot $shot): ?Sum
    {
        $camera = $shot->plan->power?->camera;
        $drain = $shot->drain()?->camera;
        if ($camera === null || $drain === null || $shot->plan->power->bank !== null) {
            return null;
        }
        $given = new GivenTerms($shot->plan);
        $triggers = $shot->schedule->timeline->triggerSeconds;
        $open = 0.0;
        $awake = self::awake($camera, $shot->plan->timing->startDelaySeconds);
        foreach ($triggers as $n => $trigger) {
            $span = ($triggers[$n + 1] ?? $shot->schedule->timeline->writeEndSeconds[$n]) - $trigger;
            $exposing = min($span, $shot->plan->camera->shutterBusySeconds($shot->schedule->exposureSeconds[$n]));
            $open += $exposing;
            $awake += self::awake($camera, $span - $exposing);
        }
        $whole = ($shot->schedule->timeline->writeEndSeconds[count($triggers) - 1] ?? 0.0) + $shot->plan->timing->startDelaySeconds;

        return new Sum(
            'battery',
            'What the camera draws',
            '({open} × {exposing} + {waits} × {idle} + {sleeps} × {asleep} + {photos} × {each}) ÷ 3600',
            [
                'open' => new Term('exposing', $open, 's'),
                'exposing' => $given->of('exposing', $camera->exposingWatts, 'W', '/power/camera/exposing_w'),
                'waits' => new Term('waiting', $awake, 's'),
                'idle' => $given->of('waiting', $camera->idleWatts, 'W', '/power/camera/idle_w'),
                'sleeps' => new Term('asleep', $whole - $open - $awake, 's'),
                'asleep' => $given->of('asleep', $camera->sleepWatts, 'W', '/power/camera/sleep_w'),
                'photos' => new Term('photos', $shot->plan->photosTotal()),
                'each' => $given->of('for each', $camera->photoJoules, 'J', '/power/camera/photo_j'),
            ],
            new Term('drawn', $drain->neededJoules / self::JOULES_PER_WATT_HOUR, 'Wh'),
            'Power over time',
            '1 Wh is 3,600 J; cold takes its share of what a battery gives',
            new Term(
                'in the batteries in this cold',
                $drain->oneJoules * $camera->battery->count * $camera->battery->charge / self::JOULES_PER_WATT_HOUR,
                'Wh',
            ),
        );
    }

    private static function awake(CameraPower $camera, float $seconds): float
    {
        return min($seconds, $camera->sleepsAfterSeconds ?? $seconds);
    }

    private static function load(Shot $shot): ?Sum
    {
        $load = $shot->plan->load;
        if ($load === null) {
            return null;
        }
        $given = new GivenTerms($shot->plan);

        return new Sum(
            'load',
            'Rating that the legs need',
            $load->counterweightKilograms > 0.0
                ? '{safety} × ({camera} + {lens} + {head} + {rig} + {counterweight})'
                : '{safety} × ({camera} + {lens} + {head} + {rig})',
            [
                'safety' => new Term('times', Load::SAFETY),
                'camera' => $given->of('camera', $load->cameraKilograms, 'kg', '/load/camera_kg'),
                'lens' => $given->of('lens', $load->lensKilograms, 'kg', '/load/lens_kg'),
                'head' => $given->of('head', $load->headKilograms, 'kg', '/load/head_kg'),
                'rig' => $given->of('rig', $load->rigKilograms, 'kg', '/load/rig_kg'),
                ...($load->counterweightKilograms > 0.0
                    ? ['counterweight' => $given->of('counterweight', $load->counterweightKilograms, 'kg', '/load/counterweight_kg')]
                    : []),
            ],
            new Term('to be rated for', Load::SAFETY * $load->onLegsKilograms(), 'kg'),
            'Twice the load',
            'riggers’ margin for wind, a pull at a cable and a hand on it',
            $load->legsRatingKilograms === null ? null : $given->of('the legs’ rating', $load->legsRatingKilograms, 'kg', '/load/legs_rating_kg'),
        );
    }
}
