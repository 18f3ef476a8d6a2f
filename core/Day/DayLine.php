<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Light\Daylight;
use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Light\Light;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Sky\DayEvents;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\SeenEvents;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Sky;
use Evrent\Core\Sky\Target;

/**
 * A day at a place from midnight to midnight, or on into the next morning: how high sun, moon and galactic centre stand, and what a
 * meter would show. Seconds count from the first midnight.
 */
final readonly class DayLine
{
    private const SAMPLE_SECONDS = 600.0;
    private const MORNING_SECONDS = 43_200.0;

    /**
     * @param list<float>                $seconds   of the samples
     * @param array<string, list<float>> $altitudes of each target, airless, degrees
     * @param list<float>                $values    EV at ISO 100 of the land
     * @param list<float>                $skyValues EV at ISO 100 of the sky on average
     */
    private function __construct(
        public Site $site,
        public float $spanSeconds,
        public array $seconds,
        public array $altitudes,
        public array $values,
        public array $skyValues,
        public DayEvents $events,
        public SeenEvents $seen,
    ) {
    }

    public static function of(Site $site, bool $intoNextMorning = false): self
    {
        $sky = new Sky($site->observer);
        $light = Daylight::over($site, null, $sky);
        $above = Daylight::over($site, new Light(exposedFor: ExposedFor::Sky), $sky);
        $begins = $site->day->begins;
        $span = $site->day->ends->unixSeconds - $begins->unixSeconds + ($intoNextMorning ? self::MORNING_SECONDS : 0.0);
        $seconds = $values = $skyValues = [];
        $altitudes = array_fill_keys(array_column(Target::cases(), 'value'), []);
        for ($at = 0.0; $at <= $span; $at += self::SAMPLE_SECONDS) {
            $instant = $begins->plusSeconds($at);
            $seconds[] = $at;
            foreach (Target::cases() as $target) {
                $altitudes[$target->value][] = $sky->of($target, $instant)->altitude;
            }
            $values[] = $light->exposureValue($instant);
            $skyValues[] = $above->exposureValue($instant);
        }

        $events = DayEvents::at($site->observer, $site->day);
        $seen = SeenEvents::of($site->observer, $site->skyline, $events);

        return new self($site, $span, $seconds, $altitudes, $values, $skyValues, $events, $seen);
    }

    public function secondsOf(Instant $instant): float
    {
        return $instant->unixSeconds - $this->site->day->begins->unixSeconds;
    }

    public function instantOf(float $seconds): Instant
    {
        return $this->site->day->begins->plusSeconds($seconds);
    }

    /**
     * What happens, as people tell it.
     *
     * @return list<array{Message, Text|string}> what, and when or that it does not
     */
    public function told(): array
    {
        $day = $this->site->day;
        $seen = $this->seen;
        $both = fn (?Instant $level, ?Instant $seen, bool $rising): Message|string => SeenEvents::told($this->site, $level, $seen, $rising);
        $at = static fn (?Instant $instant): string => $instant === null ? '–' : $day->clock($instant);
        $events = $this->events;
        $twilight = static fn (string $twilight): Message|string => array_filter($events->twilight[$twilight]) === []
            ? new Message('day.day_line.no_twilight')
            : $at($events->twilight[$twilight]['dawn']) . ', ' . $at($events->twilight[$twilight]['dusk']);
        // Who plans an evening stays into the night that follows it, not the one before.
        $dark = $this->spans(DayEvents::darkNight($this->site->observer, $day));
        $centre = $this->spans(DayEvents::upThatNight($this->site->observer, $day, Target::GalacticCentre));
        $clear = $this->spans(DayEvents::upThatNight($this->site->observer, $day, Target::GalacticCentre, $this->site->skyline));

        return [
            ...($events->sunAlways === null
                ? [[new Message('day.day_line.sunrise'), $both($events->sunRise, $seen->sunRise, true)],
                    [new Message('day.day_line.sunset'), $both($events->sunSet, $seen->sunSet, false)]]
                : [[new Message('day.day_line.sun'), $events->sunAlways === 'up' ? new Message('day.day_line.sun_up') : new Message('day.day_line.sun_down')]]),
            [new Message('day.day_line.civil'), $twilight('civil')],
            [new Message('day.day_line.astronomical'), $twilight('astronomical')],
            [new Message('day.day_line.moonrise'), $both($events->moonRise, $seen->moonRise, true)],
            [new Message('day.day_line.moonset'), $both($events->moonSet, $seen->moonSet, false)],
            [new Message('day.day_line.moon_lit'), new Message('day.day_line.lit', ['percent' => Quantity::rounded($events->litFraction * 100.0, 0)])],
            [new Message('day.day_line.dark'), $dark === '' ? new Message('day.day_line.never_dark') : $dark],
            [new Message('day.day_line.centre'), $centre === '' ? new Message('day.day_line.not_up') : $centre],
            ...($this->site->skyline->isFlat() ? [] : [[
                new Message('day.day_line.centre_clear'), $clear === '' ? new Message('day.day_line.not_up') : $clear,
            ]]),
        ];
    }

    /**
     * @param list<array{Instant, Instant}> $windows
     *
     * @return string such as "21:14–03:40", on the wrist's clock
     */
    private function spans(array $windows): string
    {
        $clock = $this->site->day->clock(...);

        return implode(', ', array_map(static fn (array $window): string => $clock($window[0]) . '–' . $clock($window[1]), $windows));
    }
}
