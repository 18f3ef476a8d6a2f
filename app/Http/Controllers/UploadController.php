<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeUpload;
use App\Http\Requests\CardForm;
use App\Models\CardReading;
use App\Models\Shot;
use Evrent\Core\Values\InvalidInput;
use Evrent\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * Photos that a browser sends, some at a time; asked by a script.
 */
final class UploadController
{
    public function store(CardForm $form, Shot $shot, TakeUpload $upload): JsonResponse
    {
        try {
            $reading = $upload->begin($shot, $form->take());
        } catch (InvalidInput $invalid) {
            return self::refused($invalid);
        }

        return response()->json(['heads' => $reading->at('heads'), 'sent' => $reading->at('sent'), 'kept' => $upload->kept($reading)]);
    }

    public function keep(Request $request, Shot $shot, CardReading $reading, TakeUpload $upload): JsonResponse
    {
        try {
            $upload->keep(
                $reading,
                (array) $request->input('names', []),
                (array) $request->file('heads', []),
                (array) $request->input('modified', []),
            );
        } catch (InvalidInput $invalid) {
            return self::refused($invalid);
        }

        return response()->json(['ok' => true]);
    }

    public function finish(Shot $shot, CardReading $reading, TakeUpload $upload): JsonResponse
    {
        $upload->finish($reading);

        return response()->json(['page' => $shot->at('photos.index')]);
    }

    private static function refused(InvalidInput $invalid): JsonResponse
    {
        return response()->json(['message' => Words::say($invalid->problems[0]->message)], 422);
    }
}
