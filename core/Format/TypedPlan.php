<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Budget\Storage;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Leg;
use Evrent\Core\Plan\EndsBy;
use Evrent\Core\Plan\FilmKind;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;
use Evrent\Core\Timing\TriggeredBy;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;

/**
 * A plan changed by what a person typed into some of its fields. What cannot be read is refused where it stands, in
 * the same words and at the same JSON pointers as in a plan file.
 */
final class TypedPlan
{
    /**
     * @param array<array-key, mixed> $typed text by field name, nested as the plan document is; fields that are left
     *                                       out keep their value
     *
     * @throws InvalidInput
     */
    public static function change(Plan $plan, array $typed): Plan
    {
        $problems = new Problems();
        $asTyped = $typed;
        // A field that still says what it said leaves the value as exact as it is: fields may show fewer digits.
        $typed = self::withoutUntouched($typed, FieldTexts::of($plan));
        $typed = self::withRamps($plan, $typed, $problems);
        $typed = self::withStart(self::withPhotoSize($plan, $typed), $problems);
        $typed = self::withWindow($plan, self::withFilm(self::withEnd($plan, $typed, $problems)), $problems);
        $document = self::laidOver(PlanWriter::toDocument($plan), $typed);
        if (($typed['start'] ?? null) === '') {
            unset($document['start']);
        }
        if (($typed['end'] ?? null) === '') {
            unset($document['end']);
        }
        if (($typed['window'] ?? null) === '') {
            unset($document['window']);
        }
        // A part of which nothing is said any more is left out.
        $document = array_filter($document, static fn (mixed $part, string|int $name): bool => $part !== [] || !in_array(
            $name,
            PlanFields::ASIDE,
            true,
        ), ARRAY_FILTER_USE_BOTH);
        // A name or text that is not UTF-8 cannot stand in JSON: it is refused as the field it is not.
        $json = json_encode($document, JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR);
        try {
            $changed = PlanReader::fromJson($json);
        } catch (InvalidInput $invalid) {
            foreach ($invalid->problems as $problem) {
                $problems->add(self::typedIn($problem->pointer), $problem->message);
            }
        }
        $problems->throwIfAny();
        assert(isset($changed));

        return self::sourced($plan, $changed, $typed, $asTyped);
    }

    /**
     * What was typed is known to be so, though it is what was assumed; what was emptied is assumed again.
     *
     * @param array<array-key, mixed> $typed   with what follows from it
     * @param array<array-key, mixed> $asTyped by hand alone
     */
    private static function sourced(Plan $before, Plan $after, array $typed, array $asTyped): Plan
    {
        $stood = PlanProvenance::values($before);
        $confirmed = $emptied = [];
        foreach (self::flat($typed) as $pointer => $text) {
            if (trim($text) === '') {
                $emptied[] = $pointer;
            } elseif (array_key_exists($pointer, $stood) && $before->provenance->isAssumed($pointer)) {
                $confirmed[] = $pointer;
            }
        }
        $changed = PlanProvenance::after($before, $after, Source::Typed);
        $changed = $confirmed === [] ? $changed : PlanProvenance::confirmed($changed, $confirmed, Source::Typed);

        // The file that was put in for one taken out is as large as one usually is.
        $put = array_diff_key(self::flat($typed), self::flat($asTyped));
        $emptied = [...$emptied, ...array_values(array_intersect(['/storage/raw_mb', '/storage/jpeg_mb'], array_keys($put)))];

        return $emptied === [] ? $changed : PlanProvenance::confirmed($changed, $emptied, Source::Default);
    }

    /**
     * @param array<array-key, mixed> $typed
     *
     * @return array<string, string> by JSON pointer
     */
    private static function flat(array $typed, string $pointer = ''): array
    {
        $flat = [];
        foreach ($typed as $name => $value) {
            $flat += is_array($value) ? self::flat($value, "{$pointer}/{$name}") : (is_string($value) ? ["{$pointer}/{$name}" => $value] : []);
        }

        return $flat;
    }

    /**
     * @param array<array-key, mixed> $typed
     * @param array<string, string>   $stood what stood in the fields, by JSON pointer
     *
     * @return array<array-key, mixed>
     */
    private static function withoutUntouched(array $typed, array $stood, string $pointer = ''): array
    {
        foreach ($typed as $name => $value) {
            if (is_array($value)) {
                $typed[$name] = self::withoutUntouched($value, $stood, "{$pointer}/{$name}");
            } elseif (is_string($value) && trim($value) === ($stood["{$pointer}/{$name}"] ?? null)) {
                unset($typed[$name]);
            }
        }

        return $typed;
    }

