<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Motion\Leg;
use Evrent\Core\Motion\RampEntry;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;

/**
 * T11: a ramp in per cent is read as one end where it means both.
 *
 * Ramps that leave little of a run at full speed are what that mistake looks like: told until the shooter has said what the
 * controller takes. Once that is said, told when the controller cannot take what the plan has.
 */
final class RampReadTwoWays implements Check
{
    /** A usual ramp of some 40 % in all, typed in for each end, takes up this share of the run or more. */
    private const LIKELY_MISREAD_SHARE = 0.75;

    /** Ends that differ by less are the same number on any display. */
    private const SAME_SHARE = 0.0005;

    public function find(Shot $shot): ?Finding
    {
        $plan = $shot->plan;
        foreach ($plan->path->legs as $leg) {
            $unequal = abs($leg->easing->rampIn - $leg->easing->rampOut) >= self::SAME_SHARE;
            if ($plan->rig->rampEntry === RampEntry::Total && $unequal) {
                return self::cannotBeEntered($plan, $leg);
            }
            if ($plan->rig->rampEntry === null && $leg->easing->total() >= self::LIKELY_MISREAD_SHARE) {
                return self::likelyMisread($plan, $leg);
            }
        }

        return null;
    }

    private static function likelyMisread(Plan $plan, Leg $leg): Finding
    {
        [$in, $out] = $leg->rampPhotos();
        $easing = $leg->easing;

        return (new Finding(
            FindingId::RampReadTwoWays,
            new Message('checks.ramp_read_two_ways.title'),
            new Message('checks.ramp_read_two_ways.shortfall', ['total' => Quantity::roundedPercent($easing->total())]),
            new Message('checks.ramp_read_two_ways.sentence', [
                'photos' => Quantity::photos($in),
                'photos2' => Quantity::photos($out),
                'rampIn' => Quantity::roundedPercent(max($easing->rampIn, $easing->rampOut)),
            ]),
            null,
            0,
            static fn (): array => [
                new Remedy(
                    'each_end',
                    new Message('checks.ramp_read_two_ways.each_end'),
                    '',
                    $plan->withRig($plan->rig->withRampEntry(RampEntry::EachEnd)),
                ),
                new Remedy(
                    'total',
                    new Message('checks.ramp_read_two_ways.both_ends'),
                    new Message('checks.ramp_read_two_ways.steadier'),
                    $plan->withRig($plan->rig->withRampEntry(RampEntry::Total))->withMove($plan->move->withEasings(
                        static fn (Easing $easing): Easing => new Easing($easing->total() / 4.0, $easing->total() / 4.0, $easing->shape),
                    )),
                ),
            ],
        ))->withSeverity(Severity::Info);
    }

    private static function cannotBeEntered(Plan $plan, Leg $leg): Finding
    {
        return new Finding(
            FindingId::RampReadTwoWays,
            new Message('checks.ramp_read_two_ways.one_ramp'),
            new Message('checks.ramp_read_two_ways.one_ramp_shortfall', [
                'in' => Quantity::roundedPercent($leg->easing->rampIn), 'out' => Quantity::roundedPercent($leg->easing->rampOut),
            ]),
            new Message('checks.ramp_read_two_ways.one_ramp_sentence', array_combine(['in', 'out'], $leg->rampPhotos())),
            null,
            0,
            static fn (): array => [new Remedy(
                'halve',
                new Message('checks.ramp_read_two_ways.alike'),
                new Message('checks.ramp_read_two_ways.same_total'),
                self::halved($plan),
            )],
        );
    }

    private static function halved(Plan $plan): Plan
    {
        return $plan->withMove($plan->move->withEasings(
            static fn (Easing $easing): Easing => new Easing($easing->total() / 2.0, $easing->total() / 2.0, $easing->shape),
        ));
    }
}
