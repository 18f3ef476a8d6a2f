<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\ClockTime;

/**
 * When a shot is started: at a time of day, or so long before or after what happens in the sky.
 */
final readonly class Start
{
    private const MOST_OFFSET_SECONDS = 86_400;
    private const NEAR_SECONDS = 1_800.0;

    /**
     * @param ?string $at            time of day such as "19:40", for a start by the clock
     * @param float   $offsetSeconds after the event; below zero before it
     * @param ?float  $heightDegrees of a body that rises or sinks to it, airless
     * @param int     $days          1 for the night after the shoot's own day
     *
     * @throws InvalidInput
     */
    public function __construct(
        public StartEvent $event,
        public ?string $at = null,
        public float $offsetSeconds = 0.0,
        public ?float $heightDegrees = null,
        public int $days = 0,
    ) {
        $problems = new Problems();
        if ($event === StartEvent::Clock) {
            try {
                ClockTime::read($at ?? '');
            } catch (InvalidInput $invalid) {
                $problems->addAllUnder('/at', $invalid);
            }
        }
        if ($event !== StartEvent::Clock && $at !== null) {
            $problems->add('/at', new Message('sky.start.clock_only'));
        }
        if ($event->needsHeight()) {
            $problems->unlessBetween($heightDegrees ?? NAN, -90, 90, '/height_deg', new Message('sky.start.height'));
        } elseif ($heightDegrees !== null) {
            $problems->add('/height_deg', new Message('sky.start.height_only'));
        }
        $problems->unlessBetween(
            $offsetSeconds,
            -self::MOST_OFFSET_SECONDS,
            self::MOST_OFFSET_SECONDS,
            '/offset_s',
            new Message('sky.start.seconds'),
        );
        $problems->unlessBetween($days, 0, 1, '/days', new Message('sky.start.day'));
        $problems->throwIfAny();
    }

    /**
     * @param string $clock such as "19:40"
     *
     * @throws InvalidInput
     */
    public static function at(string $clock, int $days = 0): self
    {
        return new self(StartEvent::Clock, $clock, days: $days);
    }

    /**
     * So much later.
     *
     * @throws InvalidInput when that is more than a day from its event
     */
    public function later(float $seconds): self
    {
        return new self($this->event, $this->at, $this->offsetSeconds + $seconds, $this->heightDegrees, $this->days);
    }

    /**
     * Sun and moon rise over the land that stands around, and set behind it.
     *
     * @param ?Instant $near where it is likely to be, as the day before had it: looked at first, which is quicker
     *
     * @return ?Instant null when it does not happen on that day at that place
     */
    public function instant(Site $site, ?Instant $near = null): ?Instant
    {
        $day = $this->days === 0 ? $site->day : $site->day->next();
        if ($this->event === StartEvent::Clock) {
            return $day->at(ClockTime::read($this->at ?? '')->exactText())->plusSeconds($this->offsetSeconds);
        }
        $sky = new Sky($site->observer);
        $above = match ($this->event) {
            StartEvent::Moonrise, StartEvent::Moonset => static fn (Instant $instant): float => DayEvents::moonAboveHorizon(
                $site->observer,
                $instant,
                $sky->body(Target::Moon),
            ),
            default => fn (Instant $instant): float => $sky->of($this->event->target(), $instant)->altitude - $this->threshold(),
        };
        foreach (self::crossings($day, $above, $near?->plusSeconds(-$this->offsetSeconds), $this->event->rises()) as [$instant, $rising]) {
            if ($rising === $this->event->rises()) {
                return ($this->event->isOverHorizon()
                    ? SeenEvents::at($site->observer, $site->skyline, $this->event->target(), $instant, $rising)
                    : $instant)?->plusSeconds($this->offsetSeconds);
            }
        }

        return null;
    }

    /**
     * @param callable(Instant): float $above
     *
     * @return list<array{Instant, bool}>
     */
    private static function crossings(LocalDay $day, callable $above, ?Instant $near, bool $rises): array
    {
        if ($near !== null) {
            $from = new Instant(max($day->begins->unixSeconds, $near->unixSeconds - self::NEAR_SECONDS));
            $until = new Instant(min($day->ends->unixSeconds, $near->unixSeconds + self::NEAR_SECONDS));
            $found = $from->unixSeconds < $until->unixSeconds ? Crossings::within($from, $until, $above) : [];
            if (in_array($rises, array_column($found, 1), true)) {
                return $found;
            }
        }

        return Crossings::within($day->begins, $day->ends, $above);
    }

    /**
     * The same moment moved, told in the same way where that is by an event.
     *
     * @param Instant $to where it is to be
     *
     * @throws InvalidInput
     */
    public function movedTo(Site $site, Instant $to): self
    {
        $now = $this->instant($site);
        if ($this->event === StartEvent::Clock || $now === null) {
            return $site->day->ends->unixSeconds <= $to->unixSeconds ? self::at($site->day->clock($to), 1) : self::at($site->day->clock($to));
        }

        return new self($this->event, null, round($this->offsetSeconds + $to->unixSeconds - $now->unixSeconds), $this->heightDegrees, $this->days);
    }

    /** Degrees that the body's centre passes, airless. */
    public function threshold(): float
    {
        return match ($this->event) {
            StartEvent::Sunrise, StartEvent::Sunset => DayEvents::SUN_RISES_DEGREES,
            StartEvent::CivilDawn, StartEvent::CivilDusk => DayEvents::TWILIGHTS['civil'],
            StartEvent::NauticalDawn, StartEvent::NauticalDusk => DayEvents::TWILIGHTS['nautical'],
            StartEvent::AstronomicalDawn, StartEvent::AstronomicalDusk => DayEvents::TWILIGHTS['astronomical'],
            default => $this->heightDegrees ?? 0.0,
        };
    }
}
