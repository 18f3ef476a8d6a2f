<?php

declare(strict_types=1);

namespace Evrent\Core\Presets;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Values\Problems;

/**
 * A short test shoot: every interval with every shutter time, some photos each, and the result. The best becomes a recipe.
 */
final readonly class Trial
{
    public const MOST_OF_EACH = 8;
    private const MOST_SUBJECT_CHARACTERS = 120;
    public const MOST_NOTE_CHARACTERS = 200;

    /** What is said of a cell, best first. */
    public const RATINGS = [5 => 'takes.rating.best', 4 => 'takes.rating.good', 3 => 'takes.rating.fair', 2 => 'takes.rating.poor', 1 => 'takes.rating.bad'];

    private const LEAST_PHOTOS = 5;
    private const MOST_PHOTOS = 500;

    /** What lens, card and hand need between a shutter's closing and the next trigger, at least. */
    private const GAP_SECONDS = 0.3;

    /** To set the next pair, by hand in the dark. */
    public const CHANGE_SECONDS = 20.0;

    /**
     * @param list<float>                                     $intervals seconds, start to start
     * @param list<float>                                     $shutters  seconds
     * @param int                                             $photos    of each cell
     * @param array<string, array{rating: ?int, note: string}> $verdicts by cell, such as "2:0": interval and shutter by their places;
     *                                                                   ratings from 1 to 5, null where there is but a note yet
     *
     * @throws InvalidInput
     */
    public function __construct(public string $subject, public array $intervals, public array $shutters, public int $photos = 48, public array $verdicts = [])
    {
        $problems = new Problems();
        if (trim($subject) === '' || mb_strlen($subject) > self::MOST_SUBJECT_CHARACTERS || preg_match('/[\p{Cc}\x{FFFD}]/u', $subject) !== 0) {
            $problems->add('/subject', new Message('presets.trial.subject', ['most_subject_characters' => self::MOST_SUBJECT_CHARACTERS]));
        }
        foreach (['intervals' => $intervals, 'shutters' => $shutters] as $field => $values) {
            if ($values === [] || count($values) > self::MOST_OF_EACH || count(array_unique($values)) < count($values)) {
                $problems->add("/{$field}", new Message('presets.trial.values', ['most_of_each' => self::MOST_OF_EACH]));
            }
            foreach ($values as $value) {
                $problems->unlessPositive($value, 86_400, "/{$field}", new Message('what.seconds'));
            }
        }
        $problems->unlessBetween($photos, self::LEAST_PHOTOS, self::MOST_PHOTOS, '/photos', new Message('what.photos_each'));
        foreach ($verdicts as $cell => $verdict) {
            if (!in_array($cell, $this->cells(), true)) {
                $problems->add("/verdicts/{$cell}", new Message('presets.trial.no_cell'));
            }
            $problems->unlessBetween($verdict['rating'] ?? 1, 1, 5, "/verdicts/{$cell}/rating", new Message('what.rating'));
            if (mb_strlen($verdict['note']) > self::MOST_NOTE_CHARACTERS || preg_match('/[\p{Cc}\x{FFFD}]/u', $verdict['note']) !== 0) {
                $problems->add("/verdicts/{$cell}/note", new Message('presets.trial.note', ['most_note_characters' => self::MOST_NOTE_CHARACTERS]));
            }
        }
        $problems->throwIfAny();
    }

    /**
     * Cells in the order in which they are shot: intervals one after another, so that the fewest settings change.
     *
     * @return list<string>
     */
    public function cells(): array
    {
        $cells = [];
        foreach (array_keys($this->intervals) as $i) {
            foreach (array_keys($this->shutters) as $s) {
                $cells[] = "{$i}:{$s}";
            }
        }

        return $cells;
    }

    public function interval(string $cell): float
    {
        return $this->intervals[(int) explode(':', $cell)[0]];
    }

    public function shutter(string $cell): float
    {
        return $this->shutters[(int) explode(':', $cell)[1]];
    }

    /** How much of the interval the shutter is open: 0 … 1. */
    public function openShare(string $cell): float
    {
        return $this->shutter($cell) / $this->interval($cell);
    }

    /** Whether the interval has room for the shutter. */
    public function fits(string $cell): bool
    {
        return $this->shutter($cell) + self::GAP_SECONDS <= $this->interval($cell);
    }

    /**
     * When each cell that fits begins, from the first photo.
     *
     * @return array<string, float> seconds by cell
     */
    public function layout(): array
    {
        $begins = [];
        $at = 0.0;
        foreach ($this->cells() as $cell) {
            if ($this->fits($cell)) {
                $begins[$cell] = $at;
                $at += $this->photos * $this->interval($cell) + self::CHANGE_SECONDS;
            }
        }

        return $begins;
    }

    /** The whole test shoot. */
    public function seconds(): float
    {
        $begins = $this->layout();
        $last = array_key_last($begins);

        return $last === null ? 0.0 : $begins[$last] + $this->photos * $this->interval($last);
    }

    /**
     * @throws InvalidInput
     */
    public function withVerdict(string $cell, ?int $rating, string $note): self
    {
        $verdicts = $this->verdicts;
        unset($verdicts[$cell]);

        return new self(
            $this->subject,
            $this->intervals,
            $this->shutters,
            $this->photos,
            $rating === null && trim($note) === '' ? $verdicts : $verdicts + [$cell => ['rating' => $rating, 'note' => trim($note)]],
        );
    }

    /**
     * @return array{rating: string, note: string} as text; empty without a verdict
     */
    public function verdictOf(string $cell): array
    {
        return ['rating' => (string) ($this->verdicts[$cell]['rating'] ?? ''), 'note' => $this->verdicts[$cell]['note'] ?? ''];
    }

    /**
     * @return array<string, string> all verdicts as text, by cells.<cell>.rating and cells.<cell>.note
     */
    public function verdictTexts(): array
    {
        $texts = [];
        foreach ($this->cells() as $cell) {
            foreach ($this->verdictOf($cell) as $part => $text) {
                $texts["cells.{$cell}.{$part}"] = $text;
            }
        }

        return $texts;
    }

    /** The cell with the best verdict; of equals the one that was shot first. */
    public function best(): ?string
    {
        $best = null;
        foreach ($this->cells() as $cell) {
            if (isset($this->verdicts[$cell]['rating']) && ($best === null || $this->verdicts[$cell]['rating'] > $this->verdicts[$best]['rating'])) {
                $best = $cell;
            }
        }

        return $best;
    }

    private function judged(): int
    {
        return count(array_filter($this->verdicts, static fn (array $verdict): bool => $verdict['rating'] !== null));
    }

    /**
     * @throws InvalidInput when no cell has a verdict
     */
    public function recipe(float $clipSeconds, string $reason): Recipe
    {
        $best = $this->best() ?? throw new InvalidInput([new Problem('/subject', new Message('presets.trial.verdict'))]);

        return new Recipe(
            $this->interval($best),
            $this->openShare($best),
            $clipSeconds,
            $reason,
        );
    }

    /** What its recipe rests on, for whoever reads it later. */
    public function reason(): Message
    {
        $best = $this->best();
        $note = $best === null ? '' : $this->verdicts[$best]['note'];
        $against = match ($this->judged()) {
            1 => new Message('presets.trial.alone'),
            2 => new Message('presets.trial.against_one'),
            default => new Message('presets.trial.against_many', ['judged' => $this->judged() - 1]),
        };

        return new Message($note === '' ? 'presets.trial.reason' : 'presets.trial.reason_note', ['against' => $against, 'note' => $note]);
    }
}
