<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Plan\Plan;

/**
 * What stands in each field of a form for a plan. Left as it is, `TypedPlan` takes it for the plan's own value, whatever digits
 * it leaves out.
 */
final class FieldTexts
{
    /**
     * @return array<string, string> by JSON pointer; /move/easing/ramp_total and the like stand for both ramps together
     */
    public static function of(Plan $plan): array
    {
        $document = array_diff_key(PlanWriter::toDocument($plan), ['start' => true, 'end' => true, 'window' => true]);
        $texts = self::notSaid($document);
        self::collect($document, '', $texts);
        if ($plan->facing() === null) {
            // 0 would be north, which nobody has said.
            $texts[Plan::FACING] = '';
        }
        $texts['/start'] = $plan->start === null ? '' : StartText::write($plan->start);
        $texts['/end/by'] = $plan->end?->by->value ?? '';
        $texts['/end/at'] = $plan->end?->at === null ? '' : StartText::write($plan->end->at);
        $texts['/window/from'] = $plan->window === null ? '' : StartText::write($plan->window->from);
        $texts['/window/until'] = $plan->window === null ? '' : StartText::write($plan->window->until);
        $texts['/move/easing/ramp_total'] = FieldKind::perCent($plan->move->easing->total());
        foreach ($plan->move->keyframes as $k => $keyframe) {
            $texts += ["/move/keyframes/{$k}/subject_width" => '', "/move/keyframes/{$k}/subject_height" => ''];
            if ($keyframe->easing !== null) {
                $texts["/move/keyframes/{$k}/easing/ramp_total"] = FieldKind::perCent($keyframe->easing->total());
            }
        }

        return $texts;
    }

    /**
     * Fields of which the plan says nothing, though it has the part that they stand in: they are empty.
     *
     * @param array<string, mixed> $document
     *
     * @return array<string, string>
     */
    private static function notSaid(array $document): array
    {
        $texts = [];
        foreach ([...array_keys($document), ...PlanFields::ASIDE] as $part) {
            foreach (PlanFields::of("/{$part}") as $name => $field) {
                if ($field->mayLack) {
                    $texts["/{$part}/{$name}"] = '';
                }
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
            $own = "{$pointer}/{$name}";
            $kind = PlanFields::kindAt($own) ?? FieldKind::Part;
            if (is_array($value) && $kind !== FieldKind::Numbers) {
                self::collect($value, $own, $texts);
            } else {
                $texts[$own] = $kind->text($value);
            }
        }
    }
}
