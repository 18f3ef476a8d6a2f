<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;

/**
 * What happened in a take, as it is told in a list.
 */
final class EventWords
{
    /** What is told: all but the everyday. */
    public const KINDS = [
        LogKind::Contradiction, LogKind::Resolved,
        LogKind::Command, LogKind::Alarm, LogKind::AlarmOver, LogKind::Gap, LogKind::Skipped, LogKind::Mark, LogKind::Ended,
    ];

    public static function of(LogLine $line): Text|string
    {
        return match ($line->kind) {
            LogKind::Contradiction, LogKind::Alarm => $line->words('says') ?? '',
            LogKind::Resolved => self::resolved($line),
            LogKind::Command => self::ordered($line),
            LogKind::AlarmOver => new Message('takes.event.cleared', ['about' => AboutWords::of((string) $line->text('about'))]),
            LogKind::Gap => new Message($line->text('rig') === 'lost' ? 'takes.event.resumed_lost' : 'takes.event.resumed'),
            LogKind::Skipped => new Message('takes.event.skipped', ['first' => (int) $line->number('from'), 'last' => (int) $line->number('to')]),
            LogKind::Mark => self::mark($line),
            LogKind::Ended => new Message($line->words('why') === null ? 'takes.event.ended' : 'takes.event.ended_why', [
                'how' => self::known('state', $line->text('how'), array_column(Ending::cases(), 'value')), 'why' => $line->words('why') ?? '',
            ]),
            default => $line->kind->value,
        };
    }

    private static function ordered(LogLine $line): Message
    {
        return $line->text('order') === Order::Turned->value
            ? new Message('takes.event.turned', ['what' => AboutWords::of((string) $line->text('about'))])
            : new Message('takes.event.command', ['what' => self::known('order', $line->text('order'), array_column(Order::cases(), 'value'))]);
    }

    /**
     * @param list<string> $known
     *
     * @return Message|string what another program has written stays
     */
    private static function known(string $group, ?string $value, array $known): Message|string
    {
        return in_array($value, $known, true) ? new Message("takes.{$group}.{$value}") : (string) $value;
    }

    private static function resolved(LogLine $line): Message
    {
        $how = match ($line->text('how')) {
            'set' => 'set',
            'as_is' => $line->words('because') === null ? 'as_is' : 'as_is_because',
            default => 'as_planned',
        };

        return new Message("takes.event.{$how}", [
            'about' => AboutWords::of((string) $line->text('about')),
            ...($how === 'as_is_because' ? ['because' => $line->words('because') ?? ''] : []),
        ]);
    }

    private static function mark(LogLine $line): Message
    {
        $photo = (int) $line->photo;
        $why = $line->words('why');

        return new Message($line->text('as') === 'good' ? 'takes.event.cleared_flag' : 'takes.event.flagged', [
            'photos' => PhotoSpans::named([[$photo, (int) ($line->number('to') ?? $photo)]]),
            'by' => $line->text('by') === null ? '' : new Message('takes.event.by', ['who' => self::known('who', $line->text('by'), ['shooter', 'evrent'])]),
            'why' => $why === null ? '' : new Message('takes.event.why', ['why' => $why]),
        ]);
    }
}
