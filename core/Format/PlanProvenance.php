<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use BackedEnum;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Provenance;
use Evrent\Core\Plan\Source;
use Evrent\Core\Values\Problems;
use stdClass;

/**
 * `provenance` of evrent.plan/1: who gave each value. Lists (keyframes, keys of a ramp, cards) are one value each, but for the rig's axes.
 */
final class PlanProvenance
{
    /** Parts that every plan has, though a document may leave them out. */
    private const ALWAYS = ['/timing', '/rig', '/rig/base', '/camera', '/move/easing', '/trigger', '/thresholds'];

    /** The one list whose values have sources of their own. */
    private const AXES = '/rig/axes';

    /** Of these nothing is asked. */
    private const ASIDE = ['format' => 1, 'title' => 1, 'kit' => 1, 'provenance' => 1];

    /**
     * Of a document: what it leaves out is assumed, what it says without an entry was typed.
     *
     * @param bool $isOldRevision kept before sources were: what equals the default is taken for it
     */
    public static function read(stdClass $document, Problems $problems, bool $isOldRevision): Provenance
    {
        $given = get_object_vars($document)['provenance'] ?? null;
        $sources = self::defaults($document, $given === null && $isOldRevision);
        if ($given === null) {
            return new Provenance($sources);
        }
        if (!$given instanceof stdClass) {
            $problems->add('/provenance', new Message('format.plan_provenance.object'));

            return new Provenance();
        }
        foreach (get_object_vars($given) as $pointer => $name) {
            $pointer = (string) $pointer;
            $escaped = str_replace(['~', '/'], ['~0', '~1'], $pointer);
            $source = is_string($name) ? Source::tryFrom($name) : null;
            if ($source === null) {
                $choices = implode(', ', array_column(Source::cases(), 'value'));
                $problems->add("/provenance/{$escaped}", new Message('format.plan_provenance.choice', ['x' => $choices]));
            } elseif (!str_starts_with($pointer, '/') || !self::isThere($document, $pointer)) {
                $problems->add("/provenance/{$escaped}", new Message('format.plan_provenance.unknown'));
            } else {
                $sources[$pointer] = $source;
            }
        }

        return new Provenance($sources);
    }

    /**
     * @return array<string, string> what stands in a document: one entry for a part whose values all come from the same; none for what was typed
     */
    public static function written(Plan $plan): array
    {
        $written = [];
        self::gather(array_diff_key(PlanWriter::toDocument($plan), self::ASIDE), '', $plan->provenance, $written);

        return array_map(static fn (Source $source): string => $source->value, $written);
    }

    /**
     * The plan with the sources that a change leaves: what is the same keeps its own, what is another comes from the change.
     *
     * @param ?Source     $by  null where what is changed keeps its source, and what is new is assumed
     * @param ?Provenance $own of the plan that the values come from: what is assumed there is assumed here
     */
    public static function after(Plan $before, Plan $after, ?Source $by, ?Provenance $own = null): Plan
    {
        $was = self::values($before);
        $sources = [];
        foreach (self::values($after) as $pointer => $value) {
            $isNew = !array_key_exists($pointer, $was);
            $sources[$pointer] = match (true) {
                !$isNew && ($by === null || $was[$pointer] === $value) => $before->provenance->of($pointer),
                $by === null => Source::Default,
                $own?->isAssumed($pointer) === true => Source::Default,
                // Comes along with its part, and nobody said anything else.
                $isNew && $value === self::usual($pointer) => Source::Default,
                default => $by,
            };
        }

        return $after->withProvenance(new Provenance(self::condensed($sources)));
    }

    /** The plan with all that it says assumed: nobody has said anything yet. */
    public static function assumed(Plan $plan): Plan
    {
        return $plan->withProvenance(new Provenance(self::condensed(array_map(static fn (): Source => Source::Default, self::values($plan)))));
    }

    /**
     * The plan with these values, or whole parts, from this source, whether they are changed or not.
     *
     * @param list<string> $pointers
     */
    public static function confirmed(Plan $plan, array $pointers, Source $source): Plan
    {
        $sources = [];
        foreach (array_keys(self::values($plan)) as $one) {
            $isMeant = array_filter($pointers, static fn (string $pointer): bool => $one === $pointer || str_starts_with($one, "{$pointer}/")) !== [];
            $sources[$one] = $isMeant ? $source : $plan->provenance->of($one);
        }

        return $plan->withProvenance(new Provenance(self::condensed($sources)));
    }

