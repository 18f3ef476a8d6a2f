<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

use Evrent\Core\Messages\Message;

/**
 * Tries a device that a piece of kit says where to reach: greets it, and does the least that shows that it works.
 */
final class Trial
{
    /** Seconds within which a test photo is on the card. */
    private const PHOTO_SECONDS = 20.0;
    private const LOOK_MICROSECONDS = 100_000;

    /**
     * @param bool $homes whether it may move: without that, it is only asked where it stands
     *
     * @return list<Message> the result, in sentences
     *
     * @throws DeviceGone
     * @throws DeviceRefused
     */
    public static function rig(RigLink $rig, bool $homes): array
    {
        $rig->connect();
        try {
            $said = [new Message('devices.trial.answers')];
            if ($homes) {
                $rig->home(static fn () => null);
                $said[] = new Message('devices.trial.homed');
            }
            $status = $rig->status();
            $said[] = $status->knowsItsPlace() ? new Message('devices.trial.is_homed') : new Message('devices.trial.not_homed');
            if ($status->battery !== null) {
                $said[] = new Message('devices.trial.battery', ['battery' => $status->battery]);
            }

            return $said;
        } finally {
            $rig->disconnect();
        }
    }

    /**
     * @param bool $fires whether it takes a test photo
     *
     * @return list<Message> the result, in sentences
     *
     * @throws DeviceGone
     * @throws DeviceRefused
     */
    public static function camera(CameraLink $camera, bool $fires): array
    {
        if (!$camera->tells()) {
            return [new Message('devices.trial.cable_only')];
        }
        $camera->connect();
        try {
            $said = [new Message('devices.trial.answers')];
            $battery = $camera->batteryPercent();
            $left = $camera->photosLeft();
            array_push($said, ...array_filter([
                $battery === null ? null : new Message('devices.trial.battery', ['battery' => $battery]),
                $left === null ? null : new Message('devices.trial.photos_left', ['left' => $left]),
            ]));
            if (($camera->settings()['focus mode'] ?? '') !== '' && self::isAutofocus($camera->settings()['focus mode'])) {
                $said[] = new Message('devices.trial.autofocus');
            }
            if ($fires) {
                $said[] = self::testPhoto($camera);
            }

            return $said;
        } finally {
            $camera->disconnect();
        }
    }

    private static function testPhoto(CameraLink $camera): Message
    {
        $camera->newFiles();
        $camera->fire();
        for ($until = microtime(true) + self::PHOTO_SECONDS; microtime(true) < $until; usleep(self::LOOK_MICROSECONDS)) {
            $files = $camera->newFiles();
            if ($files !== []) {
                return new Message('devices.trial.test_photo', ['files' => basename($files[0])]);
            }
        }

        return new Message('devices.trial.no_test_photo');
    }

    private static function isAutofocus(string $mode): bool
    {
        return stripos($mode, 'auto') !== false || stripos($mode, 'AF') === 0;
    }
}
