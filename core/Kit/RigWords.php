<?php

declare(strict_types=1);

namespace Evrent\Core\Kit;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * How a rig's firmware speaks G-code where it does not speak as Evrent's own rig does. Empty is the usual word.
 */
final readonly class RigWords
{
    /** By field: the key of its label, an example, and what it looks like. */
    public const FIELDS = [
        'axis_letters' => ['kit.rig_words.axis_letters', 'slide X, pan Y', '/^[a-z][a-z0-9_]{0,23} [A-FH-LO-Z](?:, ?[a-z][a-z0-9_]{0,23} [A-FH-LO-Z])*$/D'],
        'status_axes' => ['kit.rig_words.status_axes', 'X,Y,Z', '/^[A-Z](?:, ?[A-Z])*$/D'],
        'home_line' => ['kit.rig_words.home_line', '$H', '/^[!-~ ]{1,80}$/D'],
        'wait_line' => ['kit.rig_words.wait_line', 'G4 P0.01', '/^[!-~ ]{1,80}$/D'],
        'trigger_lines' => ['kit.rig_words.trigger_lines', 'M8; G4 P{s}; M9', '/^[!-~ ]{1,160}$/D'],
    ];

    /**
     * @param string $letters    axis ids with their letters: "slide X, pan Y"
     * @param string $statusAxes letters in the order of its status line: "X,Y,Z"
     * @param string $home       the line that homes it
     * @param string $wait       the line that is answered when all motion has ended
     * @param string $trigger    the lines, with ";" between, that close its trigger line for {s} seconds or {ms} milliseconds
     *
     * @throws \Evrent\Core\Values\InvalidInput by the field's name
     */
    public function __construct(
        private string $letters = '',
        private string $statusAxes = '',
        public string $home = '',
        public string $wait = '',
        public string $trigger = '',
    ) {
        $problems = new Problems();
        foreach ($this->texts() as $field => $text) {
            [, $example, $pattern] = self::FIELDS[$field];
            if (preg_match($pattern, $text) !== 1) {
                $problems->add("/{$field}", new Message('kit.rig_words.example', ['example' => $example]));
            }
        }
        foreach (['axis_letters' => array_values($this->letters()), 'status_axes' => $this->statusAxes() ?? []] as $field => $given) {
            if (count($given) !== count(array_unique($given))) {
                $problems->add("/{$field}", new Message('kit.rig_words.letters'));
            }
        }
        $problems->throwIfAny();
    }

    /**
     * @param array<array-key, mixed> $texts by field; others are passed over
     *
     * @throws \Evrent\Core\Values\InvalidInput by the field's name
     */
    public static function of(array $texts): self
    {
        return new self(...array_map(
            static fn (string $field): string => is_string($texts[$field] ?? null) ? trim($texts[$field]) : '',
            array_keys(self::FIELDS),
        ));
    }

    /** @return array<string, string> what is not empty, by field */
    public function texts(): array
    {
        return array_filter(
            array_combine(array_keys(self::FIELDS), [$this->letters, $this->statusAxes, $this->home, $this->wait, $this->trigger]),
            static fn (string $text): bool => $text !== '',
        );
    }

    /** @return array<string, string> by axis id */
    public function letters(): array
    {
        $letters = [];
        foreach ($this->letters === '' ? [] : explode(',', $this->letters) as $pair) {
            [$axis, $letter] = explode(' ', trim($pair)) + [1 => ''];
            $letters[$axis] = $letter;
        }

        return $letters;
    }

    /** @return ?list<string> letters in the order of its status line; null where nobody says */
    public function statusAxes(): ?array
    {
        return $this->statusAxes === '' ? null : array_map(trim(...), explode(',', $this->statusAxes));
    }
}
