<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Schedule\Schedule;

/**
 * What a take's log says afterwards: every photo planned against actual, the longest stretch without a flaw, and the clip that makes.
 */
final readonly class TakeReport
{
    private const EVENTS = [
        LogKind::Command, LogKind::Alarm, LogKind::AlarmOver, LogKind::Gap, LogKind::Skipped, LogKind::Mark, LogKind::Ended,
    ];

    /**
     * @param array<int, array{state: PhotoState, planned: ?float, actual: ?float, late: ?float, object: ?string, why: ?string}> $photos by number;
     *        seconds from the first photo's due time
     * @param list<LogLine>     $events     all but the everyday: orders, alarms, gaps, marks
     * @param array<string, list<array{seconds: float, place: float, position: float}>> $trace where each axis really stood, by axis id
     * @param ?array{int, int}  $clean      first and last photo of the longest stretch in which every photo is good or was at least triggered
     */
    private function __construct(
        public TakeState $state,
        public array $photos,
        public array $events,
        public ?array $clean,
        public float $cleanClipSeconds,
        public float $mostLateSeconds,
        public array $trace,
    ) {
    }

    /**
     * @param iterable<LogLine> $lines
     */
    public static function of(Schedule $schedule, iterable $lines): self
    {
        $state = new TakeState($schedule);
        $photos = $events = $whys = $objects = $placed = [];
        $most = 0.0;
        foreach ($lines as $line) {
            $state->take($line);
            $photo = (int) $line->photo;
            if ($line->kind === LogKind::Outcome) {
                $at = $line->number('triggered_s');
                $photos[$photo] = ['planned' => $state->plannedAt($photo), 'actual' => $at, 'late' => $line->number('late_s')];
                $most = max($most, $line->number('late_s') ?? 0.0);
            }
            if (isset($line->more['at']) || $line->kind === LogKind::Started) {
                $placed[] = $line;
            }
            $objects[$photo] = $line->text('object') ?? $objects[$photo] ?? null;
            $whys[$photo] = $line->text('why') ?? $whys[$photo] ?? null;
            if (in_array($line->kind, self::EVENTS, true)) {
                $events[] = $line;
            }
        }
        $start = $state->startedAt ?? 0.0;
        $told = [];
        foreach ($state->photos as $photo => $what) {
            $known = $photos[$photo] ?? ['planned' => null, 'actual' => null, 'late' => null];
            $told[$photo] = [
                'state' => $what,
                'planned' => $known['planned'] === null ? null : $known['planned'] - $start,
                'actual' => $known['actual'] === null ? null : $known['actual'] - $start,
                'late' => $known['late'],
                'object' => $objects[$photo] ?? null,
                'why' => $whys[$photo] ?? null,
            ];
        }
        ksort($told);
        $clean = self::longest($told);

        return new self(
            $state,
            $told,
            $events,
            $clean,
            $clean === null ? 0.0 : ($clean[1] - $clean[0] + 1) / $schedule->plan->timing->framesPerSecond,
            $most,
            Trace::of($placed),
        );
    }

    /** The number of the last photo that anything became of; 1 when there is none. */
    public function lastPhoto(): int
    {
        return max([1, ...array_keys($this->photos)]);
    }

    /** @return array<string, int> photos by what became of them */
    public function counts(): array
    {
        return array_count_values(array_map(static fn (array $photo): string => $photo['state']->value, $this->photos));
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
            $isGood = $state === PhotoState::Good || $state === PhotoState::Triggered;
            $from = $isGood ? ($from !== null && $last === $photo - 1 ? $from : $photo) : null;
            $last = $photo;
            if ($from !== null && ($best === null || $photo - $from > $best[1] - $best[0])) {
                $best = [$from, $photo];
            }
        }

        return $best;
    }
}
