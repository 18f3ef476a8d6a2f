<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\PlanRevision;
use App\Models\RevisionFigures;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Works out the figures of a revision that has none, or those of an earlier version.
 */
final class WorkOutFigures implements ShouldQueue, ShouldBeUnique
{
    use Queueable;

    public int $tries = 3;
    public int $uniqueFor = 60;

    public function __construct(public readonly int $revisionId)
    {
    }

    public function uniqueId(): string
    {
        return (string) $this->revisionId;
    }

    public function handle(): void
    {
        $revision = PlanRevision::query()->with('figures')->find($this->revisionId);
        if ($revision !== null) {
            RevisionFigures::of($revision);
        }
    }
}
