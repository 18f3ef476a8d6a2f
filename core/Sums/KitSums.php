<?php

declare(strict_types=1);

namespace Evrent\Core\Sums;

use Evrent\Core\Budget\CameraPower;
use Evrent\Core\Budget\Load;
use Evrent\Core\Budget\SlotUse;
use Evrent\Core\Messages\Message;
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
                new Message('sums.kit.card_room'),
                '{minutes} × {rate}',
                [
                    'minutes' => new Term(new Message('sums.kit.of_video'), $film->recordingMinutes, 'min'),
                    'rate' => $given->of(new Message('sums.kit.a_minute'), $shot->plan->film->gigabytesPerMinute ?? 0.0, 'GB', '/film/gb_per_min'),
                ],
                new Term(new Message('sums.term.needed'), $film->gigabytes, 'GB'),
                new Message('sums.kit.card'),
                new Message('sums.kit.gigabyte'),
                new Term(new Message('sums.kit.on_cards'), $room, 'GB'),
            );
        }

        return new Sum(
            'card',
            new Message('sums.kit.card_room'),
            '{photos} × ({raw} + {jpeg}) ÷ 1000',
            [
                'photos' => new Term(new Message('sums.term.photos'), $photos),
                'raw' => $given->of(new Message('sums.term.raw'), $storage->rawMegabytes, 'MB', '/storage/raw_mb'),
                'jpeg' => $given->of(new Message('sums.term.jpeg'), $storage->jpegMegabytes, 'MB', '/storage/jpeg_mb'),
            ],
            new Term(new Message('sums.term.needed'), $photos * ($storage->rawMegabytes + $storage->jpegMegabytes) / 1_000.0, 'GB'),
            new Message('sums.kit.card'),
            new Message('sums.kit.gigabyte'),
            new Term(new Message('sums.kit.on_cards'), $room, 'GB'),
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
            new Message('sums.kit.camera_energy'),
            '({open} × {exposing} + {waits} × {idle} + {sleeps} × {asleep} + {photos} × {each}) ÷ 3600',
            [
                'open' => new Term(new Message('sums.term.exposing'), $open, 's'),
                'exposing' => $given->of(new Message('sums.term.exposing'), $camera->exposingWatts, 'W', '/power/camera/exposing_w'),
                'waits' => new Term(new Message('sums.term.waiting'), $awake, 's'),
                'idle' => $given->of(new Message('sums.term.waiting'), $camera->idleWatts, 'W', '/power/camera/idle_w'),
                'sleeps' => new Term(new Message('sums.term.asleep'), $whole - $open - $awake, 's'),
                'asleep' => $given->of(new Message('sums.term.asleep'), $camera->sleepWatts, 'W', '/power/camera/sleep_w'),
                'photos' => new Term(new Message('sums.term.photos'), $shot->plan->photosTotal()),
                'each' => $given->of(new Message('sums.kit.per_photo'), $camera->photoJoules, 'J', '/power/camera/photo_j'),
            ],
            new Term(new Message('sums.term.drawn'), $drain->neededJoules / self::JOULES_PER_WATT_HOUR, 'Wh'),
            new Message('sums.kit.power'),
            new Message('sums.kit.watt_hour'),
            new Term(
                new Message('sums.kit.in_batteries'),
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
            new Message('sums.kit.rating'),
            $load->counterweightKilograms > 0.0
                ? '{safety} × ({camera} + {lens} + {head} + {rig} + {counterweight})'
                : '{safety} × ({camera} + {lens} + {head} + {rig})',
            [
                'safety' => new Term(new Message('sums.term.times'), Load::SAFETY),
                'camera' => $given->of(new Message('sums.term.camera'), $load->cameraKilograms, 'kg', '/load/camera_kg'),
                'lens' => $given->of(new Message('sums.term.lens'), $load->lensKilograms, 'kg', '/load/lens_kg'),
                'head' => $given->of(new Message('sums.term.head'), $load->headKilograms, 'kg', '/load/head_kg'),
                'rig' => $given->of(new Message('sums.term.rig'), $load->rigKilograms, 'kg', '/load/rig_kg'),
                ...($load->counterweightKilograms > 0.0
                    ? ['counterweight' => $given->of(new Message('sums.term.counterweight'), $load->counterweightKilograms, 'kg', '/load/counterweight_kg')]
                    : []),
            ],
            new Term(new Message('sums.kit.rated'), Load::SAFETY * $load->onLegsKilograms(), 'kg'),
            new Message('sums.kit.twice'),
            new Message('sums.kit.margin'),
            $load->legsRatingKilograms === null ? null : $given->of(new Message('sums.kit.legs'), $load->legsRatingKilograms, 'kg', '/load/legs_rating_kg'),
        );
    }
}
