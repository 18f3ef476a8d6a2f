<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Move;
use Evrent\Core\Run\RunLog;
use Evrent\Core\Schedule\Schedule;

/**
 * What a take's log says afterwards: every photo planned against actual, the longest stretch without a flaw, and the clip that makes.
 */
final readonly class TakeReport
{
    /** A photo that came later than this share of its interval breaks the rhythm. */
    private const AT_A_PLACE = 0.01;
    private const LATE_SHARE = 0.5;

    /**
     * @param array<int, array{state: PhotoState, planned: ?float, actual: ?float, late: ?float, object: ?string, why: Text|string|null}> $photos by number;
     *        seconds from the first photo's due time
     * @param list<LogLine>     $events     all but the everyday: orders, alarms, gaps, marks
     * @param array<string, list<array{seconds: float, place: float, position: float}>> $trace where each axis really stood, by axis id
     * @param ?array{int, int}  $clean      first and last photo of the longest stretch in which every photo is good or was at least triggered
     * @param array<int, float> $lumas      how bright photos came out, of light, 0 to 1, by number
     * @param list<string>      $extras     files that nobody asked for
     * @param array<int, string> $replaced  files of photos that were shot again, by number
     * @param array<int, float> $offStops by how many stops photos are off what the camera was to be set to, as far as they are, by number
     * @param array<int, float> $cameBy     when the camera said that it has a photo, less when it was to be triggered, seconds, by number
     */
    private function __construct(
        public TakeState $state,
        public array $photos,
        public array $events,
        public ?array $clean,
        public float $cleanClipSeconds,
        public float $mostLateSeconds,
        public array $trace,
        public array $lumas,
        public array $extras,
        public array $replaced,
        public array $cameBy,
        public array $offStops = [],
    ) {
    }

    /**
     * @param iterable<LogLine> $lines
     * @param ?ReadBack         $card  what the photos say that were read from the card; null before that
     */
    public static function of(Schedule $schedule, iterable $lines, ?ReadBack $card = null): self
    {
        $state = new TakeState($schedule);
        $photos = $events = $whys = $objects = $placed = $lumas = $extras = $replaced = $cameBy = $kept = $flaws = $offStops = [];
        $most = 0.0;
        foreach ($lines as $line) {
            $state->take($line);
            $photo = (int) $line->photo;
            if ($line->kind === LogKind::Outcome) {
                $at = $line->number('triggered_s');
                $photos[$photo] = ['planned' => $state->plannedAt($photo), 'actual' => $at, 'late' => $line->number('late_s')];
                $most = max($most, $line->number('late_s') ?? 0.0);
                $flaws[$photo] = self::flaw($state, $line);
                $offStops[$photo] = $line->number('off_stops') ?? 0.0;
                if (isset($objects[$photo])) {
                    $replaced[$photo] = $objects[$photo];
                }
            } elseif ($line->kind === LogKind::Alarm && self::isOfPlace($line)) {
                // Said right after it was triggered, as a dry run does, it is of that photo already.
                $flaws[$photo] = isset($photos[$photo]) ? PhotoState::Moved : $flaws[$photo] ?? null;
            } elseif ($line->kind === LogKind::Confirmed && isset($photos[$photo]['actual'])) {
                $cameBy[$photo] = $line->seconds - $photos[$photo]['actual'];
            } elseif ($line->kind === LogKind::Mark) {
                for ($marked = $photo; $marked <= (int) ($line->number('to') ?? $photo); $marked++) {
                    $kept[$marked] = $line->text('as') === 'good';
                }
            }
            if (isset($line->more['at']) || $line->kind === LogKind::Started) {
                $placed[] = $line;
            }
            if ($line->number('luma') !== null) {
                $lumas[$photo] = $line->number('luma');
            }
            if ($line->text('extra') !== null) {
                $extras[] = $line->text('extra');
                $flaws[max(1, $state->next - 1)] ??= $state->isTimerStarted ? PhotoState::Doubled : null;
            }
            $objects[$photo] = $line->text('object') ?? $objects[$photo] ?? null;
            $whys[$photo] = $line->words('why') ?? $whys[$photo] ?? null;
            if (in_array($line->kind, EventWords::KINDS, true)) {
                $events[] = $line;
            }
        }
        $start = $state->startedAt ?? 0.0;
        $told = [];
        foreach ($state->photos as $photo => $what) {
            $known = $photos[$photo] ?? ['planned' => null, 'actual' => null, 'late' => null];
            $isKept = $kept[$photo] ?? false;
            $said = $what->isWhole() && !$isKept ? $flaws[$photo] ?? $what : $what;
            $offStops[$photo] = $card?->offStops($photo) ?? $offStops[$photo] ?? 0.0;
            $told[$photo] = [
                // What somebody said of it stands.
                'state' => $card === null || $isKept ? $said : $card->settle($photo, $said),
                'planned' => $known['planned'] === null ? null : $known['planned'] - $start,
                'actual' => $known['actual'] === null ? null : $known['actual'] - $start,
                'late' => $known['late'],
                'object' => $objects[$photo] ?? null,
                'why' => $whys[$photo] ?? null,
            ];
        }
        ksort($told);
        ksort($lumas);
        $clean = self::longest($told);

        return new self(
            $state,
            $told,
            $events,
            $clean,
            $clean === null ? 0.0 : ($clean[1] - $clean[0] + 1) / $schedule->plan->timing->framesPerSecond,
            $most,
            Trace::of($placed),
            $lumas,
            $extras,
            $replaced,
            $cameBy,
            array_filter($offStops, static fn (float $stops): bool => $stops !== 0.0),
        );
    }

    /** The number of the last photo that anything became of; 1 when there is none. */
    public function lastPhoto(): int
    {
        return max([1, ...array_keys($this->photos)]);
    }

    /** Where an axis stood for a photo, mm or degrees; null where the log does not say. */
    public function stood(string $axis, int $photo): ?float
    {
        foreach ($this->trace[$axis] ?? [] as $point) {
            if (abs($point['place'] - $photo) < self::AT_A_PLACE) {
                return $point['position'];
            }
        }

        return null;
    }

    /** @return array<string, int> photos by what became of them */
    public function counts(): array
    {
        return array_count_values(array_map(static fn (array $photo): string => $photo['state']->value, $this->photos));
    }

    /** Why it ended as it did, as it said itself; null where that needs no word, and while it goes on. */
    public function whyEnded(): Text|string|null
    {
        foreach ($this->events as $event) {
            if ($event->kind === LogKind::Ended) {
                return $event->words('why');
            }
        }

        return null;
    }

    /** Photos that are in the clip as they were planned. */
    public function goodPhotos(): int
    {
        return count(array_filter($this->photos, static fn (array $photo): bool => $photo['state']->isWhole()));
    }

    /**
     * @return list<int> numbers of the photos of which that became
     */
    public function which(PhotoState ...$states): array
    {
        return array_keys(array_filter($this->photos, static fn (array $photo): bool => in_array($photo['state'], $states, true)));
    }

    /**
     * @return list<array{int, int}> first and last photo of what is to be shot again, in its order: nothing of it can be used
     */
    public function toShootAgain(): array
    {
        return PhotoSpans::of($this->which(PhotoState::Missing, PhotoState::Spoilt, PhotoState::Moved));
    }

    /**
     * @return list<array{int, int, string}> first and last photo of each run of the same state, and that
     */
    public function strip(): array
    {
        $strip = [];
        foreach ($this->photos as $photo => ['state' => $state]) {
            $last = count($strip) - 1;
            if ($last >= 0 && $strip[$last][1] === $photo - 1 && $strip[$last][2] === $state->value) {
                $strip[$last][1] = $photo;
            } else {
                $strip[] = [$photo, $photo, $state->value];
            }
        }

        return $strip;
    }

    /**
     * Single photos worth keeping: those nearest to the framings that were chosen, and the middle of the longest clean stretch.
     *
     * @return array<int, Message> what each shows, by number
     */
    public function stills(): array
    {
        $whole = array_keys(array_filter($this->photos, static fn (array $photo): bool => $photo['state']->isWhole()));
        $stills = [];
        foreach ($whole === [] ? [] : $this->state->schedule->pegPhotos() as $n => $peg) {
            $nearest = $whole[0];
            foreach ($whole as $photo) {
                $nearest = abs($photo - $peg) < abs($nearest - $peg) ? $photo : $nearest;
            }
            $stills[$nearest] ??= new Message($nearest === $peg ? 'takes.still.framed' : 'takes.still.nearest', ['name' => Move::peg($n)]);
        }
        if ($this->clean !== null) {
            $stills[intdiv($this->clean[0] + $this->clean[1], 2)] ??= new Message('takes.still.middle');
        }
        ksort($stills);

        return $stills;
    }

    private static function isOfPlace(LogLine $line): bool
    {
        $about = $line->text('about') ?? '';

        return $about === 'moving' || $about === 'held' || str_starts_with($about, 'axis ');
    }

    /** What is wrong with a photo in the moment in which it is triggered. */
    private static function flaw(TakeState $state, LogLine $outcome): ?PhotoState
    {
        foreach (array_keys($state->alarms) as $about) {
            if (str_starts_with($about, 'axis ')) {
                return PhotoState::Moved;
            }
        }
        [$at, $due] = [$outcome->number('triggered_s') ?? 0.0, $outcome->number('due_s') ?? INF];
        $interval = $state->intervalAfter((int) $outcome->photo);
        $hasClock = $state->schedule->plan->timing->mode->hasClock();

        if (isset($state->wronglyExposed[(int) $outcome->photo])) {
            return PhotoState::WrongExposure;
        }
        // A simulated world that is fast stumbles where the machine does: that is none of the take's.
        $late = $at - $due - ($outcome->number('grace_s') ?? 0.0);

        return $hasClock && $late > max(RunLog::NOTICEABLE_SECONDS, self::LATE_SHARE * $interval) ? PhotoState::Late : null;
    }

    /**
     * @param array<int, array{state: PhotoState, ...}> $photos
     *
     * @return ?array{int, int}
     */
    private static function longest(array $photos): ?array
    {
        $best = $from = $last = null;
        foreach ($photos as $photo => ['state' => $state]) {
            $from = $state->isWhole() ? ($from !== null && $last === $photo - 1 ? $from : $photo) : null;
            $last = $photo;
            if ($from !== null && ($best === null || $photo - $from > $best[1] - $best[0])) {
                $best = [$from, $photo];
            }
        }

        return $best;
    }
}
