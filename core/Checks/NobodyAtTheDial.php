<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Light\Control;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\CueCard;
use Evrent\Core\Shot\RampedPlan;
use Evrent\Core\Shot\School;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Dial;
use Evrent\Core\Timing\TimedBy;

/**
 * F5: exposures or ISO change along the shot, nothing but a hand can set them, and nobody is there; or a hand is, and cannot keep up.
 */
final class NobodyAtTheDial implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $light = $shot->plan->light;
        if ($light === null || $light->isAttended === null || $light->control !== Control::Manual) {
            return null;
        }
        $card = $shot->plan->camera->exposureTimedBy === TimedBy::Controller ? null : CueCard::of($shot->schedule);
        $clicks = count($card->clicks ?? []) + count($light->isoChanges);
        if ($clicks === 0) {
            return null;
        }
        if (!$light->isAttended) {
            return new Finding(
                FindingId::NobodyAtTheDial,
                new Message('checks.nobody_at_the_dial.title'),
                Quantity::counted($clicks, 'click'),
                new Message('checks.nobody_at_the_dial.sentence', [
                    'clicks' => Quantity::counted($clicks, 'click'),
                ]),
                ($card->clicks[0]['photo'] ?? 0) + 1,
                $shot->schedule->photosTotal(),
                static fn (): array => array_values(array_filter([
                    self::byEvrent($shot), $light->isoChanges === [] ? self::byController($shot) : null, self::attended($shot), self::byMeter($shot),
                    self::steady($shot),
                ])),
            );
        }
        $most = $shot->plan->thresholds->lightStops;
        if ($card === null || $card->worstStops <= $most) {
            return null;
        }

        return (new Finding(
            FindingId::NobodyAtTheDial,
            new Message('checks.nobody_at_the_dial.too_fast'),
            new Message('checks.nobody_at_the_dial.off', ['stops' => Quantity::stops($card->worstStops)]),
            new Message('checks.nobody_at_the_dial.too_fast_sentence'),
            ($card->clicks[0]['photo'] ?? 0) + 1,
            $shot->schedule->photosTotal(),
            static fn (): array => array_filter([self::byController($shot)]),
        ))->withSeverity(Severity::Warning);
    }

    /** Whether it can be is seen when the devices are read: then a start is held. */
    private static function byEvrent(Shot $shot): ?Remedy
    {
        $light = $shot->plan->light?->with(['isAttended' => null]);

        return $light === null ? null : new Remedy(
            'host',
            new Message('checks.nobody_at_the_dial.evrent'),
            new Message('checks.nobody_at_the_dial.usb'),
            $shot->plan->with(['light' => $light]),
        );
    }

    private static function byController(Shot $shot): ?Remedy
    {
        return min([INF, ...$shot->schedule->exposureSeconds]) < Exposing::SHORTEST_BULB_SECONDS ? null : new Remedy(
            'dial',
            new Message('fixes.controller_bulb'),
            '',
            $shot->plan->withCamera($shot->plan->camera->with(['dial' => Dial::Bulb, 'exposureTimedBy' => TimedBy::Controller])),
        );
    }

    private static function steady(Shot $shot): ?Remedy
    {
        $light = $shot->plan->light;
        $steady = $shot->plan->withExposure($shot->plan->timing->exposure->steady());
        $mended = $light === null ? null : $steady->with(['light' => $light->with(['isoChanges' => []])]);

        return $mended === null ? null : new Remedy(
            'steady',
            new Message('checks.nobody_at_the_dial.steady'),
            new Message('checks.nobody_at_the_dial.light_falls'),
            $mended,
        );
    }

    private static function byMeter(Shot $shot): ?Remedy
    {
        $metered = RampedPlan::by($shot, School::AperturePriority);

        return $metered === null ? null : new Remedy(
            'meter',
            new Message('checks.nobody_at_the_dial.meter'),
            new Message('checks.nobody_at_the_dial.each'),
            $metered->with(['light' => $metered->light?->with(['isoChanges' => []])])
                ->withCamera($shot->plan->camera->with(['dial' => Dial::AperturePriority, 'exposureTimedBy' => TimedBy::Camera])),
        );
    }

    private static function attended(Shot $shot): ?Remedy
    {
        $light = $shot->plan->light?->with(['isAttended' => true]);

        return $light === null ? null : new Remedy(
            'attended',
            new Message('checks.nobody_at_the_dial.attended'),
            new Message('checks.nobody_at_the_dial.cue_card'),
            $shot->plan->with(['light' => $light]),
        );
    }
}
