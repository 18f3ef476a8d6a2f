<?php

declare(strict_types=1);

namespace Evrent\Core\Findings;

/**
 * What can go wrong with a shoot, by the code that logs, documents and small print show.
 */
enum FindingId: string
{
    // Timing, motion and light of the plan.

    /** Interval shorter than exposure, move and settling. */
    case IntervalTooShortForRig = 'T1';
    /** Interval shorter than exposure and card write, or the buffer fills. */
    case IntervalTooShortForCamera = 'T2';
    /** Long-exposure noise reduction keeps the camera busy for twice the exposure. */
    case NoiseReductionDoubles = 'T3';
    /** The camera does not expose what the plan says. */
    case ExposureNotAsPlanned = 'T4';
    /** Aperture priority lengthens the exposure beyond the interval. */
    case AperturePriorityOutruns = 'T5';
    /** The controller stretches short intervals, and the shoot overruns. */
    case ControllerStretchesInterval = 'T6';
    /** The camera's own timer drifts against the rig. */
    case CameraTimerDrifts = 'T7';
    /** The clip has no handles to trim. */
    case ClipTooShort = 'T8';
    /** The subject moves too far from photo to photo. */
    case IntervalTooLongForSubject = 'T9';
    /** A timer or controller counts to fewer photos than are planned. */
    case CountLimitBelowPhotos = 'T10';
    /** A ramp in per cent is read as one end by some, as both by others. */
    case RampReadTwoWays = 'T11';
    /** Pan or slide is too fast on screen. */
    case TooFastOnScreen = 'T12';
    /** Too little motion blur: the subject stutters. */
    case BlurShareTooSmall = 'T13';
    /** A slow subject gains nothing from a long exposure. */
    case ExposureDraggedForNothing = 'T14';
    /** Daylight overexposes a long exposure. */
    case DaylightOverexposes = 'T15';
    /** Stars trail within one exposure. */
    case StarsTrail = 'T16';
    /** A continuous move smears the exposure. */
    case ContinuousSmear = 'T17';
    /** The rig still shakes when the shutter opens. */
    case TooLittleSettling = 'T18';
    /** Nothing is near enough for the slide to show. */
    case SlideDoesNotShow = 'T19';
    /** A step is smaller than the motor's. */
    case StepBelowMotor = 'T20';
    /** The move goes beyond an axis' travel. */
    case BeyondTravel = 'T21';
    /** The move is faster than an axis can go. */
    case FasterThanAxis = 'T22';
    /** The light changes beyond what the ramp can follow. */
    case LightRunsOut = 'T23';
    /** The shot does not fit between the events that bound it. */
    case WindowCannotHold = 'T24';
    /** The timer cannot be set to the interval. */
    case TimerLacksInterval = 'T25';

    // The camera as it is set.

    /** Autofocus, automatic white balance or another automatic setting was left on. */
    case AutomaticSettings = 'C1';
    /** An aperture that reopens between photos makes them flicker. */
    case ApertureFlicker = 'C2';
    /** Lens, filter or sensor is dirty or covered. */
    case DirtyGlass = 'C3';
    /** The rig moves and no photo is taken. */
    case TriggerCableLoose = 'C4';
    /** The focal length changed during the run. */
    case ZoomMoved = 'C6';
    /** A phone or camera sleeps, rings or notifies during the run. */
    case DeviceInterrupts = 'C5';

    // The rig and what carries it.

    /** The base is not level. */
    case HorizonLeans = 'R1';
    /** Tripod, head or rig carry more than they are rated for. */
    case LoadTooHeavy = 'R2';
    /** The motor cannot hold or lift the load on the incline. */
    case InclineBeyondThrust = 'R3';
    /** Gears were driven backwards by hand. */
    case GearsDrivenBackwards = 'R4';
    /** An axis stalls or loses steps. */
    case AxisStalls = 'R5';

    // Power and storage.

    /** The camera's battery runs out before the end. */
    case CameraBatteryDies = 'P1';
    /** The rig's battery runs out before the end. */
    case RigBatteryDies = 'P2';
    /** The card is full before the end. */
    case CardFull = 'P3';

    // Events of the run.

