<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Light\Control;
use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Marks;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Dial;
use Evrent\Core\Timing\TimedBy;
use Evrent\Core\Words\PlainText;

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

    public static function about(): About
    {
        return new About(
            [Stage::Light],
            ['/camera/exposure_timed_by', '/camera/dial', '/camera/marks_are_literal', '/light/control', '/light/attended', ...About::CYCLE],
            unmended: 'Set the dial and what ends the exposure so that they agree.',
        );
    }

    public function find(Shot $shot): ?Finding
    {
        $camera = $shot->plan->camera;
        $remedyOf = static fn (string $label, Dial $dial, TimedBy $by): Remedy => new Remedy(
            'dial',
            $label,
            '',
            $shot->plan->withCamera($camera->with(['dial' => $dial, 'exposureTimedBy' => $by])),
        );
        if ($camera->exposureTimedBy === TimedBy::Controller && $camera->dial !== null && $camera->dial !== Dial::Bulb) {
            return self::dial($shot, 'The camera times the exposure, not the controller', sprintf(
                'The dial stands on %s: however long the controller holds the shutter, the camera closes it after its own time. Set it to bulb.',
                str_replace('_', ' ', $camera->dial->value),
            ), $remedyOf('Set the dial to bulb', Dial::Bulb, TimedBy::Controller));
        }
        if ($camera->exposureTimedBy === TimedBy::Camera && $camera->dial === Dial::Bulb) {
            return self::dial(
                $shot,
                'Nobody ends the exposure',
                'On bulb the shutter is open for as long as the trigger is held, which a trigger meant for the camera’s own '
                    . 'timing does for an instant or for ever.',
                $remedyOf('Set the dial to manual', Dial::Manual, TimedBy::Camera),
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
                'The camera does not meter',
                'The plan leaves the ' . ($meters === Dial::ShutterPriority ? 'aperture' : 'shutter') . ' to the camera’s meter, and '
                    . ($camera->exposureTimedBy === TimedBy::Controller
                    ? 'the controller times it.'
                    : sprintf('the dial stands on %s: every photo is exposed as the first.', str_replace('_', ' ', $camera->dial->value))),
                $remedyOf('Set the dial to ' . str_replace('_', ' ', $meters->value), $meters, TimedBy::Camera),
            );
        }
        if ($camera->exposureTimedBy !== TimedBy::Camera) {
            return null;
        }
        if (in_array($camera->dial, [Dial::AperturePriority, Dial::ShutterPriority], true) && $shot->plan->light !== null && !$byMeter) {
            return self::dial(
                $shot,
                'The camera meters each photo itself',
                sprintf('The dial stands on %s: the exposures of the plan are set by nobody.', str_replace('_', ' ', $camera->dial->value)),
                $remedyOf('Set the dial to manual', Dial::Manual, TimedBy::Camera),
            );
        }
        // Where it was said who stands by, that is judged by itself.
        if (!$byMeter && self::changes($shot) > 0 && $shot->plan->light?->isAttended === null) {
            return self::nobodyTurns($shot, $remedyOf);
        }
        if ($shot->plan->timing->exposure->longest() > self::LONGEST_MARK_SECONDS) {
            return self::dial(
                $shot,
                'The camera has no shutter time as long',
                sprintf(
                    'Marks end at 30 s, and %s is planned: let the controller time it, with the dial on bulb.',
                    PlainText::seconds($shot->plan->timing->exposure->longest()),
                ),
                $remedyOf('Time it by the controller, on bulb', Dial::Bulb, TimedBy::Controller),
            );
        }

        return $camera->marksAreLiteral ? null : self::mark($shot);
    }

    /**
     * @param callable(string, Dial, TimedBy): Remedy $remedyOf
     */
    private static function tooShortForBulb(Shot $shot, callable $remedyOf): Finding
    {
        $shortest = min([INF, ...$shot->schedule->exposureSeconds]);

        return new Finding(
            FindingId::ExposureNotAsPlanned,
            Severity::Stops,
            'Too short for bulb',
            PlainText::shutter($shortest) . ' s on bulb',
            sprintf(
                'The controller is to hold the shutter open for %s s: no trigger can under %s, and every photo comes out another. The camera can.',
                PlainText::shutter($shortest),
                PlainText::seconds(Exposing::SHORTEST_BULB_SECONDS),
            ),
            1,
            $shot->schedule->photosTotal(),
            static fn (): array => [$remedyOf('Time it by the camera, on manual', Dial::Manual, TimedBy::Camera)],
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
     * @param callable(string, Dial, TimedBy): Remedy $remedyOf
     */
    private static function nobodyTurns(Shot $shot, callable $remedyOf): Finding
    {
        $clicks = self::changes($shot);

        return new Finding(
            FindingId::ExposureNotAsPlanned,
            Severity::Look,
            'The exposures change during the shot',
            PlainText::counted($clicks, 'click'),
            sprintf(
                'The plan goes from %s s to %s s. Evrent sets a camera that it reaches by USB or network; on a trigger cable somebody turns the dial %s, '
                    . 'or the controller times it.',
                PlainText::shutter($shot->schedule->exposureSeconds[0]),
                PlainText::shutter($shot->schedule->exposureSeconds[$shot->schedule->photosTotal() - 1]),
                $clicks === 1 ? 'once' : ($clicks === 2 ? 'twice' : "{$clicks} times"),
            ),
            1,
            $shot->schedule->photosTotal(),
            static fn (): array => [$remedyOf('Time it by the controller, on bulb', Dial::Bulb, TimedBy::Controller)],
        );
    }

    private static function dial(Shot $shot, string $title, string $sentence, Remedy $remedy): Finding
    {
        $photos = $shot->schedule->photosTotal();
        $mending = static fn (): array => [$remedy];

        return new Finding(FindingId::ExposureNotAsPlanned, Severity::Stops, $title, 'every exposure is another', $sentence, 1, $photos, $mending);
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
        $asItIs = new Remedy('true', sprintf('Plan with %s', PlainText::seconds($true)), 'says what the camera does anyway', $mended);

        return new Finding(
            FindingId::ExposureNotAsPlanned,
            $holds || !$shot->schedule->summary->fits() ? Severity::Know : Severity::Stops,
            sprintf('A shutter marked %s s is open %s', PlainText::shutter($marked), PlainText::seconds($true)),
            PlainText::seconds(abs($true - $marked)) . ($true > $marked ? ' longer' : ' shorter') . ' than planned',
            sprintf(
                'Marks are rounded for reading, the shutter goes by thirds of a stop: set to %s s it is open %s%s.',
                PlainText::shutter($marked),
                PlainText::seconds($true),
                $holds ? '' : ', which the interval does not hold',
            ),
            1,
            $shot->schedule->photosTotal(),
            static fn (): array => [$asItIs, new Remedy(
                'literal',
                'This body means its marks',
                'some bodies do; time one exposure to know',
                $shot->plan->withCamera($shot->plan->camera->with(['marksAreLiteral' => true])),
            )],
        );
    }
}
