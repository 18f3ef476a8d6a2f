<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\InvalidInput;
use Evrent\Core\Plan;

/**
 * A plan changed by what a person typed into some of its fields. What cannot be read is refused where it stands, in
 * the same words and at the same JSON pointers as in a plan file.
 */
final class TypedPlan
{
    private const TEXT = ['format', 'title', 'mode', 'interval_means', 'shape', 'id', 'kind'];
    private const PER_CENT = ['ramp_in', 'ramp_out', 'at'];
    private const FLAGS = ['long_exposure_noise_reduction', 'pass'];

    /**
     * @param array<array-key, mixed> $typed text by field name, nested as the plan document is; fields that are left
     *                                       out keep their value
     *
     * @throws InvalidInput
     */
    public static function change(Plan $plan, array $typed): Plan
    {
        $document = self::laidOver(PlanWriter::toDocument($plan), $typed);
        // A name or text that is not UTF-8 cannot stand in JSON: it is refused as the field it is not.
        $json = json_encode($document, JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR);

        return PlanReader::fromJson($json);
    }

    /**
     * @param array<array-key, mixed> $document
     * @param array<array-key, mixed> $typed
     *
     * @return array<array-key, mixed>
     */
    private static function laidOver(array $document, array $typed): array
    {
        foreach ($typed as $name => $value) {
            $there = $document[$name] ?? null;
            $document[$name] = match (true) {
                is_array($value) => self::laidOver(is_array($there) ? $there : [], $value),
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
