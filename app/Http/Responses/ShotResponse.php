<?php

declare(strict_types=1);

namespace App\Http\Responses;

use App\Models\Shot;
use App\Plans\ShotPage;
use Evrent\Core\Format\PlanWriter;
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
    /**
     * @param string $notice what was done, where the page does not show it by itself
     */
    public static function changed(Request $request, Shot $shot, string $rounding = '', string $notice = ''): Response|RedirectResponse
    {
        if (!$request->hasHeader('HX-Request')) {
            $said = array_filter(['rounding' => $rounding, 'notice' => $notice], static fn (string $text): bool => $text !== '');

            return redirect()->route('shots.show', $shot)->with($said);
        }

        return self::parts($request, new ShotPage($shot, null, $rounding), $notice);
    }

    /** What a change would make of the shot: drawn and judged like any other, and not saved. */
    public static function previewed(Request $request, Shot $shot, Plan $plan, string $rounding = ''): Response
    {
        // Back where it was, there is nothing to look at but the shot itself.
        $same = PlanWriter::toJson($plan) === PlanWriter::toJson($shot->currentRevision()->toPlan());

        return self::parts($request, new ShotPage($shot, $same ? null : $plan, $rounding), '', looked: true);
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

    /**
     * @param bool $looked whether nothing was to be saved: then what was said of earlier changes stays said
     */
    private static function parts(Request $request, ShotPage $page, string $notice, bool $looked = false): Response
    {
        return response()->view('shots.changed', [
            'page' => $page,
            'problems' => [],
            'notice' => $notice,
            'looked' => $looked,
            // A keyframe more or less, a part described or left out: then the fields themselves are drawn again.
            'restructured' => $request->input('structure') !== $page->structure(),
        ]);
    }
}
