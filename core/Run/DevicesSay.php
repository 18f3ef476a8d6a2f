<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\FocusMode;
use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Drain;
use Evrent\Core\Timing\TimedBy;

/**
 * What rig and camera say of themselves before a shot, held against its plan. What they do not say is not judged.
 */
final readonly class DevicesSay
{
    /** Shutter times this near are the same mark, stops. */
    private const SAME_STOPS = 0.17;

    /**
     * @param ?bool                 $isHomed       whether the rig knows where it stands
     * @param ?int                  $rigBattery    per cent
     * @param ?int                  $cameraBattery per cent
     * @param ?int                  $photosLeft    that its card still takes
     * @param array<string, string> $settings      of the camera: focus mode, white balance, ISO, shutter time
     */
    public function __construct(
        public ?bool $isHomed = null,
        public ?int $rigBattery = null,
        public ?int $cameraBattery = null,
        public ?int $photosLeft = null,
        public array $settings = [],
    ) {
    }

    /**
     * @return array<string, array{isWell: ?bool, says: Text|string}> by what is to be looked at (Preflight): whether it is as planned, null where that is for
     *                                                           the shooter to judge
     */
    public function against(Schedule $schedule): array
    {
        return array_filter([
            Preflight::Dial->value => $this->dial($schedule),
            Preflight::Autofocus->value => $this->nothingAutomatic($schedule),
            Preflight::Batteries->value => $this->batteries($schedule),
            Preflight::Card->value => $this->card($schedule),
            Preflight::Homed->value => $this->isHomed === null ? null : [
                'isWell' => $this->isHomed, 'says' => new Message($this->isHomed ? 'run.devices.homed' : 'run.devices.not_homed'),
            ],
        ], static fn (?array $said): bool => $said !== null);
    }

    /** @return ?array{isWell: ?bool, says: Text|string} */
    private function dial(Schedule $schedule): ?array
    {
        $is = self::seconds($this->settings['shutter time'] ?? '');
        if ($is === null) {
            return null;
        }
        $exposures = $schedule->exposureSeconds;
        $byController = $schedule->plan->camera->exposureTimedBy === TimedBy::Controller;
        $words = BodySetting::ShutterTime->text(...);
        if (!$byController && max([0.0, ...$exposures]) / min([INF, ...$exposures]) > 1.0 + 1e-6) {
            return ['isWell' => null, 'says' => new Message('run.devices.shutter_ramp', ['is' => $words($is)])];
        }
        $planned = $byController ? INF : $exposures[0];
        $isSame = $is === $planned || $is !== INF && $planned !== INF && abs(log($is / $planned, 2)) < self::SAME_STOPS;

        return ['isWell' => $isSame, 'says' => new Message(
            $isSame ? 'run.devices.shutter_as_planned' : 'run.devices.shutter_off',
            ['is' => $words($is), 'planned' => $words($planned)],
        )];
    }

    /** @return ?array{isWell: ?bool, says: Text|string} */
    private function nothingAutomatic(Schedule $schedule): ?array
    {
        if ($this->settings === []) {
            return null;
        }
        $asPlanned = $schedule->plan->settings->focus === FocusMode::Auto ? ['focus mode' => true] : [];
        $automatic = array_keys(array_filter(
            array_diff_key($this->settings, $asPlanned),
            static fn (string $value): bool => preg_match('/auto|\bAF/i', $value) === 1,
        ));
        if ($automatic !== []) {
            return ['isWell' => false, 'says' => new Message('run.devices.automatic', ['settings' => self::named($automatic)])];
        }
        $iso = $this->settings['ISO'] ?? '';
        $planned = $schedule->plan->light?->iso;
        if (is_numeric($iso) && $planned !== null && abs((float) $iso / $planned - 1.0) > 0.02) {
            return ['isWell' => false, 'says' => new Message('run.devices.iso', ['is' => $iso, 'planned' => Quantity::number($planned)])];
        }

        // Stabiliser, review and beep are not told.
        return ['isWell' => null, 'says' => new Message('run.devices.manual', ['settings' => self::named(array_keys($this->settings))])];
    }

    /** @return ?array{isWell: ?bool, says: Text|string} */
    private function batteries(Schedule $schedule): ?array
    {
        $drain = Drain::of($schedule);
        $said = [];
        $isWell = null;
        foreach ([['camera', $this->cameraBattery, $drain?->camera], ['rig', $this->rigBattery, $drain?->rig]] as [$name, $percent, $planned]) {
            if ($percent === null) {
                continue;
            }
            $needed = $planned?->neededPercent();
            $said[] = new Message($needed === null ? "run.devices.{$name}_battery" : "run.devices.{$name}_battery_needed", [
                'percent' => $percent, 'needed' => Quantity::rounded($needed ?? 0.0, 0),
            ]);
            $isWell = $needed === null ? $isWell : $percent >= $needed && $isWell !== false;
        }

        return $said === [] ? null : ['isWell' => $isWell, 'says' => Joined::of($said, Joined::SENTENCES)];
    }

    /** @return ?array{isWell: ?bool, says: Text|string} */
    private function card(Schedule $schedule): ?array
    {
        if ($this->photosLeft === null) {
            return null;
        }
        $photos = $schedule->plan->photosProgrammed();

        return [
            'isWell' => $this->photosLeft >= $photos,
            'says' => new Message('run.devices.card', ['count' => $this->photosLeft, 'planned' => $photos]),
        ];
    }

    /**
     * @param list<string> $settings as devices name them
     *
     * @return list<Message>
     */
    private static function named(array $settings): array
    {
        return array_map(static fn (string $name): Message => new Message('run.setting.' . str_replace(' ', '_', strtolower($name))), $settings);
    }

    /** @return ?float seconds, INF for bulb; null where it says neither */
    private static function seconds(string $text): ?float
    {
        return match (true) {
            stripos($text, 'bulb') !== false => INF,
            preg_match('~^(\d+(?:\.\d+)?)/(\d+(?:\.\d+)?)~', $text, $part) === 1 && (float) $part[2] > 0.0 => (float) $part[1] / (float) $part[2],
            preg_match('/^(\d+(?:\.\d+)?)\s*s?$/', $text, $part) === 1 => (float) $part[1],
            default => null,
        };
    }
}
