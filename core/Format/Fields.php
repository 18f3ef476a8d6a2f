<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use BackedEnum;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problems;
use LogicException;
use stdClass;

/**
 * Reads the fields of one JSON object by name and kind, and notes what is missing, of the wrong kind or unknown.
 *
 * A field that cannot be read gives a stand-in value, so that the rest of the document is read too and a person is
 * told everything at once; the reader throws before a value made from a stand-in can leave it.
 */
final class Fields
{
    /** @var array<string, mixed> */
    private array $values;

    /** Not an object at all: said once, instead of once for every field it lacks. */
    private readonly bool $broken;

    /** @var array<string, true> */
    private array $known = [];

    public function __construct(mixed $object, private readonly string $pointer, private readonly Problems $problems)
    {
        if (!$object instanceof stdClass) {
            $problems->add($pointer, new Message('format.fields.object'));
        }
        /** @var array<string, mixed> $values */
        $values = $object instanceof stdClass ? get_object_vars($object) : [];
        $this->values = $values;
        $this->broken = !$object instanceof stdClass;
    }

    public function has(string $name): bool
    {
        $this->known[$name] = true;

        return array_key_exists($name, $this->values);
    }

    public function raw(string $name): mixed
    {
        $this->known[$name] = true;

        return $this->values[$name] ?? null;
    }

    public function child(string $name): self
    {
        if (!$this->has($name) && !$this->broken) {
            $this->problems->add("{$this->pointer}/{$name}", new Message('format.fields.part'));
        }

        return new self($this->values[$name] ?? new stdClass(), "{$this->pointer}/{$name}", $this->problems);
    }

    public function number(string $name, float $standIn, ?float $default = null): float
    {
        $value = $this->value($name, $default);
        if (is_int($value) || is_float($value) && is_finite($value)) {
            return (float) $value;
        }
        if ($value !== null) {
            $this->problems->add("{$this->pointer}/{$name}", new Message('format.fields.number'));
        }

        return $standIn;
    }

    /** A number that may be left out, and then is null. */
    public function numberOrNull(string $name, float $standIn): ?float
    {
        return $this->has($name) ? $this->number($name, $standIn) : null;
    }

    /** A whole number that may be left out, and then is null. */
    public function wholeOrNull(string $name, int $standIn): ?int
    {
        return $this->has($name) ? $this->whole($name, $standIn) : null;
    }

    public function whole(string $name, int $standIn, ?int $default = null): int
    {
        $value = $this->value($name, $default);
        // A whole number may be written 216.0; past 2^53 a float no longer tells whole numbers apart.
        if (is_int($value) || is_float($value) && floor($value) === $value && abs($value) < 2 ** 53) {
            return (int) $value;
        }
        if ($value !== null) {
            $this->problems->add("{$this->pointer}/{$name}", new Message('format.fields.whole'));
        }

        return $standIn;
    }

    public function flag(string $name, bool $default): bool
    {
        $value = $this->value($name, $default);
        if (!is_bool($value)) {
            $this->problems->add("{$this->pointer}/{$name}", new Message('format.fields.flag'));
        }

        return $value === true;
    }

    public function text(string $name, string $standIn = '?'): string
    {
        $value = $this->value($name, null);
        if (!is_string($value)) {
            if ($value !== null) {
                $this->problems->add("{$this->pointer}/{$name}", new Message('format.fields.text'));
            }

            return $standIn;
        }

        return $value;
    }

    /**
     * A list of numbers.
     *
     * @param list<float> $default
     *
     * @return list<float>
     */
    public function numbers(string $name, int $most, array $default): array
    {
        if (!$this->has($name)) {
            return $default;
        }

        return $this->items($name, $most, function (mixed $item, string $pointer): float {
            if (is_int($item) || is_float($item) && is_finite($item)) {
                return (float) $item;
            }
            $this->problems->add($pointer, new Message('format.fields.number'));

            return 1.0;
        });
    }

    /**
     * @template E of BackedEnum
     *
     * @param class-string<E> $enum
     * @param E               $standIn
     * @param ?E              $default
     *
     * @return E
     */
    public function choice(string $name, string $enum, BackedEnum $standIn, ?BackedEnum $default = null): BackedEnum
    {
        $value = $this->value($name, $default?->value);
        $choice = is_string($value) ? $enum::tryFrom($value) : null;
        if ($choice === null && $value !== null) {
            $names = array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases());
            $this->problems->add("{$this->pointer}/{$name}", new Message('format.fields.choice', ['x' => implode(', ', $names)]));
        }

