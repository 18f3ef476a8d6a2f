<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Sky\Start;
use Evrent\Core\Sky\StartEvent;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\ClockTime;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;

/**
 * A start as people write it: "19:40", "01:30 next day", "20 min before sunset", "civil dusk", "the galactic centre rises to
 * 15°". What is written reads back as it was.
 */
final class StartText
{
    /** Times of day that have names; the middle of the night belongs to the evening before it. */
    private const TIMES = ['noon' => '12:00', 'midday' => '12:00', 'midnight' => '00:00 next day'];

    /** The same by other names. */
    private const ALSO = ['sunup' => 'sunrise', 'sundown' => 'sunset', 'milky way' => 'galactic centre', 'galactic center' => 'galactic centre'];

    /**
     * @throws InvalidInput with an empty pointer
     */
    public static function read(string $text): Start
    {
        $text = self::plain(ClockTime::twentyFourHours($text));
        $text = strtr($text, self::TIMES);
        $days = 0;
        if (preg_match('/^tomorrow,? (?:at )?(.+)$/D', $text, $part) === 1) {
            $text = "{$part[1]} next day";
        }
        if (preg_match('/^(.*?)[\s,]*\(?next day\)?$/D', $text, $part) === 1) {
            [$text, $days] = [trim($part[1]), 1];
        }
        try {
            return self::clock($text, $days) ?? self::event($text, $days) ?? throw new InvalidInput([new Problem('', self::enter())]);
        } catch (InvalidInput $invalid) {
            throw new InvalidInput([new Problem('', $invalid->problems[0]->pointer === '/height_deg' ? $invalid->problems[0]->message : self::enter())]);
        }
    }

    public static function write(Start $start): string
    {
        if ($start->event === StartEvent::Clock) {
            return ($start->at ?? '') . ($start->days === 1 ? ' next day' : '');
        }
        $event = $start->event->words() . ($start->heightDegrees === null ? '' : ' ' . PlainText::number($start->heightDegrees) . '°');
        $offset = match (true) {
            $start->offsetSeconds === 0.0 => '',
            default => PlainText::span(abs($start->offsetSeconds)) . ($start->offsetSeconds < 0.0 ? ' before ' : ' after '),
        };

        return $offset . $event . ($start->days === 1 ? ' next day' : '');
    }

    /** As `write`, in the reader's language: "20 min before sunset". */
    public static function said(Start $start): Message|string
    {
        $said = $start->event === StartEvent::Clock
            ? (string) $start->at
            : new Message("starts.event.{$start->event->value}", $start->heightDegrees === null ? [] : ['degrees' => Quantity::number($start->heightDegrees)]);
        if ($start->offsetSeconds !== 0.0) {
            $said = new Message(
                $start->offsetSeconds < 0.0 ? 'starts.before' : 'starts.after',
                ['span' => Quantity::span(abs($start->offsetSeconds)), 'event' => $said],
            );
        }

        return $start->days === 1 ? new Message('starts.next_day', ['start' => $said]) : $said;
    }

    private static function enter(): Message
    {
        return new Message('format.start_text.enter');
    }

    private static function plain(string $text): string
    {
        $text = mb_strtolower(trim($text), 'UTF-8');
        $text = (string) preg_replace(['/\s+/u', '/\x{2212}/u', '/\bthe\s+/u', '/^(at|when)\s+/u'], [' ', '-', '', ''], $text);

        return (string) preg_replace('/(?<!civil |nautical |astronomical )\b(dusk|dawn)\b/', 'civil $1', strtr($text, self::ALSO));
    }

    private static function clock(string $text, int $days): ?Start
    {
        if (preg_match('/^\d{1,2}[:.]\d\d([:.]\d\d)?$/D', $text) !== 1) {
            return null;
        }
        ClockTime::read($text);

        return Start::at($text, $days);
    }

    private static function event(string $text, int $days): ?Start
    {
        $offset = 0.0;
        if (preg_match('/^(.+?) (before|after) (.+)$/D', $text, $part) === 1) {
            // "2 h 30 min" and "90 min", but no bare number: nobody knows of what.
            $seconds = preg_match(
                '/\d\s*(h|m|min|s)(?![a-z])/',
                $part[1],
            ) === 1 ? TypedText::seconds((string) preg_replace('/\s*hours?$/', ' h', $part[1])) : null;
            if ($seconds === null) {
                return null;
            }
            [$offset, $text] = [$part[2] === 'before' ? -$seconds : $seconds, $part[3]];
        }
        // "stands 15° high" is a body on its way up.
        $text = (string) preg_replace(['/ (stands|reaches) (at )?/', '/ high$/'], [' rises to ', ''], $text);
        foreach (StartEvent::cases() as $event) {
            $words = str_replace('the ', '', $event->words());
            if ($event->needsHeight() && preg_match("/^{$words} ?(-?[\d.,]+) ?(°|deg|degrees)?$/uD", $text, $part) === 1) {
                return new Start($event, null, $offset, TypedText::number($part[1]), $days);
            }
            if (!$event->needsHeight() && $event !== StartEvent::Clock && $text === $words) {
                return new Start($event, null, $offset, null, $days);
            }
        }

        return null;
    }
}
