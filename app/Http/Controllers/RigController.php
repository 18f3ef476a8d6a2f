<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StopRig;
use App\Devices\InHand;
use App\Http\Requests\RigForm;
use App\Models\DeviceCheck;
use App\Models\Shot;
use App\Models\Take;
use App\Status\CheckStatus;
use Evrent\Core\Schedule\Poses;
use Evrent\Core\Values\InvalidInput;
use Evrent\Devices\Daemon\Answer;
use Evrent\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/**
 * The real rig, driven from a window. Each word is a short request: nothing here waits for a motion.
 */
final class RigController
{
    /** Answers as RigDaemon does, with `pose` as the finder takes it, and `off` where nobody has the rig in hand. */
    public function store(RigForm $form, Shot $shot, InHand $hand): JsonResponse
    {
        try {
            $rig = $form->chosenRig();
            $plan = $shot->currentRevision()->toPlan();
            if ($form->goesByThePlan() && $hand->askRig($rig, ['do' => 'status']) !== null) {
                // The plan may have been edited since it was connected.
                $hand->takeRig($shot, $rig, $form->who());
            }
            $answer = $form->wants() === 'connect'
                ? $hand->takeRig($shot, $rig, $form->who())
                : $hand->askRig($rig, [...$form->question($plan), ...($form->isTest() ? ['camera' => $hand->cameraFor($form->camera())] : [])]);
        } catch (InvalidInput $invalid) {
            return response()->json(['problem' => Words::say($invalid->problems[0]->message)], 422);
        }
        if ($answer === null) {
            return response()->json(['off' => true, 'problem' => Words::of('app.rig.off')]);
        }

        return response()->json(
            [...Words::sayAll($answer->fields), 'off' => !isset($answer->fields['now']), 'pose' => Poses::at($plan, $answer->numbers('positions'))],
        );
    }

    /** Whether a rig of this shot is in hand or moves, for every page of the shot. */
    public function show(Shot $shot, InHand $hand): JsonResponse
    {
        $rigs = $hand->rigsOf($shot);
        $isTaken = Take::underWay()->where('shot_id', $shot->id)->exists();
        $isChecked = DeviceCheck::query()->where('shot_id', $shot->id)->where('status', CheckStatus::Running)->exists();

        return response()->json([
            'moves' => array_filter($rigs, static fn (Answer $rig): bool => ($rig->fields['moves'] ?? false) === true) !== [],
            'in_hand' => $rigs !== [], 'take' => $isTaken, 'check' => $isChecked,
        ]);
    }

    public function stop(Request $request, Shot $shot, StopRig $stop): JsonResponse|RedirectResponse
    {
        $stopped = $stop($shot);

        return $request->expectsJson() ? response()->json(['stopped' => $stopped]) : back()->with('notice', $stopped);
    }
}
