<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Take;
use Evrent\Core\Checks\Finding;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Run\Take\PhotoSpans;
use Evrent\Core\Run\Take\TakeFindings;
use Evrent\Core\Run\Take\TakeReport;
use Evrent\Core\Schedule\Schedule;
use Evrent\Words\Words;
use Illuminate\Support\Collection;

/**
 * Takes of a shot side by side: what each is told by, row by row.
 */
final readonly class TakesBeside
{
    /** @var list<array{take: Take, report: TakeReport}> */
    public array $columns;

    /**
     * @param Collection<int, Take> $takes
     * @param int                   $revisionNow the plan as it stands
     */
    public function __construct(Collection $takes, private ?int $revisionNow)
    {
        $this->columns = array_values($takes->map(static fn (Take $take): array => [
            'take' => $take, 'report' => $take->report(Schedule::of($take->revision->toPlan())),
        ])->all());
    }

    /**
     * @return array<string, list<Text|string>> a cell for each take, by the key of what they tell
     */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->columns as ['take' => $take, 'report' => $report]) {
            $findings = array_map(static fn (Finding $finding): string => Words::say($finding->title), TakeFindings::of($report));
            $cells = [
                'app.takes_beside.result' => $take->inWords(),
                'app.takes_beside.plan' => $take->plan_revision_id === $this->revisionNow
                    ? Words::of('app.takes_beside.current')
                    : Words::of('app.takes_beside.earlier'),
                'app.takes_beside.taken' => Words::of(
                    'app.takes_beside.photos',
                    goodPhotos: $report->goodPhotos(),
                    photosTotal: $report->state->schedule->photosTotal(),
                ),
                'app.takes_beside.missing' => (string) ($report->counts()['missing'] ?? 0),
                'app.takes_beside.bad' => (string) ($report->counts()['spoilt'] ?? 0),
                'app.takes_beside.longest' => $report->clean === null
                    ? Words::of('common.none')
                    : Joined::of([PhotoSpans::named([$report->clean]), Quantity::seconds($report->cleanClipSeconds)], Joined::COMMA),
                'app.takes_beside.late' => Quantity::seconds($report->mostLateSeconds),
                'app.takes_beside.log' => $findings === [] ? Words::of('app.takes_beside.nothing') : implode(', ', $findings),
                'app.takes_beside.rating' => $take->judged(),
                'app.takes_beside.notes' => $take->notes,
            ];
            foreach ($cells as $label => $cell) {
                $rows[$label][] = $cell;
            }
        }

        return $rows;
    }

    public function has(Take $take): bool
    {
        return in_array($take->id, array_map(static fn (array $column): int => $column['take']->id, $this->columns), true);
    }
}
