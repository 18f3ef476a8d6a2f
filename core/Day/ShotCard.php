<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Format\SettingsText;
use Evrent\Core\Light\Control;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Move;
use Evrent\Core\Plan\FilmKind;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Preflight;
use Evrent\Core\Shot\CueCard;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\DayEvents;
use Evrent\Core\Sky\Horizon;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\SeenEvents;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Target;
use Evrent\Core\Timing\TimedBy;

/**
 * One shot on a card in the hand: when, where from and to, how it is exposed, what to look at first, what to turn when, and what to do when it is
 * late. Moments have the times that a clock counts down to.
 */
final readonly class ShotCard
{
    private const MINUTE = 60.0;
    private const LATE_MINUTES = [10, 20, 40];
    private const LEAST_PHOTOS = 24;
    private const DARK_DEGREES = -6.0;

    /**
     * @param Text|string|null                                 $begins    by the clock there; null where it is not known
     * @param Text|string|null                                 $ends      likewise
     * @param list<array{Message, Text|string}>                $sun       what, and when or how high
     * @param list<array{peg: string, photo: int, when: Text|string, places: Text|string}> $keyframes
     * @param list<Text|string>                                $settings  how the camera is set
     * @param string                                           $follows   how the exposure follows the light
     * @param list<array{when: Text|string, photo: int, to: Message}> $cues      what is turned on the way to what, after which photo
     * @param list<Text|string>                                $checks    what is looked at first
     * @param list<Text|string>                                $watch     what gets in the way, and what ends it
     * @param list<Message>                                    $late      what to do when it begins later
     * @param list<Message>                                    $cautions
     * @param list<array{unix: float, when: Text|string, says: Message, isCue: bool, isFirst: bool}> $moments in their order; empty where no time is known
     */
    private function __construct(
        public string $title,
        public Text|string|null $begins,
        public Text|string|null $ends,
        public array $sun,
        public array $keyframes,
        public Text|string $figures,
        public Text|string $clip,
        public array $settings,
        public Text|string $follows,
        public array $cues,
        public array $checks,
        public array $watch,
        public array $late,
        public array $cautions,
        public array $moments,
        public bool $isVideo,
    ) {
    }

    /**
     * @param list<Hazard> $told            by who knows the place
     * @param int          $setupMinutes    on site before the start
     * @param int          $teardownMinutes on site after the last photo
     */
    public static function of(Shot $shot, array $told = [], int $setupMinutes = 0, int $teardownMinutes = 0): self
    {
        $schedule = $shot->schedule;
        $times = ShotTimes::of($schedule);
        $keyframes = self::keyframes($shot);
        $cues = FieldCard::cues($shot);
        $hazards = Cautions::ofShot($shot, $told);

        return new self(
            $shot->plan->title,
            $times->beginsText,
            $times->endsText,
            self::sun($shot),
            $keyframes,
            SettingsText::of($schedule),
            new Message('day.shot_card.clip', [
                'clipSeconds' => Quantity::rounded($schedule->summary->clipSeconds, 1),
                'framesPerSecond' => Quantity::number($shot->plan->timing->framesPerSecond),
            ]),
            FieldCard::settings($shot),
            self::follows($shot),
            array_map(
                static fn (array $cue): array => ['when' => self::when($shot, $cue['seconds']), 'photo' => $cue['photo'], 'to' => $cue['to']],
                $cues,
            ),
            self::checks($shot, $hazards),
            FieldCard::hazards($shot),
            self::late($shot),
            array_map(static fn (Hazard $hazard): Message => $hazard->caution(), $hazards),
            self::moments($shot, $cues, $setupMinutes, $teardownMinutes),
            self::isVideo($shot),
        );
    }

    /**
     * @return list<array{peg: string, photo: int, when: Text|string, places: Text|string}>
     */
    private static function keyframes(Shot $shot): array
    {
        $schedule = $shot->schedule;
        $keyframes = [];
        foreach ($schedule->pegPhotos() as $n => $photo) {
            $keyframes[] = [
                'peg' => Move::peg($n), 'photo' => $photo, 'when' => self::when($shot, $schedule->timeline->triggerSeconds[$photo - 1] ?? 0.0),
                'places' => Joined::of(self::places($shot, $photo), Joined::COMMA),
            ];
        }

        return $shot->plan->rig->axes === [] ? [] : $keyframes;
    }

    /**
     * @return list<Text|string> where each axis stands at a photo: "slide 1150 mm"
     */
    private static function places(Shot $shot, int $photo): array
    {
        return array_map(static fn (Axis $axis): Text|string => Joined::of(
            [$axis->label(), $shot->units->axisText($axis->kind, $shot->schedule->moves->positions[$axis->id][$photo - 1])],
            Joined::WORDS,
        ), $shot->plan->rig->axes);
    }

    /**
     * What is looked at first; what a caution says already is not said twice.
     *
     * @param list<Hazard> $hazards
     *
     * @return list<Message>
     */
    private static function checks(Shot $shot, array $hazards): array
    {
        $said = static fn (Preflight $one): bool => in_array(match ($one) {
            Preflight::Sun => Hazard::Sun,
            Preflight::Night => Hazard::Night,
            Preflight::Cold => Hazard::Cold,
            Preflight::Incline => Hazard::Incline,
            Preflight::Edge => Hazard::Tide,
            Preflight::Permission => Hazard::Rules,
            default => null,
        }, $hazards, true);
        $checks = array_filter(Preflight::of($shot), static fn (Preflight $one): bool => !$said($one));

        return array_values(array_map(static fn (Preflight $one): Message => $one->labelFor($shot->plan), $checks));
    }

    /** By the clock there, or from the first photo on. */
    private static function when(Shot $shot, float $seconds): Message|string
    {
        $first = $shot->plan->firstTrigger();
        $clock = $first === null ? null : $shot->plan->site?->day->clockAndDay($first->plusSeconds($seconds));

        return $clock ?? new Message('day.shot_card.after', ['seconds' => Quantity::duration($seconds)]);
    }

    /**
     * @return list<array{Message, Text|string}>
     */
    private static function sun(Shot $shot): array
    {
        $site = $shot->plan->site;
        $altitudes = $shot->sky()?->altitudes(Target::Sun) ?? [];
        if ($site === null || $altitudes === []) {
            return [];
        }
        $events = DayEvents::at($site->observer, $site->day);
        $seen = SeenEvents::of($site->observer, $site->skyline, $events);
        $dusk = $events->twilight['civil']['dusk'];
        $told = [
            ...($events->sunRise === null ? [] : [[new Message('day.shot_card.sunrise'), SeenEvents::told($site, $events->sunRise, $seen->sunRise, true)]]),
            ...($events->sunSet === null ? [] : [[new Message('day.shot_card.sunset'), SeenEvents::told($site, $events->sunSet, $seen->sunSet, false)]]),
            ...($dusk === null ? [] : [[new Message('day.shot_card.dusk'), $site->day->clock($dusk)]]),
        ];
        $height = static fn (float $degrees): Message => new Message(
            $degrees < 0.0 ? 'day.shot_card.below' : 'day.shot_card.above',
            ['degrees' => Quantity::rounded(abs($degrees), 0)],
        );

        if (min($altitudes) < self::DARK_DEGREES) {
            array_push($told, ...self::night($site, $events, $seen));
        }

        return [...$told, [new Message('day.shot_card.sun_start'), $height($altitudes[0])],
            [new Message('day.shot_card.sun_end'), $height($altitudes[count($altitudes) - 1])]];
    }

    /**
     * What a shot in the dark looks out for: the moon, and the middle of the Milky Way, level and over the land.
     *
     * @return list<array{Message, Text|string}>
     */
    private static function night(Site $site, DayEvents $events, SeenEvents $seen): array
    {
        $up = static fn (?Horizon $over): string => implode(', ', array_map(
            static fn (array $window): string => $site->day->clock($window[0]) . '–' . $site->day->clock($window[1]),
            DayEvents::upThatNight($site->observer, $site->day, Target::GalacticCentre, $over),
        ));
        $level = $up(null);
        $clear = $site->skyline->isFlat() ? $level : $up($site->skyline);

        return [
            ...($events->moonRise === null ? [] : [[new Message('day.shot_card.moonrise'), SeenEvents::told($site, $events->moonRise, $seen->moonRise, true)]]),
            ...($events->moonSet === null ? [] : [[new Message('day.shot_card.moonset'), SeenEvents::told($site, $events->moonSet, $seen->moonSet, false)]]),
            ...($level === '' ? [] : [[new Message('day.shot_card.centre'), match (true) {
                $clear === $level => $level,
                $clear === '' => new Message('day.shot_card.centre_hidden', ['level' => $level]),
                default => new Message('day.shot_card.centre_clear', ['level' => $level, 'clear' => $clear]),
            }]]),
        ];
    }

    private static function follows(Shot $shot): Message
    {
        $plan = $shot->plan;
        $exposures = $shot->schedule->exposureSeconds;
        [$least, $most] = [min([INF, ...$exposures]), max([0.0, ...$exposures])];
        $from = new Message('day.shot_card.from', [
            'exposures' => Quantity::shutter($exposures[0] ?? 0.0),
            'exposures2' => Quantity::shutter($exposures[count($exposures) - 1] ?? 0.0),
        ]);

        return match (true) {
            $plan->light?->control === Control::AperturePriority => new Message('day.shot_card.aperture_priority'),
            $plan->light?->control === Control::ShutterPriority => new Message('day.shot_card.shutter_priority'),
            $most <= $least * 1.001 => new Message('day.shot_card.fixed'),
            $plan->camera->exposureTimedBy === TimedBy::Controller => new Message('day.shot_card.bulb', ['from' => $from]),
            CueCard::of($shot->schedule) !== null => new Message('day.shot_card.by_clicks', ['from' => $from]),
            default => new Message('day.shot_card.ramped', ['from' => $from]),
        };
    }

    /**
     * @return list<Message>
     */
    private static function late(Shot $shot): array
    {
        $schedule = $shot->schedule;
        $plan = $shot->plan;
        $photos = $schedule->photosTotal();
        $triggers = $schedule->timeline->triggerSeconds;
        if (!$plan->timing->mode->hasClock() || count($triggers) < $photos) {
            return [];
        }
        $lines = [];
        foreach (self::LATE_MINUTES as $minutes) {
            $first = 1;
            while ($first <= $photos && $triggers[$first - 1] < $minutes * self::MINUTE) {
                $first++;
            }
            if ($photos - $first + 1 < self::LEAST_PHOTOS) {
                break;
            }
            $places = self::places($shot, $first);
            $key = match (true) {
                self::isVideo($shot) => 'day.shot_card.late_video',
                $places === [] => 'day.shot_card.late_photo',
                default => 'day.shot_card.late_place',
            };
            $lines[] = new Message($key, [
                'minutes' => $minutes,
                'photo' => $first,
                'places' => Joined::of($places, Joined::COMMA),
                'clipSeconds' => Quantity::rounded(($photos - $first + 1) / $plan->timing->framesPerSecond, 1),
                'until' => self::when($shot, $schedule->summary->onSiteSeconds + $minutes * self::MINUTE),
            ]);
        }

        return $lines === [] ? [new Message('day.shot_card.late')] : $lines;
    }

    private static function isVideo(Shot $shot): bool
    {
        return $shot->plan->film->kind === FilmKind::SpedUp && $shot->plan->timing->mode->hasClock();
    }

    /**
     * @param list<array{photo: int, seconds: float, says: Message, to: Message}> $cues
     *
     * @return list<array{unix: float, when: Text|string, says: Message, isCue: bool, isFirst: bool}>
     */
    private static function moments(Shot $shot, array $cues, int $setupMinutes, int $teardownMinutes): array
    {
        $first = $shot->plan->firstTrigger();
        $triggers = $shot->schedule->timeline->triggerSeconds;
        if ($first === null || $triggers === []) {
            return [];
        }
        $last = $first->plusSeconds($shot->schedule->summary->runSeconds);
        [$begin, $end] = self::isVideo($shot)
            ? [new Message('day.shot_card.record'), new Message('day.shot_card.stop_recording')]
            : [new Message('day.shot_card.first'), new Message('day.shot_card.last')];
        $moments = [
            [$first->plusSeconds(-self::MINUTE * $setupMinutes), new Message('day.shot_card.arrive'), false], [$first, $begin, false], [$last, $end, false],
            [$last->plusSeconds(self::MINUTE * $teardownMinutes), new Message('day.shot_card.leave'), false], ...self::sunMoments($shot->plan, $first, $last),
        ];
        foreach (array_slice(self::keyframes($shot), 1, -1) as $keyframe) {
            $says = new Message(
                self::isVideo($shot) ? 'day.shot_card.keyframe' : 'day.shot_card.keyframe_photo',
                ['peg' => $keyframe['peg'], 'photo' => $keyframe['photo']],
            );
            $moments[] = [$first->plusSeconds($triggers[$keyframe['photo'] - 1]), $says, false];
        }
        foreach ($cues as $cue) {
            $moments[] = [$first->plusSeconds($cue['seconds']), Joined::capital($cue['says']), true];
        }
        usort($moments, static fn (array $a, array $b): int => $a[0]->unixSeconds <=> $b[0]->unixSeconds);

        return array_map(static fn (array $one): array => [
            'unix' => round($one[0]->unixSeconds, 1),
            'when' => $shot->plan->site?->day->clockAndDay($one[0]) ?? '',
            'says' => $one[1],
            'isCue' => $one[2],
            'isFirst' => $one[0] === $first,
        ], $moments);
    }

    /**
     * @return list<array{Instant, Message, bool}> what the sun does while it runs
     */
    private static function sunMoments(Plan $plan, Instant $first, Instant $last): array
    {
        if ($plan->site === null) {
            return [];
        }
        $events = DayEvents::at($plan->site->observer, $plan->site->day);
        $seen = SeenEvents::of($plan->site->observer, $plan->site->skyline, $events);
        $happens = [
            'sunrise' => $events->sunRise, 'sunset' => $events->sunSet, 'dusk' => $events->twilight['civil']['dusk'],
            ...($plan->site->skyline->isFlat() ? [] : ['sun_over' => $seen->sunRise, 'sun_behind' => $seen->sunSet]),
        ];
        $moments = [];
        foreach ($happens as $says => $instant) {
            if ($instant !== null && $instant->unixSeconds > $first->unixSeconds && $instant->unixSeconds < $last->unixSeconds) {
                $moments[] = [$instant, new Message("day.shot_card.{$says}"), false];
            }
        }

        return $moments;
    }
}
