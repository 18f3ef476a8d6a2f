@php
    use App\Http\Typed;
    use Evrent\Core\Messages\Quantity;
    use Evrent\Core\Run\RunLog;
    $planned = $run->photos_planned ?? $run->photos_total;
    $unusable = $planned - ($run->photos_usable ?? $planned);
@endphp
<x-layout :title="__('runs.show.title', ['title' => $plan->title])"
    :crumbs="[$shot->shoot->name => route('shoots.show', $shot->shoot_id), $plan->title => $shot->at('shots.show'), __('runs.show.crumb') => null]">
    <div class="page">
        <h1 class="sr-only">{{ __('runs.show.title', ['title' => $plan->title]) }}</h1>
        <section class="verdict" data-works="{{ $verdict->failed ? 'no' : 'yes' }}">
            <x-icon :name="$verdict->passes ? 'circle-check' : ($verdict->failed ? 'octagon-x' : 'triangle-alert')" />
            <p class="says"><strong>{{ $verdict->says }}</strong> <span>{{ $verdict->why }}</span></p>
            <x-act :action="$shot->at('runs.store')" icon="play">{{ __('runs.show.again') }}</x-act>
        </section>
        <div class="cards">
            <section class="panel figures" aria-labelledby="run-figures">
                <header class="panel-head"><h2 id="run-figures">{{ __('runs.show.compared') }}</h2>
                    <a class="button is-quiet" href="{{ $run->at('runs.log') }}"><x-icon name="download" /><span
                        class="text">{{ __('runs.show.log') }}</span></a></header>
                <dl>
                    <div><dt>{{ __('runs.show.taken') }}</dt><dd><b>{{ Quantity::limit($taken) }}</b> {{
                        __('runs.show.of', ['planned' => $planned]) }}</dd></div>
                    <div><dt>{{ __('runs.show.usable') }}</dt><dd><b>{{ Quantity::limit($planned - $unusable) }}</b></dd></div>
                    <div><dt>{{ __('runs.show.planned_time') }}</dt><dd><b>{{ Quantity::duration($run->planned_run_seconds) }}</b></dd></div>
                    <div><dt>{{ __('runs.show.actual_time') }}</dt><dd><b>{{ Quantity::duration($run->run_seconds) }}</b></dd></div>
                    <div><dt>{{ __('runs.show.seed') }}</dt><dd>{{ $run->seed }}</dd></div>
                </dl>
                <p class="quiet">{{ __('runs.show.says', ['diffForHumans' => $run->created_at->diffForHumans(),
                    'noticeable_seconds' => Quantity::seconds(RunLog::NOTICEABLE_SECONDS)]) }}</p>
            </section>
            <form class="panel rehearse" method="post" action="{{ $shot->at('runs.store') }}">@csrf
                <h2>{{ __('runs.show.fault') }}</h2>
                <x-field id="fault" :label="__('runs.show.what')" name="kind" :options="$faults" />
                <x-field id="fault-photo" :label="__('runs.show.at_photo')" name="frame" :value="Typed::before('frame', '1')" width="6ch" inputmode="numeric"
                    :problem="$errors->first('fault.frame')" />
                <button class="button">{{ __('runs.show.simulate') }}</button>
            </form>
            <section class="panel lateness" aria-labelledby="lateness-title">
                <header class="panel-head"><h2 id="lateness-title">{{ __('runs.show.lateness') }}</h2><span
                    class="quiet">{{ __('runs.show.to_part', ['part' => $run->latest_late_seconds < 60 ? Quantity::seconds($run->latest_late_seconds)
                    : Quantity::duration($run->latest_late_seconds)]) }}</span></header>
                {{-- In its own units: photos across, seconds down from the top edge, turned over. --}}
                <svg class="plot" viewBox="0 {{ -max($run->latest_late_seconds, 1e-6) }} {{ $run->photos_total }} {{ max($run->latest_late_seconds,
                    1e-6) }}" preserveAspectRatio="none" role="img" aria-label="{{ __('runs.show.chart') }}">
                    <g transform="scale(1 -1)"><path class="late-line"
                        d="{{ $lateness->map(fn ($late, $number) => "M{$number} 0V" . round(max(0, $late), 6))->join('') }}" /></g>
                </svg>
            </section>
        </div>
        <section class="panel schedule" id="photos" aria-labelledby="photos-title">
            <header class="panel-head"><h2 id="photos-title">{{ __('common.photos') }}</h2>
                <x-pager :rows="$rows" :url="$run->at('runs.show')" target="photos" :label="__('runs.show.pages')" /></header>
            <div class="scrolls" tabindex="0" role="group" aria-label="{{ __('runs.show.table') }}">
            <table class="table numbers">
                <thead><tr>
                    <th scope="col">{{ __('common.photo') }}</th><th scope="col">{{ __('runs.show.part') }}</th><th scope="col">{{
                        __('runs.show.due') }}</th><th scope="col">{{ __('runs.show.trigger') }}</th>
                    <th scope="col">{{ __('runs.show.late') }}</th><th scope="col">{{ __('runs.show.open') }}</th><th scope="col">{{
                        __('runs.show.close') }}</th>
                    <th scope="col">{{ __('runs.show.spoilt') }}</th><th scope="col">{{ __('runs.show.write_due') }}</th><th scope="col">{{
                        __('runs.show.write') }}</th>
                    @foreach ($plan->rig->axes as $axis)<th scope="col">{{ __('runs.show.steps_planned', ['axis' => Words::capital($axis->label())]) }}</th><th
                        scope="col">{{ __('runs.show.steps') }}</th>@endforeach
                </tr></thead>
                <tbody>
                    @foreach ($photos as $photo)
                        <tr @class(['is-short' => $photo->late_seconds > RunLog::NOTICEABLE_SECONDS || $photo->faults !== ''])>
                            <th scope="row">{{ $photo->number }}</th><td>{{ __("scripts.bench.phase_{$photo->phase}") }}</td>
                            <td>{{ Quantity::fixed($photo->planned_trigger_seconds, 3) }} s</td>
                            <td>{{ Quantity::fixed($photo->trigger_seconds, 3) }} s</td><td>{{ Quantity::fixed($photo->late_seconds, 4) }} s</td>
                            <td>{{ $photo->open_seconds === null ? '–' : Words::say(Quantity::fixed($photo->open_seconds, 3)) . ' s' }}</td>
                            <td>{{ $photo->close_seconds === null ? '–' : Words::say(Quantity::fixed($photo->close_seconds, 3)) . ' s' }}</td>
                            <td>{{ $photo->faults === '' ? '–' : $photo->faults }}</td>
                            <td>{{ Quantity::fixed($photo->planned_write_end_seconds, 3) }} s</td>
                            <td>{{ $photo->write_end_seconds === null ? '–' : Words::say(Quantity::fixed($photo->write_end_seconds, 3)) . ' s' }}</td>
                            @foreach ($plan->rig->axes as $axis)<td
                                class="quiet">{{ Quantity::fixed($photo->planned_motor_position_steps[$axis->id], 0) }}</td>
                            <td>{{ Quantity::fixed($photo->motor_position_steps[$axis->id], 0) }}</td>@endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
            </div>
        </section>
    </div>
</x-layout>
