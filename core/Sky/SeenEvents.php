<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use Evrent\Core\Messages\Message;

/**
 * When sun and moon show over the local horizon, and when they go behind it: later and earlier than they rise and set by the almanac.
 */
final readonly class SeenEvents
{
    /** How far from rise or set by the almanac is looked: the longest arc that ridges are likely to cut, and a dip below level. */
    private const ARC_SECONDS = 64_800.0;
    private const DIP_SECONDS = 7_200.0;
    private const MINUTE = 60.0;

    /**
     * Null where it does not happen that day, or where the body stays behind the land.
     */
    private function __construct(public ?Instant $sunRise, public ?Instant $sunSet, public ?Instant $moonRise, public ?Instant $moonSet)
    {
    }

    public static function of(Observer $observer, Horizon $horizon, DayEvents $events): self
    {
        $seen = static fn (Target $target, ?Instant $at, bool $rising): ?Instant => $at === null
            ? null
            : self::at($observer, $horizon, $target, $at, $rising);

        return new self(
            $seen(Target::Sun, $events->sunRise, true),
            $seen(Target::Sun, $events->sunSet, false),
            $seen(Target::Moon, $events->moonRise, true),
            $seen(Target::Moon, $events->moonSet, false),
        );
    }

    /**
     * Rise or set with both times, as they are told: "06:12, over the skyline 06:47".
     *
     * @param ?Instant $level by the almanac
     * @param ?Instant $seen  over the land
     */
    public static function told(Site $site, ?Instant $level, ?Instant $seen, bool $rising): Message|string
    {
        $clock = $site->day->clockAndDay(...);

        return match (true) {
            $level === null => '–',
            $site->skyline->isFlat(), $seen !== null && $clock($seen) === $clock($level) => $site->day->clock($level),
            $seen === null => new Message('sky.seen.never', ['clock' => $site->day->clock($level)]),
            default => new Message($rising ? 'sky.seen.over' : 'sky.seen.behind', ['clock' => $site->day->clock($level), 'seen' => $clock($seen)]),
        };
    }

    /**
     * When a body first shows after it has risen, or last shows before it sets.
     *
     * @param Instant $level when it rises or sets by the almanac, over a level horizon
     *
     * @return ?Instant null where it stays behind the land from rise to set
     */
    public static function at(Observer $observer, Horizon $horizon, Target $target, Instant $level, bool $rising): ?Instant
    {
        if ($horizon->isFlat()) {
            return $level;
        }
        $sky = new Sky($observer);
        $limb = static fn (Horizon $over): callable => static fn (Instant $instant): float => $over->limbAbove(
            $sky->of($target, $instant),
            $target === Target::Moon ? Moon::semidiameter($sky->body($target)->place($instant)) : Horizon::SEMIDIAMETER,
        );
        [$from, $until] = $rising
            ? [$level->plusSeconds(-self::DIP_SECONDS), $level->plusSeconds(self::ARC_SECONDS)]
            : [$level->plusSeconds(-self::ARC_SECONDS), $level->plusSeconds(self::DIP_SECONDS)];
        // Of this arc alone: the next rise belongs to another.
        foreach (Crossings::within($from, $until, $limb(Horizon::flat())) as [$instant, $isRise]) {
            $apart = $instant->unixSeconds - $level->unixSeconds;
            if ($isRise !== $rising && abs($apart) > self::MINUTE && ($apart > 0.0) === $rising) {
                [$from, $until] = $rising ? [$from, $instant] : [$instant, $until];
                if ($rising) {
                    break;
                }
            }
        }
        $seen = array_values(array_filter(
            Crossings::within($from, $until, $limb($horizon)),
            static fn (array $crossing): bool => $crossing[1] === $rising,
        ));

        return $seen === [] ? null : $seen[$rising ? 0 : count($seen) - 1][0];
    }
}
