<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SaveRevision;
use App\Exceptions\ShotChangedElsewhere;
use App\Http\Responses\ShotResponse;
use App\Models\Shot;
use Evrent\Core\Optics\Optics;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * Whether a shot says what its picture is made with; the values are fields like any other.
 */
final class OpticsController
{
    public function store(Request $request, Shot $shot, SaveRevision $saveRevision): Response|RedirectResponse
    {
        return $this->change($request, $shot, $saveRevision, Optics::usual(), 'picture described');
    }

    public function destroy(Request $request, Shot $shot, SaveRevision $saveRevision): Response|RedirectResponse
    {
        return $this->change($request, $shot, $saveRevision, null, 'picture left out');
    }

    private function change(Request $request, Shot $shot, SaveRevision $saveRevision, ?Optics $optics, string $reason): Response|RedirectResponse
    {
        try {
            $saveRevision($shot, $shot->currentRevision()->toPlan()->withOptics($optics), $reason, $request->integer('revision'));
        } catch (ShotChangedElsewhere) {
            return ShotResponse::changedElsewhere($request, $shot);
        }

        return redirect()->route('shots.show', $shot);
    }
}
