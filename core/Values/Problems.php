<?php

declare(strict_types=1);

namespace Evrent\Core\Values;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;

/**
 * Collects what is wrong with a value while it is being made, so that a person is told everything at once.
 */
final class Problems
{
    /** @var array<string, Problem> by pointer: what was found first is the cause of what follows */
    private array $found = [];

    /** The least that a number which has to be above 0 can be: nearer to 0, dividing by it leaves what a number can hold. */
    private const LEAST_POSITIVE = 1e-6;

    public function add(string $pointer, Text|string $message, float|int|null $nearest = null): void
    {
        $this->found[$pointer] ??= new Problem($pointer, $message, $nearest);
    }

    public function addAllUnder(string $parentPointer, InvalidInput $invalid): void
    {
        foreach ($invalid->problems as $problem) {
            $this->add($parentPointer . $problem->pointer, $problem->message, $problem->nearest);
        }
    }

    /**
     * Adds a problem unless the number is finite and within the bounds, both included.
     */
    public function unlessBetween(float|int $value, float|int $least, float|int $most, string $pointer, Text|string $what): void
    {
        if (!is_finite((float) $value) || $value < $least || $value > $most) {
            $nearest = is_nan((float) $value) || $value < $least ? $least : $most;
            $this->add($pointer, self::between($what, $least, $most), $nearest);
        }
    }

    /**
     * Adds a problem unless the number is finite, above zero by no less than the least, and no more than the bound.
     */
    public function unlessPositive(float|int $value, float|int $most, string $pointer, Text|string $what, float $least = self::LEAST_POSITIVE): void
    {
        if (!is_finite((float) $value) || $value < $least || $value > $most) {
            $isTiny = $value > 0 && $value < $least;
            $this->add($pointer, $isTiny
                ? self::between($what, $least, $most)
                : new Message('values.above_zero', ['what' => $what, 'most' => Quantity::limit($most)]), is_nan((float) $value) || $value < $least
                    ? $least
                    : $most);
        }
    }

    public function any(): bool
    {
        return $this->found !== [];
    }

    /**
     * @throws InvalidInput when anything was added
     */
    public function throwIfAny(): void
    {
        if ($this->found !== []) {
            throw new InvalidInput(array_values($this->found));
        }
    }

    private static function between(Text|string $what, float|int $least, float|int $most): Message
    {
        return new Message('values.between', ['what' => $what, 'least' => Quantity::limit($least), 'most' => Quantity::limit($most)]);
    }
}