        return $choice ?? $standIn;
    }

    /**
     * @template T
     *
     * @param callable(mixed, string): T $readItem given the item and its pointer
     *
     * @return list<T>
     */
    public function items(string $name, int $most, callable $readItem): array
    {
        $value = $this->value($name, null);
        $pointer = "{$this->pointer}/{$name}";
        if (!is_array($value) || !array_is_list($value)) {
            if ($value !== null) {
                $this->problems->add($pointer, new Message('format.fields.list'));
            }

            return [];
        }
        if (count($value) > $most) {
            $this->problems->add($pointer, new Message('format.fields.most', ['most' => $most]));

            return [];
        }
        $items = [];
        foreach ($value as $i => $item) {
            $items[] = $readItem($item, "{$pointer}/{$i}");
        }

        return $items;
    }

    /** Whether it is there, and is a list of nothing. */
    public function isEmptyList(string $name): bool
    {
        return $this->value($name, null) === [];
    }

    /**
     * A list of objects.
     *
     * @return list<self>
     */
    public function children(string $name, int $most): array
    {
        return $this->items($name, $most, fn (mixed $item, string $pointer): self => new self($item, $pointer, $this->problems));
    }

    /**
     * What stands in a field of a plan, by its row in the table; null where a plan may say nothing of it.
     */
    public function valueOf(PlanField $field): mixed
    {
        if ($field->mayLack && !$this->has($field->name)) {
            return null;
        }
        [$name, $usual, $instead] = [$field->name, $field->usual, $field->instead];

        return match ($field->kind) {
            FieldKind::Text => is_string($usual) && !$this->has($name) ? $usual : $this->text($name, is_string($instead) ? $instead : '?'),
            FieldKind::Choice => $this->choiceOf($name, $usual, $instead),
            FieldKind::Whole => $this->whole($name, is_int($instead) ? $instead : 0, is_int($usual) ? $usual : null),
            FieldKind::Flag => $this->flag($name, $usual === true),
            FieldKind::Numbers => $this->numbers($name, $field->most ?? 0, self::floats($usual)),
            FieldKind::Part => throw new LogicException("{$name} is no single value."),
            default => $this->number($name, is_float($instead) ? $instead : 0.0, is_float($usual) ? $usual : null),
        };
    }

    private function choiceOf(string $name, mixed $usual, mixed $instead): BackedEnum
    {
        if (!$instead instanceof BackedEnum) {
            throw new LogicException("{$name} has nothing to stand in for it.");
        }

        return $this->choice($name, $instead::class, $instead, $usual instanceof BackedEnum ? $usual : null);
    }

    /**
     * @return list<float>
     */
    private static function floats(mixed $usual): array
    {
        return is_array($usual) ? array_values(array_filter($usual, is_float(...))) : [];
    }

    /**
     * Makes a value, and notes what its own rules refuse.
     *
     * @template T of object
     *
     * @param callable(): T $make
     *
     * @return ?T null when it was refused
     */
    public function make(callable $make): ?object
    {
        try {
            return $make();
        } catch (InvalidInput $invalid) {
            $this->problems->addAllUnder($this->pointer, $invalid);

            return null;
        }
    }

    /**
     * Names that were never asked for.
     *
     * @return list<string>
     */
    public function rest(): array
    {
        return array_map(strval(...), array_keys(array_diff_key($this->values, $this->known)));
    }

    public function refuseTheRest(): void
    {
        foreach ($this->rest() as $name) {
            $escaped = str_replace(['~', '/'], ['~0', '~1'], $name);
            $this->problems->add("{$this->pointer}/{$escaped}", new Message('format.fields.unknown'));
        }
    }

    private function value(string $name, mixed $default): mixed
    {
        if ($this->has($name)) {
            // A JSON null stands for nothing: it is refused like a value of the wrong kind.
            return $this->values[$name] ?? [];
        }
        if ($default === null && !$this->broken) {
            $this->problems->add("{$this->pointer}/{$name}", new Message('format.fields.missing'));
        }

        return $default;
    }
}
