@php
    use Evrent\Core\Words\PlainText;
    $axes = $page->plan->rig->axes;
    $stops = $page->plan->timing->mode->stops();
    $clock = $page->plan->timing->mode->hasClock();
    $light = $page->worked->shot->light();
@endphp
<x-part id="schedule" class="panel schedule" aria-labelledby="schedule-title">
    <header class="panel-head"><h2 id="schedule-title">Schedule</h2>
        <x-pager :rows="$rows" :url="$page->shot->at('shots.schedule')" target="schedule" label="Pages of the schedule" /></header>
    <div class="scrolls" tabindex="0" role="group" aria-label="Table of the schedule">
    <table class="table numbers">
        <thead><tr>
            <th scope="col">Photo</th><th scope="col">Part</th>@if ($clock)<th scope="col">Trigger</th><th
                scope="col">Open at</th>@endif<th scope="col">for</th>@if ($clock)<th scope="col">Close</th><th scope="col">Interval</th>@endif
            @foreach ($axes as $axis)<th scope="col">{{ ucfirst($axis->id) }}, {{ $axis->kind->unit() }}</th><th
                scope="col">at step</th><th scope="col">steps after</th>@endforeach
            @if ($stops)<th scope="col">Move</th>@else @foreach ($axes as $axis)<th scope="col">{{ $axis->id }} while open</th>@endforeach @endif
            @if ($clock)<th scope="col">Needs</th><th scope="col">Slack</th><th scope="col">Late</th><th scope="col">On card</th>@endif
            @if ($page->plan->light !== null)<th scope="col">ISO</th>@endif @if ($light !== null)<th scope="col">EV</th><th
                scope="col">Brightness</th>@endif
        </tr></thead>
        <tbody>
            @foreach ($rows as $number)
                @php $photo = $page->schedule->photo($number); @endphp
                <tr @class(['is-short' => $photo->slackSeconds !== null && $photo->slackSeconds < -1e-9])>
                    <th scope="row"><a href="#scrub" data-photo="{{ $number }}">{{ $number }}</a></th>
                    <td>{{ $photo->phase->value }}</td>@if ($clock)<td>{{ PlainText::stopwatch($photo->triggerSeconds) }}</td>
                    <td>{{ PlainText::fixed($photo->openSeconds, 2) }} s</td>@endif
                    <td>{{ PlainText::rounded($photo->exposureSeconds, 4) }} s</td>@if ($clock)<td>{{ PlainText::fixed($photo->closeSeconds, 2) }} s</td>
                    <td>{{ PlainText::rounded($photo->intervalSeconds, 3) }} s</td>@endif
                    @foreach ($axes as $axis)<td>{{ PlainText::fixed($photo->positions[$axis->id], 3) }}</td>
                    <td class="quiet">{{ PlainText::fixed($photo->motorPositionSteps[$axis->id], 0) }}</td>
                    <td class="quiet">{{ PlainText::fixed($photo->motorSteps[$axis->id], 0) }}</td>@endforeach
                    @if ($stops)<td>{{ PlainText::fixed($photo->moveSeconds,
                        2) }} s</td>@else @foreach ($axes as $axis)<td>{{ PlainText::fixed($photo->travelWhileOpen[$axis->id], 4) }}</td>@endforeach @endif
                    @if ($clock)<td>{{ $photo->requiredSeconds === null ? '–' : PlainText::fixed($photo->requiredSeconds, 2) . ' s' }}</td>
                    <td>{{ $photo->slackSeconds === null ? '–' : PlainText::fixed($photo->slackSeconds, 2) . ' s' }}</td>
                    <td>{{ $photo->lateSeconds > 1e-9 ? PlainText::fixed($photo->lateSeconds, 2) . ' s' : '–' }}</td>
                    <td>{{ PlainText::fixed($photo->writeEndSeconds, 2) }} s</td>@endif
                    @if ($photo->iso !== null)<td>{{ PlainText::rounded($photo->iso, 0) }}</td>@endif
                    @if ($light !== null)<td>{{ PlainText::fixed($light->exposureValues[$number - 1], 1) }}</td>
                    <td>{{ PlainText::signed($light->errors[$number - 1], 1) }}</td>@endif
                </tr>
            @endforeach
        </tbody>
    </table>
    </div>
</x-part>
