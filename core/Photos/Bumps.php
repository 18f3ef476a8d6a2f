<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Optics\Picture;
use Evrent\Core\Shot\Shot;

/**
 * Photos whose picture is shifted against their neighbours' by more than the move: somebody touched the camera, or the wind did, or the legs
 * sank.
 *
 * What a photo is shifted by against the one before it, less what the axes carry the picture in between, less the middle one of `WINDOW`
 * around it: what is near shifts by more than what is far, and a plan does not always know how far it looks.
 */
final readonly class Bumps
{
    /** Told above so many pixels at the clip's size. */
    public const SEEN_PIXELS = 3.0;

    /**
     * And above so many times what the middle one shakes, and what one in ten does: small pictures cannot be measured finely, some move by whole
     * pixels alone, and in the wind all shake.
     */
    private const OF_SHAKES = 5.0;
    private const OFTEN_SHARE = 0.9;
    private const OF_OFTEN = 1.5;
    /** Of fewer, one bump is often. */
    private const OFTEN_PHOTOS = 40;

    private const WINDOW = 15;
    private const LEAST_PHOTOS = 5;
    /** What goes back within so many photos was a bump; what does not is a knock that stayed. */
    private const BACK_WITHIN = 30;
    private const BACK_SHARE = 0.3;
    private const CLIP_WIDTH = 1_920;

    /**
     * @param array<int, array{float, float}> $pixels  right and down against the neighbours, at the clip's size, by number
     * @param list<int>                       $bumped  numbers of photos that are off, and then it was back
     * @param list<int>                       $knocked numbers of photos from which on all are off
     */
    private function __construct(public array $pixels, public array $bumped, public array $knocked)
    {
    }

    /**
     * @param list<string>                         $names  files in the order in which they were looked at
     * @param array<string, array{float, float}> $shifts by file: how much farther right and down its picture lies than that of the file before
     *                                                     it, shares of the width; without those where that cannot be told
     */
    public static function of(Shot $shot, Matching $matching, array $names, array $shifts): self
    {
        $places = self::places($names, $shifts);
        $moved = self::moved($shot, $matching->count());
        $steps = [];
        $before = null;
        foreach ($matching->photos() as $number => $photo) {
            $is = $photo === null ? null : $places[$photo->file] ?? null;
            $was = $before === null ? null : $places[$before->file] ?? null;
            $before = $photo;
            if ($is !== null && $was !== null && $is[0] === $was[0]) {
                $steps[$number] = [$is[1] - $was[1] - ($moved[$number][0] ?? 0.0), $is[2] - $was[2] - ($moved[$number][1] ?? 0.0)];
            }
        }
        if (count($steps) < self::LEAST_PHOTOS) {
            return new self([], [], []);
        }
        $wide = $shot->plan->optics->outputWidthPixels ?? self::CLIP_WIDTH;
        $right = self::rest(array_column($steps, 0));
        $down = self::rest(array_column($steps, 1));
        $all = $sizes = [];
        foreach (array_keys($steps) as $n => $of) {
            $all[$of] = [$right[$n] * $wide, $down[$n] * $wide];
            $sizes[] = hypot(...$all[$of]);
        }
        sort($sizes);
        $often = count($sizes) < self::OFTEN_PHOTOS ? 0.0 : $sizes[(int) (self::OFTEN_SHARE * (count($sizes) - 1))];
        $least = max(self::SEEN_PIXELS, self::OF_SHAKES * $sizes[intdiv(count($sizes), 2)], self::OF_OFTEN * $often);

        return self::told(array_filter($all, static fn (array $jump): bool => hypot(...$jump) > $least), $least);
    }

    /**
     * @return array<string, Finding>
     */
    public function findings(): array
    {
        $found = [];
        foreach (['bump' => $this->bumped, 'knock' => $this->knocked] as $what => $numbers) {
            if ($numbers === []) {
                continue;
            }
            $most = max(array_map(fn (int $number): float => hypot(...$this->pixels[$number] ?? [0.0, 0.0]), $numbers));
            $found += CardFinding::of($what, FindingId::PhotosSpoilt, $numbers, ['pixels' => Quantity::rounded($most, 1)]);
        }

        return $found;
    }

    /**
     * @param array<int, array{float, float}> $jumps by number
     * @param float                           $least pixels that are told
     */
    private static function told(array $jumps, float $least): self
    {
        $pixels = $bumped = $knocked = [];
        $numbers = array_keys($jumps);
        $used = [];
        foreach ($numbers as $at => $number) {
            if (isset($used[$number])) {
                continue;
            }
            $back = null;
            foreach (array_slice($numbers, $at + 1) as $later) {
                if ($later - $number > self::BACK_WITHIN) {
                    break;
                }
                $left = hypot($jumps[$number][0] + $jumps[$later][0], $jumps[$number][1] + $jumps[$later][1]);
                if ($left < max($least, self::BACK_SHARE * hypot(...$jumps[$number]))) {
                    $back = $later;
                    break;
                }
            }
            $pixels[$number] = $jumps[$number];
            if ($back === null) {
                $knocked[] = $number;
                continue;
            }
            $used[$back] = true;
            for ($n = $number; $n < $back; $n++) {
                $pixels[$n] = $jumps[$number];
                $bumped[] = $n;
            }
        }

        return new self($pixels, array_values(array_unique($bumped)), $knocked);
    }

    /**
     * @param list<string>                         $names
     * @param array<string, array{float, float}> $shifts
     *
     * @return array<string, array{int, float, float}> by file: which of the stretches that can be compared, and where in it
     */
    private static function places(array $names, array $shifts): array
    {
        $places = [];
        [$stretch, $x, $y] = [0, 0.0, 0.0];
        foreach ($names as $name) {
            $by = $shifts[$name] ?? null;
            [$stretch, $x, $y] = $by === null ? [$stretch + 1, 0.0, 0.0] : [$stretch, $x + $by[0], $y + $by[1]];
            $places[$name] = [$stretch, $x, $y];
        }

        return $places;
    }

    /**
     * What the axes carry the picture from the photo before: turned right, what is seen goes left.
     *
     * @return array<int, array{float, float}> right and down, shares of the width, by number; empty where the lens is not known
     */
    private static function moved(Shot $shot, int $photos): array
    {
        $optics = $shot->plan->optics;
        if ($optics === null) {
            return [];
        }
        $picture = new Picture($optics);
        $pan = $shot->schedule->positionsFor(AxisRole::Pan);
        $tilt = $shot->schedule->positionsFor(AxisRole::Tilt);
        $slide = $shot->schedule->positionsFor(AxisRole::Slide);
        $moved = [];
        for ($n = 1; $n < $photos; $n++) {
            $across = $picture->shift(AxisRole::Pan, self::step($pan, $n), $tilt[$n] ?? 0.0, 1.0)
                + $picture->shift(AxisRole::Slide, self::step($slide, $n), 0.0, $optics->subjectMetres);
            $moved[$n + 1] = [
                -$across / $optics->outputWidthPixels,
                $picture->shift(AxisRole::Tilt, self::step($tilt, $n), 0.0, 1.0) / $optics->outputWidthPixels,
            ];
        }

        return $moved;
    }

    /**
     * @param ?list<float> $axis where it stands for each photo
     */
    private static function step(?array $axis, int $n): float
    {
        return $axis === null ? 0.0 : ($axis[$n] ?? 0.0) - ($axis[$n - 1] ?? 0.0);
    }

    /**
     * @param list<float> $steps
     *
     * @return list<float> less the middle one of those around each
     */
    private static function rest(array $steps): array
    {
        $half = intdiv(self::WINDOW, 2);
        $rest = [];
        foreach ($steps as $n => $step) {
            // At the ends as wide on either side as there is room: a move that gathers speed is no bump.
            $wide = min($half, $n, count($steps) - 1 - $n);
            $around = array_slice($steps, $n - $wide, 2 * $wide + 1);
            sort($around);
            $rest[] = $step - $around[$wide];
        }

        return $rest;
    }
}
