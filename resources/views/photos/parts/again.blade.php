{{-- What is missing or bad, and when the light is the same once more. --}}
@php
    use Evrent\Core\Messages\Quantity;
@endphp
<section class="panel" aria-labelledby="again-title"><header class="panel-head"><h2 id="again-title">{{ __('photos.again.title') }}</h2>
    <span class="quiet">{{ __('photos.again.says') }}</span></header>
    <table class="table"><thead><tr><th scope="col">{{ __('common.photos') }}</th><th scope="col">{{ __('photos.again.light') }}</th><th scope="col">{{
        __('photos.again.sun') }}</th></tr></thead>
        <tbody>@foreach ($page->again($sheet) as $span)<tr>
            <th scope="row">{{ $span->first === $span->last ? $span->first : __('photos.again.range', ['first' => $span->first, 'last' => $span->last]) }}</th>
            <td>@if ($span->from)<b>{{ $span->isToday ? __('photos.again.today') : __('photos.again.not_today') }}</b> {{ $page->moment($span->from) }}
                @if ($span->last > $span->first){{ __('photos.again.until', ['clock' => $page->clock($span->until)]) }}@endif
                @elseif ($span->sunDegrees === null){{ __('photos.again.no_place') }}
                @else {{ __('photos.again.never') }} @endif</td>
            <td>{{ $span->sunDegrees === null ? '' : Words::say(Quantity::signed($span->sunDegrees, 1)) . '°' }}</td></tr>@endforeach</tbody></table></section>
