<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StepThroughHistory;
use App\Models\Shot;
use Illuminate\Http\RedirectResponse;

final class HistoryController
{
    public function undo(Shot $shot, StepThroughHistory $history): RedirectResponse
    {
        $undone = $shot->currentRevision()->reason;

        return $this->back($shot, $history->undo($shot) ? "Undone: {$undone}." : 'There is nothing to undo.');
    }

    public function redo(Shot $shot, StepThroughHistory $history): RedirectResponse
    {
        return $this->back($shot, $history->redo($shot) ? "Done again: {$shot->currentRevision()->reason}." : 'There is nothing to redo.');
    }

    private function back(Shot $shot, string $notice): RedirectResponse
    {
        return redirect()->route('shots.show', $shot)->with('notice', $notice);
    }
}
