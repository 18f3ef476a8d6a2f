{{-- What is missing or spoilt, and when the light is the same once more. --}}
@php
    use Evrent\Core\Words\PlainText;
@endphp
<section class="panel" aria-labelledby="again-title"><header class="panel-head"><h2 id="again-title">Shot again</h2>
    <span class="quiet">the sun as high as then, on the same side of the day; clouds are not asked</span></header>
    <table class="table"><thead><tr><th scope="col">Photos</th><th scope="col">The same light</th><th scope="col">Sun</th></tr></thead>
        <tbody>@foreach ($page->again($sheet) as $span)<tr>
            <th scope="row">{{ $span->first === $span->last ? $span->first : "{$span->first} to {$span->last}" }}</th>
            <td>@if ($span->from)<b>{{ $span->isToday ? 'today' : 'not today any more; next' }}</b> {{ $page->moment($span->from) }}
                @if ($span->last > $span->first)to {{ $page->clock($span->until) }}@endif
                @elseif ($span->sunDegrees === null)Enter the place and when it began: then it can be told.
                @else not in the next three days @endif</td>
            <td>{{ $span->sunDegrees === null ? '' : PlainText::signed($span->sunDegrees, 1) . '°' }}</td></tr>@endforeach</tbody></table></section>
