<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Words\PlainText;

/**
 * What stands in each field of a form for a plan. Left as it is, `TypedPlan` takes it for the plan's own value, whatever digits
 * it leaves out.
 */
final class FieldTexts
{
    private const PER_CENT = [
        'at', 'ramp_in', 'ramp_out', 'subject_step_share', 'blur_share', 'dragged_share', 'parallax_share', 'crop_share', 'charge', 'efficiency', 'share',
    ];
    private const LISTS = ['isos', 'filters', 'cards_gb'];

    /** Fields that a plan may lack, and then stand empty. */
    private const MAY_LACK = [
        '/rig/ramp_entry', '/camera/next_file_number', '/camera/exposure_timed_by', '/camera/dial',
        '/trigger/camera_interval_s', '/trigger/camera_photos', '/trigger/count_limit',
    ];
    private const LOAD_MAY_LACK = ['/load/legs_rating_kg', '/load/carriage_rating_kg', '/load/thrust_n'];

    /**
     * @return array<string, string> by JSON pointer; /move/easing/ramp_total and the like stand for both ramps together
     */
    public static function of(Plan $plan): array
    {
        $texts = array_fill_keys([...self::MAY_LACK, ...($plan->load === null ? [] : self::LOAD_MAY_LACK)], '');
        self::collect(array_diff_key(PlanWriter::toDocument($plan), ['start' => true]), '', $texts);
        $texts['/start'] = $plan->start === null ? '' : StartText::write($plan->start);
        $texts['/move/easing/ramp_total'] = self::perCent($plan->move->easing->total());
        foreach ($plan->move->keyframes as $k => $keyframe) {
            if ($keyframe->easing !== null) {
                $texts["/move/keyframes/{$k}/easing/ramp_total"] = self::perCent($keyframe->easing->total());
            }
        }

        return $texts;
    }

    /**
     * @param array<array-key, mixed> $document
     * @param array<string, string>   $texts
     */
    private static function collect(array $document, string $pointer, array &$texts): void
    {
        foreach ($document as $name => $value) {
            if (is_array($value) && in_array($name, self::LISTS, true)) {
                $texts["{$pointer}/{$name}"] = implode(' ', array_map(static fn (mixed $one): string => is_float($one) ? PlainText::number($one) : '', $value));
            } elseif (is_array($value)) {
                self::collect($value, "{$pointer}/{$name}", $texts);
            } else {
                $texts["{$pointer}/{$name}"] = self::text((string) $name, $value);
            }
        }
    }

    /** To a ten-thousandth of a per cent: a photo of a million. */
    private static function perCent(float $share): string
    {
        return PlainText::number(round($share * 100.0, 4));
    }

    private static function text(string $name, mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? '1' : '0',
            is_int($value) => (string) $value,
            is_float($value) && in_array($name, self::PER_CENT, true) => self::perCent($value),
            is_float($value) && in_array($name, ['exposure_s', 'longest_s', 'shortest_s'], true) => PlainText::exposure($value),
            is_float($value) => PlainText::number($value),
            default => is_string($value) ? $value : '',
        };
    }
}
