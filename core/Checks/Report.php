<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\Cause;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Throwable;

/**
 * All that the checks find in a schedule, the worst first, and the verdict that follows.
 */
final readonly class Report
{
    /** @var list<class-string<Check>> every check there is, in the order of their numbers */
    public const CHECKS = [
        IntervalTooShortForRig::class,
        IntervalTooShortForCamera::class,
        NoiseReductionDoubles::class,
        ExposureNotAsPlanned::class,
        AperturePriorityOutruns::class,
        ControllerStretchesInterval::class,
        CameraTimerDrifts::class,
        ClipTooShort::class,
        IntervalTooLongForSubject::class,
        CountLimitBelowPhotos::class,
        RampReadTwoWays::class,
        TooFastOnScreen::class,
        BlurShareTooSmall::class,
        ExposureDraggedForNothing::class,
        DaylightOverexposes::class,
        StarsTrail::class,
        ContinuousSmear::class,
        TooLittleSettling::class,
        SlideDoesNotShow::class,
        NearestOutOfFocus::class,
        SlowerThanAxis::class,
        ClockworkTurnsOtherwise::class,
        ApertureAtItsEnd::class,
        NobodyAtTheDial::class,
        LeadMissing::class,
        EnlargedBeyondPixels::class,
        StepBelowMotor::class,
        BeyondTravel::class,
        FasterThanAxis::class,
        LightRunsOut::class,
        HorizonLeans::class,
        LoadTooHeavy::class,
        InclineBeyondThrust::class,
        CameraBatteryDies::class,
        RigBatteryDies::class,
        CardFull::class,
        SunInFrame::class,
        FileCounterRollsOver::class,
        CropCutsFraming::class,
        BestFramingComesLate::class,
        WindowCannotHold::class,
        TimerLacksInterval::class,
    ];

    /**
     * @param list<Finding>   $findings
     * @param list<Throwable> $failures why checks could not be made: defects, for whoever keeps the program
     */
    private function __construct(public Verdict $verdict, public array $findings, public array $failures = [])
    {
    }

    /**
     * @param list<class-string<Check>> $checks
     */
    public static function on(Shot $shot, array $checks = self::CHECKS): self
    {
        $findings = $failures = $unjudged = [];
        foreach ($checks as $check) {
            try {
                $finding = (new $check())->find($shot);
                $finding = $finding?->tried(static fn (array $remedies): array => self::thatMend($shot, $finding, $check, $remedies));
            } catch (Throwable $failure) {
                // A check that fails leaves the others as they are, and is reported as not judged.
                $failures[] = $failure;
                $unjudged[] = $check;
                $finding = null;
            }
            if ($finding !== null) {
                $findings[] = $finding;
            }
        }
        $findings = [...self::byCause($findings), ...($unjudged === [] ? [] : [self::unjudged($unjudged)])];
        // Sorting is stable: within one severity the order of the checks stays.
        usort($findings, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());

        return new self(Verdict::of($shot, $findings), $findings, $failures);
    }

    /**
     * @param list<Finding> $findings in the order of the checks
     *
     * @return list<Finding>
     */
    private static function byCause(array $findings): array
    {
        foreach (Cause::cases() as $cause) {
            $alike = array_values(array_filter($findings, static fn (Finding $finding): bool => $finding->id->about()?->cause === $cause));
            usort($alike, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());
            if (count($alike) < 2) {
                continue;
            }
            $told = [];
            foreach ($findings as $finding) {
                if ($finding === $alike[0]) {
                    $told[] = $finding->with(array_slice($alike, 1));
                } elseif (!in_array($finding, $alike, true)) {
                    $told[] = $finding;
                }
            }
            $findings = $told;
        }

        return $findings;
    }

    /**
     * The checks that a change may matter to: where only what is carried, fed and stored is another, those that look at it.
     *
     * @return list<class-string<Check>>
     */
    private static function touchedBy(Plan $before, Plan $after): array
    {
        $parts = static fn (Plan $plan): array => [
            $plan->rig, $plan->move, $plan->camera, $plan->trigger, $plan->timing, $plan->optics, $plan->thresholds, $plan->site, $plan->start, $plan->light,
            $plan->lead, $plan->film,
        ];

        return $parts($before) === $parts($after)
            ? [LoadTooHeavy::class, InclineBeyondThrust::class, CameraBatteryDies::class, RigBatteryDies::class, CardFull::class]
            : self::CHECKS;
    }

    /**
     * What is offered has been tried: the finding is gone, and nothing worse than it has come.
     *
     * @param class-string<Check> $check
     * @param list<Remedy>        $remedies
     *
     * @return list<Remedy>
     */
    private static function thatMend(Shot $shot, Finding $finding, string $check, array $remedies): array
    {
        $mending = array_filter($remedies, static function (Remedy $remedy) use ($shot, $finding, $check): bool {
            $mended = $shot->after($remedy->mended);
            if ((new $check())->find($mended) !== null) {
                return false;
            }
            // Nothing is worse than what spoils the shot.
            foreach ($finding->severity === Severity::Error ? [] : self::touchedBy($shot->plan, $remedy->mended) as $other) {
                $found = (new $other())->find($mended);
                if ($found !== null && $found->severity->rank() < $finding->severity->rank()) {
                    $before = (new $other())->find($shot);
                    if ($before === null || $before->severity->rank() > $found->severity->rank()) {
                        return false;
                    }
                }
            }

            return true;
        });

        return array_values(array_map(static fn (Remedy $remedy): Remedy => $remedy->against($shot->plan), $mending));
    }

    /**
     * @param non-empty-list<class-string<Check>> $checks that failed
     */
    private static function unjudged(array $checks): Finding
    {
        return new Finding(
            FindingId::NotJudged,
            new Message('checks.report.unjudged', ['count' => count($checks)]),
            implode(', ', array_map(static fn (string $check): string => substr($check, (int) strrpos($check, '\\') + 1), $checks)),
            new Message('checks.report.unjudged_sentence'),
            null,
            0,
        );
    }

    public function works(): bool
    {
        return $this->verdict->works();
    }

    /**
     * @return list<Finding>
     */
    public function stopping(): array
    {
        return array_values(array_filter($this->findings, static fn (Finding $finding): bool => $finding->severity === Severity::Error));
    }

    /**
     * @return list<Finding> those that are told and those that come of the same cause, each after the one it is told with
     */
    public function all(): array
    {
        return array_merge([], ...array_map(static fn (Finding $finding): array => [$finding, ...$finding->alike], $this->findings));
    }

    /** The finding that another is told with, as coming of the same cause; null where it is told by itself. */
    public function toldWith(Finding $finding): ?Finding
    {
        foreach ($this->findings as $told) {
            if (in_array($finding, $told->alike, true)) {
                return $told;
            }
        }

        return null;
    }

    /** One of all. */
    public function finding(FindingId $id): ?Finding
    {
        foreach ($this->all() as $finding) {
            if ($finding->id === $id) {
                return $finding;
            }
        }

        return null;
    }
}
