<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use DateTimeImmutable;
use DateTimeZone;
use Evrent\Core\Run\Take\PhotoSpans;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\Crossings;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Interpolated;
use Evrent\Core\Sky\Sun;

/**
 * Photos that came to nothing, and when they can be taken again in the same light: the sun as high as it was, and on the same side of the
 * day. Clouds and the moon are not asked.
 */
final readonly class ShotAgain
{
    private const DAYS = 3;
    private const A_MOMENT_SECONDS = 60.0;
    private const DAY_SECONDS = 86_400.0;
    private const MOST_SPANS = 8;

    /**
     * @param int      $first      number of the first of them
     * @param int      $last       of the last
     * @param ?Instant $from       when the light is as it was for the first; null where the place or the time is not known, or the sun does not
     *                             come to stand there in the next days
     * @param ?float   $sunDegrees how high it stood then
     */
    private function __construct(
        public int $first,
        public int $last,
        public ?Instant $from = null,
        public ?Instant $until = null,
        public ?float $sunDegrees = null,
        public bool $isToday = false,
    ) {
    }

    /**
     * @param list<int> $numbers of the photos, in any order
     *
     * @return list<self> the longest spans of them, in order
     */
    public static function of(Shot $shot, array $numbers, Instant $now): array
    {
        $numbers = array_values(array_unique($numbers));
        sort($numbers);
        $spans = PhotoSpans::of($numbers);
        usort($spans, static fn (array $a, array $b): int => $b[1] - $b[0] <=> $a[1] - $a[0]);
        $spans = array_slice($spans, 0, self::MOST_SPANS);
        sort($spans);

        return array_map(static fn (array $span): self => self::span($shot, $span[0], $span[1], $now), $spans);
    }

    private static function span(Shot $shot, int $first, int $last, Instant $now): self
    {
        $site = $shot->plan->site;
        $begins = $shot->plan->firstTrigger();
        $triggers = $shot->schedule->timeline->triggerSeconds;
        if ($site === null || $begins === null || !isset($triggers[$first - 1], $triggers[$last - 1])) {
            return new self($first, $last);
        }
        $sun = new Interpolated(new Sun());
        $high = static fn (Instant $instant): float => $site->observer->horizontal($sun, $instant)->altitude;
        $was = $begins->plusSeconds($triggers[$first - 1]);
        $degrees = $high($was);
        $rises = $high($was->plusSeconds(self::A_MOMENT_SECONDS)) > $degrees;
        $ahead = Crossings::within(
            $now,
            $now->plusSeconds(self::DAYS * self::DAY_SECONDS),
            static fn (Instant $instant): float => $high($instant) - $degrees,
        );
        foreach ($ahead as [$instant, $isRising]) {
            if ($isRising === $rises) {
                $day = static fn (Instant $one): string => (new DateTimeImmutable('@' . (int) $one->unixSeconds))
                    ->setTimezone(new DateTimeZone($site->zone))->format('Y-m-d');
                $until = $instant->plusSeconds($triggers[$last - 1] - $triggers[$first - 1]);

                return new self($first, $last, $instant, $until, $degrees, $day($instant) === $day($now));
            }
        }

        return new self($first, $last, null, null, $degrees);
    }
}
