<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Body;

use Evrent\Core\Light\Control;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\WhiteBalanceCues;
use Evrent\Core\Timing\TimedBy;

/**
 * What a plan wants a body to be set to for each of its photos: seconds, f-number, ISO, kelvin.
 */
final readonly class Wanted
{
    /** From what is wanted by more than this, in stops, and a photo is wrongly exposed. */
    public const WRONG_STOPS = 1.0 / 3.0;

    /** A white balance that the camera chooses anew for each photo flickers: where the plan names none it is set to daylight. */
    private const DAYLIGHT_KELVIN = 5_200.0;

    /**
     * @param array<int, float> $kelvins from which photo on, by number
     */
    private function __construct(private Schedule $schedule, private array $kelvins)
    {
    }

    public static function of(Schedule $schedule): self
    {
        $kelvins = [1 => $schedule->plan->settings->kelvin ?? self::DAYLIGHT_KELVIN];
        foreach (WhiteBalanceCues::of($schedule) as $cue) {
            $kelvins[$cue['photo'] + 1] = $cue['kelvin'];
        }

        return new self($schedule, $kelvins);
    }

    /**
     * @param int $number of a planned photo, from 1
     *
     * @return array<string, float> by the value of its setting; INF for bulb. What the plan does not say, or leaves to the camera's meter, is not there
     */
    public function for(int $number): array
    {
        $plan = $this->schedule->plan;
        $control = $plan->light->control ?? Control::Manual;
        $wanted = [
            BodySetting::ShutterTime->value => match (true) {
                $control === Control::AperturePriority => null,
                $plan->camera->exposureTimedBy === TimedBy::Controller => INF,
                default => $this->schedule->exposureSeconds[$number - 1],
            },
            BodySetting::Aperture->value => $control === Control::ShutterPriority ? null : $plan->light?->aperture,
            BodySetting::Iso->value => $plan->light?->isoAt($number - 1),
            BodySetting::WhiteBalance->value => $this->kelvin($number),
        ];

        return array_filter($wanted, is_float(...));
    }

    private function kelvin(int $number): float
    {
        $kelvin = self::DAYLIGHT_KELVIN;
        foreach ($this->kelvins as $from => $is) {
            $kelvin = $from <= $number ? $is : $kelvin;
        }

        return $kelvin;
    }
}
