<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Motion\Leg;
use Evrent\Core\Motion\RampEntry;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

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

    public static function about(): About
    {
        return new About(
            [Stage::Time],
            ['/rig/ramp_entry'],
            unmended: 'Look up on the controller which it means before you enter the number.',
        );
    }

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

        return new Finding(
            FindingId::RampReadTwoWays,
            Severity::Know,
            'Most of the move is ramp',
            sprintf('%s %% of the run', PlainText::roundedPercent($easing->total())),
            sprintf(
                '%s gather speed and %s slow down. Some controllers take one number for both ends and halve it: if %s %% was meant so, this is twice as long.',
                PlainText::photos($in),
                PlainText::photos($out),
                PlainText::roundedPercent(max($easing->rampIn, $easing->rampOut)),
            ),
            null,
            0,
            static fn (): array => [
                new Remedy(
                    'each_end',
                    'A number for each end is meant',
                    '',
                    $plan->withRig($plan->rig->withRampEntry(RampEntry::EachEnd)),
                ),
                new Remedy(
                    'total',
                    'Both ends together are meant: halve them',
                    'a steadier move',
                    $plan->withRig($plan->rig->withRampEntry(RampEntry::Total))->withMove($plan->move->withEasings(
                        static fn (Easing $easing): Easing => new Easing($easing->total() / 4.0, $easing->total() / 4.0, $easing->shape),
                    )),
                ),
            ],
        );
    }

    private static function cannotBeEntered(Plan $plan, Leg $leg): Finding
    {
        return new Finding(
            FindingId::RampReadTwoWays,
            Severity::Look,
            'The controller takes one ramp for both ends',
            sprintf('%s %% in, %s %% out', PlainText::roundedPercent($leg->easing->rampIn), PlainText::roundedPercent($leg->easing->rampOut)),
            sprintf('It halves the number typed into it, so ramps of different length cannot be programmed: %d and %d photos here.', ...$leg->rampPhotos()),
            null,
            0,
            static fn (): array => [new Remedy(
                'halve',
                'Make both ends alike',
                'the same ramps together',
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
