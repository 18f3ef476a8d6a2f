@php
    use Evrent\Core\Messages\Quantity;
    $axes = $page->plan->rig->axes;
    $stops = $page->plan->timing->mode->stops();
    $clock = $page->plan->timing->mode->hasClock();
    $light = $page->worked->shot->light();
@endphp
<x-part id="schedule" class="panel schedule" aria-labelledby="schedule-title">
    <header class="panel-head"><h2 id="schedule-title">{{ __('shots.schedule.title') }}</h2>
        <x-pager :rows="$rows" :url="$page->shot->at('shots.schedule')" target="schedule" :label="__('shots.schedule.pages')" /></header>
    <div class="scrolls" tabindex="0" role="group" aria-label="{{ __('shots.schedule.table') }}">
    <table class="table numbers">
        <thead><tr>
            <th scope="col">{{ __('common.photo') }}</th><th scope="col">{{ __('shots.schedule.part') }}</th>@if ($clock)<th scope="col">{{
                __('shots.schedule.trigger') }}</th><th
                scope="col">{{ __('shots.schedule.open') }}</th>@endif<th scope="col">{{ __('shots.schedule.for') }}</th>@if ($clock)<th scope="col">{{
                    __('shots.schedule.close') }}</th><th scope="col">{{ __('shots.schedule.interval') }}</th>@endif
            @foreach ($axes as $axis)<th scope="col">{{ Words::capital($axis->label()) }}, {{ $axis->kind->unit() }}</th><th
                scope="col">{{ __('shots.schedule.at_step') }}</th><th scope="col">{{ __('shots.schedule.steps_after') }}</th>@endforeach
            @if ($stops)<th scope="col">{{ __('shots.schedule.move') }}</th>@else @foreach ($axes as $axis)<th scope="col">{{ __('shots.schedule.while_open',
                ['axis' => $axis->label()]) }}</th>@endforeach @endif
            @if ($clock)<th scope="col">{{ __('shots.schedule.needs') }}</th><th scope="col">{{ __('shots.schedule.slack') }}</th><th scope="col">{{
                __('common.late') }}</th><th scope="col">{{ __('shots.schedule.written') }}</th>@endif
            @if ($page->plan->light !== null)<th scope="col">ISO</th>@endif @if ($light !== null)<th scope="col">EV</th><th
                scope="col">{{ __('shots.schedule.brightness') }}</th>@endif
        </tr></thead>
        <tbody>
            @foreach ($rows as $number)
                @php $photo = $page->schedule->photo($number); @endphp
                <tr @class(['is-short' => $photo->slackSeconds !== null && $photo->slackSeconds < -1e-9])>
                    <th scope="row"><a href="#scrub" data-photo="{{ $number }}">{{ $number }}</a></th>
                    <td>{{ __("scripts.bench.phase_{$photo->phase->value}") }}</td>@if ($clock)<td>{{ Quantity::stopwatch($photo->triggerSeconds) }}</td>
                    <td>{{ Quantity::fixed($photo->openSeconds, 2) }} s</td>@endif
                    <td>{{ Quantity::rounded($photo->exposureSeconds, 4) }} s</td>@if ($clock)<td>{{ Quantity::fixed($photo->closeSeconds, 2) }} s</td>
                    <td>{{ Quantity::rounded($photo->intervalSeconds, 3) }} s</td>@endif
                    @foreach ($axes as $axis)<td>{{ Quantity::fixed($photo->positions[$axis->id], 3) }}</td>
                    <td class="quiet">{{ Quantity::fixed($photo->motorPositionSteps[$axis->id], 0) }}</td>
                    <td class="quiet">{{ Quantity::fixed($photo->motorSteps[$axis->id], 0) }}</td>@endforeach
                    @if ($stops)<td>{{ Quantity::fixed($photo->moveSeconds,
                        2) }} s</td>@else @foreach ($axes as $axis)<td>{{ Quantity::fixed($photo->travelWhileOpen[$axis->id], 4) }}</td>@endforeach @endif
                    @if ($clock)<td>{{ $photo->requiredSeconds === null ? '–' : Words::say(Quantity::fixed($photo->requiredSeconds, 2)) . ' s' }}</td>
                    <td>{{ $photo->slackSeconds === null ? '–' : Words::say(Quantity::fixed($photo->slackSeconds, 2)) . ' s' }}</td>
                    <td>{{ $photo->lateSeconds > 1e-9 ? Words::say(Quantity::fixed($photo->lateSeconds, 2)) . ' s' : '–' }}</td>
                    <td>{{ Quantity::fixed($photo->writeEndSeconds, 2) }} s</td>@endif
                    @if ($photo->iso !== null)<td>{{ Quantity::rounded($photo->iso, 0) }}</td>@endif
                    @if ($light !== null)<td>{{ Quantity::fixed($light->exposureValues[$number - 1], 1) }}</td>
                    <td>{{ Quantity::signed($light->errors[$number - 1], 1) }}</td>@endif
                </tr>
            @endforeach
        </tbody>
    </table>
    </div>
</x-part>
