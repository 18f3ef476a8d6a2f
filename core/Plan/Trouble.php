<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\ClockTime;

/**
 * Something that gets in the way of a scene, and when.
 */
final readonly class Trouble
{
    public const MOST = 20;
    private const MOST_NOTE_CHARACTERS = 200;

    /**
     * @param ?string $from time of day such as "19:30"; null for all along
     * @param ?string $to   likewise; null for a moment, or for all along
     *
     * @throws InvalidInput
     */
    public function __construct(public TroubleKind $kind, public ?string $from = null, public ?string $to = null, public string $note = '')
    {
        $problems = new Problems();
        foreach (['/from' => $from, '/to' => $to] as $field => $time) {
            try {
                ClockTime::read($time ?? '00:00');
            } catch (InvalidInput $invalid) {
                $problems->addAllUnder($field, $invalid);
            }
        }
        if ($to !== null && $from === null) {
            $problems->add('/from', new Message('plan.trouble.begins'));
        }
        if (mb_strlen($note) > self::MOST_NOTE_CHARACTERS || preg_match('/[\p{Cc}\x{FFFD}]/u', $note) !== 0) {
            $problems->add('/note', new Message('plan.trouble.note', ['most_note_characters' => self::MOST_NOTE_CHARACTERS]));
        }
        $problems->throwIfAny();
    }

    /** "people from 19:30 to 20:15: the ferry lands". */
    public function told(): Message
    {
        $form = $this->from === null ? 'any_time' : ($this->to === null ? 'at' : 'from_to');

        return new Message("plan.trouble.{$form}", [
            'kind' => $this->kind->label(),
            'note' => $this->note === '' ? '' : new Message('plan.trouble.noted', ['note' => $this->note]),
            ...($this->from === null ? [] : ['from' => $this->from]),
            ...($this->to === null ? [] : ['to' => $this->to]),
        ]);
    }
}
