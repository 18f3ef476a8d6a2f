<?php

declare(strict_types=1);

namespace Evrent\Core\Findings;

use Evrent\Core\Messages\Message;

/**
 * Where the findings of a plan belong, what they take for known, and which share a cause.
 */
final class Checked
{
    /** Null for what a plan cannot show. */
    public static function about(FindingId $id): ?About
    {
        return match ($id) {
            FindingId::IntervalTooShortForRig => new About(
                [Stage::Time],
                [...About::CYCLE],
                Cause::Cycle,
                unmended: new Message('checks.mending.unmended'),
            ),
            FindingId::IntervalTooShortForCamera => new About(
                [Stage::Time],
                [...About::CYCLE],
                Cause::Cycle,
                unmended: new Message('checks.interval_too_short_for_camera.unmended'),
            ),
            FindingId::NoiseReductionDoubles => new About(
                [Stage::Time],
                [...About::CYCLE],
                unmended: new Message('checks.noise_reduction_doubles.unmended'),
            ),
            FindingId::ExposureNotAsPlanned => new About(
                [Stage::Light],
                ['/camera/exposure_timed_by', '/camera/dial', '/camera/marks_are_literal', '/light/control', '/light/attended', ...About::CYCLE],
                unmended: new Message('checks.exposure_not_as_planned.unmended'),
            ),
            FindingId::AperturePriorityOutruns => new About(
                [Stage::Light],
                [...About::CYCLE, ...About::LIGHT],
                unmended: new Message('checks.aperture_priority_outruns.unmended'),
            ),
            FindingId::ControllerStretchesInterval => new About(
                [Stage::Time],
                [...About::CYCLE],
                Cause::Cycle,
                unmended: new Message('checks.mending.unmended'),
            ),
            FindingId::CameraTimerDrifts => new About(
                [Stage::Time],
                [...About::CYCLE],
                unmended: new Message('checks.camera_timer_drifts.unmended'),
            ),
            FindingId::ClipTooShort => new About(
                [Stage::Time],
                unmended: new Message('checks.clip_too_short.unmended'),
            ),
            FindingId::IntervalTooLongForSubject => new About(
                [Stage::Time],
                [...About::SCALE, '/optics/subject_m', '/optics/subject_speed_m_s', '/optics/subject_kind', '/optics/scene', ...About::CYCLE],
                unmended: new Message('checks.interval_too_long_for_subject.unmended'),
            ),
            FindingId::CountLimitBelowPhotos => new About(
                [Stage::Time],
                ['/trigger/count_limit', '/trigger/camera_photos'],
                unmended: new Message('checks.count_limit_below_photos.unmended'),
            ),
            FindingId::RampReadTwoWays => new About(
                [Stage::Time],
                ['/rig/ramp_entry'],
                unmended: new Message('checks.ramp_read_two_ways.unmended'),
            ),
            FindingId::TooFastOnScreen => new About(
                [Stage::Frame],
                [...About::SCALE, '/optics/foreground_m', '/optics/subject_m', '/optics/background_m', '/optics/scene'],
                unmended: new Message('checks.too_fast_on_screen.unmended'),
            ),
            FindingId::BlurShareTooSmall => new About(
                [Stage::Light],
                [
                    ...About::SCALE,
                    '/optics/subject_m',
                    '/optics/subject_speed_m_s',
                    '/optics/subject_kind',
                    '/light/control',
                    ...About::LIGHT,
                    ...About::CYCLE,
                ],
                unmended: new Message('checks.blur_share_too_small.unmended'),
            ),
            FindingId::ExposureDraggedForNothing => new About(
                [Stage::Light],
                [...About::SCALE, '/optics/subject_m', '/optics/subject_speed_m_s', '/optics/subject_kind', ...About::LIGHT, ...About::CYCLE],
                unmended: new Message('checks.exposure_dragged_for_nothing.unmended'),
            ),
            FindingId::DaylightOverexposes => new About(
                [Stage::Light],
                [...About::LIGHT, ...About::CYCLE],
                Cause::Brightness,
                unmended: new Message('checks.daylight_overexposes.unmended'),
            ),
            FindingId::StarsTrail => new About(
                [Stage::Light],
                [...About::SCALE, '/light/aperture', '/light/exposed_for', '/light/control', ...About::CYCLE],
                unmended: new Message('checks.stars_trail.unmended'),
            ),
            FindingId::ContinuousSmear => new About(
                [Stage::Time],
                [...About::SCALE, '/optics/foreground_m', '/optics/subject_m', '/optics/background_m', '/optics/scene', ...About::CYCLE],
                unmended: new Message('checks.continuous_smear.unmended'),
            ),
            FindingId::TooLittleSettling => new About(
                [Stage::Time],
                ['/rig/settle_s', '/rig/post_exposure_delay_s'],
                unmended: new Message('checks.too_little_settling.unmended'),
            ),
            FindingId::SlideDoesNotShow => new About(
                [Stage::Frame],
                ['/optics/foreground_m', '/optics/subject_m', '/optics/background_m', ...About::SCALE],
                unmended: new Message('checks.slide_does_not_show.unmended'),
            ),
            FindingId::StepBelowMotor => new About(
                [Stage::Frame],
                [...About::SCALE, '/rig/axes/*/steps_per_unit', '/optics/foreground_m', '/optics/subject_m', '/optics/background_m'],
                unmended: new Message('checks.step_below_motor.unmended'),
            ),
            FindingId::BeyondTravel => new About(
                [Stage::Frame],
                ['/rig/axes/*/min', '/rig/axes/*/max'],
                unmended: new Message('checks.beyond_travel.unmended'),
            ),
            FindingId::FasterThanAxis => new About(
                [Stage::Time],
                [...About::CYCLE],
                unmended: new Message('checks.faster_than_axis.unmended'),
            ),
            FindingId::LightRunsOut => new About(
                [Stage::Light],
                [...About::LIGHT, ...About::CYCLE],
                Cause::Brightness,
                unmended: new Message('checks.light_runs_out.unmended'),
            ),
            FindingId::WindowCannotHold => new About(
                [Stage::Time],
                unmended: new Message('checks.window_cannot_hold.unmended'),
            ),
            FindingId::TimerLacksInterval => new About(
                [Stage::Time],
                ['/trigger/interval_step_s', '/trigger/intervals_s', '/trigger/camera_interval_s', '/trigger/by'],
                unmended: new Message('checks.timer_lacks_interval.unmended'),
            ),
            FindingId::HorizonLeans => new About(
                [Stage::Frame],
                ['/rig/base/off_level_deg', '/rig/base/toward_deg', '/load/incline_deg', ...About::FACING, ...About::SCALE, ...About::CYCLE],
                unmended: new Message('checks.horizon_leans.unmended'),
            ),
            FindingId::LoadTooHeavy => new About(
                [Stage::Pack],
                [...About::LOAD, '/load/legs_rating_kg', '/load/carriage_rating_kg', '/load/counterweight_kg'],
                unmended: new Message('checks.load_too_heavy.unmended'),
            ),
            FindingId::InclineBeyondThrust => new About(
                [Stage::Pack],
                [...About::LOAD, '/load/incline_deg', '/load/friction', '/load/thrust_n', '/load/counterweight_kg', '/rig/axes/*/max_acceleration'],
                unmended: new Message('checks.incline_beyond_thrust.unmended'),
            ),
            FindingId::CameraBatteryDies => new About(
                [Stage::Pack],
                [...About::POWER, ...About::CYCLE],
                unmended: new Message('checks.camera_battery_dies.unmended'),
            ),
            FindingId::RigBatteryDies => new About(
                [Stage::Pack],
                [...About::POWER, ...About::CYCLE],
                unmended: new Message('checks.rig_battery_dies.unmended'),
            ),
            FindingId::CardFull => new About(
                [Stage::Pack],
                [
                    '/storage/raw_mb',
                    '/storage/jpeg_mb',
                    '/storage/cards_gb',
                    '/storage/slots',
                    '/trigger/camera_photos',
                    '/film/gb_per_min',
                    '/film/kind',
                ],
                unmended: new Message('checks.card_full.unmended'),
            ),
            FindingId::BestFramingComesLate => new About(
                [Stage::Frame],
                unmended: new Message('checks.best_framing_comes_late.unmended'),
            ),
            FindingId::FileCounterRollsOver => new About(
                [Stage::Pack],
                ['/camera/next_file_number', '/trigger/camera_photos'],
                unmended: new Message('checks.file_counter_rolls_over.unmended'),
            ),
            FindingId::CropCutsFraming => new About(
                [Stage::Frame],
                [...About::SCALE],
                unmended: new Message('checks.crop_cuts_framing.unmended'),
            ),
            FindingId::NearestOutOfFocus => new About(
                [Stage::Frame],
                [
                    ...About::SCALE, '/optics/foreground_m', '/optics/focus_m', '/optics/circle_mm', '/optics/foreground_is', '/light/aperture',
                    '/light/widest_aperture',
                ],
                unmended: new Message('checks.nearest_out_of_focus.unmended'),
            ),
            FindingId::EnlargedBeyondPixels => new About(
                [Stage::Frame],
                [...About::SCALE, '/optics/later_zoom'],
                unmended: new Message('checks.enlarged_beyond_pixels.unmended'),
            ),
            FindingId::ApertureAtItsEnd => new About(
                [Stage::Light],
                [...About::LIGHT, ...About::CYCLE],
                Cause::Brightness,
                unmended: new Message('checks.aperture_at_its_end.unmended'),
            ),
            FindingId::SlowerThanAxis => new About(
                [Stage::Time],
                [...About::CYCLE],
                unmended: new Message('checks.slower_than_axis.unmended'),
            ),
            FindingId::NobodyAtTheDial => new About(
                [Stage::Light],
                ['/light/attended', '/light/control', '/camera/exposure_timed_by', '/camera/dial', ...About::LIGHT, ...About::CYCLE],
                unmended: new Message('checks.nobody_at_the_dial.unmended'),
            ),
            FindingId::CableMissing => new About(
                [Stage::Pack],
                ['/lead/rig_gives', '/lead/body_takes', '/lead/name', '/lead/rig_end', '/lead/body_end', '/lead/half_press', '/lead/holds_bulb'],
                unmended: new Message('checks.lead_missing.unmended'),
            ),
            FindingId::ClockworkTurnsOtherwise => new About(
                [Stage::Frame],
                ['/rig/axes/*/clockwork_per_h', ...About::CYCLE],
                unmended: new Message('checks.clockwork_turns_otherwise.unmended'),
            ),
            FindingId::SunInFrame => new About(
                [Stage::Frame, Stage::Light],
                [...About::SCALE, '/rig/base/off_level_deg', '/rig/base/toward_deg', '/site/elevation_m', ...About::CYCLE],
                unmended: new Message('checks.sun_in_frame.unmended'),
            ),
            default => null,
        };
    }
}
