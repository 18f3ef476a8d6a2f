<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exceptions\Told;
use App\Http\Typed;
use App\Models\Shot;
use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\Jog;
use Evrent\Core\Format\ShownUnits;
use Evrent\Core\Schedule\Poses;
use Evrent\Core\Values\InvalidInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * Moves the simulated rig by hand. Nothing is saved: where it stands becomes part of the plan when a keyframe is set there.
 */
final class JogController
{
    /**
     * Answers {"positions": {axis: mm or degrees}, "pose": {x, yaw, pitch, roll}}.
     */
    public function store(Request $request, Shot $shot): JsonResponse
    {
        $plan = $shot->currentRevision()->toPlan();
        try {
            $given = $request->input('positions');
            $texts = [];
            foreach ($plan->rig->axes as $axis) {
                $text = is_array($given) ? $given[$axis->id] ?? null : null;
                if (is_string($text)) {
                    $texts[$axis->id] = ShownUnits::position($axis->kind, $text);
                }
            }
            $typed = (new GivenWithEdit(['positions' => $texts]))->positions();
            $positions = Jog::within($plan, $typed);
            $axisId = Typed::text($request, 'axis');
            if ($axisId !== '') {
                $size = $request->boolean('coarse') ? 'coarse' : 'fine';
                $positions = Jog::moved($plan, $positions, $axisId, $request->integer('steps'), $size, $request->boolean('of_frame'));
            } elseif ($request->has('right')) {
                $positions = Jog::dragged($plan, $positions, $request->float('right'), $request->float('up'));
            }
        } catch (InvalidInput $invalid) {
            return response()->json(['problems' => Told::byField($invalid->problems)], 422);
        }

        return response()->json(['positions' => $positions, 'pose' => Poses::at($plan, $positions)]);
    }
}
