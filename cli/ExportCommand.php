<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Clip\Clip;
use Evrent\Core\Clip\FrameRate;
use Evrent\Core\Clip\Frames;
use Evrent\Core\Export\CameraPath;
use Evrent\Core\Export\Cmx3600;
use Evrent\Core\Export\Ffconcat;
use Evrent\Core\Export\Gltf;
use Evrent\Core\Export\Material;
use Evrent\Core\Export\Otio;
use Evrent\Core\Export\Xmp;
use Evrent\Core\Format\ClipJson;
use Evrent\Core\Format\MatchJson;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Protocol\Gcode\ShotProgram;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'export', description: 'A shot, or the clip of its photos, as a file for another program')]
final class ExportCommand extends Command
{
    private const FORMATS = ['ffconcat', 'otio', 'cmx3600', 'xmp', 'gltf', 'csv', 'gcode'];
    private const MOST_BYTES = 500_000_000;

    protected function configure(): void
    {
        $this->addArgument('plan', InputArgument::REQUIRED, 'A plan file (evrent.plan/1), or - for standard input');
        $this->addArgument('format', InputArgument::REQUIRED, implode(', ', self::FORMATS));
        $this->addOption('match', null, InputOption::VALUE_REQUIRED, 'which photo is which (evrent.match/1); else photos have the names of their links');
        $this->addOption('clip', null, InputOption::VALUE_REQUIRED, 'the clip’s list (evrent.clip/1); else all photos one after another, at the plan’s rate');
        $this->addOption('photo', null, InputOption::VALUE_REQUIRED, 'number of the photo that an XMP file is for');
        $this->setHelp('gltf and csv are the camera’s path, gcode is a program for a rig, the others name photos.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $format = $input->getArgument('format');
        if (!in_array($format, self::FORMATS, true)) {
            throw new BadUsage('FORMAT: choose one of ' . implode(', ', self::FORMATS) . '.');
        }
        $plan = Input::planAtOnce($input);
        $schedule = Schedule::of($plan);
        $material = self::material($input, $schedule);
        $frames = Frames::of(self::clip($input, $plan), $material->photos(), $material->unfit());
        $output->write(match ($format) {
            'ffconcat' => Ffconcat::of($material, $frames),
            'otio' => Otio::of($material, $frames),
            'cmx3600' => Cmx3600::of($material, $frames),
            'xmp' => Xmp::of($material, self::photo($input, $material->photos())),
            'gltf' => Gltf::of($material, CameraPath::of($schedule, $frames)),
            'csv' => CameraPath::of($schedule, $frames)->csv(),
            'gcode' => ShotProgram::of($schedule),
        }, false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private static function material(InputInterface $input, Schedule $schedule): Material
    {
        $match = $input->getOption('match');
        if (is_string($match)) {
            return new Material($schedule, MatchJson::files(Input::file($match, '--match', self::MOST_BYTES), $schedule->photosTotal()));
        }
        $names = new Material($schedule);

        return new Material($schedule, array_map($names->linkName(...), array_combine(range(1, $names->photos()), range(1, $names->photos()))));
    }

    private static function clip(InputInterface $input, Plan $plan): Clip
    {
        $clip = $input->getOption('clip');

        return is_string($clip) ? ClipJson::read(Input::file($clip, '--clip')) : new Clip(rate: FrameRate::nearest($plan->timing->framesPerSecond));
    }

    private static function photo(InputInterface $input, int $photos): int
    {
        $number = Input::whole($input, 'photo') ?? 1;
        if ($number < 1 || $number > $photos) {
            throw new BadUsage(sprintf('--photo: give the number of a photo, from 1 to %s.', number_format($photos)));
        }

        return $number;
    }
}
