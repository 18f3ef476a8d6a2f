<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Messages\Text;
use Evrent\Core\Run\Before\Contradiction;

/**
 * What is to be read of a take from afar: how many photos, how long still, how late.
 */
final readonly class TakeFigures
{
    /** So many photos are shown in a row. */
    public const ROW = 100;

    /**
     * @param int                   $latest      the photo that was taken last; the first before that
     * @param ?float                $nextIn      seconds until the next photo is due; null while it waits to be told, and at the end
     * @param ?float                $left        seconds until the last shutter closes; null without a clock
     * @param float                 $clipSeconds of what was taken
     * @param array<int, string>    $row         what became of the latest photos, by number
     * @param array<string, int>    $counts      photos by what became of them
     * @param array<string, Text|string> $alarms
     * @param list<array<string, Text|string|bool>> $contradictions what waits to be resolved before the start
     * @param ?array{key: string, after: int, says: Text, in: ?float} $turn what somebody turns next, and in how many seconds; null of those where the
     *                                                                        photo before it is over
     * @param array<string, float>  $supplies what is left: per cent of batteries, photos on the card
     * @param array<string, ?int>   $lasts    the photo after which each is gone, at the rate seen so far; null while that cannot be said
     * @param ?float                $slack    slack of the interval after the next photo, seconds, by the plan; null without a clock
     * @param float                 $share    of the run that is over, by the plan's clock
     */
    private function __construct(
        public Status $status,
        public ?Ending $ending,
        public int $next,
        public int $latest,
        public int $photos,
        public int $taken,
        public ?float $nextIn,
        public ?float $left,
        public float $clipSeconds,
        public ?float $late,
        public array $row,
        public array $counts,
        public array $alarms,
        public array $contradictions,
        public ?array $turn,
        public array $supplies,
        public array $lasts,
        public float $share,
        public ?float $slack,
    ) {
    }

    public static function of(TakeState $state, float $now): self
    {
        $timeline = $state->schedule->timeline;
        $hasClock = $state->schedule->plan->timing->mode->hasClock();
        $last = $state->photos();
        $isOver = $state->status === Status::Ended || $state->next > $last;
        $due = $state->startedAt === null ? null : max($state->dueAt, $state->stillAt);
        $rest = $isOver ? 0.0 : $timeline->closeSeconds[$state->placeOf($last) - 1] - $timeline->triggerSeconds[$state->placeOf($state->next) - 1];

        $wrong = array_fill_keys(array_keys($state->wronglyExposed), PhotoState::WrongExposure);
        $whole = array_filter($state->photos, static fn (PhotoState $photo): bool => $photo->isWhole());
        $states = array_map(static fn (PhotoState $photo): string => $photo->value, array_replace($state->photos, array_intersect_key($wrong, $whole)));

        return new self(
            $state->status,
            $state->ending,
            min($state->next, $last),
            max(1, $state->next - 1),
            $last,
            $state->taken,
            $isOver || !$hasClock || $state->status === Status::Paused || $due === null ? null : max(0.0, $due - $now),
            $hasClock ? ($isOver ? 0.0 : max(0.0, ($due ?? $now) - $now) + $rest) : null,
            $state->taken / $state->schedule->plan->timing->framesPerSecond,
            $state->late,
            array_slice($states, -self::ROW, null, true),
            array_count_values($states),
            $state->alarms,
            array_values(array_map(static fn (Contradiction $one): array => $one->fields(), $state->contradictions)),
            self::turn($state, $now),
            $state->supplies->left(),
            array_map($state->supplies->lastPhoto(...), array_combine(array_keys($state->supplies->left()), array_keys($state->supplies->left()))),
            $isOver ? 1.0 : $timeline->triggerSeconds[$state->placeOf($state->next) - 1] / max(1e-9, $state->schedule->summary->runSeconds),
            $isOver ? null : $timeline->slackSeconds[$state->placeOf($state->next) - 1] ?? null,
        );
    }

    /** @return ?array{key: string, after: int, says: Text, in: ?float} */
    private static function turn(TakeState $state, float $now): ?array
    {
        $turns = $state->status === Status::Ended ? null : $state->turns;
        $turn = $turns?->next($state->turned);
        if ($turns === null || $turn === null) {
            return null;
        }
        $isDue = $state->next > $turn->after;
        // By the plan from here on: it may be behind.
        $left = $turns->closesAt($turn->after) - $state->schedule->timeline->triggerSeconds[$state->placeOf($state->next) - 1];

        return [
            'key' => $turn->key(), 'after' => $turn->after, 'says' => $turn->words(),
            'in' => $isDue || $state->startedAt === null ? null : max(0.0, max($state->dueAt, $state->stillAt) - $now) + $left,
        ];
    }

    /**
     * @return array<string, mixed> for JSON
     */
    public function toArray(): array
    {
        /** @var array<string, mixed> $own */
        $own = get_object_vars($this);

        return [...$own, 'status' => $this->status->value, 'ending' => $this->ending?->value];
    }
}
