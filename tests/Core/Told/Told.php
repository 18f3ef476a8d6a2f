<?php

declare(strict_types=1);

namespace Tests\Core\Told;

use BackedEnum;
use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Report;
use Evrent\Core\Day\DayLine;
use Evrent\Core\Day\PackingList;
use Evrent\Core\Day\ShotFigures;
use Evrent\Core\Drawings\BudgetDrawing;
use Evrent\Core\Drawings\Drawable;
use Evrent\Core\Drawings\IntervalColumns;
use Evrent\Core\Drawings\SceneryColumns;
use Evrent\Core\Drawings\Staircase;
use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Format\SettingsText;
use Evrent\Core\Format\SkyJson;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\ExposureHelp;
use Evrent\Core\Shot\School;
use Evrent\Core\Shot\SchoolsCompared;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\Equatorial;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Nutation;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Target;
use UnitEnum;

/**
 * All that is told of a shot, as plain values: what a number belongs to by name, and a long column by a few figures that change when any
 * of its numbers does.
 */
final class Told
{
    private const LONGEST_LIST = 16;
    private const LONGEST_TEXT = 400;

    /**
     * @return array<string, mixed>
     */
    public static function of(Plan $plan): array
    {
        $shot = Shot::of($plan);
        $report = Report::on($shot);
        $figures = ShotFigures::of($shot, $report);
        $light = $shot->light();
        $told = [
            'findings' => array_map(static fn (Finding $finding): array => self::finding($plan, $finding), $report->findings),
            'figures' => $figures->toArray(),
            'summary' => $shot->schedule->summary,
            'exposure' => ExposureHelp::told($shot),
            'settings' => explode("\n", SettingsText::of($shot->schedule)),
            'schools' => SchoolsCompared::of($shot),
            'ramps' => $light === null ? [] : array_map(static fn (School $school): mixed => $shot->ramp($school), School::cases()),
            'light' => $light,
            'stars' => $shot->stars(),
            'drain' => $shot->drain(),
            'motion' => $shot->motion(),
            'exposure room' => $shot->exposureRoom(),
            'staircase' => Staircase::of($shot->schedule, 150),
            'intervals' => IntervalColumns::of($shot->schedule),
            'scenery' => SceneryColumns::of($shot),
            'columns' => Drawable::columns($shot),
            'budgets' => BudgetDrawing::of($shot),
            'packing' => PackingList::of([$figures, $figures], []),
        ];
        if ($plan->site !== null) {
            $line = DayLine::of($plan->site, true);
            $told['day'] = [$line->told(), SkyJson::day($plan->site->day, $line->events)];
        }

        return array_map(self::plain(...), $told);
    }

    /**
     * @return array<string, mixed>
     */
    public static function finding(Plan $plan, Finding $finding): array
    {
        $remedies = [];
        foreach ($finding->remedies() as $remedy) {
            $remedies[$remedy->key] = [$remedy->label, $remedy->costs, PlanChanges::values($plan, $remedy->mended)];
        }

        return [
            'id' => $finding->id->value, 'how bad' => $finding->severity->value, 'title' => $finding->title, 'shortfall' => $finding->shortfall,
            'sentence' => $finding->sentence, 'photo' => $finding->firstPhoto, 'photos' => $finding->photoCount, 'remedies' => $remedies,
        ];
    }

    /**
     * @param list<Instant> $instants
     *
     * @return array<string, mixed>
     */
    public static function sky(Site $site, array $instants): array
    {
        $stands = [];
        foreach ($instants as $instant) {
            $stands[$instant->utcText()] = [
                SkyJson::sky($site->observer, $instant), $instant->centuries, $instant->meanSiderealDegrees(), new Nutation($instant->centuries),
                array_map(static fn (Target $target): Equatorial => $target->body()->place($instant), Target::cases()),
            ];
        }
        $line = DayLine::of($site, true);

        return array_map(self::plain(...), ['stands' => $stands, 'day' => [SkyJson::day($site->day, $line->events), $line->told()]]);
    }

    /**
     * @return mixed texts and numbers, or arrays of them, none of them long
     */
    public static function plain(mixed $value): mixed
    {
        if ($value instanceof Plan) {
            $value = [$value->photosTotal(), $value->timing, $value->light];
        }
        if ($value instanceof UnitEnum) {
            return $value instanceof BackedEnum ? $value->value : $value->name;
        }
        if (is_object($value)) {
            $value = get_object_vars($value);
        }
        if (is_float($value)) {
            return is_finite($value) ? (float) sprintf('%.9g', $value) : (string) $value;
        }
        if (is_string($value) && strlen($value) > self::LONGEST_TEXT) {
            // A line that is drawn: the places it goes through.
            preg_match_all('/-?[0-9.]+/', $value, $places);

            return self::column(array_map(floatval(...), $places[0]));
        }
        if (!is_array($value)) {
            return $value;
        }

        return array_is_list($value) && count($value) > self::LONGEST_LIST ? self::column($value) : array_map(self::plain(...), $value);
    }

    /**
     * @param list<mixed> $column
     *
     * @return array<string, mixed>
     */
    private static function column(array $column): array
    {
        $column = array_map(self::plain(...), $column);
        $numbers = [];
        $words = '';
        array_walk_recursive($column, static function (mixed $value) use (&$numbers, &$words): void {
            if (is_int($value) || is_float($value)) {
                $numbers[] = $value;
            } else {
                $words .= json_encode($value, JSON_THROW_ON_ERROR);
            }
        });
        $said = $words === '' ? [] : ['words' => md5($words)];
        if ($numbers === []) {
            return ['of' => count($column)] + $said;
        }
        $weighed = 0.0;
        foreach ($numbers as $place => $number) {
            $weighed += $number * sqrt($place + 1.0);
        }

        return array_map(self::plain(...), [
            'of' => count($column), 'numbers' => count($numbers), 'least' => min($numbers), 'most' => max($numbers), 'sum' => array_sum($numbers), 'weighed' => $weighed,
        ]) + $said;
    }
}
