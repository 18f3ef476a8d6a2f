<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Move;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Sky\Target;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;

/**
 * What a person gave with an edit, read by name. Whatever cannot be read is refused at /edit/<name>.
 */
final readonly class GivenWithEdit
{
    /**
     * @param array<array-key, mixed> $given
     */
    public function __construct(private array $given)
    {
    }

    public function has(string $name): bool
    {
        return $this->text($name) !== '';
    }

    public function text(string $name): string
    {
        $value = $this->given[$name] ?? '';

        return is_string($value) ? trim($value) : (is_int($value) || is_float($value) ? (string) $value : '');
    }

    /**
     * @throws InvalidInput
     */
    public function whole(string $name): int
    {
        $text = $this->text($name);
        if (preg_match('/^\d{1,7}$/D', $text) !== 1) {
            throw new InvalidInput([new Problem("/edit/{$name}", new Message('editing.given_with_edit.whole'))]);
        }

        return (int) $text;
    }

    /**
     * @throws InvalidInput
     */
    public function number(string $name, Text|string $message): float
    {
        return TypedText::number($this->text($name)) ?? throw new InvalidInput([new Problem("/edit/{$name}", $message)]);
    }

    /** The letter of a keyframe given by its place. */
    public function peg(string $name): string
    {
        return Move::peg($this->whole($name));
    }

    /** @throws InvalidInput */
    public function target(): Target
    {
        return Target::tryFrom($this->text('target')) ?? throw new InvalidInput(
            [new Problem('/edit/target', new Message('editing.given_with_edit.choose', ['names' => Target::names(Joined::OR)]))],
        );
    }

    /**
     * @return array<string, float> mm or degrees by axis id
     *
     * @throws InvalidInput
     */
    public function positions(): array
    {
        $given = $this->given['positions'] ?? [];
        $positions = [];
        foreach (is_array($given) ? $given : [] as $axisId => $value) {
            $positions[(string) $axisId] = (new self([(string) $axisId => $value]))->number(
                (string) $axisId,
                new Message('editing.given_with_edit.position'),
            );
        }

        return $positions;
    }

    /**
     * Makes a change; what it refuses is told beside the field that was given.
     *
     * @param callable(): Plan $change
     * @param string           $suffix of the fields' names, where there are several of a kind
     *
     * @throws InvalidInput
     */
    public function under(callable $change, string $suffix = ''): Plan
    {
        try {
            return $change();
        } catch (InvalidInput $invalid) {
            throw new InvalidInput(array_map(
                fn (Problem $problem): Problem => array_key_exists(ltrim($problem->pointer, '/') . $suffix, $this->given)
                    ? new Problem("/edit{$problem->pointer}{$suffix}", $problem->message)
                    : $problem,
                $invalid->problems,
            ));
        }
    }
}
