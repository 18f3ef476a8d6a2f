<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Format\StartText;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Sky\Start;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\TypedText;

/**
 * A shot's place in the day, as it was typed or dragged.
 */
final readonly class TypedStay
{
    private const MOST_MINUTES = 720;

    private function __construct(public Plan $plan, public Text|string $told, public int $setupMinutes, public int $teardownMinutes)
    {
    }

    /**
     * @param array{start: ?string, to_s: ?string, setup_minutes: string, teardown_minutes: string} $typed a start as text, or seconds
     *                  from the first midnight where it was dragged to; null for neither. Empty minutes stay as they are.
     *
     * @throws InvalidInput with the field's name as pointer
     */
    public static function read(Plan $plan, array $typed, int $setupMinutes, int $teardownMinutes): self
    {
        $problems = new Problems();
        $minutes = static function (string $field, string $text, int $before) use ($problems): int {
            $value = $text === '' ? (float) $before : TypedText::number($text) ?? NAN;
            if (is_nan($value) || floor($value) !== $value || $value < 0.0 || $value > self::MOST_MINUTES) {
                $problems->add("/{$field}", new Message('day.typed_stay.minutes', ['most_minutes' => self::MOST_MINUTES]));

                return $before;
            }

            return (int) $value;
        };
        $setup = $minutes('setup_minutes', trim($typed['setup_minutes']), $setupMinutes);
        $teardown = $minutes('teardown_minutes', trim($typed['teardown_minutes']), $teardownMinutes);
        $changed = $plan;
        try {
            $changed = $plan->with(['start' => self::start($plan, $typed['start'], $typed['to_s'])]);
        } catch (InvalidInput $invalid) {
            $problems->addAllUnder('/start', $invalid);
        }
        $problems->throwIfAny();

        return new self($changed, PlanChanges::told($plan, $changed), $setup, $teardown);
    }

    private static function start(Plan $plan, ?string $text, ?string $to): ?Start
    {
        if ($text !== null) {
            return trim($text) === '' ? null : StartText::read($text);
        }
        if ($to === null || $plan->site === null) {
            return $plan->start;
        }
        $seconds = TypedText::number($to) ?? throw new InvalidInput([new Problem('', new Message('day.typed_stay.start'))]);
        $instant = $plan->site->day->begins->plusSeconds($seconds);

        return ($plan->start ?? Start::at('12:00'))->movedTo($plan->site, $instant);
    }
}
