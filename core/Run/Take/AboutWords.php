<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Axis;

/**
 * What a line of a take's log is about, in words: logs name it by an identifier such as "rig slide speed" or "camera aperture".
 */
final class AboutWords
{
    private const KNOWN = [
        'brightness', 'camera', 'devices', 'held', 'late', 'machine', 'rig', 'turn', 'focus', 'clock', 'rig place', 'rig axes', 'exposure ramp',
        'planned light', 'run out', 'own timer', 'card', 'battery',
    ];

    private const SETTINGS = ['shutter time', 'aperture', 'ISO', 'white balance', 'focus mode'];

    /** @return Message|string an identifier that is not known stays */
    public static function of(string $about): Message|string
    {
        $key = static fn (string $name): string => strtolower(str_replace(' ', '_', $name));

        return match (true) {
            in_array($about, self::KNOWN, true) => new Message("takes.about.{$key($about)}"),
            preg_match('/^axis (\S+)$/D', $about, $part) === 1 => Axis::labelOf($part[1]),
            preg_match('/^rig (\S+) (speed|steps|travel)$/D', $about, $part) === 1
                => new Message("takes.about.axis_{$part[2]}", ['axis' => Axis::labelOf($part[1])]),
            preg_match('/^camera (.+?)( list)?$/D', $about, $part) === 1 && in_array($part[1], self::SETTINGS, true)
                => new Message("run.setting.{$key($part[1])}"),
            // What somebody turns at the camera: Turn::key().
            preg_match('/^(\d+) (shutter_time|aperture|iso|white_balance)$/D', $about, $part) === 1
                => new Message('takes.about.turn_after', ['setting' => new Message("run.setting.{$part[2]}"), 'photo' => (int) $part[1]]),
            default => $about,
        };
    }
}
