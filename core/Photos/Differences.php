<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Words\PlainText;

/**
 * Photos that were not taken as planned, or not as their neighbours were.
 */
final class Differences
{
    /** A third of a stop, and a bit for rounding. */
    private const STOPS = 0.4;
    private const SHARE = 0.02;

    /**
     * @return list<array{what: string, first: int, last: int, count: int, says: string}> by what differs: exposure, aperture, iso, focal, white_balance,
     *                                                                                    focus_mode, missing; photos by number
     */
    public static function of(Matching $matching): array
    {
        $found = [];
        $missing = $matching->missing();
        if ($missing !== []) {
            $found[] = self::told('missing', $missing, sprintf(
                '%s not on the card: %s.',
                PlainText::photos(count($missing)) . (count($missing) === 1 ? ' is' : ' are'),
                self::spans($missing),
            ));
        }
        $out = [];
        foreach ($matching->photos as $number => $photo) {
            if ($photo !== null && $matching->planned->stopsApart($number - 1, $photo) > self::STOPS) {
                $out[] = $number;
            }
        }
        if ($out !== []) {
            $found[] = self::told('exposure', $out, sprintf(
                '%s exposed otherwise than planned: %s. The first was open for %s s, and %s s were planned.',
                PlainText::photos(count($out)),
                self::spans($out),
                PlainText::shutter($matching->photos[$out[0]]->exposureSeconds ?? 0.0),
                PlainText::shutter($matching->planned->exposures[$out[0] - 1] ?? 0.0),
            ));
        }
        $settings = [
            'aperture' => static fn (CardPhoto $photo): ?float => $photo->aperture,
            'iso' => static fn (CardPhoto $photo): ?float => $photo->iso,
            'focal' => static fn (CardPhoto $photo): ?float => $photo->focalMillimetres,
            'white_balance' => static fn (CardPhoto $photo): ?string => $photo->whiteBalance,
            'focus_mode' => static fn (CardPhoto $photo): ?string => $photo->focusMode,
        ];
        foreach ($settings as $what => $setting) {
            $changed = self::changed($matching, $what, $setting);
            if ($changed !== []) {
                $found[] = self::told($what, $changed, sprintf('The %s is not what it was before at %s.', str_replace('_', ' ', $what), self::spans($changed)));
            }
        }

        return $found;
    }

    /**
     * Photos before which a setting changed; what the plan changes itself is none.
     *
     * @param callable(CardPhoto): (float|string|null) $setting
     *
     * @return list<int>
     */
    private static function changed(Matching $matching, string $what, callable $setting): array
    {
        $changed = [];
        $before = null;
        $beforeNumber = 0;
        foreach ($matching->photos as $number => $photo) {
            $is = $photo === null ? null : $setting($photo);
            if ($is === null) {
                continue;
            }
            $planned = $what === 'iso' && ($matching->planned->isos[$number - 1] ?? null) !== ($matching->planned->isos[$beforeNumber - 1] ?? null);
            $same = is_float($is) && is_float($before) ? abs($is - $before) <= self::SHARE * abs($before) : $is === $before;
            if ($before !== null && !$same && !$planned) {
                $changed[] = $number;
            }
            $before = $is;
            $beforeNumber = $number;
        }

        return $changed;
    }

    /**
     * @param non-empty-list<int> $numbers
     *
     * @return array{what: string, first: int, last: int, count: int, says: string}
     */
    public static function told(string $what, array $numbers, string $says): array
    {
        return ['what' => $what, 'first' => $numbers[0], 'last' => $numbers[count($numbers) - 1], 'count' => count($numbers), 'says' => $says];
    }

    /**
     * @param list<int> $numbers rising
     */
    public static function spans(array $numbers): string
    {
        $spans = [];
        foreach ($numbers as $number) {
            $last = count($spans) - 1;
            if ($last >= 0 && $spans[$last][1] === $number - 1) {
                $spans[$last][1] = $number;
            } else {
                $spans[] = [$number, $number];
            }
        }
        $told = array_map(static fn (array $span): string => $span[0] === $span[1] ? (string) $span[0] : "{$span[0]} to {$span[1]}", array_slice($spans, 0, 8));

        return 'photo ' . implode(', ', $told) . (count($spans) > 8 ? ' and more' : '');
    }
}
