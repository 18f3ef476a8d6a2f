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
use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;
use Evrent\Devices\Protocol\Gcode\PassProgram;
use Evrent\Devices\Protocol\Gcode\ShotProgram;
use Evrent\Words\Words;

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

    public function label(): Message
    {
        return match ($this) {
            self::Ffconcat => new Message('devices.file.ffmpeg'),
            self::Otio => new Message('devices.file.otio'),
            self::Cmx3600 => new Message('devices.file.edl'),
            self::Gltf => new Message('devices.file.gltf'),
            self::Csv => new Message('devices.file.path'),
            self::Gcode => new Message('devices.file.gcode'),
            self::Pass => new Message('devices.file.pass'),
            self::Calendar => new Message('devices.file.calendar'),
            self::Plan => new Message('devices.file.plan'),
            self::Schedule => new Message('devices.file.schedule'),
            self::Clip => new Message('devices.file.clip'),
        };
    }

    /** What it is taken to. */
    public function isFor(): Message
    {
        return match ($this) {
            self::Ffconcat => new Message('devices.file.ffmpeg_for'),
            self::Otio => new Message('devices.file.otio_for'),
            self::Cmx3600 => new Message('devices.file.edl_for'),
            self::Gltf => new Message('devices.file.gltf_for'),
            self::Csv => new Message('devices.file.path_for'),
            self::Gcode => new Message('devices.file.gcode_for'),
            self::Pass => new Message('devices.file.pass_for'),
            self::Calendar => new Message('devices.file.calendar_for'),
            self::Plan => new Message('devices.file.plan_for'),
            self::Schedule => new Message('devices.file.schedule_for'),
            self::Clip => new Message('devices.file.clip_for'),
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
            self::Otio => Otio::of($material, $frames, Words::say(...)),
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
