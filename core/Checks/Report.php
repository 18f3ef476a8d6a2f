<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Schedule\Schedule;

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
    ];

    /**
     * @param list<Finding> $findings
     */
    private function __construct(public array $findings)
    {
    }

    public static function on(Schedule $schedule): self
    {
        $findings = [];
        foreach (self::CHECKS as $check) {
            $finding = (new $check())->find($schedule);
            if ($finding !== null) {
                $findings[] = $finding;
            }
        }
        // Sorting is stable: within one severity the order of the checks stays.
        usort($findings, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());

        return new self($findings);
    }

    public function works(): bool
    {
        return $this->stopping() === [];
    }

    /**
     * @return list<Finding>
     */
    public function stopping(): array
    {
        return array_values(array_filter($this->findings, static fn (Finding $finding): bool => $finding->severity === Severity::Stops));
    }

    public function finding(string $id): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->id === $id) {
                return $finding;
            }
        }

        return null;
    }
}
