<?php

declare(strict_types=1);

namespace Evrent\Cli;

use Evrent\Devices\Links\CameraLinks;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\ShowsLive;
use Evrent\Devices\Running\DeviceLocks;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(name: 'liveview', description: 'What a camera sees, as files')]
final class LiveviewCommand extends Command
{
    private const MOST_FRAMES = 10_000;

    /** A camera that has no frame for so long has none. */
    private const PATIENCE_SECONDS = 10.0;
    private const LOOK_MICROSECONDS = 10_000;

    protected function configure(): void
    {
        $this->addOption('camera', null, InputOption::VALUE_REQUIRED, 'ptp:HOST:PORT, usb: or ptpip:HOST:PORT:PORT');
        $this->addOption('frames', null, InputOption::VALUE_REQUIRED, 'How many', '1');
        $this->addOption('to', null, InputOption::VALUE_REQUIRED, 'Folder for frame-0001.jpg and on');
        $this->addOption('magnified', null, InputOption::VALUE_REQUIRED, 'How many times, about the middle of the picture: 1 to 8', '1');
        $this->setHelp('Says how many frames came a second. Ends with 0; with 1 where the camera does not answer or has no live view.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$address, $folder] = [$input->getOption('camera'), $input->getOption('to')];
        if (!is_string($address) || preg_match('/^(ptp:|usb:|ptpip:)/', $address) !== 1) {
            throw new BadUsage('--camera: give where the camera is reached, such as ptp:127.0.0.1:7811 or usb:.');
        }
        $frames = Input::whole($input, 'frames');
        if ($frames === null || $frames < 1 || $frames > self::MOST_FRAMES) {
            throw new BadUsage('--frames: give a number from 1 to 10000.');
        }
        $magnified = Input::whole($input, 'magnified');
        if ($magnified === null || $magnified < 1 || $magnified > 8) {
            throw new BadUsage('--magnified: give a number from 1 to 8.');
        }
        if (!is_string($folder) || $folder === '' || !is_dir($folder) && !@mkdir($folder, 0o755, true)) {
            throw new BadUsage('--to: give a folder that can be written to.');
        }
        $locks = DeviceLocks::take(null, $address) ?? throw new BadUsage('--camera: something else on this machine uses this camera. End that first.');
        $camera = CameraLinks::at($address);
        try {
            $camera->connect();
            if (!$camera instanceof ShowsLive || !$camera->hasLiveView()) {
                throw new DeviceRefused('This camera has no live view. Take a test photo in its place.');
            }
            $began = microtime(true);
            for ($n = 1; $n <= $frames; $n++) {
                file_put_contents(sprintf('%s/frame-%04d.jpg', $folder, $n), self::frame($camera, $magnified));
            }
            $took = microtime(true) - $began;
        } catch (DeviceGone | DeviceRefused $wrong) {
            fwrite(STDERR, "evrent: {$wrong->getMessage()}\n");

            return self::FAILURE;
        } finally {
            $camera->disconnect();
            $locks->letGo();
        }
        $output->writeln(sprintf('%d frames, %.1f a second', $frames, $frames / max(1e-6, $took)));

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
        throw new DeviceRefused('The camera is busy, and shows nothing.');
    }
}
