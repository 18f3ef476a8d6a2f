<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Drawings\Drawable;
use Evrent\Core\Drawings\IntervalColumns;
use Evrent\Core\Editing\Jog;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Move;
use Evrent\Core\Optics\Finder;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\NightOfShot;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Sky\NightSky;
use Evrent\Core\Sky\Target;
use Evrent\Words\Words;

/**
 * What the bench's script draws of a schedule, as the core worked it out.
 */
final readonly class Drawn
{
    /**
     * @param array<string, mixed> $data everything but what hangs on the page
     * @param string               $json the columns, the most of it, written once
     */
    private function __construct(public array $data, public string $json)
    {
    }

    /**
     * @throws \JsonException where a number is none
     */
    public static function of(Shot $shot): self
    {
        $schedule = $shot->schedule;
        $plan = $shot->plan;
        $units = app(Settings::class)->units;

        return new self([
            'photos' => $schedule->photosTotal(),
            'fps' => $plan->timing->framesPerSecond,
            'mode' => $plan->timing->mode->value,
            'tightest' => $schedule->summary->tightestPhoto,
            'run' => $schedule->summary->runSeconds,
            'scale' => IntervalColumns::SCALE,
            'light_stops' => $plan->thresholds->lightStops,
            'bands' => array_map(static fn (array $band): array => [$band[0]->value, $band[1], $band[2]], $schedule->bands()),
            'ramps' => $schedule->ramps(),
            'axes' => array_map(static fn (Axis $axis): array => [
                'id' => $axis->id, 'role' => $axis->role->value, 'unit' => $units->ofAxis($axis->kind), 'shown' => $units->factorOf($axis->kind),
                'min' => $axis->min, 'max' => $axis->max,
                'coarse' => Jog::step($axis, 'coarse'), 'fine' => Jog::step($axis, 'fine'),
                'coarse_text' => Words::say($units->axisText($axis->kind, Jog::step($axis, 'coarse'), 3)),
                'fine_text' => Words::say($units->axisText($axis->kind, Jog::step($axis, 'fine'), 3)),
            ], $plan->rig->axes),
            'pegs' => self::pegs($schedule),
            'finder' => [...(new Finder($plan->optics ?? Optics::usual()))->toArray(), 'night' => NightOfShot::key($shot)],
        ], json_encode(Drawable::columns($shot), JSON_THROW_ON_ERROR));
    }

    /**
     * What is the same for every shot: told once, with the page.
     *
     * @return array<string, mixed>
     */
    public static function always(): array
    {
        return [
            'targets' => array_map(static fn (Target $target): array => Words::sayAll($target->drawn()), Target::cases()),
            'seen_above_deg' => Horizontal::SEEN_ABOVE_DEGREES,
            'stars_from_deg' => NightSky::STARS_FROM_DEGREES, 'dark_from_deg' => NightSky::DARK_FROM_DEGREES,
        ];
    }

    /**
     * @return list<array<string, mixed>>
     */
    private static function pegs(Schedule $schedule): array
    {
        $keyframes = $schedule->plan->move->keyframes;
        $last = array_key_last($keyframes);
        $pegs = [];
        foreach ($schedule->pegPhotos() as $place => $photo) {
            $keyframe = $keyframes[$place];
            $pegs[] = [
                'letter' => Move::peg($place), 'photo' => $photo, 'pass' => $keyframe->pass, 'hold' => $keyframe->holdPhotos,
                'end' => $place === 0 || $place === $last, 'positions' => $keyframe->positions,
            ];
        }

        return $pegs;
    }
}
