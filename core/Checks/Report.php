<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

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
     * @param list<Finding>   $findings
     * @param list<Throwable> $failures why checks could not be made: defects, for whoever keeps the program
     */
    private function __construct(public array $findings, public array $failures = [])
    {
    }

    /**
     * @param list<class-string<Check>> $checks
     */
    public static function on(Shot $shot, array $checks = self::CHECKS): self
    {
        $findings = $failures = [];
        foreach ($checks as $check) {
            try {
                $finding = (new $check())->find($shot);
            } catch (Throwable $failure) {
                // One check that cannot be made leaves the others what they are, and is told as what it is: not judged.
                $failures[] = $failure;
                $finding = self::unjudged($check, count($failures));
            }
            if ($finding !== null) {
                $findings[] = $finding;
            }
        }
        // Sorting is stable: within one severity the order of the checks stays.
        usort($findings, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());

        return new self($findings, $failures);
    }

    /**
     * @param class-string<Check> $check
     */
    private static function unjudged(string $check, int $number): Finding
    {
        $what = strtolower((string) preg_replace('/(?<!^)[A-Z]/', ' $0', substr($check, (int) strrpos($check, '\\') + 1)));

        return new Finding(
            "N{$number}",
            Severity::Look,
            'One thing could not be judged',
            $what,
            'Evrent failed over this with these numbers. Everything else is judged; look at this yourself, or change the numbers.',
            null,
            0,
        );
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
