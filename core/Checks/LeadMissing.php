<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Lead;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\TimedBy;

/**
 * F6: no lead goes from the rig to this camera, or the one that is taken along does not fit, or cannot hold the shutter open.
 */
final class LeadMissing implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $lead = $shot->plan->lead;
        if ($shot->plan->trigger->isCamera() || ($wanted = $lead->wanted()) === null) {
            return null;
        }
        $what = match (true) {
            $lead->name === null => [
                new Message('checks.lead_missing.missing'),
                new Message('checks.lead_missing.none'),
                new Message('checks.lead_missing.missing_sentence', ['wanted' => $wanted]),
            ],
            $lead->rigEnd !== null && $lead->rigEnd !== $lead->rigGives
                => [
                    new Message('checks.lead_missing.rig'),
                    new Message('checks.lead_missing.rig_end', ['rigEnd' => $lead->rigEnd->label()]),
                    new Message('checks.lead_missing.other_sentence', ['wanted' => $wanted]),
                ],
            $lead->bodyEnd !== null && $lead->bodyEnd !== $lead->bodyTakes
                => [
                    new Message('checks.lead_missing.camera'),
                    new Message('checks.lead_missing.camera_end', ['bodyEnd' => $lead->bodyEnd->label()]),
                    new Message('checks.lead_missing.other_sentence', ['wanted' => $wanted]),
                ],
            $lead->holdsBulb === false && $shot->plan->camera->exposureTimedBy === TimedBy::Controller
                => [
                    new Message('checks.lead_missing.no_bulb'),
                    new Message('checks.lead_missing.no_bulb_shortfall'),
                    new Message('checks.lead_missing.no_bulb_sentence'),
                ],
            default => null,
        };

        return $what === null ? null : new Finding(
            FindingId::CableMissing,
            $what[0],
            $what[1],
            $what[2],
            1,
            $shot->schedule->photosTotal(),
            static fn (): array => [
                new Remedy(
                    'lead',
                    new Message('checks.lead_missing.take', ['wanted' => $wanted]),
                    new Message('checks.lead_missing.listed'),
                    $shot->plan->with(['lead' => self::right($lead)]),
                ),
            ],
        );
    }

    /** One that fits: it keeps its name unless that is another's. */
    private static function right(Lead $lead): Lead
    {
        $fits = $lead->name !== null && ($lead->rigEnd ?? $lead->rigGives) === $lead->rigGives && ($lead->bodyEnd ?? $lead->bodyTakes) === $lead->bodyTakes;

        return ($fits ? $lead : new Lead($lead->rigGives, $lead->bodyTakes, null, null, null, $lead->hasHalfPress, $lead->holdsBulb))->matching();
    }
}
