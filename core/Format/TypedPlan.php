<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Format\Parts\SiteFormat;
use Evrent\Core\Motion\Leg;
use Evrent\Core\Plan\Plan;
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
    private const TEXT = [
        'format', 'title', 'mode', 'interval_means', 'shape', 'id', 'kind', 'by', 'ramp_entry', 'cloud', 'control', 'slots', 'feeds',
        'exposure_timed_by', 'dial', 'name', 'zone', 'date',
    ];
    private const PER_CENT = [
        'ramp_in', 'ramp_out', 'at', 'subject_step_share', 'blur_share', 'dragged_share', 'parallax_share', 'crop_share', 'charge', 'efficiency', 'share',
    ];
    private const LISTS = ['isos', 'filters', 'cards_gb'];
    /** Fields that may be left empty, which leaves them out of the plan: nothing is said, or the usual value holds. */
    private const MAY_BE_EMPTY = [
        'ramp_entry', 'next_file_number', 'camera_interval_s', 'camera_photos', 'count_limit', 'exposure_timed_by', 'dial',
        'legs_rating_kg', 'carriage_rating_kg', 'thrust_n',
    ];
    private const FLAGS = ['long_exposure_noise_reduction', 'pass', 'stepless', 'marks_are_literal'];

    /**
     * @param array<array-key, mixed> $typed text by field name, nested as the plan document is; fields that are left
     *                                       out keep their value
     *
     * @throws InvalidInput
     */
    public static function change(Plan $plan, array $typed): Plan
    {
        $problems = new Problems();
        // A field that still says what it said leaves the value as exact as it is: fields may show fewer digits.
        $typed = self::withoutUntouched($typed, FieldTexts::of($plan));
        $typed = self::withRamps($plan, $typed, $problems);
        $typed = self::withStart($typed, $problems);
        $document = self::laidOver(PlanWriter::toDocument($plan), $typed);
        if (($typed['start'] ?? null) === '') {
            unset($document['start']);
        }
        // A name or text that is not UTF-8 cannot stand in JSON: it is refused as the field it is not.
        $json = json_encode($document, JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR);
        try {
            $changed = PlanReader::fromJson($json);
        } catch (InvalidInput $invalid) {
            foreach ($invalid->problems as $problem) {
                // A list is typed in one field: what is wrong with one of its numbers is said there.
                $problems->add((string) preg_replace('~/(' . implode('|', self::LISTS) . ')/\d+$~D', '/$1', $problem->pointer), $problem->message);
            }
        }
        $problems->throwIfAny();
        assert(isset($changed));

        return $changed;
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
            return ['start' => (object) SiteFormat::writeStart(StartText::read($text))] + $typed;
        } catch (InvalidInput $invalid) {
            $problems->addAllUnder('/start', $invalid);

            return array_diff_key($typed, ['start' => true]);
        }
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
                    ? 'Enter both ramps together, from 0 to 100 % of the run: in per cent, photos or seconds.'
                    : 'Enter a ramp from 0 to 100 % of the run: in per cent, photos or seconds, such as 20 %, 43 photos or 5 min.');
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
    private static function laidOver(array $document, array $typed, string $part = ''): array
    {
        foreach ($typed as $name => $value) {
            if (is_string($value) && trim($value) === '' && ($part === 'thresholds' || in_array($name, self::MAY_BE_EMPTY, true))) {
                unset($document[$name]);
                continue;
            }
            $there = $document[$name] ?? null;
            $document[$name] = match (true) {
                is_array($value) => self::laidOver(is_array($there) ? $there : [], $value, (string) $name),
                is_string($value) => self::read((string) $name, $value),
                default => $value,
            };
        }

        return $document;
    }

    /**
     * @return string|float|bool|list<string|float> text that cannot be read stays text, for the reader to refuse
     */
    private static function read(string $name, string $text): string|float|bool|array
    {
        return match (true) {
            in_array($name, self::TEXT, true) => trim($text),
            in_array($name, self::LISTS, true) => self::list($text),
            in_array($name, self::FLAGS, true) => in_array($text, ['1', 'on', 'true'], true),
            in_array($name, self::PER_CENT, true) => TypedText::percent($text) ?? $text,
            str_ends_with($name, '_s') => TypedText::seconds($text) ?? $text,
            str_ends_with($name, '_wh') => TypedText::wattHours($text) ?? $text,
            default => TypedText::number($text) ?? $text,
        };
    }

    /**
     * "100 200 400", "3, 6, 10", "3,6,10"; a single comma in a number is its decimal point.
     *
     * @return list<string|float>
     */
    private static function list(string $text): array
    {
        $words = [];
        foreach (explode(' ', (string) preg_replace('/[\s;]+|,\s+/u', ' ', trim($text))) as $word) {
            array_push($words, ...(TypedText::number($word) === null ? explode(',', $word) : [$word]));
        }

        return array_map(static fn (string $word): string|float => TypedText::number($word) ?? $word, $words);
    }
}
