<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Clip\Clip;
use Evrent\Core\Clip\Frames;
use Evrent\Core\Clip\Levels;
use Evrent\Core\Export\Material;
use Evrent\Core\Export\Xmp;
use Evrent\Core\Format\ClipJson;
use Evrent\Core\Format\MatchJson;
use Evrent\Core\Messages\Failure;
use Evrent\Core\Photos\ExposureStops;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Files\ShotFile;
use Evrent\Devices\Photos\Numbered;
use Evrent\Words\Words;
use RuntimeException;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'export')]
final class ExportCommand extends Command
{
    /** What is one file for each photo. */
    private const OF_PHOTOS = ['xmp', 'links', 'copies'];
    private const MOST_BYTES = 500_000_000;

    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.export.description'));
        $this->addArgument('plan', InputArgument::REQUIRED, Words::of('cli.check.plan'));
        $this->addArgument('format', InputArgument::REQUIRED, implode(', ', self::formats()));
        $this->addOption('match', null, InputOption::VALUE_REQUIRED, Words::of('cli.export.match'));
        $this->addOption('clip', null, InputOption::VALUE_REQUIRED, Words::of('cli.export.clip'));
        $this->addOption('photo', null, InputOption::VALUE_REQUIRED, Words::of('cli.export.photo'));
        $this->addOption('card', null, InputOption::VALUE_REQUIRED, Words::of('cli.export.media'), '.');
        $this->addOption('to', null, InputOption::VALUE_REQUIRED, Words::of('cli.export.to'));
        $this->setHelp(Words::of('cli.export.help'));
    }

    /** @return list<string> */
    private static function formats(): array
    {
        return [...array_column(ShotFile::cases(), 'value'), ...self::OF_PHOTOS];
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $format = $input->getArgument('format');
        if (!is_string($format) || !in_array($format, self::formats(), true)) {
            throw new BadUsage(Words::of('cli.export.format_problem', x: implode(', ', self::formats())));
        }
        $plan = Input::planAtOnce($input);
        $schedule = Schedule::of($plan);
        $match = $input->getOption('match');
        $json = is_string($match) ? Input::file($match, '--match', self::MOST_BYTES) : null;
        if (in_array($format, self::OF_PHOTOS, true)) {
            return $this->ofPhotos($input, $output, $format, $schedule, $json);
        }
        $material = $json === null ? Material::planned($schedule) : new Material($schedule, MatchJson::files($json, $schedule->photosTotal()));
        $frames = Frames::of(self::clip($input, $plan), $material->photos(), $material->unfit());
        $output->write(ShotFile::from($format)->of($material, $frames), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private function ofPhotos(InputInterface $input, OutputInterface $output, string $format, Schedule $schedule, ?string $match): int
    {
        $offsets = $match === null ? [] : Levels::offsets(MatchJson::brightness($match), ExposureStops::planned($schedule));
        $material = $match === null
            ? new Material($schedule, Material::planned($schedule)->files, offsets: $offsets)
            : new Material($schedule, MatchJson::files($match, $schedule->photosTotal()), offsets: $offsets);
        $to = $input->getOption('to');
        if ($format === 'xmp' && !is_string($to)) {
            $output->write(Xmp::of($material, self::photo($input, $material->photos()), Words::say(...)), false, OutputInterface::OUTPUT_RAW);

            return self::SUCCESS;
        }
        if (!is_string($to)) {
            throw new BadUsage(Words::of('cli.export.to_problem'));
        }
        try {
            if ($format === 'xmp') {
                Numbered::write(self::sidecars($material), $to);

                return self::SUCCESS;
            }
            if ($match === null) {
                throw new BadUsage(Words::of('cli.export.match_problem'));
            }
            $card = $input->getOption('card');
            $card = is_string($card) ? rtrim($card, '/') : '.';
            $names = [];
            foreach ($material->files as $number => $file) {
                $names[$material->linkName($number)] = str_starts_with($file, '/') ? $file : "{$card}/{$file}";
            }
            Numbered::make($names, $to, $format === 'copies');
        } catch (Failure $failure) {
            throw new BadUsage(Words::of('cli.export.to_failed', say: Words::say($failure->says)));
        }

        return self::SUCCESS;
    }

    /**
     * @return iterable<string, string> by name
     */
    private static function sidecars(Material $material): iterable
    {
        foreach (array_keys($material->files) as $number) {
            yield Xmp::name($material, $number) => Xmp::of($material, $number, Words::say(...));
        }
    }

    private static function clip(InputInterface $input, Plan $plan): Clip
    {
        $clip = $input->getOption('clip');

        return is_string($clip) ? ClipJson::read(Input::file($clip, '--clip')) : Clip::begun($plan);
    }

    private static function photo(InputInterface $input, int $photos): int
    {
        $number = Input::whole($input, 'photo') ?? 1;
        if ($number < 1 || $number > $photos) {
            throw new BadUsage(Words::of('cli.export.photo_problem', photos: $photos));
        }

        return $number;
    }
}
