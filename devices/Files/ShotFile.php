<?php

declare(strict_types=1);

namespace Evrent\Devices\Files;

use Evrent\Core\Clip\Frames;
use Evrent\Core\Export\CameraPath;
use Evrent\Core\Export\Cmx3600;
use Evrent\Core\Export\Ffconcat;
use Evrent\Core\Export\Gltf;
use Evrent\Core\Export\Material;
use Evrent\Core\Export\Otio;
use Evrent\Core\Format\ClipJson;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Format\ScheduleCsv;
use Evrent\Core\Words\Labelled;
use Evrent\Devices\Protocol\Gcode\PassProgram;
use Evrent\Devices\Protocol\Gcode\ShotProgram;

/**
 * A shot, or the clip of its photos, as a file that another program reads.
 */
enum ShotFile: string implements Labelled
{
    /** A time for what has none: files in an archive. */
    public const NO_TIME = 315_532_800;

    case Ffconcat = 'ffconcat';
    case Otio = 'otio';
    case Cmx3600 = 'cmx3600';
    case Gltf = 'gltf';
    case Csv = 'csv';
    case Gcode = 'gcode';
    case Pass = 'pass';
    case Calendar = 'ics';
    case Plan = 'plan';
    case Schedule = 'schedule';
    case Clip = 'clip';

    public function label(): string
    {
        return match ($this) {
            self::Ffconcat => 'List for ffmpeg',
            self::Otio => 'OpenTimelineIO',
            self::Cmx3600 => 'Edit list, CMX 3600',
            self::Gltf => 'Camera in 3-D, glTF 2.0',
            self::Csv => 'Camera’s path, table',
            self::Gcode => 'Program for the rig',
            self::Pass => 'Program for a pass in real time',
            self::Calendar => 'Calendar',
            self::Plan => 'Plan',
            self::Schedule => 'Schedule, a line for each photo',
            self::Clip => 'List of the clip',
        };
    }

    /** What it is taken to. */
    public function isFor(): string
    {
        return match ($this) {
            self::Ffconcat => 'a photo for each frame, with its time',
            self::Otio => 'editing programs: clip, holes, speeds, markers for keyframes and for what is missing',
            self::Cmx3600 => 'older editing programs',
            self::Gltf => '3-D work: where the camera stands and looks, in the clip’s time and in real seconds',
            self::Csv => 'the same as a table, with the focal length',
            self::Gcode => 'any controller that has the words. It moves the rig by itself: hands off before it begins',
            self::Pass => 'the same move filmed in real time. It moves the rig by itself: hands off before it begins',
            self::Calendar => 'calendars, with an alarm at the start',
            self::Plan => 'Evrent elsewhere, as it is kept here',
            self::Schedule => 'spreadsheets',
            self::Clip => 'Evrent elsewhere, and bin/evrent export',
        };
    }

    public function ending(): string
    {
        return match ($this) {
            self::Cmx3600 => 'edl',
            self::Pass => 'pass.gcode',
            self::Plan => 'plan.json',
            self::Schedule => 'schedule.csv',
            self::Clip => 'clip.json',
            default => $this->value,
        };
    }

    public function type(): string
    {
        return match ($this) {
            self::Otio, self::Plan, self::Clip => 'application/json',
            self::Gltf => 'model/gltf+json',
            self::Csv, self::Schedule => 'text/csv; charset=utf-8',
            self::Calendar => 'text/calendar; charset=utf-8',
            default => 'text/plain; charset=utf-8',
        };
    }

    /** Whether it names photos of the card, and not the shot alone. */
    public function namesPhotos(): bool
    {
        return in_array($this, [self::Ffconcat, self::Otio, self::Cmx3600], true);
    }

    /**
     * @param Frames $frames          of the clip
     * @param int    $setupMinutes    on site before the start
     * @param int    $teardownMinutes on site after the last photo
     *
     * @return string the same for the same shot, byte by byte
     *
     * @throws \Evrent\Core\Values\InvalidInput where the shot has no such file, with what to do
     */
    public function of(Material $material, Frames $frames, int $setupMinutes = 0, int $teardownMinutes = 0): string
    {
        $schedule = $material->schedule;

        return match ($this) {
            self::Ffconcat => Ffconcat::of($material, $frames),
            self::Otio => Otio::of($material, $frames),
            self::Cmx3600 => Cmx3600::of($material, $frames),
            self::Gltf => Gltf::of($material, CameraPath::of($schedule, $frames)),
            self::Csv => CameraPath::of($schedule, $frames)->csv(),
            self::Gcode => ShotProgram::of($schedule),
            self::Pass => PassProgram::of($schedule->plan),
            self::Calendar => ShotCalendar::of($schedule, $setupMinutes, $teardownMinutes),
            self::Plan => PlanWriter::toJson($schedule->plan),
            self::Schedule => implode('', iterator_to_array(ScheduleCsv::pieces($schedule->plan), false)),
            self::Clip => ClipJson::write($frames->clip),
        };
    }
}
