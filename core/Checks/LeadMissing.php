<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Plan\Lead;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\TimedBy;

/**
 * F6: no lead goes from the rig to this camera, or the one that is taken along does not fit, or cannot hold the shutter open.
 */
final class LeadMissing implements Check
{
    public static function about(): About
    {
        return new About(
            [Stage::Pack],
            ['/lead/rig_gives', '/lead/body_takes', '/lead/name', '/lead/rig_end', '/lead/body_end', '/lead/half_press', '/lead/holds_bulb'],
            unmended: 'Pack a lead that fits both ends.',
        );
    }

    public function find(Shot $shot): ?Finding
    {
        $lead = $shot->plan->lead;
        if ($shot->plan->trigger->isCamera() || ($wanted = $lead->wanted()) === null) {
            return null;
        }
        $what = match (true) {
            $lead->name === null => ['The lead is missing', 'none named', "Nothing is named that goes between: a {$wanted}."],
            $lead->rigEnd !== null && $lead->rigEnd !== $lead->rigGives
                => ['The lead does not fit the rig', $lead->rigEnd->label() . ' at the rig', "It takes a {$wanted}."],
            $lead->bodyEnd !== null && $lead->bodyEnd !== $lead->bodyTakes
                => ['The lead does not fit the camera', $lead->bodyEnd->label() . ' at the camera', "It takes a {$wanted}."],
            $lead->holdsBulb === false && $shot->plan->camera->exposureTimedBy === TimedBy::Controller
                => ['The lead cannot hold the shutter open', 'no bulb', 'The controller times the exposure on bulb: take a lead whose shutter line is held.'],
            default => null,
        };

        return $what === null ? null : new Finding(
            FindingId::CableMissing,
            Severity::Stops,
            $what[0],
            $what[1],
            "{$what[2]} Without it the rig moves, and no photo is taken.",
            1,
            $shot->schedule->photosTotal(),
            static fn (): array => [new Remedy('lead', 'Take a ' . $wanted, 'it goes on the packing list', $shot->plan->with(['lead' => self::right($lead)]))],
        );
    }

    /** One that fits: it keeps its name unless that is another's. */
    private static function right(Lead $lead): Lead
    {
        $fits = $lead->name !== null && ($lead->rigEnd ?? $lead->rigGives) === $lead->rigGives && ($lead->bodyEnd ?? $lead->bodyTakes) === $lead->bodyTakes;

        return ($fits ? $lead : new Lead($lead->rigGives, $lead->bodyTakes, null, null, null, $lead->hasHalfPress, $lead->holdsBulb))->matching();
    }
}