    /**
     * A start is typed as one text, whatever it hangs on.
     *
     * @param array<array-key, mixed> $typed
     *
     * @return array<array-key, mixed> with the start as it stands in a plan
     */
    private static function withStart(array $typed, Problems $problems): array
    {
        $text = $typed['start'] ?? null;
        if (!is_string($text) || trim($text) === '') {
            return $text === null ? $typed : ['start' => ''] + $typed;
        }
        try {
            return ['start' => (object) PlanPart::written('/start', [], StartText::read($text))] + $typed;
        } catch (InvalidInput $invalid) {
            $problems->addAllUnder('/start', $invalid);

            return array_diff_key($typed, ['start' => true]);
        }
    }

    /**
     * Raw alone or JPEG alone, in whatever order it is typed: where one is taken out and the other is none yet, that one is there in its usual size.
     *
     * @param array<array-key, mixed> $typed
     *
     * @return array<array-key, mixed>
     */
    private static function withPhotoSize(Plan $plan, array $typed): array
    {
        $storage = is_array($typed['storage'] ?? null) ? $typed['storage'] : [];
        $stands = ['raw_mb' => $plan->storage->rawMegabytes ?? 0.0, 'jpeg_mb' => $plan->storage->jpegMegabytes ?? 0.0];
        foreach (['raw_mb' => 'jpeg_mb', 'jpeg_mb' => 'raw_mb'] as $field => $other) {
            $text = is_string($storage[$field] ?? null) ? trim($storage[$field]) : null;
            if ($text === '') {
                $storage[$field] = '0';
            }
            if (($text === '' || $text !== null && TypedText::number($text) === 0.0) && !isset($storage[$other]) && $stands[$other] === 0.0) {
                $storage[$other] = PlainText::number($other === 'raw_mb' ? Storage::USUAL_RAW_MEGABYTES : Storage::USUAL_JPEG_MEGABYTES);
            }
        }

        $raw = is_string($storage['raw_mb'] ?? null) ? TypedText::number($storage['raw_mb']) : null;
        if ($raw !== null && $raw > 0.0 && !isset($storage['jpeg_mb']) && $stands['jpeg_mb'] > 0.0 && $plan->provenance->isAssumed('/storage/jpeg_mb')) {
            // It had only been put in for the raw file that is back.
            $storage['jpeg_mb'] = '0';
        }

        return $storage === [] ? $typed : ['storage' => $storage] + $typed;
    }

    /**
     * A camera in its own film mode is on its own timer.
     *
     * @param array<array-key, mixed> $typed
     *
     * @return array<array-key, mixed>
     */
    private static function withFilm(array $typed): array
    {
        $film = is_array($typed['film'] ?? null) ? $typed['film'] : [];
        $trigger = is_array($typed['trigger'] ?? null) ? $typed['trigger'] : [];

        return ($film['kind'] ?? null) === FilmKind::InCamera->value ? ['trigger' => $trigger + ['by' => TriggeredBy::CameraTimer->value]] + $typed : $typed;
    }

    /**
     * What ends the shot, and when where a time does. A time that is typed ends it; what is chosen instead takes the time out.
     *
     * @param array<array-key, mixed> $typed
     *
     * @return array<array-key, mixed> with the end as it stands in a plan; an empty text where its photos end it
     */
    private static function withEnd(Plan $plan, array $typed, Problems $problems): array
    {
        $end = is_array($typed['end'] ?? null) ? $typed['end'] : [];
        $typed = array_diff_key($typed, ['end' => true]);
        $at = is_string($end['at'] ?? null) ? trim($end['at']) : null;
        $by = is_string($end['by'] ?? null) ? $end['by'] : ($at === null || $at === '' ? $plan->end?->by->value : EndsBy::Time->value);
        if ($end === [] || $by === null) {
            return $typed;
        }
        if ($by === '') {
            return ['end' => ''] + $typed;
        }
        $stands = $plan->end?->at === null ? '' : StartText::write($plan->end->at);
        try {
            $time = $by === EndsBy::Time->value && ($at ?? $stands) !== ''
                ? ['at' => (object) PlanPart::written('/end/at', [], StartText::read($at ?? $stands))]
                : [];

            return ['end' => (object) (['by' => $by] + $time)] + $typed;
        } catch (InvalidInput $invalid) {
            $problems->addAllUnder('/end/at', $invalid);

            return $typed;
        }
    }

