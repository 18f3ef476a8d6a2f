{{-- The stairs as planned, and over them where the rig really stood. --}}
<div class="room-stairs" id="trace" aria-hidden="true" @if (!$take->isOver()) hx-get="{{ $take->at('takes.trace') }}" hx-trigger="every 2s"
    hx-swap="outerHTML" hx-sync="this:drop" @endif>@foreach ($stairs as $stair)<svg class="plot"
    viewBox="0 {{ -$stair->highest }} {{ $run }} {{ $stair->span }}" preserveAspectRatio="none"><g transform="scale(1 -1)"><path class="line"
    d="M{{ collect($stair->points)->map(fn ($point) => round($point[0], 2) . ' ' . round($point[1], 3))->join('L') }}" />@if (isset($trace[$stair->axis->id]))
    <path class="line trace-line" d="M{{ collect($trace[$stair->axis->id])->map(fn ($point) => round($point['seconds'], 2) . ' '
        . round($point['position'], 3))->join('L') }}" />@endif</g></svg>@endforeach<i class="room-mark"></i></div>