    /** Photos are spoilt: bumped, torn, lit or blocked. */
    case PhotosSpoilt = 'E1';
    /** A timer stopped by itself. */
    case TimerStopped = 'E2';
    /** The run was paused. */
    case PausedAndResumed = 'E3';
    /** Power, program or machine failed during the run. */
    case RunInterrupted = 'E4';
    /** The framing that is wanted most is shot last. */
    case BestFramingComesLate = 'E5';

    // Photos and clip afterwards.

    /** The file counter rolls over and puts photos in the wrong order. */
    case FileCounterRollsOver = 'L1';
    /** Photos are missing, or there are more than planned. */
    case PhotosMissingOrExtra = 'L2';
    /** Brightness flickers from photo to photo. */
    case Flicker = 'L3';
    /** The clip was assembled at another frame rate. */
    case WrongFrameRate = 'L4';
    /** The crop to the output's shape cuts the framing. */
    case CropCutsFraming = 'L5';
    /** Photos are not backed up. */
    case NotBackedUp = 'L6';

    // Lens, body and kit.

    /** The nearest thing is out of focus. */
    case NearestOutOfFocus = 'F1';
    /** The clip needs more pixels than the photo has. */
    case EnlargedBeyondPixels = 'F2';
    /** The aperture reaches its end during the run. */
    case ApertureAtItsEnd = 'F3';
    /** The move is slower than an axis can go evenly. */
    case SlowerThanAxis = 'F4';
    /** Settings change during the run and nobody changes them. */
    case NobodyAtTheDial = 'F5';
    /** No cable fits camera and controller. */
    case CableMissing = 'F6';
    /** The clockwork turns at another speed than planned. */
    case ClockworkTurnsOtherwise = 'F7';

    // Safety.

    /** The sun is in the finder or the lens. */
    case SunInFrame = 'S1';
    /** Cold, dark, traffic, tide, edges or cables underfoot. */
    case HazardsOnSite = 'S2';
    /** Heavy gear may fall or pinch. */
    case FallingGear = 'S3';
    /** The place needs a permission. */
    case NoPermission = 'S4';

    // Evrent itself.

    /** A check failed with these numbers. */
    case NotJudged = 'N1';

    /** How much it matters, where nothing makes it milder or graver. */
    public function severity(): Severity
    {
        return match ($this) {
            self::IntervalTooShortForRig, self::IntervalTooShortForCamera, self::ExposureNotAsPlanned, self::AperturePriorityOutruns,
            self::CameraTimerDrifts, self::CountLimitBelowPhotos, self::DaylightOverexposes, self::BeyondTravel, self::FasterThanAxis, self::LightRunsOut,
            self::WindowCannotHold, self::TimerLacksInterval, self::TriggerCableLoose, self::LoadTooHeavy, self::InclineBeyondThrust, self::AxisStalls,
            self::CameraBatteryDies, self::RigBatteryDies, self::CardFull, self::TimerStopped, self::PhotosMissingOrExtra, self::ApertureAtItsEnd,
            self::NobodyAtTheDial, self::CableMissing, self::ClockworkTurnsOtherwise => Severity::Error,

            self::ExposureDraggedForNothing, self::PausedAndResumed, self::BestFramingComesLate => Severity::Info,

            self::NoiseReductionDoubles, self::ControllerStretchesInterval, self::ClipTooShort, self::IntervalTooLongForSubject, self::RampReadTwoWays,
            self::TooFastOnScreen, self::BlurShareTooSmall, self::StarsTrail, self::ContinuousSmear, self::TooLittleSettling, self::SlideDoesNotShow,
            self::StepBelowMotor, self::AutomaticSettings, self::ApertureFlicker, self::DirtyGlass, self::ZoomMoved, self::DeviceInterrupts,
            self::HorizonLeans, self::GearsDrivenBackwards, self::PhotosSpoilt, self::RunInterrupted, self::FileCounterRollsOver, self::Flicker,
            self::WrongFrameRate, self::CropCutsFraming, self::NotBackedUp, self::NearestOutOfFocus, self::EnlargedBeyondPixels, self::SlowerThanAxis,
            self::SunInFrame, self::HazardsOnSite, self::FallingGear, self::NoPermission, self::NotJudged => Severity::Warning,
        };
    }

    /** Its view, cause and fields, where it is found in a plan. */
    public function about(): ?About
    {
        return Checked::about($this);
    }
}
