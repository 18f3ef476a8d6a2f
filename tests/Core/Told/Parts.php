<?php

declare(strict_types=1);

namespace Tests\Core\Told;

use Evrent\Core\Day\Cautions;
use Evrent\Core\Day\DayPlan;
use Evrent\Core\Day\Hazard;
use Evrent\Core\Day\PackingList;
use Evrent\Core\Day\ShotFigures;
use Evrent\Core\Day\Stay;
use Evrent\Core\Format\PlaceFile;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\TypedKit;
use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Illuminance;
use Evrent\Core\Light\NeutralDensity;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Optics\Finder;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Optics\Picture;
use Evrent\Core\Optics\SkyFrame;
use Evrent\Core\Presets\RecipeText;
use Evrent\Core\Presets\TrialText;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;
use Tests\Core\Plans;

/**
 * What is told of the smaller parts, each asked for by itself.
 */
final class Parts
{
    private const NUMBERS = [
        0.0, 1e-7, 0.000125, 0.0166666667, 0.04, 0.0949, 0.095, 0.25, 0.3, 0.3333333333, 0.4999, 0.5, 0.7692307692, 0.95, 0.999, 1.0, 1.3, 1.5, 2.0, 9.94, 9.95, 10.0,
        29.96, 30.0, 59.4, 59.6, 60.0, 61.0, 90.0, 99.5, 100.0, 119.5, 3_599.4, 3_599.6, 3_600.0, 3_661.0, 7_200.0, 86_399.6, 86_400.0, 90_061.0, 1_234_567.891, -0.5, -61.0,
    ];
    private const TEXTS = [
        '', '0', '7', '1.5', '1,5', '1,500', '-2', '+3', '−4', '1/60', '1/0', '3/4 s', '12 s', '2 min', '1:30', '1:02:03', '1h30', '2 h 5 min', '90 m', '1 d', '50 %', '33.3%', '16 Wh',
        '2000 mAh 7.2 V', '51.85', '51° 51.0\' N', '51°51\'30"S', '1° 54\' W', '181 E', '10 20 30', '1e3', 'inf', 'nan', '12 x', '٣', '½', "1\u{a0}000", '1 000',
    ];

