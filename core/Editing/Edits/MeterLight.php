<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Format\StartText;
use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Light;
use Evrent\Core\Light\Metered;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\TypedText;

/**
 * Pins the light to an exposure that was right at a time.
 */
final class MeterLight implements PlanEdit
{
    public static function name(): string
    {
        return 'metered';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $problems = new Problems();
        $at = self::at($plan, $given->text('metered_at'), $problems);
        $seconds = TypedText::seconds($given->text('metered_s'));
        $aperture = TypedText::number($given->text('metered_aperture'));
        $iso = TypedText::number($given->text('metered_iso'));
        $problems->unlessPositive($seconds ?? NAN, 86_400, '/edit/metered_s', new Message('editing.meter_light.shutter'));
        $problems->unlessPositive($aperture ?? NAN, 1_000, '/edit/metered_aperture', new Message('editing.meter_light.aperture'));
        $problems->unlessPositive($iso ?? NAN, 10_000_000, '/edit/metered_iso', new Message('editing.meter_light.iso'));
        $problems->throwIfAny();
        assert($at !== null);
        $metered = new Metered($at, new Exposure($seconds ?? 1.0, $aperture ?? 1.0, $iso ?? 100.0));

        $light = ($plan->light ?? new Light())->with(['metered' => $metered]);

        return new TypedEdit($plan->with(['light' => $light]), $given->text('metered_at') === ''
            ? new Message('editing.meter_light.done')
            : new Message('editing.meter_light.done_at', ['at' => StartText::said(StartText::read($given->text('metered_at')))]), by: Source::Measured);
    }

    private static function at(Plan $plan, string $text, Problems $problems): ?Instant
    {
        if (trim($text) === '' && $plan->light?->kind->daylightEnters() === false) {
            // The light is the same all day.
            return $plan->site?->day->at('12:00') ?? new Instant(0.0);
        }
        if ($plan->site === null) {
            $problems->add('/edit/metered_at', new Message('editing.no_sky'));

            return null;
        }
        try {
            $at = StartText::read($text)->instant($plan->site);
        } catch (InvalidInput $invalid) {
            $problems->add('/edit/metered_at', $invalid->problems[0]->message);

            return null;
        }
        if ($at === null) {
            $problems->add('/edit/metered_at', new Message('editing.meter_light.when'));
        }

        return $at;
    }
}
