<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Devices\Links\CameraLinks;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\ShowsLive;
use Evrent\Devices\Running\DeviceLocks;
use Evrent\Words\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'liveview')]
final class LiveviewCommand extends Command
{
    private const MOST_FRAMES = 10_000;

    /** A camera that has no frame for so long has none. */
    private const PATIENCE_SECONDS = 10.0;
    private const LOOK_MICROSECONDS = 10_000;

    protected function configure(): void
    {
        $this->setDescription(Words::of('cli.liveview.description'));
        $this->addOption('camera', null, InputOption::VALUE_REQUIRED, Words::of('cli.liveview.camera'));
        $this->addOption('frames', null, InputOption::VALUE_REQUIRED, Words::of('cli.liveview.frames'), '1');
        $this->addOption('to', null, InputOption::VALUE_REQUIRED, Words::of('cli.liveview.to'));
        $this->addOption('magnified', null, InputOption::VALUE_REQUIRED, Words::of('cli.liveview.magnified'), '1');
        $this->setHelp(Words::of('cli.liveview.help'));
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$address, $folder] = [$input->getOption('camera'), $input->getOption('to')];
        if (!is_string($address) || preg_match('/^(ptp:|usb:|ptpip:)/', $address) !== 1) {
            throw new BadUsage(Words::of('cli.liveview.camera_problem'));
        }
        $frames = Input::whole($input, 'frames');
        if ($frames === null || $frames < 1 || $frames > self::MOST_FRAMES) {
            throw new BadUsage(Words::of('cli.liveview.frames_problem'));
        }
        $magnified = Input::whole($input, 'magnified');
        if ($magnified === null || $magnified < 1 || $magnified > 8) {
            throw new BadUsage(Words::of('cli.liveview.magnified_problem'));
        }
        if (!is_string($folder) || $folder === '' || !is_dir($folder) && !@mkdir($folder, 0o755, true)) {
            throw new BadUsage(Words::of('cli.liveview.to_problem'));
        }
        $locks = DeviceLocks::take(null, $address) ?? throw new BadUsage(Words::of('cli.liveview.in_use'));
        $camera = CameraLinks::at($address);
        try {
            $camera->connect();
            if (!$camera instanceof ShowsLive || !$camera->hasLiveView()) {
                throw new DeviceRefused(new Message('devices.camera.no_live_view'));
            }
            $began = microtime(true);
            for ($n = 1; $n <= $frames; $n++) {
                file_put_contents(sprintf('%s/frame-%04d.jpg', $folder, $n), self::frame($camera, $magnified));
            }
            $took = microtime(true) - $began;
        } catch (DeviceGone | DeviceRefused $wrong) {
            fwrite(STDERR, "evrent: " . Words::say($wrong->says) . "\n");

            return self::FAILURE;
        } finally {
            $camera->disconnect();
            $locks->letGo();
        }
        $output->writeln(Words::of('cli.liveview.rate', frames: $frames, frames2: Quantity::fixed($frames / max(1e-6, $took), 1)));

        return self::SUCCESS;
    }

    /**
     * @throws DeviceGone
     * @throws DeviceRefused
     */
    private static function frame(ShowsLive $camera, int $magnified): string
    {
        for ($until = microtime(true) + self::PATIENCE_SECONDS; microtime(true) < $until; usleep(self::LOOK_MICROSECONDS)) {
            $frame = $camera->liveFrame($magnified);
            if ($frame !== null) {
                return $frame;
            }
        }
        throw new DeviceRefused(new Message('devices.camera.no_picture'));
    }
}
