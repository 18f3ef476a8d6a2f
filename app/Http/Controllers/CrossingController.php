<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exceptions\Told;
use App\Http\Typed;
use App\Models\Shot;
use App\Pages\ShotPage;
use Evrent\Core\Motion\TimedPass;
use Evrent\Core\Shot\EdgeCrossings;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/**
 * When an edge crosses the frame, in the lapse and in the same move in real time.
 */
final class CrossingController
{
    public function show(Request $request, Shot $shot): View
    {
        $page = ShotPage::of($shot);
        $asked = array_map(
            static fn (string $field): string => Typed::text($request, $field),
            ['pan' => 'pan', 'metres' => 'metres', 'line' => 'line', 'seconds' => 'seconds'],
        );
        $crossings = null;
        $problems = [];
        try {
            $crossings = $asked['pan'] . $asked['metres'] === '' ? null : self::crossings($page, $asked);
        } catch (InvalidInput $invalid) {
            $problems = Told::byField($invalid->problems);
        }

        return view(
            $request->hasHeader('HX-Request') ? 'shots.parts.crossing' : 'shots.crossing',
            ['page' => $page, 'asked' => $asked, 'crossings' => $crossings, 'problems' => $problems],
        );
    }

    /**
     * @param array{pan: string, metres: string, line: string, seconds: string} $asked
     *
     * @return list<array{photo: float, lapseSeconds: float, passSeconds: float}>
     *
     * @throws InvalidInput
     */
    private static function crossings(ShotPage $page, array $asked): array
    {
        $axes = $page->plan->rig->axes;
        $way = $page->schedule->moves->way($axes) ?? throw new InvalidInput([new Problem('/pan', Words::of('app.crossing.still'))]);
        $pan = TypedText::number($asked['pan']) ?? throw new InvalidInput([new Problem('/pan', Words::of('app.crossing.pan'))]);
        $metres = TypedText::number($asked['metres']) ?? throw new InvalidInput([new Problem('/metres', Words::of('app.crossing.distance'))]);
        $seconds = $asked['seconds'] === '' ? $page->schedule->summary->runSeconds : TypedText::seconds($asked['seconds'])
            ?? throw new InvalidInput([new Problem('/seconds', Words::of('app.crossing.time'))]);
        $pass = new TimedPass($way, array_combine($page->plan->rig->axisIds(), $axes), 0.0, (float) $way->end, $seconds);

        return EdgeCrossings::of($page->schedule, $pan, $metres, $asked['line'], $pass);
    }
}
