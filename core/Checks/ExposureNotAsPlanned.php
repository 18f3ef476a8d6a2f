<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Light\Exposure;
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

    /** Less than this between mark and truth matters to nobody. */
    private const SAME_SHARE = 0.02;

    public function find(Shot $shot): ?Finding
    {
        $camera = $shot->plan->camera;
        $remedyOf = static fn (string $label, Dial $dial, TimedBy $by): Remedy => new Remedy(
            'dial',
            $label,
            'keeps the plan as it is',
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
        if ($camera->exposureTimedBy !== TimedBy::Camera) {
            return null;
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

    private static function dial(Shot $shot, string $title, string $sentence, Remedy $remedy): Finding
    {
        return new Finding('T4', Severity::Stops, $title, 'every exposure is another', $sentence, 1, $shot->schedule->photosTotal(), fn (): array => [$remedy]);
    }

    /** One mark for the whole shot: 30 s is 32 s, and the interval has to hold that. */
    private static function mark(Shot $shot): ?Finding
    {
        $exposure = $shot->plan->timing->exposure;
        $marked = $exposure->longest();
        $true = Exposure::trueSeconds($marked);
        // Far from any mark it is set in steps that nobody reads off a dial.
        if (!$exposure->isConstant() || $marked < 1.0 || abs($true / $marked - 1.0) < self::SAME_SHARE) {
            return null;
        }
        $mended = $shot->plan->withExposure($exposure->map(static fn (): float => round($true, 4)));
        $holds = $shot->schedule->wouldKeepTime($mended);
        $asItIs = new Remedy('true', sprintf('Plan with %s', PlainText::seconds($true)), 'says what the camera does anyway', $mended);

        return new Finding(
            'T4',
            $holds || !$shot->schedule->summary->fits() ? Severity::Know : Severity::Stops,
            sprintf('A shutter marked %s s is open %s', PlainText::number($marked), PlainText::seconds($true)),
            PlainText::seconds(abs($true - $marked)) . ($true > $marked ? ' longer' : ' shorter') . ' than planned',
            sprintf(
                'Marks are rounded for reading, the shutter goes by thirds of a stop: set to %s s it is open %s%s.',
                PlainText::number($marked),
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