    /**
     * @return array<string, mixed> by JSON pointer
     */
    public static function values(Plan $plan): array
    {
        $values = [];
        self::flatten(array_diff_key(PlanWriter::toDocument($plan), self::ASIDE), '', $values);

        return $values;
    }

    /** What a plan means that leaves a value out, as it is written; null where it may not. */
    public static function usual(string $pointer): mixed
    {
        $usual = PlanFields::at($pointer)?->usual;

        return $usual instanceof BackedEnum ? $usual->value : $usual;
    }

    /**
     * @param array<string, Source> $sources
     *
     * @return array<string, Source> without what was typed
     */
    private static function condensed(array $sources): array
    {
        return array_filter($sources, static fn (Source $source): bool => $source !== Source::Typed);
    }

    /**
     * @param array<array-key, mixed> $document
     * @param array<string, mixed>    $values
     */
    private static function flatten(array $document, string $pointer, array &$values): void
    {
        foreach ($document as $name => $value) {
            $at = "{$pointer}/{$name}";
            if (is_array($value) && ($at === self::AXES || !array_is_list($value))) {
                self::flatten($value, $at, $values);
            } else {
                $values[$at] = $value;
            }
        }
    }

    /**
     * @param array<array-key, mixed> $document
     * @param array<string, Source>   $written
     *
     * @return ?Source that all below has; null where they differ, and each is written
     */
    private static function gather(array $document, string $pointer, Provenance $provenance, array &$written): ?Source
    {
        $sources = [];
        foreach ($document as $name => $value) {
            $at = "{$pointer}/{$name}";
            $isPart = is_array($value) && $value !== [] && ($at === self::AXES || !array_is_list($value));
            $sources[$at] = $isPart ? self::gather($value, $at, $provenance, $written) : $provenance->of($at);
        }
        $all = array_values(array_unique($sources, SORT_REGULAR));
        if ($pointer !== '' && count($all) === 1) {
            return $all[0];
        }
        foreach ($sources as $at => $source) {
            if ($source !== null && $source !== Source::Typed) {
                $written[$at] = $source;
            }
        }

        return null;
    }

    /**
     * @return array<string, Source> what a document leaves out; of an old revision what equals the default too
     */
    private static function defaults(stdClass $document, bool $isOldRevision): array
    {
        $sources = [];
        foreach (PlanFields::defaults() as $part => $usual) {
            $there = str_contains($part, '*') ? false : self::at($document, $part);
            if ($there === null) {
                $sources += in_array($part, self::ALWAYS, true) ? [$part => Source::Default] : [];
            } elseif ($there instanceof stdClass) {
                $sources += self::defaultsOf(get_object_vars($there), $part, $usual, $isOldRevision);
            }
        }
        $axes = self::at($document, self::AXES);
        foreach (is_array($axes) ? $axes : [] as $i => $axis) {
            $usual = $axis instanceof stdClass ? PlanFields::defaults()[self::AXES . '/*'] ?? [] : [];
            $sources += $axis instanceof stdClass ? self::defaultsOf(get_object_vars($axis), self::AXES . "/{$i}", $usual, $isOldRevision) : [];
        }

        return $sources;
    }

    /**
     * @param array<array-key, mixed> $values
     * @param array<array-key, mixed> $usual
     *
     * @return array<string, Source>
     */
    private static function defaultsOf(array $values, string $part, array $usual, bool $isOldRevision): array
    {
        $sources = [];
        foreach ($usual as $name => $value) {
            $isLeftOut = !array_key_exists($name, $values);
            if ($isLeftOut || $isOldRevision && self::isSame($value, $values[$name])) {
                $sources["{$part}/{$name}"] = Source::Default;
            }
        }

        return $sources;
    }

    /** A whole number and the same with a point are one. */
    private static function isSame(mixed $one, mixed $other): bool
    {
        $plain = static fn (mixed $value): mixed => is_int($value) ? (float) $value : $value;

        return is_array($one) && is_array($other) ? array_map($plain, $one) === array_map($plain, $other) : $plain($one) === $plain($other);
    }

    private static function at(stdClass $document, string $pointer): mixed
    {
        $place = $document;
        foreach (explode('/', ltrim($pointer, '/')) as $name) {
            $place = match (true) {
                is_array($place) => $place[(int) $name] ?? null,
                $place instanceof stdClass => get_object_vars($place)[$name] ?? null,
                default => null,
            };
        }

        return $place;
    }

    private static function isThere(stdClass $document, string $pointer): bool
    {
        // A part or value that the document leaves out may be named as what it is: assumed.
        return self::at($document, $pointer) !== null || PlanFields::at($pointer) !== null;
    }
}
