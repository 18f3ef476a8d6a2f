@php
    use App\Http\Typed;
    use Evrent\Core\Words\PlainText;
    use Evrent\Core\Run\RunLog;
    $planned = $run->photos_planned ?? $run->photos_total;
    $unusable = $planned - ($run->photos_usable ?? $planned);
@endphp
<x-layout :title="'Dry run of ' . $plan->title"
    :crumbs="[$shot->shoot->name => route('shoots.show', $shot->shoot_id), $plan->title => $shot->at('shots.show'), 'Dry run' => null]">
    <div class="page">
        <h1 class="sr-only">Dry run of {{ $plan->title }}</h1>
        <section class="verdict" data-works="{{ $verdict->failed ? 'no' : 'yes' }}">
            <x-icon :name="$verdict->passes ? 'circle-check' : ($verdict->failed ? 'octagon-x' : 'triangle-alert')" />
            <p class="says"><strong>{{ $verdict->says }}</strong> <span>{{ $verdict->why }}</span></p>
            <x-act :action="$shot->at('runs.store')" icon="play">Dry-run again</x-act>
        </section>
        <div class="cards">
            <section class="panel figures" aria-labelledby="run-figures">
                <header class="panel-head"><h2 id="run-figures">Planned against what happened</h2>
                    <a class="button is-quiet" href="{{ $run->at('runs.log') }}"><x-icon name="download" /><span
                        class="text">Log, JSON Lines</span></a></header>
                <dl>
                    <div><dt>Photos taken</dt><dd><b>{{ number_format($taken) }}</b> of {{ number_format($planned) }}</dd></div>
                    <div><dt>Usable</dt><dd><b>{{ number_format($planned - $unusable) }}</b></dd></div>
                    <div><dt>Asked for</dt><dd><b>{{ PlainText::duration($run->planned_run_seconds) }}</b></dd></div>
                    <div><dt>It took</dt><dd><b>{{ PlainText::duration($run->run_seconds) }}</b></dd></div>
                    <div><dt>Noise seed</dt><dd>{{ $run->seed }}</dd></div>
                </dl>
                <p class="quiet">Run in virtual time on the simulated rig and camera, {{ $run->created_at->diffForHumans() }}. Timer, shutter, card
                    and motors vary by small amounts, as real ones do.
                    Lateness is counted from what was asked for; up to {{ PlainText::seconds(RunLog::NOTICEABLE_SECONDS) }} counts as on time.</p>
            </section>
            <form class="panel rehearse" method="post" action="{{ $shot->at('runs.store') }}">@csrf
                <h2>Rehearse a fault</h2>
                <x-field id="fault" label="What goes wrong" name="kind" :options="$faults" />
                <x-field id="fault-photo" label="at photo" name="frame" :value="Typed::before('frame', '1')" width="6ch" inputmode="numeric"
                    :problem="$errors->first('fault.frame')" />
                <button class="button">Rehearse fault</button>
            </form>
            <section class="panel lateness" aria-labelledby="lateness-title">
                <header class="panel-head"><h2 id="lateness-title">Lateness, photo by photo</h2><span
                    class="quiet">to {{ $run->latest_late_seconds < 60 ? PlainText::seconds($run->latest_late_seconds)
                    : PlainText::duration($run->latest_late_seconds) }}</span></header>
                {{-- In its own units: photos across, seconds down from the top edge, turned over. --}}
                <svg class="plot" viewBox="0 {{ -max($run->latest_late_seconds, 1e-6) }} {{ $run->photos_total }} {{ max($run->latest_late_seconds,
                    1e-6) }}" preserveAspectRatio="none" role="img" aria-label="Lateness of each photo; the table below has the numbers">
                    <g transform="scale(1 -1)"><path class="late-line"
                        d="{{ $lateness->map(fn ($late, $number) => "M{$number} 0V" . round(max(0, $late), 6))->join('') }}" /></g>
                </svg>
            </section>
        </div>
        <section class="panel schedule" id="photos" aria-labelledby="photos-title">
            <header class="panel-head"><h2 id="photos-title">Photos</h2>
                <x-pager :rows="$rows" :url="$run->at('runs.show')" target="photos" label="Pages of photos" /></header>
            <div class="scrolls" tabindex="0" role="group" aria-label="Table of photos">
            <table class="table numbers">
                <thead><tr>
                    <th scope="col">Photo</th><th scope="col">Part</th><th scope="col">Asked for at</th><th scope="col">Trigger</th>
                    <th scope="col">Late</th><th scope="col">Open</th><th scope="col">Close</th>
                    <th scope="col">Spoilt by</th><th scope="col">Asked for on card</th><th scope="col">On card</th>
                    @foreach ($plan->rig->axes as $axis)<th scope="col">{{ ucfirst($axis->id) }}, planned steps</th><th scope="col">steps</th>@endforeach
                </tr></thead>
                <tbody>
                    @foreach ($photos as $photo)
                        <tr @class(['is-short' => $photo->late_seconds > RunLog::NOTICEABLE_SECONDS || $photo->faults !== ''])>
                            <th scope="row">{{ $photo->number }}</th><td>{{ $photo->phase }}</td>
                            <td>{{ PlainText::fixed($photo->planned_trigger_seconds, 3) }} s</td>
                            <td>{{ PlainText::fixed($photo->trigger_seconds, 3) }} s</td><td>{{ PlainText::fixed($photo->late_seconds, 4) }} s</td>
                            <td>{{ $photo->open_seconds === null ? '–' : PlainText::fixed($photo->open_seconds, 3) . ' s' }}</td>
                            <td>{{ $photo->close_seconds === null ? '–' : PlainText::fixed($photo->close_seconds, 3) . ' s' }}</td>
                            <td>{{ $photo->faults === '' ? '–' : $photo->faults }}</td>
                            <td>{{ PlainText::fixed($photo->planned_write_end_seconds, 3) }} s</td>
                            <td>{{ $photo->write_end_seconds === null ? '–' : PlainText::fixed($photo->write_end_seconds, 3) . ' s' }}</td>
                            @foreach ($plan->rig->axes as $axis)<td
                                class="quiet">{{ PlainText::fixed($photo->planned_motor_position_steps[$axis->id], 0) }}</td>
                            <td>{{ PlainText::fixed($photo->motor_position_steps[$axis->id], 0) }}</td>@endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
            </div>
        </section>
    </div>
</x-layout>
