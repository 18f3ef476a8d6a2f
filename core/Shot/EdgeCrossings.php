<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\TimedPass;
use Evrent\Core\Schedule\Poses;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * When the edge of something, such as an opening, crosses a line of the frame: at which photo and second of the lapse, and at which second of the same move
 * in real time. What is cut together from both has to cross there.
 */
final class EdgeCrossings
{
    /** Lines of the frame, as shares of half its width from the middle. */
    public const LINES = ['left' => -1.0, 'middle' => 0.0, 'right' => 1.0];
    private const LEAST_DEPTH = 0.02;
    private const MOST_METRES = 1_000_000;

    /**
     * @param float     $panDegrees where the pan stands with the edge in the middle, from the first photo's place
     * @param float     $metres     how far it is from there
     * @param TimedPass $pass       the move in real time, from its first photo to its last
     *
     * @return list<array{photo: float, lapseSeconds: float, passSeconds: float}> in their order; photo 12.5 is half-way from 12 to 13
     *
     * @throws InvalidInput
     */
    public static function of(Schedule $schedule, float $panDegrees, float $metres, string $line, TimedPass $pass): array
    {
        $optics = $schedule->plan->optics
            ?? throw new InvalidInput([new Problem('/pan', new Message('shot.crossings.picture'))]);
        if ($metres <= 0.0 || $metres > self::MOST_METRES) {
            throw new InvalidInput([new Problem('/metres', new Message('shot.crossings.distance'))]);
        }
        $half = $optics->croppedWidthPixels() / $optics->imageWidthPixels * $optics->sensorWidthMillimetres / 2.0 / $optics->focalMillimetres;
        $wanted = (self::LINES[$line] ?? throw new InvalidInput([new Problem('/line', new Message('shot.crossings.line'))])) * $half;
        $columns = Poses::columns($schedule);
        [$x, $z] = [$columns['x'][0] + $metres * sin(deg2rad($panDegrees)), $metres * cos(deg2rad($panDegrees))];
        $crossings = [];
        $before = null;
        foreach ($columns['x'] as $n => $slide) {
            $yaw = deg2rad($columns['yaw'][$n]);
            $ahead = ($x - $slide) * sin($yaw) + $z * cos($yaw);
            $off = $ahead < self::LEAST_DEPTH * $metres ? null : (($x - $slide) * cos($yaw) - $z * sin($yaw)) / $ahead - $wanted;
            if ($off !== null && $before !== null && ($before < 0.0) !== ($off < 0.0)) {
                $photo = $n + $before / ($before - $off);
                $crossings[] = [
                    'photo' => $photo, 'lapseSeconds' => self::lapse($schedule, $photo), 'passSeconds' => $pass->secondsTo($photo - 1.0),
                ];
            }
            $before = $off;
        }

        return $crossings;
    }

    private static function lapse(Schedule $schedule, float $photo): float
    {
        $timing = $schedule->plan->timing;

        return ($timing->playsBackwards ? $schedule->photosTotal() - $photo : $photo - 1.0) / $timing->framesPerSecond;
    }
}
