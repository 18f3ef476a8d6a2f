<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Run\Take\PhotoSpans;
use Evrent\Core\Words\PlainText;

/**
 * Photos that were not taken as planned, or not as their neighbours were.
 */
final class Differences
{
    private const SHARE = 0.02;
    private const MOST_SPANS = 8;

    private const NAMES = ['iso' => 'ISO', 'focal' => 'focal length', 'white_balance' => 'white balance', 'focus_mode' => 'focus mode'];

    /** What is done about a setting that changed. */
    private const MENDS = [
        'aperture' => 'Bring them level in the edit; how much is sharp changes there too.',
        'iso' => 'Bring them level in the edit, and fix the ISO before the next run.',
        'focal' => 'Crop to the narrower of the two; tape the zoom before the next run.',
        'white_balance' => 'Set one white balance for all when the raw files are developed.',
        'focus_mode' => 'Look at them large: what is out of focus is left out. Switch the autofocus off before the next run.',
    ];

    /**
     * @return list<array{what: string, first: int, last: int, count: int, says: string, failure?: string, mend: string}> by what differs: exposure,
     *                                                             aperture, iso, focal, white_balance, focus_mode, missing; photos by number
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
            ), FindingId::PhotosMissingOrExtra, 'Keep a place for each in the clip, held or blended: all others stay at theirs then.');
        }
        $out = [];
        foreach ($matching->photos() as $number => $photo) {
            $off = $photo === null ? null : $matching->planned->offStops($number - 1, $photo);
            if (abs($off ?? 0.0) > $matching->planned->mostOffStops($number - 1)) {
                $out[] = $number;
            }
        }
        if ($out !== []) {
            $found[] = self::exposedOtherwise($matching, $out);
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
                $says = sprintf('The %s is not what it was before at %s.', self::NAMES[$what] ?? $what, self::spans($changed));
                $found[] = self::told($what, $changed, $says, $what === 'focal' ? null : FindingId::AutomaticSettings, self::MENDS[$what]);
            }
        }

        return $found;
    }

    /**
     * @param non-empty-list<int> $out
     *
     * @return array{what: string, first: int, last: int, count: int, says: string, failure?: string, mend: string}
     */
    private static function exposedOtherwise(Matching $matching, array $out): array
    {
        [$place, $photo] = [$out[0] - 1, $matching->photo($out[0])];
        assert($photo !== null);

        return self::told('exposure', $out, sprintf(
            '%s exposed otherwise than planned: %s. The first by %s stops: %s; planned %s.',
            PlainText::photos(count($out)),
            self::spans($out),
            PlainText::signed($matching->planned->offStops($place, $photo) ?? 0.0, 1),
            self::exposure($photo->exposureSeconds, $photo->aperture, $photo->iso),
            self::exposure($matching->planned->exposures[$place] ?? null, $matching->planned->aperture, $matching->planned->isos[$place] ?? null),
        ), FindingId::ExposureNotAsPlanned, 'Bring those level that are brighter or darker than their neighbours; next time set the dial before the run.');
    }

    private static function exposure(?float $seconds, ?float $aperture, ?float $iso): string
    {
        return implode(', ', array_filter([
            $seconds === null ? '' : PlainText::shutter($seconds) . ' s',
            $aperture === null ? '' : 'f/' . PlainText::number($aperture),
            $iso === null ? '' : 'ISO ' . PlainText::number($iso),
        ], static fn (string $part): bool => $part !== ''));
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
        foreach ($matching->photos() as $number => $photo) {
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
     * @param ?FindingId          $failure null where it is none of those that happen on shoots
     * @param string              $mend    what is done about it
     *
     * @return array{what: string, first: int, last: int, count: int, says: string, failure?: string, mend: string}
     */
    public static function told(string $what, array $numbers, string $says, ?FindingId $failure, string $mend): array
    {
        $told = ['what' => $what, 'first' => $numbers[0], 'last' => $numbers[count($numbers) - 1], 'count' => count($numbers), 'says' => $says];

        return [...$told, ...($failure === null ? [] : ['failure' => $failure->value]), 'mend' => $mend];
    }

    /**
     * @param list<int> $numbers rising
     */
    public static function spans(array $numbers): string
    {
        $spans = PhotoSpans::of($numbers);

        $some = array_map(
            static fn (array $span): string => $span[0] === $span[1] ? (string) $span[0] : "{$span[0]} to {$span[1]}",
            array_slice($spans, 0, self::MOST_SPANS),
        );
        $isOne = count($spans) === 1 && $spans[0][0] === $spans[0][1];

        return ($isOne ? 'photo ' : 'photos ') . implode(', ', $some) . (count($spans) > self::MOST_SPANS ? ' and more' : '');
    }
}