    /**
     * @return array<string, callable(): array<string, mixed>>
     */
    public static function all(): array
    {
        return [
            'words' => self::words(...), 'picture' => self::picture(...), 'light' => self::light(...), 'days' => self::days(...), 'files' => self::files(...),
            'typed kit' => self::typedKit(...),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function words(): array
    {
        $told = [];
        foreach (self::NUMBERS as $number) {
            $told["of {$number}"] = [
                PlainText::number($number), PlainText::rounded($number), PlainText::rounded($number, 0), PlainText::fixed($number, 3), PlainText::signed($number, 1),
                PlainText::percent($number), PlainText::roundedPercent($number), PlainText::exposure($number), PlainText::shutter($number), PlainText::seconds($number),
                PlainText::duration($number), PlainText::span($number), PlainText::stopwatch($number),
            ];
        }
        foreach (self::TEXTS as $text) {
            $told["“{$text}”"] = [TypedText::number($text), TypedText::percent($text), TypedText::wattHours($text), TypedText::degrees($text), TypedText::seconds($text)];
        }

        return $told + ['photos' => array_map(PlainText::photos(...), [0, 1, 2, 12_345])];
    }

    /**
     * @return array<string, mixed>
     */
    private static function picture(): array
    {
        $optics = Plans::with(['/optics' => Plans::OPTICS + ['focal_mm' => 35, 'subject_speed_m_s' => 0.4]])->optics ?? Optics::usual();
        [$picture, $frame] = [new Picture($optics), new SkyFrame($optics)];
        $told = ['finder' => (new Finder($optics))->toArray(), 'reach' => $frame->reachDegrees()];
        foreach (AxisRole::cases() as $role) {
            $told["shift by {$role->value}"] = [$picture->shift($role, 12.5, 0.0, 20.0), $picture->shift($role, -3.0, 25.0, 4.0)];
        }
        $told['travel'] = [$picture->parallax(40.0), $picture->subjectTravel(0.5), Picture::crossingSeconds(0.002, 25.0), $picture->passed(AxisRole::Pan, 3.0, 20.0)];
        foreach ([['yaw' => 0.0, 'pitch' => 0.0, 'roll' => 0.0], ['yaw' => 12.0, 'pitch' => 24.0, 'roll' => -3.0], ['yaw' => -170.0, 'pitch' => -35.0, 'roll' => 11.0]] as $n => $pose) {
            foreach ([[265.0, 3.0], [245.2, 17.5], [238.4, -4.0], [292.3, 0.4], [277.0, 40.0], [95.0, -20.0], [70.0, -48.0]] as [$azimuth, $altitude]) {
                $place = new Horizontal($azimuth, $altitude);
                $told["pose {$n}, {$azimuth} {$altitude}"] = [$frame->place($place, $pose, 265.0), $frame->holds($place, $pose, 265.0), $frame->degreesOff($place, $pose, 265.0)];
            }
            $told["pose {$n}, all over"] = array_map(static fn (Horizontal $at): array => [$at->azimuth, $at->altitude], [...$frame->directions($pose, 265.0, 3)]);
        }

        return $told;
    }

    /**
     * @return array<string, mixed>
     */
    private static function light(): array
    {
        $told = [];
        foreach ([-30.0, -12.1, -6.0, -0.8, 0.0, 4.0, 11.0, 33.0, 60.0] as $height) {
            $told["at {$height}°"] = [
                Illuminance::ofSun($height), Illuminance::ofMoon($height, 20.0, 0.95), Illuminance::ofMoon($height, 140.0, 1.0), Illuminance::exposureValue(max(1e-4, 10.0 ** ($height / 10.0))),
            ];
        }
        foreach ([0.0005, 0.02, 0.4, 1.0, 1.3, 15.0, 30.0, 45.0] as $seconds) {
            $exposure = new Exposure($seconds, 5.6, 400.0);
            $told["{$seconds} s"] = [
                Exposure::trueSeconds($seconds), $exposure->stopsTo(new Exposure(1.0, 8.0, 100.0)), Exposure::forScene($seconds / 4.0, 4.0, 200.0),
                NeutralDensity::stopsNeeded($seconds, 2.0), NeutralDensity::density($seconds), NeutralDensity::pick($seconds / 3.0, [3.0, 6.0, 10.0]),
            ];
        }

        return $told + ['marked ISO' => array_map(Exposure::trueIso(...), [100.0, 125.0, 160.0, 640.0, 6_400.0, 10_000.0])];
    }

    /**
     * @return array<string, mixed>
     */
    private static function days(): array
    {
        $figures = $stays = [];
        foreach (['06:10', '10:00', '10:20', '17:40', '22:30'] as $n => $at) {
            $plan = Plans::with([
                '/title' => "Shot {$n}", '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => $at], '/timing/photos' => 300 + 150 * $n,
                '/storage' => ['raw_mb' => 25, 'jpeg_mb' => $n, 'cards_gb' => $n % 2 === 0 ? [16] : [8, 8], 'slots' => ['overflow', 'copy', 'split'][$n % 3]],
                '/power' => ['camera' => ['battery_wh' => 4], 'rig' => ['battery_wh' => 10], 'bank' => ['capacity_wh' => 20, 'feeds' => 'rig'], 'temperature_c' => 5 - 3 * $n],
                '/light' => ['aperture' => 5.6, 'nd_stops' => [0, 3, 6, 10, 4][$n]], '/load' => ['legs_rating_kg' => 20, 'incline_deg' => 3 * $n, 'camera_kg' => 1 + 2 * $n],
                '/kit' => [['kind' => 'rig', 'name' => ['Rail', 'Rail', 'Head'][$n % 3]], ['kind' => 'body', 'name' => ['One', 'Two'][$n % 2]], ['kind' => 'cable', 'name' => 'Cable', 'count' => $n + 1]],
            ]);
            $figures[] = $one = ShotFigures::of(Shot::of($plan));
            $stays[] = Stay::of($n, $one, 20 + 5 * $n, 10);
        }
        $stays[] = Stay::of(9, ShotFigures::of(Shot::of(Plans::with([]))), 5, 5);
        $day = DayPlan::of($stays);
        $site = Plans::with(['/site' => Plans::SITE])->site;

        return [
            'clashes' => array_map(static fn (object $clash): array => [$clash->over, $clash->first->id, $clash->second->id, $clash->seconds], $day->clashes),
            'day' => [$day->onSiteSeconds(), $day->idleSeconds(), array_column($day->stays, 'id'), array_column($day->untimed, 'id')],
            'stays' => $stays,
            'cautions' => [Cautions::of($figures, [Hazard::Tide, Hazard::Alone], $site, $stays), Cautions::of([$figures[1]], [], $site, [$stays[1]])],
            'packing' => [
                PackingList::of($figures, Hazard::cases(), $day->onSiteSeconds()), PackingList::of([$figures[1]], [], 7_200.0), PackingList::of([$figures[1]], [], 7_201.0),
                PackingList::of([$figures[4], $figures[0]], [Hazard::Night, Hazard::Cold]),
            ],
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function files(): array
    {
        $nested = static fn (int $deep): string => '<gpx>' . str_repeat('<extensions>', $deep) . str_repeat('</extensions>', $deep) . '<wpt lat="1" lon="2"/></gpx>';
        $files = [
            'waypoint' => '<?xml version="1.0"?><!-- a > b --><gpx><metadata/><wpt lat="51.85" lon="-1.9"><ele>4</ele><name> Mill  <![CDATA[<race>]]></name></wpt></gpx>',
            'route' => '<gpx><rte><rtept lat="-90" lon="180"/></rte></gpx>', 'track' => '<gpx><trk><trkseg><trkpt lat="1" lon="2"/></trkseg></trk></gpx>',
            'too far north' => '<gpx><wpt lat="90.5" lon="2"/></gpx>', 'too far east' => '<gpx><wpt lat="9" lon="-180.5"/></gpx>', 'no place' => '<gpx></gpx>',
            'a point' => '{"type":"Point","coordinates":[1.9,51.85,3]}', 'a line' => '{"type":"Feature","properties":{"name":"Pans"},"geometry":{"type":"LineString","coordinates":[[1,2],[3,4]]}}',
            'a list' => '{"type":"FeatureCollection","features":[{"type":"Feature","geometry":null},{"type":"Feature","properties":{"name":"Sluice"},"geometry":{"type":"Point","coordinates":[7,8]}}]}',
            'nothing' => '{"type":"FeatureCollection","features":[]}', 'no numbers' => '{"type":"Point","coordinates":["a",1]}', 'not closed' => '<gpx', 'entity' => '<!DOCTYPE gpx><gpx/>',
            'deep' => $nested(40), 'as deep as may be' => $nested(20),
        ];
        $told = array_map(static fn (string $text): mixed => self::made(static fn (): PlaceFile => PlaceFile::read($text)), $files);
        foreach ([['1 2 4', '1/60 0.5 1', '48'], ['1', '2', ''], ['1;2, 3', '1/4 s', '5'], ['x', '', '4'], ['1 2 3 4 5 6 7 8 9', '1', '500'], ['3', '2.7', '501'], ['0.5', '0.25 0.2', '6.5']] as $typed) {
            $told['test of ' . implode(' | ', $typed)] = self::made(static fn (): mixed => self::trial('Reeds', ...$typed));
        }
        foreach ([['3 s', '30', '20 s'], ['15 min', '0.01', '20'], ['0', '50', '10'], ['2', '100', '5'], ['4', 'half', '0'], ['1 d', '99.9', '1 h'], ['2 d', '5', '2 h']] as $typed) {
            $told['recipe of ' . implode(' | ', $typed)] = self::made(static fn (): mixed => RecipeText::read(...[...$typed, 'it moves so']));
        }

        return $told;
    }

    /**
     * @return array<string, mixed> what is said of pieces of kit that are typed on their limits, beyond them, and wrongly
     */
    private static function typedKit(): array
    {
        $told = [];
        foreach (KitKind::cases() as $kind) {
            foreach ($kind->fields() as $name => $field) {
                foreach ([$field->least, $field->least - 1e-4, $field->most, $field->most + 1.0, $field->least + 0.5, 'some'] as $typed) {
                    $told["{$kind->value} {$name} {$typed}"] = self::made(static fn (): mixed => array_filter(
                        TypedKit::read(['kind' => $kind->value, 'name' => 'Piece', 'count' => '2', $name => (string) $typed])->values,
                        static fn (string $own): bool => $own === $name,
                        ARRAY_FILTER_USE_KEY,
                    ));
                }
            }
        }
        foreach (['', '1', '1000', '1001', '0', '1.5', 'two'] as $count) {
            $told["count {$count}"] = self::made(static fn (): mixed => TypedKit::read(['kind' => 'cable', 'name' => 'Cable', 'count' => $count])->count);
        }

        return ['all' => $told];
    }

    private static function trial(string $subject, string $intervals, string $shutters, string $photos): mixed
    {
        $trial = TrialText::read($subject, $intervals, $shutters, $photos);
        $cells = $trial->cells();
        $judged = $trial;
        foreach (array_slice($cells, 0, 3) as $n => $cell) {
            $judged = $trial->fits($cell) ? $judged->withVerdict($cell, 3 + $n % 3, "note {$n}") : $judged;
        }

        return [
            $cells, array_map($trial->openShare(...), $cells), array_map($trial->fits(...), $cells), $trial->layout(), $trial->seconds(), $judged->verdictTexts(), $judged->best(),
            self::made(static fn (): mixed => $judged->recipe(20.0)), TrialText::fromJson($subject, TrialText::toJson($judged)),
        ];
    }

    /**
     * @param callable(): mixed $make
     */
    private static function made(callable $make): mixed
    {
        try {
            return $make();
        } catch (InvalidInput $refused) {
            return array_column($refused->problems, 'message', 'pointer');
        }
    }
}
