<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

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

    public static function of(LogLine $line): string
    {
        return match ($line->kind) {
            LogKind::Contradiction => (string) $line->text('says'),
            LogKind::Resolved => self::resolved($line),
            LogKind::Command => self::ordered($line),
            LogKind::Alarm => (string) $line->text('says'),
            LogKind::AlarmOver => $line->text('about') . ': over, or seen',
            LogKind::Gap => 'went on after a gap' . ($line->text('rig') === 'lost' ? ', the rig did not know where it stood' : ''),
            LogKind::Skipped => sprintf('photos %d to %d left out, to keep to the clock', $line->number('from') ?? 0, $line->number('to') ?? 0),
            LogKind::Mark => self::mark($line),
            LogKind::Ended => 'ended: ' . self::words($line->text('how')) . ($line->text('why') === null ? '' : ". {$line->text('why')}"),
            default => $line->kind->value,
        };
    }

    private static function ordered(LogLine $line): string
    {
        return $line->text('order') === Order::Turned->value
            ? 'turned by hand: ' . self::words($line->text('about'))
            : 'ordered: ' . self::words($line->text('order'));
    }

    private static function resolved(LogLine $line): string
    {
        $because = $line->text('because') === null ? '' : ", because: {$line->text('because')}";

        return $line->text('about') . match ($line->text('how')) {
            'set' => ': set',
            'as_is' => ": used as is{$because}",
            default => ': as planned now',
        };
    }

    private static function mark(LogLine $line): string
    {
        $photo = (int) $line->photo;
        $photos = TakeFinding::named([[$photo, (int) ($line->number('to') ?? $photo)]]);
        $by = $line->text('by') === null ? '' : " by the {$line->text('by')}";
        $why = $line->text('why') === null ? '' : ": {$line->text('why')}";

        return "{$photos} marked " . ($line->text('as') === 'good' ? 'good' : 'spoilt') . $by . $why;
    }

    private static function words(?string $value): string
    {
        return str_replace('_', ' ', $value ?? '');
    }
}
