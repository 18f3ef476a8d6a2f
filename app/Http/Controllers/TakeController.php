<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DescribeTake;
use App\Actions\OrderTake;
use App\Actions\ResumeTake;
use App\Actions\StartTake;
use App\Actions\TickPreflight;
use App\Http\Requests\ResumeForm;
use App\Http\Requests\TakeForm;
use App\Http\Requests\TakeOrderForm;
use App\Http\Typed;
use App\Models\Preset;
use App\Models\Shot;
use App\Models\Take;
use App\Models\TakeLine;
use App\Pages\PhotoPage;
use App\Pages\PhotosPage;
use App\Pages\ShotPage;
use Evrent\Core\Drawings\Staircase;
use Evrent\Core\Format\TakeCsv;
use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Run\Preflight;
use Evrent\Core\Run\Take\EventWords;
use Evrent\Core\Run\Take\GapSchool;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\TakeFindings;
use Evrent\Core\Run\Take\Trace;
use Evrent\Core\Run\Take\WhenOut;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Words\TypedText;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class TakeController
{
    private const PHOTOS_DRAWN = 400;
    private const EVENTS_SHOWN = 30;

    /** Starts a take of the shot as it stands. */
    public function store(TakeForm $form, Shot $shot, StartTake $start): RedirectResponse
    {
        $take = $form->taken(static fn (): Take => $start(
            $shot,
            $form->rig(),
            $form->camera(),
            $form->delay($shot->currentRevision()->toPlan()),
            GapSchool::tryFrom($form->text('school')) ?? GapSchool::Place,
            TypedText::seconds($form->text('rest')),
            $form->text('reason'),
            !ShotPage::of($shot)->report->verdict->works(),
            WhenOut::tryFrom($form->text('when_out')) ?? WhenOut::Wait,
            $form->worldSpeed(),
        ));

        return redirect($take->at('takes.show'));
    }

    /** The run room while it is under way; its log when it is over. */
    public function show(Request $request, Shot $shot, Take $take): View
    {
        $schedule = Schedule::of($take->revision->toPlan());
        if (!$take->isOver()) {
            return view('takes.room', [
                'shot' => $shot,
                'take' => $take,
                'plan' => $schedule->plan,
                'picture' => $take->picture()->value('photo'),
                ...self::drawn($take, $schedule),
            ]);
        }
        $report = $take->report($schedule);

        return view('takes.show', [
            'findings' => TakeFindings::of($report),
            'recipes' => Preset::query()->where('kind', PresetKind::Recipe)->orderBy('name')->pluck('name')->all(),
            'shot' => $shot,
            'take' => $take,
            'plan' => $schedule->plan,
            'report' => $report,
            'card' => PhotosPage::ofTake($take),
            'rows' => PhotoPage::asked($request, $report->lastPhoto()),
        ]);
    }

    /**
     * @return array{stairs: list<Staircase>, run: float, trace: array<string, mixed>, events: Collection<int, LogLine>}
     */
    private static function drawn(Take $take, Schedule $schedule): array
    {
        $lines = $take->lines()->whereIn('kind', ['started', 'arrived', 'note'])->cursor()->map(static fn (TakeLine $line) => $line->read());

        return [
            'stairs' => Staircase::of($schedule, self::PHOTOS_DRAWN),
            'run' => $schedule->summary->runSeconds,
            'trace' => Trace::of($lines, self::PHOTOS_DRAWN),
            'events' => TakeLine::query()->where('take_id', $take->id)->whereIn('kind', array_column(EventWords::KINDS, 'value'))
                ->orderByDesc('number')->limit(self::EVENTS_SHOWN)->get()->map(static fn (TakeLine $line) => $line->read()),
        ];
    }

    /** Where the rig stood until now, over the plan. */
    public function trace(Shot $shot, Take $take): View
    {
        return view('takes.parts.trace', ['take' => $take, ...self::drawn($take, Schedule::of($take->revision->toPlan()))]);
    }

    /** The latest photo as it came out, small. */
    public function picture(Shot $shot, Take $take): Response
    {
        $jpeg = (string) base64_decode($take->picture()->firstOrFail()->jpeg, true);

        return response($jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=3600']);
    }

    /** Photo by photo, for a spreadsheet. */
    public function csv(Shot $shot, Take $take): StreamedResponse
    {
        $report = $take->report(Schedule::of($take->revision->toPlan()));

        return response()->streamDownload(static function () use ($report): void {
            foreach (TakeCsv::lines($report, Words::say(...)) as $line) {
                echo $line;
            }
        }, "take-{$take->id}.csv", ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    /** Where it stands now, for a page that asks again and again. */
    public function now(Shot $shot, Take $take): Response
    {
        $plan = $take->revision->toPlan();
        $answer = response()->view(
            'takes.parts.now',
            ['shot' => $shot, 'take' => $take, 'plan' => $plan, 'picture' => $take->picture()->value('photo')],
        );

        return $take->isOver() ? $answer->header('HX-Refresh', 'true') : $answer;
    }

    public function order(TakeOrderForm $form, Shot $shot, Take $take, OrderTake $order): Response|RedirectResponse
    {
        $key = Typed::text($form, 'key');
        $form->taken(static fn () => $order($take, $form->order(), $form->more(), preg_match('/^[0-9a-f-]{36}$/D', $key) === 1 ? $key : null));

        return $form->hasHeader('HX-Request') ? response()->noContent() : redirect($take->at('takes.show'));
    }

    /** One that a backup brought back: first its rig is asked, then it goes on or ends. */
    public function resume(ResumeForm $form, Shot $shot, Take $take, ResumeTake $resume): RedirectResponse
    {
        $stands = null;
        $form->taken(static function () use ($form, $take, $resume, &$stands): void {
            match ($form->text('act')) {
                'go_on' => $resume->goOn($take),
                'end' => $resume->end($take),
                default => $stands = $resume->ask($take),
            };
        });

        return redirect()->to($form->standsAt())->with('stands', $stands);
    }

    /** What is ticked before the start. */
    public function tick(Request $request, Shot $shot, TickPreflight $tick): Response|RedirectResponse
    {
        $item = Preflight::tryFrom(Typed::text($request, 'item'));
        if ($item !== null) {
            $tick($shot, $item, in_array($item->value, (array) $request->input('packed'), true));
        }

        return $request->hasHeader('HX-Request') ? response()->noContent() : redirect()->route('shots.view', [...$shot->address(), 'run']);
    }

    public function update(Request $request, Shot $shot, Take $take, DescribeTake $describe): RedirectResponse
    {
        $rating = (int) Typed::text($request, 'rating');
        $describe($take, Typed::text($request, 'notes'), $rating >= 1 && $rating <= 5 ? $rating : null);

        return redirect($take->at('takes.show'))->with('notice', Words::of('app.saved'));
    }

    /** The whole log (evrent.run-log/2). */
    public function log(Shot $shot, Take $take): StreamedResponse
    {
        $plan = $take->revision->toPlan();
        $header = TakeLogLines::header(
            $plan->title,
            TakeLogLines::planHash($plan),
            (float) ($take->begun_at ?? $take->created_at)->format('U.u'),
            $take->made(),
            $take->speed,
            array_filter(
                ['rig' => (string) $take->rig_address, 'camera' => $take->camera_address],
                static fn (string $address): bool => $address !== '',
            ),
        );

        return response()->streamDownload(static function () use ($take, $header): void {
            echo $header;
            foreach ($take->lines()->cursor() as $line) {
                echo TakeLogLines::line($line->read()->in(Words::sayAll(...)), $line->token);
            }
        }, "take-{$take->id}.jsonl", ['Content-Type' => 'application/jsonl']);
    }
}
