<?php

declare(strict_types=1);

namespace App\Http\Responses;

use App\Models\Shot;
use App\Plans\PhotoPage;
use App\Plans\ShotPage;
use Evrent\Core\Format\PlainText;
use Evrent\Core\Format\TypedText;
use Evrent\Core\InvalidInput;
use Evrent\Core\Plan;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * What the shot page is answered: the parts that change when it asks by script, a whole page otherwise.
 */
final class ShotResponse
{
    public static function changed(Request $request, Shot $shot): Response|RedirectResponse
    {
        if (!$request->hasHeader('HX-Request')) {
            return redirect()->route('shots.show', $shot);
        }
        $page = new ShotPage($shot);

        return response()->view('shots.changed', [
            'page' => $page,
            'rows' => PhotoPage::asked($request, $page->schedule->photosTotal()),
            'problems' => [],
            'rewritten' => self::rewritten($request, $page->plan),
        ]);
    }

    /**
     * Ramp fields that hang on each other: those that no longer say what was typed.
     *
     * @return array<string, string> what they say now, by JSON pointer
     */
    private static function rewritten(Request $request, Plan $plan): array
    {
        $easing = $plan->move->easing;
        $rewritten = [];
        foreach (['ramp_in' => $easing->rampIn, 'ramp_out' => $easing->rampOut, 'ramp_total' => $easing->total()] as $field => $share) {
            $typed = $request->input("plan.move.easing.{$field}");
            $read = is_string($typed) ? TypedText::percent($typed) : null;
            if ($read !== null && PlainText::percent($read) !== PlainText::percent($share)) {
                $rewritten["/move/easing/{$field}"] = PlainText::percent($share);
            }
        }

        return $rewritten;
    }

    /** Only the messages are sent: what was typed, and the last good chart, stay as they are. */
    public static function refused(Request $request, Shot $shot, InvalidInput $invalid): Response|RedirectResponse
    {
        if (!$request->hasHeader('HX-Request')) {
            return redirect()->route('shots.show', $shot)->withInput()->withErrors(self::errors($invalid, 'plan'));
        }

        return response()->view('shots.refused', [
            'plan' => $shot->currentRevision()->toPlan(),
            'problems' => array_column($invalid->problems, 'message', 'pointer'),
        ], 422);
    }

    public static function changedElsewhere(Request $request, Shot $shot): Response|RedirectResponse
    {
        $message = 'This shot was changed in another window. What you typed here is not saved: open the shot again to see the other change, then make yours.';
        if (!$request->hasHeader('HX-Request')) {
            return redirect()->route('shots.show', $shot)->withInput()->with('notice', $message);
        }

        return response()->view('shots.elsewhere', ['shot' => $shot, 'message' => $message], 409);
    }

    /**
     * Messages by field, keyed as the framework keeps them from one request to the next.
     *
     * @return array<string, string>
     */
    public static function errors(InvalidInput $invalid, string $under): array
    {
        $errors = [];
        foreach ($invalid->problems as $problem) {
            $errors[trim($under . str_replace('/', '.', $problem->pointer), '.')] ??= $problem->message;
        }

        return $errors;
    }
}
