<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Light\Control;
use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Marks;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Dial;
use Evrent\Core\Timing\TimedBy;

/**
 * T4: who ends the exposure and what the camera's dial stands on do not go together, or a mark on the dial stands for another
 * time than it says: the exposure is not the one planned.
 */
final class ExposureNotAsPlanned implements Check
{
    /** The longest mark that cameras have is 30 s, which is 32. */
    private const LONGEST_MARK_SECONDS = 32.0;

    /** A third of a stop, a bit less for rounding. */
    private const A_CLICK = 0.32;

    public function find(Shot $shot): ?Finding
    {
        $camera = $shot->plan->camera;
        $remedyOf = static fn (Message $label, Dial $dial, TimedBy $by): Remedy => new Remedy(
            'dial',
            $label,
            '',
            $shot->plan->withCamera($camera->with(['dial' => $dial, 'exposureTimedBy' => $by])),
        );
        if ($camera->exposureTimedBy === TimedBy::Controller && $camera->dial !== null && $camera->dial !== Dial::Bulb) {
            $title = new Message('checks.exposure_not_as_planned.camera_times');

            return self::dial($shot, $title, new Message('checks.exposure_not_as_planned.camera_times_sentence', [
                'x' => $camera->dial->label(),
            ]), $remedyOf(new Message('checks.exposure_not_as_planned.dial_bulb'), Dial::Bulb, TimedBy::Controller));
        }
        if ($camera->exposureTimedBy === TimedBy::Camera && $camera->dial === Dial::Bulb) {
            return self::dial(
                $shot,
                new Message('checks.exposure_not_as_planned.nobody_ends'),
                new Message('checks.exposure_not_as_planned.nobody_ends_sentence'),
                $remedyOf(new Message('checks.exposure_not_as_planned.dial_manual'), Dial::Manual, TimedBy::Camera),
            );
        }
        if ($camera->exposureTimedBy === TimedBy::Controller && min([INF, ...$shot->schedule->exposureSeconds]) < Exposing::SHORTEST_BULB_SECONDS) {
            return self::tooShortForBulb($shot, $remedyOf);
        }
        $control = $shot->plan->light->control ?? Control::Manual;
        $byMeter = $control !== Control::Manual;
        $meters = $control === Control::ShutterPriority ? Dial::ShutterPriority : Dial::AperturePriority;
        if ($byMeter && ($camera->exposureTimedBy === TimedBy::Controller || !in_array($camera->dial, [null, $meters], true))) {
            return self::dial(
                $shot,
                new Message('checks.exposure_not_as_planned.not_metering'),
                new Message('checks.exposure_not_as_planned.not_metering_sentence', [
                    'part' => new Message('checks.exposure_not_as_planned.' . ($meters === Dial::ShutterPriority ? 'aperture' : 'shutter')),
                    'part2' => $camera->exposureTimedBy === TimedBy::Controller
                        ? new Message('checks.exposure_not_as_planned.controller_times')
                        : new Message('checks.exposure_not_as_planned.dial_stands', ['x' => $camera->dial->label()]),
                ]),
                $remedyOf(new Message('checks.exposure_not_as_planned.dial_set', ['x' => $meters->label()]), $meters, TimedBy::Camera),
            );
        }
        if ($camera->exposureTimedBy !== TimedBy::Camera) {
            return null;
        }
        if (in_array($camera->dial, [Dial::AperturePriority, Dial::ShutterPriority], true) && $shot->plan->light !== null && !$byMeter) {
            return self::dial(
                $shot,
                new Message('checks.exposure_not_as_planned.meters_each'),
                new Message('checks.exposure_not_as_planned.meters_each_sentence', ['x' => $camera->dial->label()]),
                $remedyOf(new Message('checks.exposure_not_as_planned.dial_manual'), Dial::Manual, TimedBy::Camera),
            );
        }
        // Where it was said who stands by, that is judged by itself.
        if (!$byMeter && self::changes($shot) > 0 && $shot->plan->light?->isAttended === null) {
            return self::nobodyTurns($shot, $remedyOf);
        }
        if ($shot->plan->timing->exposure->longest() > self::LONGEST_MARK_SECONDS) {
            return self::dial(
                $shot,
                new Message('checks.exposure_not_as_planned.no_such_time'),
                new Message('checks.exposure_not_as_planned.no_such_time_sentence', [
                    'longest' => Quantity::seconds($shot->plan->timing->exposure->longest()),
                ]),
                $remedyOf(new Message('fixes.controller_bulb'), Dial::Bulb, TimedBy::Controller),
            );
        }

        return $camera->marksAreLiteral ? null : self::mark($shot);
    }

