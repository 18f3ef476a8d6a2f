<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Format\StartText;
use Evrent\Core\Messages\Message;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Site;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * What the shooter knows of the day: a tide, a ferry, a gate that closes. Timed as shots are: "19:25", "1 h after sunset".
 */
final readonly class OwnEvents
{
    public const MOST = 50;
    private const MOST_LABEL_CHARACTERS = 80;

    /**
     * @param array<int, array{at: string, label: string}> $events by number
     */
    private function __construct(public array $events)
    {
    }

    /**
     * @param array<int, array{at: string, label: string}> $events as they are kept, by number
     */
    public static function read(array $events): self
    {
        return new self($events);
    }

    /**
     * One more, as it is to be kept.
     *
     * @return array{at: string, label: string}
     *
     * @throws InvalidInput with the pointers /at and /label
     */
    public function another(string $at, string $label): array
    {
        $problems = [];
        $written = '';
        try {
            $written = StartText::write(StartText::read($at));
        } catch (InvalidInput $invalid) {
            $problems[] = new Problem('/at', $invalid->problems[0]->message);
        }
        $label = trim($label);
        if ($label === '' || mb_strlen($label) > self::MOST_LABEL_CHARACTERS || preg_match('/[\p{Cc}\x{FFFD}]/u', $label) !== 0) {
            $problems[] = new Problem('/label', new Message('day.own_events.what', ['most_label_characters' => self::MOST_LABEL_CHARACTERS]));
        }
        if (count($this->events) >= self::MOST) {
            $problems[] = new Problem('/label', new Message('day.own_events.full', ['most' => self::MOST]));
        }
        if ($problems !== []) {
            throw new InvalidInput($problems);
        }

        return ['at' => $written, 'label' => $label];
    }

    /** Whether any is told for the day after. */
    public function runOn(): bool
    {
        return array_filter($this->events, static fn (array $event): bool => str_contains($event['at'], 'next day')) !== [];
    }

    /**
     * When each comes; those that do not come that day are left out.
     *
     * @return list<array{int, Instant, string}> its number, when, and what; in order of time
     */
    public function at(Site $site): array
    {
        $timed = [];
        foreach ($this->events as $place => $event) {
            $instant = StartText::read($event['at'])->instant($site);
            if ($instant !== null) {
                $timed[] = [$place, $instant, $event['label']];
            }
        }
        usort($timed, static fn (array $a, array $b): int => $a[1]->unixSeconds <=> $b[1]->unixSeconds);

        return $timed;
    }
}
