<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\InHand;
use App\Http\Requests\CameraForm;
use App\Models\Shot;
use Evrent\Core\Values\InvalidInput;
use Evrent\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/**
 * What the camera sees. Each frame is a short request for the newest one there is: nothing here waits for the camera.
 */
final class LiveController
{
    /** Connects it, or has it take a test photo. */
    public function store(CameraForm $form, Shot $shot, InHand $hand): JsonResponse
    {
        try {
            $camera = $form->chosenCamera();
        } catch (InvalidInput $invalid) {
            return response()->json(['problem' => Words::say($invalid->problems[0]->message)], 422);
        }
        $answer = $form->text('do') === 'connect' ? $hand->takeCamera($camera) : $hand->askCamera($camera, ['do' => $form->text('do')]);

        return response()->json($answer === null ? ['off' => true, 'problem' => Words::of('app.live.off')] : Words::sayAll($answer->fields));
    }

    /** The newest frame, or the newest test photo; 204 where the page has it already. What else is known of it goes in a header, as JSON. */
    public function frame(CameraForm $form, Shot $shot, InHand $hand): Response
    {
        try {
            $answer = $hand->askCamera($form->chosenCamera(), $form->question());
        } catch (InvalidInput $invalid) {
            return response(Words::say($invalid->problems[0]->message), 422);
        }
        $fields = $answer === null ? ['off' => true] : Words::sayAll($answer->fields);
        $headers = ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'no-store', 'X-Evrent-Live' => json_encode($fields, JSON_THROW_ON_ERROR)];
        $picture = $answer === null ? '' : $answer->picture;

        return $picture === '' ? response('', 204, $headers) : response($picture, 200, $headers);
    }
}
