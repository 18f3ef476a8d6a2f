{{-- The stairs as planned, over them where the rig really stood, and all that has happened. --}}
<div id="trace" @if (!$take->isOver()) hx-get="{{ $take->at('takes.trace') }}" hx-trigger="every 2s"
    hx-swap="outerHTML" hx-sync="this:drop" @endif><div class="room-stairs" aria-hidden="true">@foreach ($stairs as $stair)<svg class="plot"
    viewBox="0 {{ -$stair->highest }} {{ $run }} {{ $stair->span }}" preserveAspectRatio="none"><g transform="scale(1 -1)"><path class="line"
    d="M{{ collect($stair->points)->map(fn ($point) => round($point[0], 2) . ' ' . round($point[1], 3))->join('L') }}" />@if (isset($trace[$stair->axis->id]))
    <path class="line trace-line" d="M{{ collect($trace[$stair->axis->id])->map(fn ($point) => round($point['seconds'], 2) . ' '
        . round($point['position'], 3))->join('L') }}" />@endif</g></svg>@endforeach<i class="room-mark"></i></div>
    @if ($events->isNotEmpty())<h2 class="room-past">{{ __('takes.trace.title') }}</h2><ol class="plain-list" reversed>@foreach ($events as $event)<li><span
        class="quiet">{{ Evrent\Core\Messages\Quantity::duration($event->seconds) }}</span>
        {{ Evrent\Core\Run\Take\EventWords::of($event) }}</li>@endforeach</ol>
    @endif</div>