    /**
     * @param callable(Message, Dial, TimedBy): Remedy $remedyOf
     */
    private static function tooShortForBulb(Shot $shot, callable $remedyOf): Finding
    {
        $shortest = min([INF, ...$shot->schedule->exposureSeconds]);

        return new Finding(
            FindingId::ExposureNotAsPlanned,
            new Message('checks.exposure_not_as_planned.short_bulb'),
            new Message('checks.exposure_not_as_planned.short_bulb_shortfall', ['shortest' => Quantity::shutter($shortest)]),
            new Message('checks.exposure_not_as_planned.short_bulb_sentence', [
                'shortest' => Quantity::shutter($shortest),
                'shortest_bulb_seconds' => Quantity::seconds(Exposing::SHORTEST_BULB_SECONDS),
            ]),
            1,
            $shot->schedule->photosTotal(),
            static fn (): array => [$remedyOf(new Message('checks.exposure_not_as_planned.by_camera'), Dial::Manual, TimedBy::Camera)],
        );
    }

    /** How often a dial would have to be turned: exposures that are the same to a third of a stop are set once. */
    private static function changes(Shot $shot): int
    {
        $changes = 0;
        $set = $shot->schedule->exposureSeconds[0];
        foreach ($shot->schedule->exposureSeconds as $seconds) {
            if (abs(log($seconds / $set, 2)) >= self::A_CLICK) {
                $set = $seconds;
                $changes++;
            }
        }

        return $changes;
    }

    /**
     * @param callable(Message, Dial, TimedBy): Remedy $remedyOf
     */
    private static function nobodyTurns(Shot $shot, callable $remedyOf): Finding
    {
        $clicks = self::changes($shot);

        return (new Finding(
            FindingId::ExposureNotAsPlanned,
            new Message('checks.exposure_not_as_planned.changing'),
            Quantity::counted($clicks, 'click'),
            new Message('checks.exposure_not_as_planned.changing_sentence', [
                'exposureSeconds' => Quantity::shutter($shot->schedule->exposureSeconds[0]),
                'exposureSeconds2' => Quantity::shutter($shot->schedule->exposureSeconds[$shot->schedule->photosTotal() - 1]),
                'part' => new Message('checks.exposure_not_as_planned.times', ['clicks' => $clicks]),
            ]),
            1,
            $shot->schedule->photosTotal(),
            static fn (): array => [$remedyOf(new Message('fixes.controller_bulb'), Dial::Bulb, TimedBy::Controller)],
        ))->withSeverity(Severity::Warning);
    }

    private static function dial(Shot $shot, Message $title, Message $sentence, Remedy $remedy): Finding
    {
        $photos = $shot->schedule->photosTotal();
        $mending = static fn (): array => [$remedy];

        return new Finding(
            FindingId::ExposureNotAsPlanned,
            $title,
            new Message('checks.exposure_not_as_planned.not_alike'),
            $sentence,
            1,
            $photos,
            $mending,
        );
    }

    /** One mark for the whole shot: 30 s is 32 s, and the interval has to hold that. */
    private static function mark(Shot $shot): ?Finding
    {
        $exposure = $shot->plan->timing->exposure;
        $marked = $exposure->longest();
        $true = Exposure::trueSeconds($marked);
        // Far from any mark it is set in steps that nobody reads off a dial.
        if (!$exposure->isConstant() || $marked < 1.0 || abs($true / $marked - 1.0) < Marks::SAME_SHARE) {
            return null;
        }
        $mended = $shot->plan->withExposure($exposure->map(static fn (): float => round($true, 4)));
        $holds = $shot->schedule->wouldKeepTime($mended);
        $asItIs = new Remedy(
            'true',
            new Message('checks.exposure_not_as_planned.plan_true', ['true' => Quantity::seconds($true)]),
            new Message('checks.exposure_not_as_planned.anyway'),
            $mended,
        );

        return (new Finding(
            FindingId::ExposureNotAsPlanned,
            new Message('checks.exposure_not_as_planned.mark', [
                'marked' => Quantity::shutter($marked),
                'true' => Quantity::seconds($true),
            ]),
            new Message(
                $true > $marked ? 'checks.exposure_not_as_planned.longer' : 'checks.exposure_not_as_planned.shorter',
                ['true' => Quantity::seconds(abs($true - $marked))],
            ),
            new Message('checks.exposure_not_as_planned.mark_sentence', [
                'marked' => Quantity::shutter($marked),
                'true' => Quantity::seconds($true),
                'part' => $holds ? '' : new Message('checks.exposure_not_as_planned.too_long'),
            ]),
            1,
            $shot->schedule->photosTotal(),
            static fn (): array => [$asItIs, new Remedy(
                'literal',
                new Message('checks.exposure_not_as_planned.literal'),
                new Message('checks.exposure_not_as_planned.literal_some'),
                $shot->plan->withCamera($shot->plan->camera->with(['marksAreLiteral' => true])),
            )],
        ))->withSeverity($holds || !$shot->schedule->summary->fits() ? Severity::Info : Severity::Error);
    }
}
