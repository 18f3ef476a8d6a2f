<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SaveRevision;
use App\Exceptions\ShotChangedElsewhere;
use App\Http\Responses\ShotResponse;
use App\Models\Shot;
use Evrent\Core\Format\PlanChanges;
use Evrent\Core\InvalidInput;
use Evrent\Core\Plan;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * Keyframes between the first and the last.
 */
final class KeyframeController
{
    public function store(Request $request, Shot $shot, SaveRevision $saveRevision): Response|RedirectResponse
    {
        $after = $request->integer('after');

        $add = static fn (Plan $plan): Plan => $plan->withKeyframeAfter($after);

        return $this->change($request, $shot, $saveRevision, $add, 'keyframe added after ' . PlanChanges::peg(max(0, $after)));
    }

    public function destroy(Request $request, Shot $shot, int $place, SaveRevision $saveRevision): Response|RedirectResponse
    {
        $takeOut = static fn (Plan $plan): Plan => $plan->withoutKeyframe($place);

        return $this->change($request, $shot, $saveRevision, $takeOut, 'keyframe ' . PlanChanges::peg($place) . ' taken out');
    }

    /**
     * @param callable(Plan): Plan $change
     */
    private function change(Request $request, Shot $shot, SaveRevision $saveRevision, callable $change, string $reason): Response|RedirectResponse
    {
        try {
            $saveRevision($shot, $change($shot->currentRevision()->toPlan()), $reason, $request->integer('revision'));
        } catch (InvalidInput $invalid) {
            return redirect()->route('shots.show', $shot)->with('notice', $invalid->problems[0]->message);
        } catch (ShotChangedElsewhere) {
            return ShotResponse::changedElsewhere($request, $shot);
        }

        return redirect()->route('shots.show', $shot);
    }
}
