<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Shot\Shot;

/**
 * The verdict on a shot, and what it covers. The same for its page, its day, its field sheet, the first page, the command line and the start of a run.
 */
final readonly class Verdict
{
    /**
     * @param ?array{title: Text|string, shortfall: Text|string, first_photo: ?int} $failure    the worst finding that makes it fail; null where it does not
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

        return new self($worst === null || $worst->severity !== Severity::Error ? null : [
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
    public function headline(bool $isPreview = false): Message
    {
        return new Message("checks.verdict.{$this->standing()}" . ($isPreview ? '_preview' : ''));
    }

    /** In a word or two, for a list. */
    public function inShort(): Message
    {
        return new Message("checks.verdict.{$this->standing()}_short");
    }

    /** "Not checked: light, lens, cards and power."; null where everything was. */
    public function coverage(): ?Message
    {
        return $this->notChecked === [] ? null : new Message('checks.verdict.not_checked', ['parts' => NotChecked::headlined($this->notChecked)]);
    }

    /**
     * @return array{failure: ?array{title: Text|string, shortfall: Text|string, first_photo: ?int}, not_checked: list<string>} for JSON
     */
    public function toArray(): array
    {
        return ['failure' => $this->failure, 'not_checked' => array_column($this->notChecked, 'value')];
    }

    /**
     * @param array{failure: ?array{title: mixed, shortfall: mixed, first_photo: ?int}, not_checked: list<string>} $kept
     */
    public static function fromArray(array $kept): self
    {
        $failure = $kept['failure'];

        return new self($failure === null ? null : [
            'title' => Message::kept($failure['title']), 'shortfall' => Message::kept($failure['shortfall']), 'first_photo' => $failure['first_photo'],
        ], array_map(NotChecked::from(...), $kept['not_checked']));
    }
}
