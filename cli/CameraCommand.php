<?php

declare(strict_types=1);

namespace Evrent\Cli;

use DateTimeImmutable;
use Evrent\Devices\Faults;
use Evrent\Devices\Simulators\Camera\CameraServer;
use Evrent\Devices\Simulators\Camera\Card;
use Evrent\Devices\Simulators\Camera\SimulatedCamera;
use Evrent\Devices\Simulators\Clock;
use Evrent\Words\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'camera')]
final class CameraCommand extends Command
{
    private const LATER_SECONDS = 60.0;
    private const LEAST_WIDTH = 160;
    private const MOST_WIDTH = 6_000;

    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.camera.description'));
        DeviceOptions::add($this, Words::of('cli.camera.port'));
        $this->addOption('trigger-port', null, InputOption::VALUE_REQUIRED, Words::of('cli.camera.trigger'), '0');
        $this->addOption('card', null, InputOption::VALUE_REQUIRED, Words::of('cli.camera.card'));
        $this->addOption('width', null, InputOption::VALUE_REQUIRED, Words::of('cli.camera.width'), '640');
        $this->addOption('second-card', null, InputOption::VALUE_REQUIRED, Words::of('cli.camera.second_card'));
        $this->setHelp(
            Words::of('cli.camera.help', port: 'PORT'),
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $folder = $input->getOption('card');
        if (!is_string($folder) || $folder === '') {
            throw new BadUsage(Words::of('cli.camera.card_problem'));
        }
        $second = $input->getOption('second-card');
        $plan = DeviceOptions::plan($input);
        $speed = DeviceOptions::speed($input);
        $faults = new Faults(DeviceOptions::faults($input, $plan?->rig->axisIds() ?? ['slide', 'pan', 'tilt']));
        $ports = [DeviceOptions::port($input, 'port'), DeviceOptions::port($input, 'trigger-port')];
        $name = DeviceOptions::name($input);
        $width = Input::whole($input, 'width');
        if ($width === null || $width < self::LEAST_WIDTH || $width > self::MOST_WIDTH) {
            throw new BadUsage(Words::of('cli.camera.width_problem'));
        }
        DeviceOptions::serve($input, $output, static function (int $further) use ($folder, $second, $plan, $faults, $speed, $ports, $name, $width): array {
            $now = new DateTimeImmutable();
            $other = is_string($second) && $second !== '' ? new Card($second) : null;
            $card = new Card($folder, $plan?->camera->nextFileNumber);
            // A camera's clock never goes back behind what is on its card: a fast world may have been ahead of ours.
            $wallSeconds = max((float) $now->format('U.u') + $now->getOffset(), ($card->latestTakenAt() ?? 0.0) + self::LATER_SECONDS);
            $camera = new SimulatedCamera($card, $plan, $faults, $width, $wallSeconds, $other, $speed);
            // Both further on by as much: else one of them may take the other's.
            [$host, $trigger] = array_map(static fn (int $port): string => '127.0.0.1:' . ($port === 0 ? 0 : $port + 2 * $further), $ports);

            return (new CameraServer($camera, new Clock($speed), $name))->listen($host, $trigger);
        }, 'camera');

        return self::SUCCESS;
    }
}
