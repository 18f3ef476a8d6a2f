<?php

declare(strict_types=1);

namespace App\Http\Responses;

use App\Exceptions\EditRefused;
use App\Exceptions\Told;
use App\Models\Shot;
use App\Pages\EditedShot;
use App\Pages\FieldNotes;
use App\Pages\ShotPage;
use Evrent\Core\Values\InvalidInput;
use Evrent\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * What the shot page is answered: the parts that change when it asks by script, a whole page otherwise.
 */
final class ShotResponse
{
    /**
     * Makes an edit, and answers with the result.
     *
     * @param callable(): EditedShot $edit
     * @param string                 $notice what was done, where the page does not show it by itself
     * @param ?string                $unfit  said where the edit does not fit the shot; null where each field says what is wrong
     *
     * @throws EditRefused
     */
    public static function to(Request $request, Shot $shot, callable $edit, string $notice = '', ?string $unfit = null): Response|RedirectResponse
    {
        try {
            $edited = $edit();
        } catch (InvalidInput $invalid) {
            throw new EditRefused($invalid, $unfit);
        }
        if ($edited->page->isPreview || $request->boolean('preview')) {
            return self::parts($request, $edited, '', looked: true);
        }

        return self::changed($request, $shot, $edited, $notice);
    }

    /** The shot as it stands, and what is to be said. */
    public static function shown(Request $request, Shot $shot, string $notice): Response|RedirectResponse
    {
        return self::changed($request, $shot, new EditedShot(ShotPage::of($shot)), $notice);
    }

    private static function changed(Request $request, Shot $shot, EditedShot $edited, string $notice): Response|RedirectResponse
    {
        $elsewhere = $edited->elsewhere === '' ? '' : Words::of('app.shot_response.merged', elsewhere: $edited->elsewhere);
        $said = trim(implode(' ', [...($notice === '' ? [] : [$notice, ...array_map(Words::say(...), $edited->page->givesWay)]), $elsewhere]));
        if (!$request->hasHeader('HX-Request')) {
            $ways = $said === '' ? implode(' ', array_map(Words::say(...), $edited->page->givesWay)) : $said;

            return redirect($shot->path())->with($ways === '' ? [] : ['notice' => $ways]);
        }

        return self::parts($request, $edited, $said);
    }

    /** Only the messages are sent: what was typed, and the last good chart, stay as they are. */
    public static function refused(Request $request, Shot $shot, EditRefused $refused): Response|RedirectResponse
    {
        $problems = $refused->invalid->problems;
        if ($refused->unfit !== null) {
            return self::shown($request, $shot, "{$refused->unfit} " . Words::say($problems[0]->message));
        }
        if (!$request->hasHeader('HX-Request')) {
            return redirect($shot->path())->withInput()->withErrors(Told::byField($problems, 'plan'));
        }
        $notes = [];
        try {
            $notes = FieldNotes::beyondTravel($shot->currentRevision()->toPlan());
        } catch (InvalidInput) {
            // A plan that cannot be read has nothing to note.
        }

        return response()->view('shots.refused', ['notes' => $notes, 'problems' => array_column($problems, 'message', 'pointer')], 422);
    }

    public static function changedElsewhere(Request $request, Shot $shot, ?string $pointer): Response|RedirectResponse
    {
        if (!$request->hasHeader('HX-Request')) {
            return redirect($shot->path())->withInput()->with('notice', Words::of('app.shot_response.elsewhere'));
        }

        return response()->view('shots.elsewhere', ['shot' => $shot, 'message' => Words::of('app.shot_response.elsewhere'), 'pointer' => $pointer], 409);
    }

    /**
     * @param bool $looked whether nothing was to be saved: then what was said of earlier changes stays said
     */
    private static function parts(Request $request, EditedShot $edited, string $notice, bool $looked = false): Response
    {
        return response()->view('shots.changed', [
            'page' => $edited->page,
            'problems' => [],
            'notice' => $notice,
            'looked' => $looked,
            // A keyframe more or less, a part described or left out: then the fields themselves are drawn again.
            'restructured' => $request->input('structure') !== $edited->page->structure(),
        ])->header('X-Evrent-Revision', (string) ($edited->revisionId ?? $edited->page->revision->id));
    }
}
