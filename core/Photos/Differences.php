<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Run\Take\PhotoSpans;

/**
 * Photos that were not taken as planned, or not as their neighbours were.
 */
final class Differences
{
    private const SHARE = 0.02;

    /**
     * @return array<string, Finding> by what differs: exposure,
     *                                                             aperture, iso, focal, white_balance, focus_mode, missing; photos by number
     */
    public static function of(Matching $matching): array
    {
        $found = [];
        $missing = $matching->missing();
        if ($missing !== []) {
            $found += CardFinding::of('missing', FindingId::PhotosMissingOrExtra, $missing);
        }
        $out = [];
        foreach ($matching->photos() as $number => $photo) {
            $off = $photo === null ? null : $matching->planned->offStops($number - 1, $photo);
            if (abs($off ?? 0.0) > $matching->planned->mostOffStops($number - 1)) {
                $out[] = $number;
            }
        }
        if ($out !== []) {
            $found += self::exposedOtherwise($matching, $out);
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
                $found += CardFinding::of($what, $what === 'focal' ? FindingId::ZoomMoved : FindingId::AutomaticSettings, $changed);
            }
        }

        return $found;
    }

    /**
     * @param non-empty-list<int> $out
     *
     * @return array<string, Finding>
     */
    private static function exposedOtherwise(Matching $matching, array $out): array
    {
        [$place, $photo] = [$out[0] - 1, $matching->photo($out[0])];
        assert($photo !== null);

        return CardFinding::of('exposure', FindingId::ExposureNotAsPlanned, $out, [
            'stops' => Quantity::signed($matching->planned->offStops($place, $photo) ?? 0.0, 1),
            'exposure' => self::exposure($photo->exposureSeconds, $photo->aperture, $photo->iso),
            'planned' => self::exposure($matching->planned->exposures[$place] ?? null, $matching->planned->aperture, $matching->planned->isos[$place] ?? null),
        ]);
    }

    private static function exposure(?float $seconds, ?float $aperture, ?float $iso): Text|string
    {
        return Joined::of([
            $seconds === null ? null : new Message('units.seconds', ['number' => Quantity::shutter($seconds)]),
            $aperture === null ? null : new Message('units.aperture', ['number' => Quantity::number($aperture)]),
            $iso === null ? null : new Message('units.iso', ['number' => Quantity::number($iso)]),
        ], Joined::COMMA);
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
}
