<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

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
     * @return list<string> what came of it, in sentences
     *
     * @throws DeviceGone
     * @throws DeviceRefused
     */
    public static function rig(RigLink $rig, bool $homes): array
    {
        $rig->connect();
        try {
            $said = ['It answers.'];
            if ($homes) {
                $rig->home(static fn () => null);
                $said[] = 'It homed.';
            }
            $status = $rig->status();
            $said[] = $status->knowsItsPlace() ? 'It knows where it stands.' : 'It does not know where it stands: it homes before it moves.';
            if ($status->battery !== null) {
                $said[] = "Battery {$status->battery} %.";
            }

            return $said;
        } finally {
            $rig->disconnect();
        }
    }

    /**
     * @param bool $fires whether it takes a test photo
     *
     * @return list<string> what came of it, in sentences
     *
     * @throws DeviceGone
     * @throws DeviceRefused
     */
    public static function camera(CameraLink $camera, bool $fires): array
    {
        if (!$camera->tells()) {
            return ['A camera on the trigger line alone never answers: take a test photo through the cable, and look at its screen.'];
        }
        $camera->connect();
        try {
            $said = ['It answers.'];
            $battery = $camera->batteryPercent();
            $left = $camera->photosLeft();
            array_push($said, ...array_filter([
                $battery === null ? '' : "Battery {$battery} %.",
                $left === null ? '' : sprintf('Room for %s photos.', number_format($left)),
            ], static fn (string $sentence): bool => $sentence !== ''));
            if (($camera->settings()['focus mode'] ?? '') !== '' && self::isAutofocus($camera->settings()['focus mode'])) {
                $said[] = 'Its focus is automatic: switch it to manual.';
            }
            if ($fires) {
                $said[] = self::testPhoto($camera);
            }

            return $said;
        } finally {
            $camera->disconnect();
        }
    }

    private static function testPhoto(CameraLink $camera): string
    {
        $camera->newFiles();
        $camera->fire();
        for ($until = microtime(true) + self::PHOTO_SECONDS; microtime(true) < $until; usleep(self::LOOK_MICROSECONDS)) {
            $files = $camera->newFiles();
            if ($files !== []) {
                return 'A test photo is on its card: ' . basename($files[0]) . '.';
            }
        }

        return 'It was told to take a photo, and none came.';
    }

    private static function isAutofocus(string $mode): bool
    {
        return stripos($mode, 'auto') !== false || stripos($mode, 'AF') === 0;
    }
}
