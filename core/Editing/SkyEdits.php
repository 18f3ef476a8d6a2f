<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Motion\Base;
use Evrent\Core\Motion\EaseShape;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Motion\Move;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\ShotSky;
use Evrent\Core\Sky\Angles;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Target;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Aims the rig at what is in the sky, and follows it.
 */
final class SkyEdits
{
    /** A tracked body stays this near to the middle of the frame. */
    private const NEAR_DEGREES = 0.05;
    private const MOST_KEYFRAMES = 60;

    /**
     * Aims a keyframe at a body where it stands at that keyframe's own photo, or at another time.
     *
     * @throws InvalidInput
     */
    public static function aimed(Schedule $schedule, int $place, Target $target, ?Instant $at = null): Plan
    {
        $photo = $schedule->pegPhotos()[$place] ?? throw new InvalidInput([new Problem('/edit/place', new Message('editing.keyframe.none'))]);
        $sky = self::sky($schedule);
        $seen = $at === null ? $sky->at($target, $photo - 1) : $sky->sky->of($target, $at);

        return Framing::aimed($schedule->plan, $place, self::bearing($seen), self::height($schedule->plan, $seen));
    }

    /**
     * Keeps a body in the middle of the frame: pan and tilt go through keyframes along its path, few enough that it strays by less
     * than a twentieth of a degree between them. A slide goes on as it did, evenly. Where the pan's travel does not reach, the base is
     * turned so that it does as far as it can, and beyond it the rig stands at its end.
     *
     * @throws InvalidInput
     */
    public static function tracked(Schedule $schedule, Target $target): Plan
    {
        $plan = $schedule->plan;
        $ends = [$plan->move->keyframes[0], $plan->move->keyframes[count($plan->move->keyframes) - 1]];
        // Keyframes between, and photos held at them, give way: what is tracked is never still.
        $plan = $plan->withMove(new Move([new Keyframe(0.0, $ends[0]->positions), new Keyframe(1.0, $ends[1]->positions)], $plan->move->easing));
        $schedule = Schedule::of($plan);
        $sky = self::sky($schedule);
        $first = $schedule->pegPhotos()[0] - 1;
        $last = $schedule->pegPhotos()[count($plan->move->keyframes) - 1] - 1;
        $azimuths = $sky->azimuths($target);
        $altitudes = array_map(static fn (float $altitude): float => (new Horizontal(0.0, $altitude))->followedAltitude(), $sky->altitudes($target));
        $moves = $plan->timing->photos - 1;
        if ($plan->rig->axisFor(AxisRole::Pan) === null) {
            throw new InvalidInput([new Problem('/edit/target', new Message('editing.sky_edits.no_pan'))]);
        }
        $kept = self::fewest($azimuths, $altitudes, $first, $last);
        $plan = self::withBaseTurned($plan, $azimuths, $first, $last);
        $offset = self::turned($plan, $azimuths, $first, $last);
        $keyframes = [];
        foreach ($kept as $k => $n) {
            $share = $last === $first ? 0.0 : ($n - $first) / ($last - $first);
            $positions = [];
            foreach ($plan->rig->axes as $axis) {
                [$from, $to] = [$ends[0]->positions[$axis->id], $ends[1]->positions[$axis->id]];
                $positions[$axis->id] = match ($axis->role) {
                    AxisRole::Pan => $axis->clamp(round($azimuths[$n] + $offset, 4)),
                    AxisRole::Tilt => $axis->clamp(round($altitudes[$n] + self::dip($plan, $azimuths[$n] + $offset), 4)),
                    default => $from + ($to - $from) * $share,
                };
            }
            $at = $k === count($kept) - 1 ? 1.0 : round($share * $moves) / $moves;
            $keyframes[] = new Keyframe($at, $positions, pass: $k > 0 && $k < count($kept) - 1);
        }

        return $plan->withMove(new Move($keyframes, new Easing(0.0, 0.0, EaseShape::Constant)));
    }

    /**
     * @param list<float> $azimuths
     * @param list<float> $altitudes
     *
     * @return list<int> photos, from 0
     */
    private static function fewest(array $azimuths, array $altitudes, int $first, int $last): array
    {
        $kept = [$first, $last];
        for ($count = 2; $count <= self::MOST_KEYFRAMES; $count++) {
            $kept = array_map(static fn (int $k): int => (int) round($first + ($last - $first) * $k / ($count - 1)), range(0, $count - 1));
            $kept = array_values(array_unique($kept));
            $off = 0.0;
            for ($k = 0; $k < count($kept) - 1; $k++) {
                $middle = intdiv($kept[$k] + $kept[$k + 1], 2);
                $share = ($middle - $kept[$k]) / ($kept[$k + 1] - $kept[$k]);
                foreach ([$azimuths, $altitudes] as $column) {
                    $off = max($off, abs($column[$middle] - $column[$kept[$k]] - ($column[$kept[$k + 1]] - $column[$kept[$k]]) * $share));
                }
            }
            if ($off <= self::NEAR_DEGREES || count($kept) > $last - $first) {
                return $kept;
            }
        }

        return $kept;
    }

    /**
     * Turns the base where the pan's travel ends before the path does: so far that the middle of the path is the middle of the travel.
     *
     * @param list<float> $azimuths
     */
    private static function withBaseTurned(Plan $plan, array $azimuths, int $first, int $last): Plan
    {
        $pan = $plan->rig->axisFor(AxisRole::Pan);
        $offset = self::turned($plan, $azimuths, $first, $last);
        $path = array_slice($azimuths, $first, $last - $first + 1);
        [$least, $most] = [min([INF, ...$path]), max([-INF, ...$path])];
        if ($pan === null || $pan->holds($least + $offset) && $pan->holds($most + $offset)) {
            return $plan;
        }
        $middle = ($least + $most) / 2.0 - ($pan->min + $pan->max) / 2.0;

        $base = $plan->rig->base;

        return $plan->withRig($plan->rig->withBase(new Base($base->offLevelDegrees, $base->towardDegrees, round(Angles::turn($middle)))));
    }

    /**
     * From azimuths to positions of the pan, in the whole turn that keeps within its travel best.
     *
     * @param list<float> $azimuths
     */
    private static function turned(Plan $plan, array $azimuths, int $first, int $last): float
    {
        $pan = $plan->rig->axisFor(AxisRole::Pan);
        $zero = $plan->rig->base->zeroBearingDegrees;
        $middle = ($azimuths[$first] + $azimuths[$last]) / 2.0 - $zero;
        $wanted = $pan === null ? 0.0 : ($pan->min + $pan->max) / 2.0;

        return 360.0 * round(($wanted - $middle) / 360.0) - $zero;
    }

    /** A base off level points the camera down: the tilt makes up for it. */
    private static function dip(Plan $plan, float $pan): float
    {
        return $plan->rig->base->offLevelDegrees === 0.0 ? 0.0 : $plan->rig->base->dipDegrees($pan);
    }

    private static function bearing(Horizontal $seen): float
    {
        return Angles::turn($seen->azimuth);
    }

    private static function height(Plan $plan, Horizontal $seen): float
    {
        return round($seen->followedAltitude() + self::dip($plan, $seen->azimuth - $plan->rig->base->zeroBearingDegrees), 4);
    }

    private static function sky(Schedule $schedule): ShotSky
    {
        return ShotSky::of($schedule) ?? throw new InvalidInput([new Problem(
            '/edit/target',
            new Message('editing.no_sky'),
        )]);
    }
}