    /**
     * The hours of each day: one end typed alone goes with sunrise or sunset at the other; emptied, it shoots day and night.
     *
     * @param array<array-key, mixed> $typed
     *
     * @return array<array-key, mixed> with the window as it stands in a plan; an empty text for none
     */
    private static function withWindow(Plan $plan, array $typed, Problems $problems): array
    {
        $window = is_array($typed['window'] ?? null) ? $typed['window'] : [];
        $typed = array_diff_key($typed, ['window' => true]);
        if ($window === []) {
            return $typed;
        }
        $stands = FieldTexts::of($plan);
        $ends = [];
        foreach (['from' => 'sunrise', 'until' => 'sunset'] as $end => $usual) {
            $text = is_string($window[$end] ?? null) ? trim($window[$end]) : null;
            if ($text === '') {
                return ['window' => ''] + $typed;
            }
            $kept = $stands["/window/{$end}"] === '' ? $usual : $stands["/window/{$end}"];
            try {
                $ends[$end] = (object) PlanPart::written("/window/{$end}", [], StartText::read($text ?? $kept));
            } catch (InvalidInput $invalid) {
                $problems->addAllUnder("/window/{$end}", $invalid);
            }
        }

        return count($ends) < 2 ? $typed : ['window' => (object) $ends] + $typed;
    }

    /**
     * Ramps of the move and of runs that have their own, from whatever people give them in.
     *
     * @param array<array-key, mixed> $typed
     *
     * @return array<array-key, mixed> with ramps in per cent, and without totals
     */
    private static function withRamps(Plan $plan, array $typed, Problems $problems): array
    {
        $move = $typed['move'] ?? null;
        if (!is_array($move)) {
            return $typed;
        }
        if (is_array($move['easing'] ?? null)) {
            $move['easing'] = self::ramps($plan, $plan->path->legs[0], $move['easing'], '/move/easing', $problems);
        }
        foreach ($plan->path->legs as $leg) {
            $keyframe = is_array($move['keyframes'] ?? null) ? $move['keyframes'][$leg->fromKeyframe] ?? null : null;
            $own = $plan->move->keyframes[$leg->fromKeyframe]->easing;
            if ($own !== null && is_array($keyframe) && is_array($keyframe['easing'] ?? null)) {
                $pointer = "/move/keyframes/{$leg->fromKeyframe}/easing";
                $keyframe['easing'] = self::ramps($plan, $leg, $keyframe['easing'], $pointer, $problems);
                $move['keyframes'] = [$leg->fromKeyframe => $keyframe] + $move['keyframes'];
            }
        }

        return ['move' => $move] + $typed;
    }

    /**
     * Many quote a ramp as one total, halved at each end. It is no field of the plan: where it was typed anew, it is
     * turned into the two ends.
     *
     * @param array<array-key, mixed> $typed the ramps of one ease
     *
     * @return array<array-key, mixed>
     */
    private static function ramps(Plan $plan, Leg $leg, array $typed, string $pointer, Problems $problems): array
    {
        $total = null;
        foreach (['ramp_in', 'ramp_out', 'ramp_total'] as $field) {
            if (!array_key_exists($field, $typed)) {
                continue;
            }
            $share = is_string($typed[$field]) ? RampText::share($typed[$field], $plan, $leg) : null;
            if ($share === null || $share < 0.0 || $share > 1.0) {
                $problems->add("{$pointer}/{$field}", $field === 'ramp_total'
                    ? new Message('format.typed_plan.ramps')
                    : new Message('format.typed_plan.ramp'));
                $typed[$field] = '0';
            } elseif ($field === 'ramp_total') {
                $total = $share;
            } elseif (TypedText::percent($typed[$field]) === null) {
                $typed[$field] = PlainText::number($share * 100.0);
            }
        }
        unset($typed['ramp_total']);

        return $total === null ? $typed : ['ramp_in' => PlainText::number($total * 50.0), 'ramp_out' => PlainText::number($total * 50.0)] + $typed;
    }

    /**
     * @param array<array-key, mixed> $document
     * @param array<array-key, mixed> $typed
     *
     * @return array<array-key, mixed>
     */
    private static function laidOver(array $document, array $typed, string $pointer = ''): array
    {
        foreach ($typed as $name => $value) {
            $field = is_string($value) ? PlanFields::at("{$pointer}/{$name}") : null;
            if (is_string($value) && trim($value) === '' && $field?->mayBeEmpty === true) {
                unset($document[$name]);
                continue;
            }
            $there = $document[$name] ?? null;
            $document[$name] = match (true) {
                is_array($value) => self::laidOver(is_array($there) ? $there : [], $value, "{$pointer}/{$name}"),
                // What no plan has is refused by the reader, whatever it says.
                is_string($value) => ($field->kind ?? FieldKind::Text)->typed($value),
                default => $value,
            };
        }

        return $document;
    }

    /** A list is typed in one field: what is wrong with one of its numbers is said there. */
    private static function typedIn(string $pointer): string
    {
        $list = (string) preg_replace('~/\d+$~D', '', $pointer);

        return PlanFields::at($list)?->kind === FieldKind::Numbers ? $list : $pointer;
    }
}
