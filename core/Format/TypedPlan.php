<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\InvalidInput;
use Evrent\Core\Plan;
use Evrent\Core\Problems;

/**
 * A plan changed by what a person typed into some of its fields. What cannot be read is refused where it stands, in
 * the same words and at the same JSON pointers as in a plan file.
 */
final class TypedPlan
{
    private const TEXT = ['format', 'title', 'mode', 'interval_means', 'shape', 'id', 'kind', 'by', 'ramp_entry'];
    private const PER_CENT = ['ramp_in', 'ramp_out', 'at', 'subject_step_share', 'blur_share', 'dragged_share', 'parallax_share', 'crop_share'];
    /** Fields that may be left empty, which leaves them out of the plan: nothing is said, or the usual value holds. */
    private const MAY_BE_EMPTY = ['ramp_entry', 'next_file_number', 'camera_interval_s', 'camera_photos', 'count_limit'];
    private const FLAGS = ['long_exposure_noise_reduction', 'pass'];

    /**
     * @param array<array-key, mixed> $typed text by field name, nested as the plan document is; fields that are left
     *                                       out keep their value
     *
     * @throws InvalidInput
     */
    public static function change(Plan $plan, array $typed): Plan
    {
        $problems = new Problems();
        $typed = self::withRampTotal($plan, $typed, $problems);
        $document = self::laidOver(PlanWriter::toDocument($plan), $typed);
        // A name or text that is not UTF-8 cannot stand in JSON: it is refused as the field it is not.
        $json = json_encode($document, JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR);
        try {
            $changed = PlanReader::fromJson($json);
        } catch (InvalidInput $invalid) {
            $problems->addAllUnder('', $invalid);
        }
        $problems->throwIfAny();
        assert(isset($changed));

        return $changed;
    }

    /**
     * Many quote a ramp as one total, halved at each end. It is no field of the plan: where it was typed anew, it is
     * turned into the two ends.
     *
     * @param array<array-key, mixed> $typed
     *
     * @return array<array-key, mixed> without the total
     */
    private static function withRampTotal(Plan $plan, array $typed, Problems $problems): array
    {
        $move = $typed['move'] ?? null;
        $easing = is_array($move) ? $move['easing'] ?? null : null;
        if (!is_array($move) || !is_array($easing) || !array_key_exists('ramp_total', $easing)) {
            return $typed;
        }
        $text = $easing['ramp_total'];
        $total = is_string($text) ? TypedText::percent($text) : null;
        unset($easing['ramp_total']);
        if ($total === null || $total < 0.0 || $total > 1.0) {
            $problems->add('/move/easing/ramp_total', 'Enter both ramps together in per cent, from 0 to 100.');
        } elseif (abs($total - $plan->move->easing->total()) > 1e-9) {
            $easing['ramp_in'] = $easing['ramp_out'] = PlainText::percent($total / 2.0);
        }
        $move['easing'] = $easing;

        return ['move' => $move] + $typed;
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
     * @return string|float|bool text that cannot be read stays text, for the reader to refuse
     */
    private static function read(string $name, string $text): string|float|bool
    {
        return match (true) {
            in_array($name, self::TEXT, true) => trim($text),
            in_array($name, self::FLAGS, true) => in_array($text, ['1', 'on', 'true'], true),
            in_array($name, self::PER_CENT, true) => TypedText::percent($text) ?? $text,
            str_ends_with($name, '_s') => TypedText::seconds($text) ?? $text,
            default => TypedText::number($text) ?? $text,
        };
    }
}
