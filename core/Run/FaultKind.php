<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

/**
 * What can go wrong in a run. The first seven can be rehearsed in virtual time; simulated devices know the others too.
 */
enum FaultKind: string
{
    /** The camera does not fire for this photo, as with a cable that is not seated. */
    case MissedTrigger = 'missed_trigger';
    /** From this photo on the card takes `factor` times as long, for `photos` photos. */
    case SlowCard = 'slow_card';
    /** From the move after this photo on the axis does not turn, for `photos` moves. */
    case StalledAxis = 'stalled_axis';
    /** The move after this photo ends `steps` short; the motor does not know. */
    case LostSteps = 'lost_steps';
    /** The timer fires no more after this photo. */
    case TimerStops = 'timer_stops';
    /** Power goes after this photo and is back after `seconds`; the run goes on at the right photo. */
    case PowerCut = 'power_cut';
    /** The shooter pauses after this photo for `seconds`. */
    case Pause = 'pause';

    /** The rig's trigger line does not close for this photo and those after it, for `photos` photos. */
    case TriggerOut = 'trigger_out';
    /** The move after this photo runs into a limit switch: the rig stops, and has to be homed. */
    case LimitHit = 'limit_hit';
    /** From this photo on the rig answers `seconds` late, for `photos` photos. */
    case SlowReply = 'slow_reply';
    /** The connection drops after this photo, and is taken again after `seconds`. */
    case ConnectionLost = 'connection_lost';
    /** The rig's battery falls to `percent` at this photo. */
    case RigBattery = 'rig_battery';

    /** The cable falls out at this photo, for `photos` photos: the camera hears no trigger. */
    case CableOut = 'cable_out';
    /** The camera's battery is empty after this photo. */
    case CameraBattery = 'camera_battery';
    /** The card is full after this photo. */
    case CardFull = 'card_full';
    /** From this photo on the aperture closes a little differently each time, by up to `percent` of the light, for `photos` photos. */
    case Flicker = 'flicker';
    /** The legs are knocked before this photo: the picture stands `percent` of its width aside from there on. */
    case Bump = 'bump';
    /** A lamp passes: this photo is brighter by `percent`, and so are those after it, for `photos` photos. */
    case PassingLamp = 'passing_lamp';
    /** The camera's clock is wrong by `seconds`, from the start. */
    case ClockOffset = 'clock_offset';
    /** The file of this photo cannot be read. */
    case Unreadable = 'unreadable';

    /** Whether a dry run in virtual time knows it. */
    public function isRehearsed(): bool
    {
        return match ($this) {
            self::MissedTrigger, self::SlowCard, self::StalledAxis, self::LostSteps, self::TimerStops, self::PowerCut, self::Pause => true,
            default => false,
        };
    }

    /**
     * @return list<'axis'|'frames'|'factor'|'steps'|'seconds'|'percent'> what has to be said of it besides the photo
     */
    public function fields(): array
    {
        return match ($this) {
            self::MissedTrigger, self::TimerStops, self::LimitHit, self::CameraBattery, self::CardFull, self::Unreadable => [],
            self::SlowCard => ['frames', 'factor'],
            self::StalledAxis => ['axis', 'frames'],
            self::LostSteps => ['axis', 'steps'],
            self::PowerCut, self::Pause, self::ConnectionLost, self::ClockOffset => ['seconds'],
            self::TriggerOut, self::CableOut => ['frames'],
            self::SlowReply => ['frames', 'seconds'],
            self::RigBattery, self::Bump => ['percent'],
            self::Flicker, self::PassingLamp => ['frames', 'percent'],
        };
    }
}
