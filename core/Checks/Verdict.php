<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

/**
 * The verdict on a shot, and what it covers. The same for its page, its day, its field sheet, the first page, the command line and the start of a run.
 */
final readonly class Verdict
{
    /**
     * @param ?array{title: string, shortfall: string, first_photo: ?int} $failure    the worst finding that makes it fail; null where it does not
     * @param list<NotChecked>                                            $notChecked
     */
    public function __construct(public ?array $failure, public array $notChecked)
    {
    }

    /**
     * @param list<Finding> $findings the worst first
     */
    public static function of(Shot $shot, array $findings): self
    {
        $worst = $findings[0] ?? null;

        return new self($worst === null || $worst->severity !== Severity::Stops ? null : [
            'title' => $worst->title, 'shortfall' => $worst->shortfall, 'first_photo' => $worst->firstPhoto,
        ], NotChecked::of($shot));
    }

    public function works(): bool
    {
        return $this->failure === null;
    }

    /** Everything was checked, and nothing fails. */
    public function isFull(): bool
    {
        return $this->works() && $this->notChecked === [];
    }

    /** @return 'works'|'timing'|'fails' */
    public function standing(): string
    {
        return match (true) {
            !$this->works() => 'fails',
            $this->isFull() => 'works',
            default => 'timing',
        };
    }

    /**
     * @param bool $isPreview of a change that is only looked at
     */
    public function headline(bool $isPreview = false): string
    {
        return match ($this->standing()) {
            'fails' => $isPreview ? 'It would fall short.' : 'This shot falls short.',
            'works' => $isPreview ? 'It would work.' : 'This shot works.',
            'timing' => $isPreview ? 'Its timing would work.' : 'Timing works.',
        };
    }

    /** In a word or two, for a list. */
    public function inShort(): string
    {
        return match ($this->standing()) {
            'fails' => 'Falls short',
            'works' => 'Works',
            'timing' => 'Timing works',
        };
    }

    /** "Light, lens, cards and power not checked."; empty where everything was. */
    public function coverage(): string
    {
        return $this->notChecked === [] ? '' : ucfirst(PlainText::listed(NotChecked::headlined($this->notChecked))) . ' not checked.';
    }

    /**
     * @return array{failure: ?array{title: string, shortfall: string, first_photo: ?int}, not_checked: list<string>} for JSON
     */
    public function toArray(): array
    {
        return ['failure' => $this->failure, 'not_checked' => array_column($this->notChecked, 'value')];
    }

    /**
     * @param array{failure: ?array{title: string, shortfall: string, first_photo: ?int}, not_checked: list<string>} $kept
     */
    public static function fromArray(array $kept): self
    {
        return new self($kept['failure'], array_map(NotChecked::from(...), $kept['not_checked']));
    }
}
